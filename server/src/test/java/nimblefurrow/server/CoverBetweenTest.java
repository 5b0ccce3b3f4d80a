package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A cover put between two that are there: after the one, before the other. */
class CoverBetweenTest {
  private static final String OATS_END = "2026-09-05";
  private static final String RYE_FROM = "2026-10-12";

  private static Map<String, Object> plan(
      String species, double rate, String seedOn, String ending, String endOn) {
    return Map.of(
        "status",
        "proposed",
        "purposes",
        List.of("holdSoil"),
        "components",
        List.of(Map.of("species", species, "rateKgPerHa", rate)),
        "method",
        "drill",
        "seedOn",
        seedOn,
        "ending",
        ending,
        "endOn",
        endOn);
  }

  private static JsonNode drill(JsonNode season) {
    return StreamSupport.stream(season.get("windows").spliterator(), false)
        .filter(w -> w.get("method").asString().equals("drill"))
        .findFirst()
        .orElseThrow();
  }

  private static List<String> covers(JsonNode chain) {
    return StreamSupport.stream(chain.get("links").spliterator(), false)
        .filter(l -> l.get("kind").asString().equals("cover"))
        .filter(l -> l.get("season").asInt() == 2026)
        .map(l -> l.get("name").asString().toLowerCase(java.util.Locale.ROOT))
        .toList();
  }

  private static JsonNode link(JsonNode chain, String from) {
    return StreamSupport.stream(chain.get("links").spliterator(), false)
        .filter(l -> l.get("from").asString().equals(from))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aCoverIsPlannedBetweenTwo() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Windmill");
    String id = furrow.get("fieldId").asString();
    String field = farm + "/fields/" + id;
    Map<String, Object> oats = Api.map(furrow.at("/plan/plan"));
    oats.put("ending", "till");
    oats.put("endOn", OATS_END);
    String first = furrow.at("/plan/id").asString();
    owner
        .post(
            farm + "/plans",
            Map.of(
                "what",
                "shorter",
                "plans",
                List.of(
                    Map.of(
                        "fieldId",
                        id,
                        "planId",
                        first,
                        "version",
                        furrow.at("/plan/version").asLong(),
                        "plan",
                        oats))))
        .ok();
    keep(owner, farm, id, plan("cereal_rye", 70, RYE_FROM, "sprayEarly", "2027-04-20"));

    // Behind the oats it opens when they are worked in, and must be gone when the rye is seeded.
    JsonNode between = owner.get(field + "/season?link=new-" + first).ok().json();
    assertThat(drill(between).at("/opens/day").asString()).isEqualTo(OATS_END);
    assertThat(between.at("/furrow/nextPlantOn").asString()).isEqualTo(RYE_FROM);
    // Behind the last one the next crop is what follows, as before.
    JsonNode behind = owner.get(field + "/season?link=new").ok().json();
    assertThat(behind.at("/furrow/nextPlantOn").asString()).startsWith("2027-");
    // Before the first one the crop is what goes before.
    JsonNode before = owner.get(field + "/season?link=new-first").ok().json();
    assertThat(before.at("/furrow/nextPlantOn").asString())
        .isEqualTo(furrow.at("/plan/plan/seedOn").asString());
    assertThat(drill(before).at("/opens/day").asString()).isLessThan(OATS_END);
    assertThat(owner.get(field + "/season?link=new-" + UUID.randomUUID()).refused(404))
        .contains("no such cover");

    keep(owner, farm, id, plan("radish", 8, OATS_END, "till", "2026-10-08"));
    JsonNode chain = owner.get(field + "/chain").ok().json();
    assertThat(covers(chain)).hasSize(3);
    assertThat(covers(chain).get(1)).contains("radish");
    assertThat(link(chain, RYE_FROM).get("behind").asString()).containsIgnoringCase("radish");

    // What it costs is out of its account; what it brings is counted against that.
    JsonNode cost = link(chain, RYE_FROM).get("cost");
    assertThat(cost.get("all").asDouble()).isPositive();
    assertThat(cost.get("net").asDouble()).isGreaterThanOrEqualTo(-cost.get("all").asDouble());
  }

  private static void keep(Api owner, String farm, String field, Map<String, Object> plan)
      throws Exception {
    owner
        .post(
            farm + "/plans",
            Map.of("what", "test", "plans", List.of(Map.of("fieldId", field, "plan", plan))))
        .ok();
  }
}
