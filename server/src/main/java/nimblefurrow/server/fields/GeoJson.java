package nimblefurrow.server.fields;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.server.support.CsvText;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Boundaries from GeoJSON (RFC 7946), with what is wrong said feature by feature. */
final class GeoJson {
  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final double SMALLEST_HA = 0.01;
  private static final int MOST_FEATURES = 2000;
  private static final int MOST_POINTS = 5000;
  private static final int MOST_HOLES = 200;

  private GeoJson() {}

  /**
   * One feature of a file.
   *
   * @param number its place in the file, from 1
   * @param properties its properties as words
   * @param boundary its polygons when they are sound
   * @param areaHa their area
   * @param problem what is wrong when they are not
   */
  record Feature(
      int number,
      Map<String, String> properties,
      @Nullable MultiPolygon boundary,
      double areaHa,
      @Nullable String problem) {}

  /**
   * Reads a file.
   *
   * @throws InputProblem when it is no GeoJSON with features at all
   */
  static List<Feature> read(byte[] bytes) {
    JsonNode root;
    try {
      root = JsonMapper.shared().readTree(CsvText.decode(bytes));
    } catch (JacksonException e) {
      long line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
      throw new InputProblem(
          "line " + line, "This is not GeoJSON: it stops being JSON in line " + line + ".");
    }
    requireDegrees(root);
    List<JsonNode> nodes = new ArrayList<>();
    String type = root.path("type").asString("");
    switch (type) {
      case "FeatureCollection" -> root.path("features").forEach(nodes::add);
      case "Feature", "Polygon", "MultiPolygon" -> nodes.add(root);
      case "GeometryCollection" -> root.path("geometries").forEach(nodes::add);
      default ->
          throw new InputProblem(
              "type",
              "This is JSON but not GeoJSON with fields: its type is “%s”, expected a FeatureCollection."
                  .formatted(type));
    }
    if (nodes.isEmpty()) {
      throw new InputProblem("features", "The file is GeoJSON but holds no feature.");
    }
    if (nodes.size() > MOST_FEATURES) {
      throw new InputProblem(
          "features",
          "The file holds %,d features; take %,d at most at a time."
              .formatted(nodes.size(), MOST_FEATURES));
    }
    List<Feature> features = new ArrayList<>();
    for (int i = 0; i < nodes.size(); i++) {
      features.add(feature(i + 1, nodes.get(i)));
    }
    return features;
  }

  private static void requireDegrees(JsonNode root) {
    String crs = root.path("crs").path("properties").path("name").asString("");
    if (!crs.isEmpty() && !crs.matches("(?i).*(CRS84|4326).*")) {
      throw new InputProblem(
          "crs",
          "The file's coordinates are in “%s”. Export it in longitude and latitude (WGS 84)."
              .formatted(crs));
    }
  }

  private static Feature feature(int number, JsonNode node) {
    Map<String, String> properties = new LinkedHashMap<>();
    node.path("properties")
        .properties()
        .forEach(
            p -> {
              if (p.getValue().isValueNode() && !p.getValue().isNull()) {
                properties.put(p.getKey(), p.getValue().asString());
              }
            });
    JsonNode geometry =
        node.path("type").asString("").equals("Feature") ? node.path("geometry") : node;
    try {
      MultiPolygon boundary = boundary(geometry);
      double area = Area.hectares(boundary);
      if (area < SMALLEST_HA) {
        return new Feature(number, properties, null, 0, "it encloses no area");
      }
      return new Feature(number, properties, boundary, area, null);
    } catch (InputProblem problem) {
      return new Feature(number, properties, null, 0, problem.getMessage());
    }
  }

  private static MultiPolygon boundary(JsonNode geometry) {
    String type = geometry.path("type").asString("none");
    JsonNode coordinates = geometry.path("coordinates");
    List<Polygon> polygons = new ArrayList<>();
    switch (type) {
      case "Polygon" -> polygons.add(polygon(coordinates));
      case "MultiPolygon" -> coordinates.forEach(c -> polygons.add(polygon(c)));
      default -> throw bad("its geometry is “%s”; fields are Polygon or MultiPolygon", type);
    }
    MultiPolygon all = FACTORY.createMultiPolygon(polygons.toArray(Polygon[]::new));
    TopologyValidationError error = new IsValidOp(all).getValidationError();
    if (error != null) {
      if (Area.hectares(all) < SMALLEST_HA) {
        throw bad("it encloses no area");
      }
      Coordinate at = error.getCoordinate();
      throw bad(
          "its boundary is not sound (%s) near %.5f, %.5f",
          error.getMessage().toLowerCase(java.util.Locale.ROOT), at.x, at.y);
    }
    return all;
  }

  private static Polygon polygon(JsonNode rings) {
    if (!rings.isArray() || rings.isEmpty()) {
      throw bad("it has a polygon without a boundary");
    }
    if (rings.size() > MOST_HOLES + 1) {
      throw bad("it has %,d holes; take %d at most", rings.size() - 1, MOST_HOLES);
    }
    LinearRing shell = ring(rings.get(0));
    LinearRing[] holes = new LinearRing[rings.size() - 1];
    for (int i = 0; i < holes.length; i++) {
      holes[i] = ring(rings.get(i + 1));
    }
    return FACTORY.createPolygon(shell, holes);
  }

  private static LinearRing ring(JsonNode points) {
    if (points.size() > MOST_POINTS) {
      throw bad(
          "a boundary of %,d points is finer than any field needs; take %,d at most",
          points.size(), MOST_POINTS);
    }
    List<Coordinate> ring = new ArrayList<>();
    for (JsonNode point : points) {
      ring.add(point(point));
    }
    if (!ring.isEmpty() && !ring.get(0).equals2D(ring.get(ring.size() - 1))) {
      ring.add(ring.get(0).copy());
    }
    if (ring.size() < 4) {
      throw bad("a boundary of %d points encloses nothing", Math.max(0, ring.size() - 1));
    }
    return FACTORY.createLinearRing(ring.toArray(Coordinate[]::new));
  }

  private static Coordinate point(JsonNode point) {
    if (!point.isArray()
        || point.size() < 2
        || !point.get(0).isNumber()
        || !point.get(1).isNumber()) {
      throw bad("a point is not two numbers");
    }
    double longitude = point.get(0).asDouble();
    double latitude = point.get(1).asDouble();
    if (Math.abs(longitude) > 180 || Math.abs(latitude) > 180) {
      throw bad(
          "%.1f, %.1f is not longitude and latitude: the file is in a projection, export it in WGS 84",
          longitude, latitude);
    }
    if (Math.abs(latitude) > 90) {
      throw bad(
          "%.4f cannot be a latitude: longitude and latitude seem to be the wrong way round",
          latitude);
    }
    return new Coordinate(longitude, latitude);
  }

  private static InputProblem bad(String sentence, Object... values) {
    return new InputProblem("geometry", String.format(java.util.Locale.ENGLISH, sentence, values));
  }
}
