package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A seeding that is ticked off went out as planned: machine, area, rate, and seed out of its lots.
 */
class TickedSeedingTest {
  private static Map<String, Double> stock(Api owner, String farm) throws Exception {
    Map<String, Double> left = new HashMap<>();
    for (JsonNode lot : owner.get(farm + "/seed/lots").ok().json()) {
      left.put(
          lot.get("id").asString(),
          lot.get("boughtKg").asDouble() - lot.path("usedKg").asDouble(0));
    }
    return left;
  }

  @Test
  void aTickDrawsTheSeedAndTakingItBackGivesItBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode work = WorkTest.kept(owner, farm);
    int drawn = 0;
    int bought = 0;
    for (JsonNode job : work.get("items")) {
      // Both kinds are seen by then: out of lots, and bought for it.
      if (!job.get("job").asString().equals("seed") || drawn >= 3 && bought > 0) {
        continue;
      }
      String field = farm + "/fields/" + job.get("fieldId").asString();
      JsonNode sheet = owner.get(field + "/job").ok().json();
      if (sheet.get("done").size() > 0) {
        continue;
      }
      Map<String, Double> before = stock(owner, farm);
      String tick = farm + "/field-work/" + job.get("id").asString() + "/done";
      owner.post(tick, Map.of("share", 1)).ok();
      JsonNode done = owner.get(field + "/job").ok().json().get("done");
      assertThat(done).hasSize(1);
      JsonNode went = done.get(0);
      assertThat(went.get("areaHa").asDouble())
          .isCloseTo(sheet.get("areaHa").asDouble(), within(0.001));
      assertThat(went.get("machineId")).isEqualTo(job.get("doerId"));
      assertThat(went.get("words").asString()).contains("from the plan");
      assertThat(went.get("offByFraction").asDouble()).isCloseTo(0, within(1e-3));

      boolean enough = true;
      double kg = 0;
      for (JsonNode seed : sheet.get("seeds")) {
        JsonNode lot = null;
        for (JsonNode l : seed.get("lots")) {
          lot = lot == null && l.get("enough").asBoolean() ? l : lot;
        }
        enough &= lot != null;
        kg += (lot == null ? seed : lot).get("seedKg").asDouble();
      }
      assertThat(went.get("seedKg").asDouble()).isCloseTo(kg, within(0.01));
      double out =
          before.values().stream().mapToDouble(d -> d).sum()
              - stock(owner, farm).values().stream().mapToDouble(d -> d).sum();
      assertThat(out).as(job.get("field").asString()).isCloseTo(enough ? kg : 0, within(0.05));
      drawn += enough ? 1 : 0;
      bought += enough ? 0 : 1;

      owner.post(tick, Map.of("share", 0)).ok();
      assertThat(owner.get(field + "/job").ok().json().get("done")).isEmpty();
      assertThat(stock(owner, farm)).isEqualTo(before);
    }
    assertThat(drawn).as("some of it came out of lots").isPositive();
  }

  @Test
  void whatTheLogClosesIsOpenAgainWhenItIsTakenOutThere() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode work = WorkTest.kept(owner, farm);
    List<JsonNode> seedings = new ArrayList<>();
    work.get("items")
        .forEach(
            i -> {
              if (i.get("job").asString().equals("seed")) {
                seedings.add(i);
              }
            });
    JsonNode byHand = seedings.get(0);
    String entry =
        farm + "/fields/" + byHand.get("fieldId").asString() + "/log/" + UUID.randomUUID();
    owner.put(entry, Map.of("doneOn", "2026-09-11", "kind", "seeded", "words", "")).ok();
    assertThat(share(owner.get(farm + "/field-work"), byHand)).isEqualTo(1);

    // Another job's tick writes nothing about this one.
    String other = farm + "/field-work/" + seedings.get(1).get("id").asString() + "/done";
    assertThat(share(owner.post(other, Map.of("share", 1)), byHand)).isEqualTo(1);
    owner.delete(entry).ok();
    assertThat(share(owner.get(farm + "/field-work"), byHand)).isZero();
    assertThat(share(owner.get(farm + "/field-work"), seedings.get(1))).isEqualTo(1);
  }

  private static double share(Api.Answer work, JsonNode job) throws Exception {
    for (JsonNode i : work.ok().json().get("items")) {
      if (i.get("id").equals(job.get("id"))) {
        return i.get("shareDone").asDouble();
      }
    }
    throw new AssertionError(job);
  }
}
