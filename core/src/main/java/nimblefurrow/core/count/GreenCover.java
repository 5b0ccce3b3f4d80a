package nimblefurrow.core.count;

import nimblefurrow.core.units.Refused;

/**
 * Ground under green leaves, from a picture taken straight down.
 *
 * @param cover share of pixels that are green, 0..1
 * @param pixels how many were looked at
 */
public record GreenCover(double cover, int pixels) {
  /** How it is judged, for the reader. */
  public static final String METHOD =
      "excess green less excess red above 0 (Meyer and Neto 2008), on brightness-free colour";

  /**
   * {@return a pixel is green when (2g − r − b) − (1.4r − g) is above 0, with r, g and b as shares
   * of the pixel's brightness: excess green of Woebbecke et al. 1995 less excess red, whose
   * threshold needs no tuning to light or soil (Meyer and Neto 2008)}
   *
   * @param rgb one packed colour a pixel, as 0xRRGGBB
   * @throws Refused when the picture is empty
   */
  public static GreenCover of(int[] rgb) {
    if (rgb.length == 0) {
      throw new Refused("file", "The picture has no pixels.");
    }
    int green = 0;
    for (int pixel : rgb) {
      int r = pixel >> 16 & 0xff;
      int g = pixel >> 8 & 0xff;
      int b = pixel & 0xff;
      // The shares' common divisor does not change the sign.
      if (3 * g - 2.4 * r - b > 1e-9) {
        green++;
      }
    }
    return new GreenCover((double) green / rgb.length, rgb.length);
  }
}
