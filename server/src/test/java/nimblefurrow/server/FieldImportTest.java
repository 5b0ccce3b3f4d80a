package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Boundaries from GeoJSON: taken whole or refused with the place of what is wrong. */
class FieldImportTest {
  private static final String SQUARE =
      "[[-96.60,41.20],[-96.59,41.20],[-96.59,41.21],[-96.60,41.21],[-96.60,41.20]]";
  private static final String HOLE =
      "[[-96.597,41.203],[-96.597,41.207],[-96.593,41.207],[-96.593,41.203],[-96.597,41.203]]";

  private static String feature(String name, String type, String coordinates) {
    return "{\"type\":\"Feature\",\"properties\":{\"LABEL\":\"%s\",\"no\":7},\"geometry\":{\"type\":\"%s\",\"coordinates\":%s}}"
        .formatted(name, type, coordinates);
  }

  private static String collection(String... features) {
    return "{\"type\":\"FeatureCollection\",\"features\":[" + String.join(",", features) + "]}";
  }

  @Test
  void takesPolygonsWithHolesAndStatesTheEllipsoidsArea() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String file =
        collection(
            feature("North", "Polygon", "[" + SQUARE + "]"),
            feature("Ring", "Polygon", "[" + SQUARE + "," + HOLE + "]"),
            feature("Two", "MultiPolygon", "[[" + HOLE + "]]"));
    JsonNode check = owner.upload(farm + "/fields/import/check", file).ok().json();
    assertThat(check.get("properties").get(0).asString()).isEqualTo("LABEL");
    assertThat(owner.get(farm + "/fields").ok().json()).as("looking stores nothing").isEmpty();
    owner.upload(farm + "/fields/import", file).ok();
    JsonNode fields = owner.get(farm + "/fields").ok().json();
    assertThat(fields).hasSize(3);
    // A hundredth of a degree each way at 41.205° N: 838.9 m by 1110.7 m on WGS 84.
    double north = fields.get(0).get("areaHa").asDouble();
    assertThat(north).isCloseTo(93.17, within(0.05));
    double ring = fields.get(1).get("areaHa").asDouble();
    double two = fields.get(2).get("areaHa").asDouble();
    assertThat(ring + two).isCloseTo(north, within(0.001));
  }

  @Test
  void saysWhatIsWrongFeatureByFeatureAndSavesNothing() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String bowTie =
        "[[[-96.60,41.20],[-96.57,41.23],[-96.57,41.20],[-96.60,41.21],[-96.60,41.20]]]";
    String line = "[[[-96.60,41.20],[-96.59,41.20],[-96.58,41.20],[-96.60,41.20]]]";
    String file =
        collection(
            feature("Good", "Polygon", "[" + SQUARE + "]"),
            feature("Bow", "Polygon", bowTie),
            feature("Line", "Polygon", line),
            feature("good", "Polygon", "[" + SQUARE + "]"),
            feature("Point", "Point", "[-96.6,41.2]"));
    String said = owner.upload(farm + "/fields/import", file).text();
    assertThat(said)
        .contains("Feature 2 (Bow)", "not sound", "Feature 3 (Line)", "no area")
        .contains("Feature 4 (good)", "same name as feature 1", "Feature 5", "“Point”")
        .doesNotContain("Feature 1 ");
    assertThat(owner.get(farm + "/fields").ok().json()).isEmpty();
    owner.upload(farm + "/fields/import?skipUnsound=true", file).ok();
    assertThat(owner.get(farm + "/fields").ok().json()).hasSize(1);
    assertThat(owner.upload(farm + "/fields/import", file).text())
        .contains("already has a field called Good");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "[[[41.2,-196.6],[41.2,-96.5],[41.3,-96.5],[41.2,-196.6]]] | projection",
        "[[[703245.1,4564210.2],[704245.1,4564210.2],[704245.1,4565210.2],[703245.1,4564210.2]]] | projection",
        "[[[41.2,-96.60],[41.2,-96.59],[41.21,-96.59],[41.2,-96.60]]] | the wrong way round",
        "[[[\"a\",2],[3,4],[5,6],[1,2]]] | not two numbers",
        "[[[-96.6,41.2],[-96.5,41.2]]] | encloses nothing",
      })
  void tellsWrongCoordinates(String coordinates, String said) throws Exception {
    Api owner = Api.owner();
    String file = collection(feature("F", "Polygon", coordinates));
    assertThat(owner.upload(owner.newFarm() + "/fields/import", file).refused(422)).contains(said);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "field,area | not GeoJSON",
        "{\"type\":\"Topology\"} | type is “Topology”",
        "{\"type\":\"FeatureCollection\",\"features\":[]} | no feature",
        "{\"type\":\"FeatureCollection\",\"crs\":{\"properties\":{\"name\":\"EPSG:26914\"}},\"features\":[]} | EPSG:26914",
      })
  void tellsWhatIsNoGeoJson(String file, String said) throws Exception {
    Api owner = Api.owner();
    assertThat(owner.upload(owner.newFarm() + "/fields/import/check", file).refused(422))
        .contains(said);
  }

  @Test
  void refusesAFileOfTwentyMegabytes() throws Exception {
    Api owner = Api.owner();
    byte[] file = new byte[20 * 1024 * 1024];
    assertThat(owner.upload(owner.newFarm() + "/fields/import/check", file, Map.of()).refused(413))
        .contains("larger than 10 MB");
  }
}
