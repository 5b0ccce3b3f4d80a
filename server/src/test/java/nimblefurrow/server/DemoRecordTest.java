package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The years behind the demonstration: pieces worked apart, and minds that were changed. */
class DemoRecordTest {
  private static List<JsonNode> list(JsonNode all) {
    return StreamSupport.stream(all.spliterator(), false).toList();
  }

  @Test
  void twoFieldsAreWorkedInPiecesThatShareTheirPast() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    List<JsonNode> fields = list(owner.get(farm + "/fields").ok().json());
    List<JsonNode> pieces = fields.stream().filter(f -> f.has("ofField")).toList();
    assertThat(pieces)
        .extracting(f -> f.get("name").asString())
        .containsExactlyInAnyOrder(
            "Killdeer East", "Killdeer West", "Section Nine low", "Section Nine top");
    assertThat(pieces.stream().map(f -> f.get("ofField").asString()).distinct()).hasSize(2);
    assertThat(
            fields.stream()
                .filter(f -> f.get("name").asString().equals("Killdeer West"))
                .mapToDouble(f -> f.get("areaHa").asDouble()))
        .singleElement()
        .satisfies(ha -> assertThat(ha).isCloseTo(60 / 2.4710538, within(1e-3)));
    for (JsonNode p : pieces) {
      JsonNode chain =
          owner.get(farm + "/fields/" + p.get("id").asString() + "/chain").ok().json().get("links");
      assertThat(chain.get(0).get("from").asString()).startsWith("2023");
      assertThat(list(chain)).anyMatch(l -> l.get("season").asInt() == 2026 && l.has("planId"));
    }
  }

  @Test
  void whatWasMeantAtFirstStandsInTheHistoryBehindWhatWasDone() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = farm + "/fields/" + owner.furrow(farm, "Mill Quarter").get("fieldId").asString();
    assertThat(list(owner.get(field + "/season").ok().json().get("history")))
        .extracting(c -> c.get("what").asString())
        .containsExactly(
            "autumn plan",
            "the drill came 7 days late: no vetch any more, rye alone",
            "season 2025");
    JsonNode done =
        list(owner.get(field + "/chain").ok().json().get("links")).stream()
            .filter(l -> l.get("season").asInt() == 2025 && l.has("planId"))
            .findFirst()
            .orElseThrow();
    assertThat(done.get("name").asString()).isEqualTo("Cereal rye");
    assertThat(done.get("from").asString()).isEqualTo("2025-10-01");
  }
}
