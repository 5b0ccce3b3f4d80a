package nimblefurrow.core.trial;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.load.SwathLines;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;

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
  private static final double LEAST_M2 = 1;

  /**
   * Edges that run along each other to a hair are one edge: all corners lie on whole millimetres.
   */
  private static final PrecisionModel GRID = new PrecisionModel(1000);

  /** Strips that differ by less are alike: then the first run is as good as any. */
  private static final double SAME = 1e-6;

  public StripMap {
    strips = List.copyOf(strips);
  }

  /**
   * {@return as many strips as fit whole}
   *
   * @param field polygons in metres
   * @param stripWidthM width of a strip
   * @param bearingDeg of the strips; null for the direction with the fewest turns
   * @throws Refused when the field is no sound polygon, or the strip no width that a field holds
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

  /**
   * {@return the place of the first of so many neighbours whose shortest is longest, so that no
   * strip is a field's narrow end while others lie in its middle; nought when fewer fit}
   *
   * @param count how many strips are wanted
   */
  public int best(int count) {
    int best = 0;
    double most = -1;
    for (int first = 0; first + count <= strips.size(); first++) {
      double least =
          strips.subList(first, first + count).stream()
              .mapToDouble(Geometry::getArea)
              .min()
              .orElse(0);
      if (least > most * (1 + SAME)) {
        most = least;
        best = first;
      }
    }
    return best;
  }

  /**
   * {@return the same with fewer strips}
   *
   * @param first place of the first, from 0
   * @param count how many, or as many as there are
   */
  public StripMap from(int first, int count) {
    int begin = Math.min(first, strips.size());
    return new StripMap(bearingDeg, strips.subList(begin, Math.min(begin + count, strips.size())));
  }

  /**
   * {@return the ground of each treatment, then what lies round the strips where that is anything}
   *
   * @param field polygons in metres, as the strips were laid over
   * @param treatments of the strips, by their place, in the strips' order
   * @throws Refused when fewer strips fit than there are
   */
  public List<MultiPolygon> parts(Geometry field, List<Integer> treatments) {
    if (strips.size() < treatments.size()) {
      throw new Refused(
          "strips",
          "%d strips of the trial's width fit on the field, and %d are needed."
              .formatted(strips.size(), treatments.size()));
    }
    int ways = treatments.stream().mapToInt(t -> t).max().orElse(-1) + 1;
    List<MultiPolygon> parts = new ArrayList<>();
    Geometry round = field;
    for (int way = 0; way < ways; way++) {
      List<Geometry> its = new ArrayList<>();
      for (int i = 0; i < treatments.size(); i++) {
        if (treatments.get(i) == way) {
          its.add(strips.get(i));
        }
      }
      Geometry ground = UnaryUnionNG.union(its, GRID);
      parts.add(polygons(ground));
      round = OverlayNG.overlay(round, ground, OverlayNG.DIFFERENCE, GRID);
    }
    MultiPolygon rest = polygons(round);
    if (!rest.isEmpty()) {
      parts.add(rest);
    }
    return parts;
  }

  /** Without what rounding leaves along an edge. */
  private static MultiPolygon polygons(Geometry ground) {
    List<Polygon> all = new ArrayList<>();
    for (int i = 0; i < ground.getNumGeometries(); i++) {
      if (ground.getGeometryN(i) instanceof Polygon p && p.getArea() > LEAST_M2) {
        all.add(p);
      }
    }
    return SHAPES.createMultiPolygon(all.toArray(Polygon[]::new));
  }
}
