package nimblefurrow.server.trial;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.trial.StripMap;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Strips of a trial as they lie, in degrees.
 *
 * @param bearingDeg of the strips; null where they lie nowhere
 * @param fit how many would fit side by side
 * @param rings one a strip, none where they lie nowhere
 */
record DrawnStrips(@Nullable Double bearingDeg, int fit, List<List<double[]>> rings) {
  private static final DrawnStrips NOWHERE = new DrawnStrips(null, 0, List.of());

  static DrawnStrips of(Trial t, @Nullable Geometry boundary) {
    if (boundary == null) {
      return NOWHERE;
    }
    LocalPlane plane = LocalPlane.around(boundary);
    StripMap all;
    try {
      all = StripMap.over(plane.toMetres(boundary), t.stripWidthM, t.bearingDeg);
    } catch (Refused tooSmall) {
      return NOWHERE;
    }
    List<List<double[]>> rings = new ArrayList<>();
    for (Geometry strip : all.from(t.firstStrip, t.strips.size()).strips()) {
      List<double[]> ring = new ArrayList<>();
      for (Coordinate c : plane.toDegrees(largest(strip)).getCoordinates()) {
        ring.add(new double[] {c.x, c.y});
      }
      rings.add(ring);
    }
    return new DrawnStrips(all.bearingDeg(), all.strips().size(), rings);
  }

  /** Where so many strips begin; nought where they lie nowhere. */
  static int first(Trial t, @Nullable Geometry boundary, int count) {
    if (boundary == null) {
      return 0;
    }
    try {
      Geometry metres = LocalPlane.around(boundary).toMetres(boundary);
      return StripMap.over(metres, t.stripWidthM, t.bearingDeg).best(count);
    } catch (Refused tooSmall) {
      return 0;
    }
  }

  /** Of a strip that the field cuts in two, the outline of the greater part. */
  private static Geometry largest(Geometry strip) {
    Geometry most = strip;
    for (int i = 0; i < strip.getNumGeometries(); i++) {
      Geometry part = strip.getGeometryN(i);
      most = most == strip || part.getArea() > most.getArea() ? part : most;
    }
    return most instanceof Polygon p ? p.getExteriorRing() : most;
  }
}
