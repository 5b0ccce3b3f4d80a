package nimblefurrow.core.chain;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Refused;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * Cuts a boundary in two: along a drawn line, or so that one part has a wanted share. Boundaries
 * are in degrees of longitude and latitude; shares are of the area on the plane that touches the
 * field, which within one field differs from that on the ellipsoid by less than a part in a
 * thousand; what a piece is said to measure is reckoned on the ellipsoid.
 */
public final class PieceCut {
  private static final double LEAST_SHARE = 0.01;
  private static final int HALVINGS = 60;

  /** A drawn line is drawn on at both ends, so that it need not meet the boundary to the foot. */
  private static final double DRAWN_ON = 0.25;

  private PieceCut() {}

  /**
   * {@return the parts on both sides of a line, the larger first}
   *
   * @param boundary in degrees
   * @param line across it, longitude and latitude of at least two points
   * @throws Refused when the line does not cut it in two
   */
  public static List<MultiPolygon> byLine(MultiPolygon boundary, List<double[]> line) {
    if (line.size() < 2) {
      throw new Refused("line", "A line across the field has two points or more.");
    }
    GeometryFactory factory = boundary.getFactory();
    LineString across = factory.createLineString(drawnOn(line));
    Polygonizer polygonizer = new Polygonizer();
    polygonizer.add(
        OverlayNGRobust.overlay(
            boundary.getBoundary(),
            across,
            org.locationtech.jts.operation.overlayng.OverlayNG.UNION));
    List<Polygon> left = new ArrayList<>();
    List<Polygon> right = new ArrayList<>();
    for (Object found : polygonizer.getPolygons()) {
      Polygon part = (Polygon) found;
      if (boundary.contains(part.getInteriorPoint())) {
        (isLeft(across, part.getInteriorPoint().getCoordinate()) ? left : right).add(part);
      }
    }
    if (left.isEmpty() || right.isEmpty()) {
      throw new Refused("line", "The line misses the field: draw it from one edge to the other.");
    }
    return larger(collect(factory, left), collect(factory, right));
  }

  /**
   * {@return two parts by a straight cut across the longer way, the first with the share that is
   * wanted}
   *
   * @param boundary in degrees
   * @param share of the area, 0..1
   * @throws Refused when one of them would be nothing to work
   */
  public static List<MultiPolygon> byShare(MultiPolygon boundary, double share) {
    if (!(share >= LEAST_SHARE && share <= 1 - LEAST_SHARE)) {
      throw new Refused("areaHa", "Each piece has at least a hundredth of the field.");
    }
    double squeeze = Math.cos(Math.toRadians(boundary.getCentroid().getY()));
    Envelope box = boundary.getEnvelopeInternal();
    boolean wide = box.getWidth() * squeeze >= box.getHeight();
    double low = wide ? box.getMinX() : box.getMinY();
    double high = wide ? box.getMaxX() : box.getMaxY();
    double whole = boundary.getArea();
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (before(boundary, box, wide, middle).getArea() / whole < share) {
        low = middle;
      } else {
        high = middle;
      }
    }
    Geometry first = before(boundary, box, wide, high);
    Geometry rest = OverlayNGRobust.overlay(boundary, first, 3);
    return List.of(polygons(first), polygons(rest));
  }

  private static Geometry before(Geometry boundary, Envelope box, boolean wide, double at) {
    Envelope side =
        wide
            ? new Envelope(box.getMinX() - 1, at, box.getMinY() - 1, box.getMaxY() + 1)
            : new Envelope(box.getMinX() - 1, box.getMaxX() + 1, box.getMinY() - 1, at);
    return OverlayNGRobust.overlay(boundary, boundary.getFactory().toGeometry(side), 1);
  }

  private static Coordinate[] drawnOn(List<double[]> line) {
    Coordinate[] points =
        line.stream().map(p -> new Coordinate(p[0], p[1])).toArray(Coordinate[]::new);
    int last = points.length - 1;
    Coordinate begin = beyond(points[1], points[0]);
    Coordinate end = beyond(points[last - 1], points[last]);
    points[0] = begin;
    points[last] = end;
    return points;
  }

  private static Coordinate beyond(Coordinate from, Coordinate to) {
    return AffineTransformation.scaleInstance(1 + DRAWN_ON, 1 + DRAWN_ON, from.getX(), from.getY())
        .transform(to, new Coordinate());
  }

  /** By the nearest stretch of the line. */
  private static boolean isLeft(LineString line, Coordinate point) {
    Coordinate[] c = line.getCoordinates();
    int nearest = 0;
    double best = Double.POSITIVE_INFINITY;
    for (int i = 0; i + 1 < c.length; i++) {
      double d = org.locationtech.jts.algorithm.Distance.pointToSegment(point, c[i], c[i + 1]);
      if (d < best) {
        best = d;
        nearest = i;
      }
    }
    return org.locationtech.jts.algorithm.Orientation.index(c[nearest], c[nearest + 1], point) > 0;
  }

  private static MultiPolygon collect(GeometryFactory factory, List<Polygon> parts) {
    return factory.createMultiPolygon(parts.toArray(Polygon[]::new));
  }

  private static MultiPolygon polygons(Geometry geometry) {
    List<Polygon> all = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (geometry.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
        all.add(p);
      }
    }
    return collect(geometry.getFactory(), all);
  }

  private static List<MultiPolygon> larger(MultiPolygon a, MultiPolygon b) {
    return a.getArea() >= b.getArea() ? List.of(a, b) : List.of(b, a);
  }
}
