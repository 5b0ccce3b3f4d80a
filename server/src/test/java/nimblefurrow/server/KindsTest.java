package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Kinds are listed in the document of the interface, so that compilers on both sides know them. */
class KindsTest {
  private static Api owner;
  private static JsonNode schemas;

  @BeforeAll
  static void theDocument() throws Exception {
    owner = Api.owner();
    schemas = owner.get("/api/openapi").ok().json().at("/components/schemas");
  }

  @ParameterizedTest
  @CsvSource({
    "EntryView, kind, harvested seeded ended planted cropStand",
    "ItemView, kind, harvest seed end second plant look",
    "ProposedItem, kind, harvest seed end second plant look",
    "ProposedItem, change, new moved same",
    "RunView, state, waiting running done stopped failed",
    "DeedAnswer, said, asPlanned onDay notDone partly open",
    "DeedView, deed, harvested seeded ended planted",
    "PlanInput, status, proposed accepted",
    "PlanInput, method, drill frost combineHead",
    "PlanInput, ending, winter rollPlant till",
    "EndingRow, way, winter rollPlant till",
    "EndingRow, fit, FITS",
    "WorkHour, verdict, go marginal no",
  })
  void aKindIsOneOfAFew(String schema, String part, String some) {
    JsonNode keys = schemas.at("/" + schema + "/properties/" + part + "/enum");
    assertThat(keys.isArray()).as("%s.%s lists its kinds", schema, part).isTrue();
    assertThat(keys.valueStream().map(JsonNode::asString)).contains(some.split(" "));
  }

  @Test
  void listsHoldKindsToo() {
    JsonNode machine = schemas.at("/MachineView/properties");
    assertThat(machine.at("/methods/items/enum").toString()).contains("\"drill\"");
    assertThat(machine.get("work").at("/items/enum").toString()).contains("\"roll\"", "\"spray\"");
  }

  @Test
  void aKindThatIsNoneSaysWhichThereAre() throws Exception {
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    Api.Answer answer =
        owner.put(
            farm + "/fields/" + field + "/log/" + UUID.randomUUID(),
            Map.of("doneOn", "2026-09-10", "kind", "ploughed", "words", ""));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.json().get("detail").asString())
        .startsWith("“kind” is one of note, seeded, harvested, sprayed")
        .endsWith("not “ploughed”.");
    assertThat(answer.json().at("/errors/0/path").asString()).isEqualTo("kind");
  }
}
