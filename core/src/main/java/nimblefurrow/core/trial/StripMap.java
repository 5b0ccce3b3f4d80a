package nimblefurrow.core.trial;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.load.SwathLines;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Strips over a field, side by side along the working direction; what is left of its width is half
 * on either side.
 *
 * @param bearingDeg of the strips, 0 north to below 180
 * @param strips cut to the field, in metres, in their order across it
 */
public record StripMap(double bearingDeg, List<Geometry> strips) {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final double NO_GAP_M = 1e-6;

  public StripMap {
    strips = List.copyOf(strips);
  }

  /**
   * {@return as many strips as fit whole}
   *
   * @param field polygons in metres
   * @param stripWidthM width of a strip
   * @param bearingDeg of the strips; null for the direction with the fewest turns
   * @throws nimblefurrow.core.units.Refused when the field is no sound polygon, or the strip no
   *     width that a field holds
   */
  public static StripMap over(Geometry field, double stripWidthM, @Nullable Double bearingDeg) {
    double bearing =
        SwathLines.over(field, SHAPES.createPolygon(), stripWidthM, 0, bearingDeg).bearingDeg();
    AffineTransformation turn =
        AffineTransformation.rotationInstance(Math.toRadians(bearing), 0, 0);
    AffineTransformation back =
        AffineTransformation.rotationInstance(Math.toRadians(-bearing), 0, 0);
    Geometry area = turn.transform(field);
    Envelope box = area.getEnvelopeInternal();
    int n = (int) Math.floor(box.getWidth() / stripWidthM + NO_GAP_M);
    double from = box.getMinX() + (box.getWidth() - n * stripWidthM) / 2;
    List<Geometry> strips = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      Envelope band =
          new Envelope(
              from + i * stripWidthM,
              from + (i + 1) * stripWidthM,
              box.getMinY() - 1,
              box.getMaxY() + 1);
      strips.add(back.transform(area.intersection(SHAPES.toGeometry(band))));
    }
    return new StripMap(bearing, strips);
  }
}
