package nimblefurrow.server.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import nimblefurrow.core.count.GreenCover;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pictures are turned upright, shrunk, and read with care. */
class PictureFileTest {
  private static boolean green(BufferedImage image, int x, int y) {
    int rgb = image.getRGB(x, y);
    return (rgb >> 8 & 0xff) > (rgb >> 16 & 0xff);
  }

  /** Where the green quarter is seen once a picture stored so is upright (Exif 2.3, figure 4). */
  @ParameterizedTest
  @CsvSource({
    "1, 40, 20, true, true",
    "2, 40, 20, true, false",
    "3, 40, 20, false, false",
    "4, 40, 20, false, true",
    "5, 20, 40, true, true",
    "6, 20, 40, true, false",
    "7, 20, 40, false, false",
    "8, 20, 40, false, true"
  })
  void eachWayACameraLiesIsTurnedUpright(
      int orientation, int width, int height, boolean top, boolean left) {
    BufferedImage up = PictureFile.upright(CameraPicture.field(40, 20), orientation, 2048);
    assertThat(up.getWidth()).isEqualTo(width);
    assertThat(up.getHeight()).isEqualTo(height);
    for (boolean above : new boolean[] {true, false}) {
      for (boolean leftOf : new boolean[] {true, false}) {
        int x = leftOf ? 4 : width - 5;
        int y = above ? 4 : height - 5;
        assertThat(green(up, x, y)).isEqualTo(above == top && leftOf == left);
      }
    }
  }

  @Test
  void theLongerEdgeIsShrunkAndASmallPictureIsNotBlownUp() {
    BufferedImage small = PictureFile.upright(CameraPicture.field(900, 300), 1, 300);
    assertThat(small.getWidth()).isEqualTo(300);
    assertThat(small.getHeight()).isEqualTo(100);
    BufferedImage tall = PictureFile.upright(CameraPicture.field(300, 900), 1, 300);
    assertThat(tall.getHeight()).isEqualTo(300);
    assertThat(PictureFile.upright(CameraPicture.field(90, 30), 1, 300).getWidth()).isEqualTo(90);
  }

  /** However a picture is stored, each of its pixels counts, and alike. */
  @ParameterizedTest
  @CsvSource({"1", "2", "5", "6"})
  void greenIsCountedPixelByPixelHoweverItIsStored(int type) {
    BufferedImage image = new BufferedImage(21, 13, type);
    int green = 0;
    for (int x = 0; x < 21; x++) {
      for (int y = 0; y < 13; y++) {
        boolean leaf = (x * 7 + y * 3) % 5 < 2;
        image.setRGB(x, y, leaf ? 0xff3c8c2d : 0xff6b503c);
        green += leaf ? 1 : 0;
      }
    }
    GreenCover cover = PictureFile.green(image);
    assertThat(cover.pixels()).isEqualTo(21 * 13);
    assertThat(cover.cover()).isCloseTo(green / (21.0 * 13), within(1e-12));
  }

  @Test
  void aLargePictureIsThinnedWhileItIsReadButNotBelowWhatIsWanted() {
    byte[] large = CameraPicture.bare(4000, 2000);
    assertThat(PictureFile.read(large, 2048).getWidth()).isEqualTo(4000);
    assertThat(PictureFile.read(large, 1000).getWidth()).isEqualTo(2000);
    assertThat(PictureFile.read(large, 320).getWidth()).isBetween(640, 960);
  }

  @Test
  void greenCoverIsTheSameLargeAndSmall() {
    byte[] large = CameraPicture.bare(2000, 1000);
    assertThat(PictureFile.green(PictureFile.read(large, 2048)).cover())
        .isCloseTo(0.25, within(0.01));
    assertThat(PictureFile.green(PictureFile.read(large, 200)).cover())
        .isCloseTo(0.25, within(0.01));
  }

  @Test
  void whatIsNoPictureIsRefusedInASentence() {
    byte[] whole = CameraPicture.bare(400, 300);
    assertThatThrownBy(() -> PictureFile.read("GIF89a".getBytes(StandardCharsets.US_ASCII), 100))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("not a PNG or JPEG");
    assertThatThrownBy(() -> PictureFile.read(new byte[0], 100)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> PictureFile.read(Arrays.copyOf(whole, 40), 100))
        .isInstanceOf(Refused.class);
  }

  @Test
  void theCamerasDayAndPlaceAreRead() {
    byte[] file =
        CameraPicture.withExif(
            60, 40, 6, "2026:08:20 23:59:00", new int[] {41, 12}, new int[] {96, 36});
    PictureData data = PictureData.of(file);
    assertThat(data.takenOn()).isEqualTo(LocalDate.of(2026, 8, 20));
    assertThat(data.orientation()).isEqualTo(6);
    assertThat(data.place().latitude()).isCloseTo(41.2, within(1e-9));
    assertThat(data.place().longitude()).isCloseTo(-96.6, within(1e-9));
  }

  @Test
  void aPictureWithoutDataOrWithSpoiltDataIsStillAPicture() {
    assertThat(PictureData.of(CameraPicture.bare(20, 20)))
        .isEqualTo(new PictureData(null, null, 1));
    assertThat(PictureData.of(new byte[] {1, 2, 3})).isEqualTo(new PictureData(null, null, 1));
    byte[] spoilt =
        CameraPicture.withExif(
            60, 40, 1, "yesterday at noon..", new int[] {141, 0}, new int[] {96, 0});
    assertThat(PictureData.of(spoilt).takenOn()).isNull();
    assertThat(PictureData.of(spoilt).place()).isNull();
  }
}
