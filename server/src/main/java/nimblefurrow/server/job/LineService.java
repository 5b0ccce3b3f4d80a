package nimblefurrow.server.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.load.SwathLines;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.springframework.stereotype.Service;

/** Lines over a field in degrees, and as files that machines and controllers read. */
@Service
class LineService {
  private static final Geometry NOTHING = new GeometryFactory().createPolygon();

  private static final double WIDEST_MARGIN_M = 500;

  private final FieldService fields;

  LineService(FieldService fields) {
    this.fields = fields;
  }

  /**
   * Lines in degrees.
   *
   * @param bearingDeg of the swaths
   * @param lengthM of all lines
   * @param covered share of the field within half a swath of a line
   * @param lines rounds first, then swaths, each as longitude and latitude
   */
  record Lines(
      String name,
      double bearingDeg,
      double swathM,
      double lengthM,
      double covered,
      double longestM,
      List<Line> lines) {}

  /** One line: a round along the edge or a swath. */
  record Line(String kind, List<double[]> points) {}

  /**
   * Lines over a field.
   *
   * @param marginM kept clear of holes in the boundary: ponds, trees, yards
   * @throws NotFound when the field has no boundary
   */
  Lines lines(
      UUID farmId,
      UUID fieldId,
      double swathM,
      int headlands,
      @Nullable Double bearingDeg,
      double marginM) {
    if (!(marginM >= 0 && marginM <= WIDEST_MARGIN_M)) {
      throw new Refused("marginM", "A margin is 0 to %.0f m wide.".formatted(WIDEST_MARGIN_M));
    }
    String name = fields.get(farmId, fieldId).name();
    Geometry boundary = fields.boundary(farmId, fieldId);
    if (boundary == null) {
      throw new NotFound(name + " has no boundary; import or draw one first.");
    }
    LocalPlane plane = LocalPlane.around(boundary);
    Geometry metres = plane.toMetres(boundary);
    Geometry kept = marginM > 0 ? metres.buffer(-marginM) : metres;
    SwathLines found = SwathLines.over(kept, NOTHING, swathM, headlands, bearingDeg);
    List<Line> lines = new ArrayList<>();
    found.rounds().forEach(l -> lines.add(line("round", plane, l)));
    found.swaths().forEach(l -> lines.add(line("swath", plane, l)));
    double longest = found.swaths().stream().mapToDouble(LineString::getLength).max().orElse(0);
    return new Lines(
        name,
        found.bearingDeg(),
        swathM,
        found.lengthM(),
        Math.min(1, found.covered(swathM)),
        longest,
        lines);
  }

  private static Line line(String kind, LocalPlane plane, LineString metres) {
    List<double[]> points = new ArrayList<>();
    for (Coordinate c : plane.toDegrees(metres).getCoordinates()) {
      points.add(new double[] {c.x, c.y});
    }
    return new Line(kind, points);
  }

  /** RFC 7946. */
  static String geoJson(Lines all) {
    StringBuilder s = new StringBuilder("{\"type\":\"FeatureCollection\",\"features\":[");
    int n = 0;
    for (Line line : all.lines()) {
      s.append(n++ == 0 ? "" : ",")
          .append("{\"type\":\"Feature\",\"properties\":{\"kind\":\"")
          .append(line.kind())
          .append("\",\"order\":")
          .append(n)
          .append("},\"geometry\":{\"type\":\"LineString\",\"coordinates\":[")
          .append(joined(line, "[%.7f,%.7f]", ","))
          .append("]}}");
    }
    return s.append("]}").toString();
  }

  /** OGC KML 2.2. */
  static String kml(Lines all) {
    StringBuilder s =
        new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
            .append("<kml xmlns=\"http://www.opengis.net/kml/2.2\"><Document><name>")
            .append(escaped(all.name()))
            .append("</name>\n");
    int n = 0;
    for (Line line : all.lines()) {
      s.append("<Placemark><name>")
          .append(line.kind())
          .append(' ')
          .append(++n)
          .append("</name><LineString><coordinates>")
          .append(joined(line, "%.7f,%.7f,0", " "))
          .append("</coordinates></LineString></Placemark>\n");
    }
    return s.append("</Document></kml>\n").toString();
  }

  /** GPX 1.1, a route a line. */
  static String gpx(Lines all) {
    StringBuilder s =
        new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
            .append("<gpx version=\"1.1\" creator=\"Nimble Furrow\"")
            .append(" xmlns=\"http://www.topografix.com/GPX/1/1\">\n");
    int n = 0;
    for (Line line : all.lines()) {
      s.append("<rte><name>")
          .append(escaped(all.name()))
          .append(' ')
          .append(line.kind())
          .append(' ')
          .append(++n)
          .append("</name>");
      line.points()
          .forEach(
              p ->
                  s.append(
                      String.format(
                          Locale.ROOT, "<rtept lat=\"%.7f\" lon=\"%.7f\"/>", p[1], p[0])));
      s.append("</rte>\n");
    }
    return s.append("</gpx>\n").toString();
  }

  private static String joined(Line line, String format, String between) {
    StringBuilder s = new StringBuilder();
    for (double[] p : line.points()) {
      s.append(s.isEmpty() ? "" : between).append(String.format(Locale.ROOT, format, p[0], p[1]));
    }
    return s.toString();
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
