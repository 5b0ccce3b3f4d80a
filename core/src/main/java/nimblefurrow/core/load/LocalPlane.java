package nimblefurrow.core.load;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Geometry;

/**
 * Metres east and north of a point, for shapes of a few kilometres: degrees times the length of a
 * degree there on the WGS 84 ellipsoid. Within 5 km of its middle a length is off by less than one
 * in a thousand.
 *
 * @param latitudeDeg of the point
 * @param longitudeDeg of the point
 */
public record LocalPlane(double latitudeDeg, double longitudeDeg) {
  private static final double A = 6_378_137;
  private static final double E2 = 6.69437999014e-3;

  /**
   * Around the middle of a shape in degrees.
   *
   * @param degrees shape in degrees of longitude and latitude
   * @return the plane
   */
  public static LocalPlane around(Geometry degrees) {
    Coordinate middle = degrees.getEnvelopeInternal().centre();
    return new LocalPlane(middle.y, middle.x);
  }

  /**
   * {@return a shape in degrees as metres}
   *
   * @param degrees shape in degrees of longitude and latitude
   */
  public Geometry toMetres(Geometry degrees) {
    return changed(
        degrees,
        c -> {
          c.x = eastM(c.x);
          c.y = northM(c.y);
        });
  }

  /**
   * {@return a shape in metres as degrees}
   *
   * @param metres shape in metres of the plane
   */
  public Geometry toDegrees(Geometry metres) {
    return changed(
        metres,
        c -> {
          c.x = c.x / eastPerDegree() + longitudeDeg;
          c.y = c.y / northPerDegree() + latitudeDeg;
        });
  }

  /**
   * {@return how far a point lies to the east, m}
   *
   * @param longitude of the point, degrees
   */
  public double eastM(double longitude) {
    return (longitude - longitudeDeg) * eastPerDegree();
  }

  /**
   * {@return how far a point lies to the north, m}
   *
   * @param latitude of the point, degrees
   */
  public double northM(double latitude) {
    return (latitude - latitudeDeg) * northPerDegree();
  }

  private static Geometry changed(Geometry shape, CoordinateFilter change) {
    Geometry copy = shape.copy();
    copy.apply(change);
    copy.geometryChanged();
    return copy;
  }

  private double eastPerDegree() {
    double sin = Math.sin(Math.toRadians(latitudeDeg));
    double cos = Math.cos(Math.toRadians(latitudeDeg));
    return Math.toRadians(1) * A * cos / Math.sqrt(1 - E2 * sin * sin);
  }

  private double northPerDegree() {
    double sin = Math.sin(Math.toRadians(latitudeDeg));
    return Math.toRadians(1) * A * (1 - E2) / Math.pow(1 - E2 * sin * sin, 1.5);
  }
}
