package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.seeding.RateBasis;
import nimblefurrow.core.seeding.SeedingMethod;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Work that is kept is what the fields' own plans say, until somebody says otherwise. */
class PlansFollowTest {
  private static Map<String, JsonNode> plans(Api owner, String farm) throws Exception {
    Map<String, JsonNode> plans = new HashMap<>();
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      if (f.hasNonNull("plan")) {
        plans.put(f.get("fieldId").asString(), f.get("plan"));
      }
    }
    return plans;
  }

  private static List<JsonNode> jobs(JsonNode work, String kind) {
    return StreamSupport.stream(work.get("items").spliterator(), false)
        .filter(i -> i.get("job").asString().equals(kind))
        .toList();
  }

  @Test
  void whatIsKeptIsPlannedWithItsRatesAndGoesBackWithIt() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    Map<String, JsonNode> before = plans(owner, farm);
    JsonNode kept = WorkTest.kept(owner, farm);
    Map<String, JsonNode> after = plans(owner, farm);
    List<JsonNode> seedings = jobs(kept, "seed");
    assertThat(seedings).hasSizeGreaterThan(5);
    SpeciesTable table = SpeciesTable.shipped();
    int turned = 0;
    for (JsonNode job : seedings) {
      JsonNode was = before.get(job.get("fieldId").asString()).get("plan");
      JsonNode is = after.get(job.get("fieldId").asString()).get("plan");
      assertThat(is.get("method").asString()).isEqualTo(job.get("way").asString());
      assertThat(is.get("seedOn").asString()).isEqualTo(job.get("finishOn").asString());
      assertThat(is.get("status")).isEqualTo(was.get("status"));
      RateBasis from = SeedingMethod.of(was.get("method").asString()).rateBasis();
      RateBasis to = SeedingMethod.of(is.get("method").asString()).rateBasis();
      Species s = table.get(is.at("/components/0/species").asString());
      double usual = s.seed().surface().typical() / s.seed().drilled().typical();
      double wanted = from == to ? 1 : to == RateBasis.SURFACE ? usual : 1 / usual;
      turned += from == to ? 0 : 1;
      assertThat(
              is.at("/components/0/rateKgPerHa").asDouble()
                  / was.at("/components/0/rateKgPerHa").asDouble())
          .isCloseTo(wanted, within(0.001));
    }
    assertThat(turned).as("some are seeded another way than they were planned").isPositive();
    for (JsonNode job : jobs(kept, "end")) {
      JsonNode is = after.get(job.get("fieldId").asString()).get("plan");
      assertThat(is.get("ending").asString()).isEqualTo(job.get("way").asString());
      assertThat(is.get("endOn").asString()).isEqualTo(job.get("finishOn").asString());
    }
    // Nobody has to be told that something changed: it was the keeping.
    JsonNode again = owner.get(farm + "/field-work/run").ok().json();
    assertThat(again.at("/run/since").size()).isZero();

    assertThat(
            owner.post(farm + "/field-work/undo", Map.of()).ok().json().get("undone").asBoolean())
        .isTrue();
    plans(owner, farm)
        .forEach(
            (field, plan) -> assertThat(plan.get("plan")).isEqualTo(before.get(field).get("plan")));
  }

  @Test
  void aPlanThatWasChangedSinceStaysWhenTheWorkIsTakenBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode kept = WorkTest.kept(owner, farm);
    String field = jobs(kept, "seed").get(0).get("fieldId").asString();
    JsonNode stored = plans(owner, farm).get(field);
    Map<String, Object> plan = Api.map(stored.get("plan"));
    plan.put("endOn", "2027-05-03");
    owner.changePlan(farm, field, stored, plan);
    owner.post(farm + "/field-work/undo", Map.of()).ok();
    JsonNode now = plans(owner, farm).get(field).get("plan");
    assertThat(now.get("endOn").asString()).isEqualTo("2027-05-03");
    assertThat(now.get("method")).isEqualTo(stored.at("/plan/method"));
    assertThat(now.get("seedOn")).isEqualTo(stored.at("/plan/seedOn"));
  }

  @Test
  void someOfAProposalIsKeptAndThenMoreOfIt() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode run = WorkTest.laidOut(owner, farm);
    String id = run.get("id").asString();
    List<String> keys =
        StreamSupport.stream(run.at("/proposal/items").spliterator(), false)
            .filter(i -> i.get("job").asString().equals("seed"))
            .map(i -> i.get("key").asString())
            .limit(2)
            .toList();
    Map<String, JsonNode> before = plans(owner, farm);
    for (String key : keys) {
      owner.post(farm + "/field-work/keep", Map.of("runId", id, "keys", List.of(key))).ok();
    }
    long changed =
        plans(owner, farm).entrySet().stream()
            .filter(e -> !e.getValue().get("plan").equals(before.get(e.getKey()).get("plan")))
            .count();
    assertThat(changed).isBetween(1L, 2L);
  }
}
