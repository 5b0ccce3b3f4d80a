package nimblefurrow.server.fields;

import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.PolygonArea;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Areas on the WGS 84 ellipsoid, by Karney 2013, Algorithms for geodesics. */
final class Area {
  private static final double M2_PER_HA = 10_000;

  private Area() {}

  /** Hectares inside polygons given in degrees, holes taken off. */
  static double hectares(Geometry polygons) {
    double m2 = 0;
    for (int i = 0; i < polygons.getNumGeometries(); i++) {
      Polygon polygon = (Polygon) polygons.getGeometryN(i);
      m2 += ring(polygon.getExteriorRing());
      for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
        m2 -= ring(polygon.getInteriorRingN(h));
      }
    }
    return m2 / M2_PER_HA;
  }

  private static double ring(LinearRing ring) {
    PolygonArea area = new PolygonArea(Geodesic.WGS84, false);
    Coordinate[] points = ring.getCoordinates();
    for (int i = 0; i < points.length - 1; i++) {
      area.AddPoint(points[i].y, points[i].x);
    }
    return Math.abs(area.Compute().area);
  }
}
