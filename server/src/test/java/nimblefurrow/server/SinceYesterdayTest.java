package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a day brought: the same odds as the season has on either day, and what was written down. */
class SinceYesterdayTest {
  /** Met years of the fields that are growing: their plan is the same on both days. */
  private static Map<String, Integer> growing(Api owner, String farm) throws Exception {
    Map<String, Integer> met = new HashMap<>();
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      if (f.at("/next/kind").asString().equals("WAIT") && f.has("goal")) {
        met.put(f.get("fieldId").asString(), f.at("/goal/met").asInt());
      }
    }
    return met;
  }

  @Test
  void oddsThatMovedAreThoseOfTheSeasonOnEitherDay() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2026-10-19")).ok();
    JsonNode planned = owner.furrow(farm, "Windmill");
    String field = planned.get("fieldId").asString();
    Map<String, Integer> before = growing(owner, farm);
    owner.put(farm + "/clock", Map.of("today", "2026-10-20")).ok();
    Map<String, Integer> now = growing(owner, farm);

    JsonNode since = owner.get(farm + "/since-yesterday").ok().json();
    assertThat(since.get("from").asString()).isEqualTo("2026-10-19");
    assertThat(since.get("to").asString()).isEqualTo("2026-10-20");
    if (since.has("rainMm")) {
      assertThat(since.get("rainMm").asDouble()).isGreaterThanOrEqualTo(1);
    }
    Map<String, JsonNode> moved = new HashMap<>();
    int last = Integer.MAX_VALUE;
    for (JsonNode m : since.get("moved")) {
      moved.put(m.get("fieldId").asString(), m);
      int by = Math.abs(m.get("now").asInt() - m.get("before").asInt());
      assertThat(by).as("furthest first").isBetween(1, last);
      last = by;
    }
    int compared = 0;
    for (String id : now.keySet()) {
      if (!before.containsKey(id)) {
        continue;
      }
      compared++;
      boolean differs = !now.get(id).equals(before.get(id));
      assertThat(moved.containsKey(id)).as(id).isEqualTo(differs);
      if (differs) {
        assertThat(moved.get(id).get("before").asInt()).isEqualTo(before.get(id));
        assertThat(moved.get(id).get("now").asInt()).isEqualTo(now.get(id));
      }
    }
    assertThat(compared).as("fields that grow on both days").isPositive();

    assertThat(since.get("written")).isEmpty();
    owner
        .put(
            farm + "/fields/" + field + "/log/" + UUID.randomUUID(),
            Map.of("doneOn", "2026-10-19", "kind", "note", "words", "geese on it"))
        .ok();
    JsonNode written = owner.get(farm + "/since-yesterday").ok().json().get("written");
    assertThat(written).hasSize(1);
    assertThat(written.at("/0/field").asString()).isEqualTo("Windmill");
    assertThat(written.at("/0/words").asString()).isEqualTo("geese on it");
  }
}
