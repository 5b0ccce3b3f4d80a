package nimblefurrow.server.support;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lines and areas as files that machines and controllers read: GeoJSON (RFC 7946), KML (OGC 2.2)
 * and GPX 1.1, a route for each.
 *
 * @param title what they are of
 * @param shapes in their order
 */
public record ShapeFile(String title, List<Shape> shapes) {
  /**
   * One of them.
   *
   * @param kind such as {@code swath}
   * @param name as a driver sees it
   * @param area whether its points close around an area
   * @param points longitude and latitude, degrees
   */
  public record Shape(String kind, String name, boolean area, List<double[]> points) {}

  /** Keeps its own copy. */
  public ShapeFile {
    shapes = List.copyOf(shapes);
  }

  /**
   * The file, named after its title.
   *
   * @throws NotFound when there is no such format
   */
  public ResponseEntity<byte[]> as(String format) {
    String text =
        switch (format) {
          case "geojson" -> geoJson();
          case "kml" -> kml();
          case "gpx" -> gpx();
          default -> throw new NotFound("Lines come as geojson, kml or gpx.");
        };
    String type =
        switch (format) {
          case "geojson" -> "application/geo+json";
          case "kml" -> "application/vnd.google-earth.kml+xml";
          default -> "application/gpx+xml";
        };
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"" + title.replaceAll("\\W+", "-") + "." + format + "\"")
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  private String geoJson() {
    StringBuilder s = new StringBuilder("{\"type\":\"FeatureCollection\",\"features\":[");
    int n = 0;
    for (Shape shape : shapes) {
      String points = joined(shape, "[%.7f,%.7f]", ",");
      s.append(n++ == 0 ? "" : ",")
          .append("{\"type\":\"Feature\",\"properties\":{\"kind\":")
          .append(quoted(shape.kind()))
          .append(",\"name\":")
          .append(quoted(shape.name()))
          .append(",\"order\":")
          .append(n)
          .append("},\"geometry\":{\"type\":")
          .append(
              shape.area()
                  ? "\"Polygon\",\"coordinates\":[[" + points + "]]"
                  : "\"LineString\",\"coordinates\":[" + points + "]")
          .append("}}");
    }
    return s.append("]}").toString();
  }

  private String kml() {
    StringBuilder s =
        new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
            .append("<kml xmlns=\"http://www.opengis.net/kml/2.2\"><Document><name>")
            .append(escaped(title))
            .append("</name>\n");
    for (Shape shape : shapes) {
      String points = "<coordinates>" + joined(shape, "%.7f,%.7f,0", " ") + "</coordinates>";
      s.append("<Placemark><name>")
          .append(escaped(shape.name()))
          .append("</name>")
          .append(
              shape.area()
                  ? "<Polygon><outerBoundaryIs><LinearRing>"
                      + points
                      + "</LinearRing></outerBoundaryIs></Polygon>"
                  : "<LineString>" + points + "</LineString>")
          .append("</Placemark>\n");
    }
    return s.append("</Document></kml>\n").toString();
  }

  private String gpx() {
    StringBuilder s =
        new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
            .append("<gpx version=\"1.1\" creator=\"Nimble Furrow\"")
            .append(" xmlns=\"http://www.topografix.com/GPX/1/1\">\n");
    for (Shape shape : shapes) {
      s.append("<rte><name>").append(escaped(title + " " + shape.name())).append("</name>");
      shape
          .points()
          .forEach(
              p ->
                  s.append(
                      String.format(
                          Locale.ROOT, "<rtept lat=\"%.7f\" lon=\"%.7f\"/>", p[1], p[0])));
      s.append("</rte>\n");
    }
    return s.append("</gpx>\n").toString();
  }

  private static String joined(Shape shape, String format, String between) {
    StringBuilder s = new StringBuilder();
    for (double[] p : shape.points()) {
      s.append(s.isEmpty() ? "" : between).append(String.format(Locale.ROOT, format, p[0], p[1]));
    }
    return s.toString();
  }

  private static String quoted(String text) {
    return JsonMapper.shared().writeValueAsString(text);
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
  }
}
