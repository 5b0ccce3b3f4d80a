package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a grower asks of one field: by when, what is left, why; and what a sighting moves. */
class FieldQuestionsTest {
  private static String path(Api owner, String farm, String name) throws Exception {
    return farm + "/fields/" + owner.furrow(farm, name).get("fieldId").asString();
  }

  @Test
  void aHarderGoalIsReachedInNoMoreYearsAndNoLater() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode plan = owner.furrow(farm, "Cedar Draw").at("/plan/plan");
    String dates = path(owner, farm, "Cedar Draw") + "/dates";
    JsonNode easy = owner.post(dates, goal(plan, 0.5, 0.5)).ok().json();
    JsonNode hard = owner.post(dates, goal(plan, 3, 0.9)).ok().json();
    assertThat(easy.get("wanted").asInt()).isEqualTo(15);
    assertThat(hard.get("wanted").asInt()).isEqualTo(27);
    assertThat(easy.get("methods").size()).isEqualTo(hard.get("methods").size()).isPositive();
    for (int m = 0; m < easy.get("methods").size(); m++) {
      JsonNode e = easy.get("methods").get(m);
      JsonNode h = hard.get("methods").get(m);
      for (int p = 0; p < e.get("points").size(); p++) {
        assertThat(h.at("/points/" + p + "/met").asInt())
            .isLessThanOrEqualTo(e.at("/points/" + p + "/met").asInt());
      }
      if (h.has("latest")) {
        assertThat(h.get("latest").asString()).isLessThanOrEqualTo(e.get("latest").asString());
      }
    }
    assertThat(owner.post(dates, goal(plan, -1, 0.5)).refused(422)).contains("how much is enough");
  }

  private static Map<String, Object> goal(JsonNode plan, double target, double share) {
    return Map.of(
        "plan",
        Api.map(plan),
        "goal",
        Map.of("measure", "cover", "day", "2027-05-10", "target", target, "share", share));
  }

  @Test
  void theYearsBehindTheOddsAddUpToThem() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
    String purpose = furrow.at("/goal/purpose").asString();
    JsonNode why =
        owner.post(path(owner, farm, "Cedar Draw") + "/why?purpose=" + purpose, plan).ok().json();
    int met = 0;
    for (JsonNode year : why.get("years")) {
      met += year.get("met").asBoolean() ? 1 : 0;
      assertThat(year.get("measure").asDouble() >= why.get("target").asDouble())
          .isEqualTo(year.get("met").asBoolean());
    }
    assertThat(met).isEqualTo(furrow.at("/goal/met").asInt());
    assertThat(why.get("years")).hasSize(furrow.at("/goal/years").asInt());
  }

  @Test
  void anEndingLeavesMulchThatRots() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    Map<String, Object> plan = Api.map(owner.furrow(farm, "Cedar Draw").at("/plan/plan"));
    plan.put("ending", "till");
    JsonNode tilled = owner.post(path(owner, farm, "Cedar Draw") + "/after", plan).ok().json();
    plan.put("ending", "sprayEarly");
    JsonNode sprayed = owner.post(path(owner, farm, "Cedar Draw") + "/after", plan).ok().json();
    assertThat(tilled.at("/mulch/2/middle").asDouble())
        .isLessThan(sprayed.at("/mulch/2/middle").asDouble());
    int weeks = sprayed.get("mulch").size();
    assertThat(sprayed.at("/mulch/" + (weeks - 1) + "/middle").asDouble())
        .isPositive()
        .isLessThan(sprayed.at("/mulch/3/middle").asDouble());
    assertThat(sprayed.at("/kill/middle").asDouble()).isGreaterThan(0.8);
  }

  @Test
  void aSightingMovesTheForecastAndIsTakenBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = path(owner, farm, "Orchard Bench");
    JsonNode before = owner.get(field + "/season").ok().json();
    assertThat(before.at("/furrow/seededOn").asString()).isLessThan("2026-09-12");
    String entry = field + "/log/" + UUID.randomUUID();
    Map<String, Object> few =
        Map.of(
            "doneOn",
            "2026-09-12",
            "kind",
            "cover",
            "words",
            "",
            "figures",
            Map.of("coverMgPerHa", 0.01));
    owner.put(entry, few).ok();
    JsonNode after = owner.get(field + "/season").ok().json();
    assertThat(after.at("/moved/0/changes").size()).isPositive();
    assertThat(after.at("/furrow/middle/20").asDouble())
        .isLessThan(before.at("/furrow/middle/20").asDouble());
    owner.delete(entry).ok();
    assertThat(owner.get(field + "/season").ok().json().at("/furrow/middle"))
        .isEqualTo(before.at("/furrow/middle"));
    assertThat(
            owner
                .put(
                    entry,
                    Map.of(
                        "doneOn",
                        "2026-09-12",
                        "kind",
                        "height",
                        "words",
                        "",
                        "figures",
                        Map.of("heightCm", 9000)))
                .refused(422))
        .contains("Height must be given, from 0 in to 197 in (0 cm to 500 cm).");
  }
}
