package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What binds a field's days from outside stands on its axis. */
class AxisLimitsTest {
  private static JsonNode limit(Api owner, String field, String kind) throws Exception {
    for (JsonNode l : owner.get(field + "/season").ok().json().get("limits")) {
      if (l.get("kind").asString().equals(kind)) {
        return l;
      }
    }
    return null;
  }

  @Test
  void theInsurersDayAndTheWaitForAResidualAreLimits() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    JsonNode insurer = limit(owner, field, "INSURER");
    assertThat(insurer.at("/why/text").asString()).contains("confirm with your agent");
    assertThat(insurer.get("from")).isEqualTo(insurer.get("to"));
    LocalDate plant = LocalDate.parse(furrow.get("nextPlantOn").asString());
    assertThat(LocalDate.parse(insurer.get("to").asString()))
        .isBetween(plant.minusDays(40), plant.plusDays(14));
    assertThat(limit(owner, field, "PLANT_BACK")).isNull();

    Map<String, Object> entry =
        Map.of(
            "doneOn",
            "2026-07-10",
            "kind",
            "sprayed",
            "words",
            "",
            "names",
            Map.of("residual", "triazine"));
    owner.put(field + "/log/" + UUID.randomUUID(), entry).ok();
    JsonNode wait = limit(owner, field, "PLANT_BACK");
    assertThat(wait.get("from").asString()).isEqualTo("2026-07-10");
    assertThat(wait.get("to").asString())
        .isEqualTo(LocalDate.of(2026, 7, 10).plusDays(89).toString());
    assertThat(wait.at("/why/text").asString()).contains("rotation section");
    // What winter ends needs no insurer's date.
    JsonNode stored = furrow.get("plan");
    Map<String, Object> plan = Api.map(stored.get("plan"));
    plan.put("ending", "winter");
    JsonNode tried = owner.post(field + "/preview", plan).ok().json();
    assertThat(tried.get("limits").toString()).doesNotContain("INSURER");
  }
}
