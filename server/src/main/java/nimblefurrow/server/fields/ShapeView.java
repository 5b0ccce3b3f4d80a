package nimblefurrow.server.fields;

import java.util.Arrays;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;

/**
 * A field's boundary.
 *
 * @param polygons polygons of rings of longitude and latitude; the first ring is the outer one
 */
public record ShapeView(UUID fieldId, double[][][][] polygons) {
  static ShapeView of(UUID fieldId, MultiPolygon boundary) {
    double[][][][] polygons = new double[boundary.getNumGeometries()][][][];
    for (int p = 0; p < polygons.length; p++) {
      Polygon polygon = (Polygon) boundary.getGeometryN(p);
      polygons[p] = new double[polygon.getNumInteriorRing() + 1][][];
      polygons[p][0] = ring(polygon.getExteriorRing());
      for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
        polygons[p][h + 1] = ring(polygon.getInteriorRingN(h));
      }
    }
    return new ShapeView(fieldId, polygons);
  }

  private static double[][] ring(LinearRing ring) {
    return Arrays.stream(ring.getCoordinates())
        .map((Coordinate c) -> new double[] {c.x, c.y})
        .toArray(double[][]::new);
  }
}
