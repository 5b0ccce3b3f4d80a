package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A day of kept work holds until the grower moves the plan's own day: then that is what is meant.
 */
class KeptDayTest {
  private static String seeded(JsonNode furrow) {
    return StreamSupport.stream(furrow.get("deeds").spliterator(), false)
        .filter(d -> d.get("deed").asString().equals("seeded"))
        .findFirst()
        .orElseThrow()
        .get("day")
        .asString();
  }

  @Test
  void aMovedDayOutranksTheKeptOneWhileItIsTriedAndOnceItIsSaved() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    WorkTest.kept(owner, farm);
    JsonNode furrow = owner.furrow(farm, "Hedge Row");
    String kept = seeded(furrow);
    JsonNode stored = furrow.get("plan");
    Map<String, Object> plan = Api.map(stored.get("plan"));
    String moved = LocalDate.parse(stored.at("/plan/seedOn").asString()).plusDays(9).toString();
    assertThat(kept).isNotEqualTo(moved);
    plan.put("seedOn", moved);

    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    JsonNode tried = owner.post(field + "/move", plan).ok().json().get("furrow");
    assertThat(seeded(tried)).isEqualTo(moved);
    assertThat(tried.at("/goal/middle").asDouble())
        .isNotEqualTo(furrow.at("/goal/middle").asDouble());

    owner.changePlan(farm, furrow.get("fieldId").asString(), stored, plan);
    assertThat(seeded(owner.furrow(farm, "Hedge Row"))).isEqualTo(moved);
    // The kept plan of the work is looked at again for it.
    JsonNode again = WorkTest.laidOut(owner, farm);
    assertThat(again.at("/proposal/items").isEmpty()).isFalse();

    owner.post(farm + "/plans/undo", Map.of()).ok();
    assertThat(seeded(owner.furrow(farm, "Hedge Row"))).isEqualTo(kept);
    // Laid out before the move was taken back, it is out of date; or it is looked at again already.
    Awaitility.await()
        .atMost(Duration.ofMinutes(2))
        .until(
            () -> owner.get(farm + "/field-work/run").ok().text(),
            now -> now.contains("Hedge Row is to be seeded on"));
  }
}
