package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What nobody has said anything of: one rule on every screen, and one place to say it. */
class CatchUpTest {
  /** A farm on which the days passed and nobody wrote anything down. */
  private static String silent(Api owner, String today) throws Exception {
    String farm = owner.demoCopy();
    String id = farm.substring(farm.lastIndexOf('/') + 1);
    App.demo().sql("update farm set demo_day = '" + today + "' where id = '" + id + "'");
    return farm;
  }

  private static JsonNode furrow(Api owner, String farm, String name) throws Exception {
    return owner.furrow(farm, name);
  }

  private static String state(JsonNode furrow, String deed) {
    for (JsonNode d : furrow.get("deeds")) {
      if (d.get("deed").asString().equals(deed)) {
        return d.get("state").asString();
      }
    }
    return "NONE";
  }

  private static List<JsonNode> unsaid(Api owner, String farm, String deed) throws Exception {
    List<JsonNode> all = new ArrayList<>();
    for (JsonNode u : owner.get(farm + "/catch-up").ok().json()) {
      if (u.get("deed").asString().equals(deed)) {
        all.add(u);
      }
    }
    return all;
  }

  @Test
  void inOctoberWithoutAWordHarvestsAreLikelyAndSeedingsAreNot() throws Exception {
    Api owner = Api.owner();
    String farm = silent(owner, "2026-10-15");
    JsonNode cedar = furrow(owner, farm, "Cedar Draw");
    assertThat(state(cedar, "harvested")).isEqualTo("LIKELY");
    assertThat(state(cedar, "seeded")).isIn("OVERDUE", "TOO_LATE");
    assertThat(unsaid(owner, farm, "harvested").size()).isGreaterThan(10);
    for (JsonNode u : unsaid(owner, farm, "seeded")) {
      assertThat(u.get("counts").toString()).contains("counts as n");
      assertThat(u.get("consequences").toString()).contains("of {years}");
    }
    // One rule for all: the endings, the seed list and the work know the same covers.
    Set<String> endings = new HashSet<>();
    owner.get(farm + "/endings").ok().json().forEach(e -> endings.add(e.get("field").asString()));
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      boolean never = state(f, "seeded").equals("TOO_LATE");
      assertThat(never && endings.contains(f.get("name").asString()))
          .as(f.get("name").asString() + " was never seeded and has an ending")
          .isFalse();
      assertThat(never && f.has("goal")).isFalse();
    }
  }

  @Test
  void inMayNothingThatWasNeverSeededIsEndedAndEveryScreenKnowsWhatIsPlanted() throws Exception {
    Api owner = Api.owner();
    String farm = silent(owner, "2027-05-22");
    JsonNode season = owner.get(farm + "/season").ok().json();
    for (JsonNode f : season.get("furrows")) {
      if (state(f, "seeded").equals("TOO_LATE")) {
        assertThat(f.at("/next/kind").asString()).isNotEqualTo("END_NOW");
        assertThat(state(f, "ended")).isEqualTo("NONE");
      }
    }
    assertThat(state(furrow(owner, farm, "Ridge Road"), "planted")).isEqualTo("LIKELY");
    assertThat(owner.get(farm + "/seed/needs").ok().json().valueStream())
        .allMatch(n -> n.get("fields").isEmpty());
  }

  @Test
  void whatIsSaidMovesEveryScreenAndCanBeTakenBack() throws Exception {
    Api owner = Api.owner();
    String farm = silent(owner, "2026-10-15");
    JsonNode cedar = furrow(owner, farm, "Cedar Draw");
    String field = cedar.get("fieldId").asString();
    int before = owner.get(farm + "/catch-up").ok().json().size();
    List<Map<String, Object>> both =
        List.of(
            Map.of("fieldId", field, "deed", "harvested", "said", "asPlanned"),
            Map.of("fieldId", field, "deed", "seeded", "said", "onDay", "day", "2026-09-29"));
    JsonNode answered = owner.post(farm + "/catch-up", Map.of("answers", both)).ok().json();
    assertThat(answered.get("left").size()).isEqualTo(before - 2);
    cedar = furrow(owner, farm, "Cedar Draw");
    assertThat(cedar.get("seededOn").asString()).isEqualTo("2026-09-29");
    assertThat(state(cedar, "harvested")).isEqualTo("LOGGED");
    for (JsonNode entry : answered.get("entries")) {
      owner.delete(farm + "/fields/" + field + "/log/" + entry.asString()).ok();
    }
    assertThat(owner.get(farm + "/catch-up").ok().json().size()).isEqualTo(before);

    List<Map<String, Object>> standing =
        List.of(Map.of("fieldId", field, "deed", "harvested", "said", "notDone"));
    owner.post(farm + "/catch-up", Map.of("answers", standing)).ok();
    cedar = furrow(owner, farm, "Cedar Draw");
    assertThat(state(cedar, "harvested")).isEqualTo("AHEAD");
    assertThat(cedar.get("harvest").asString()).isEqualTo("2026-10-18");
    assertThat(state(cedar, "seeded")).as("the drill waits for the combine").isEqualTo("AHEAD");
    List<Map<String, Object>> back =
        List.of(Map.of("fieldId", field, "deed", "harvested", "said", "open"));
    owner.post(farm + "/catch-up", Map.of("answers", back)).ok();
    assertThat(state(furrow(owner, farm, "Cedar Draw"), "harvested")).isEqualTo("LIKELY");

    Map<String, Object> odd = Map.of("fieldId", field, "deed", "sung", "said", "asPlanned");
    assertThat(owner.post(farm + "/catch-up", Map.of("answers", List.of(odd))).refused(422))
        .contains("is one of harvested, seeded, ended, planted, not “sung”");
    Map<String, Object> late =
        Map.of("fieldId", field, "deed", "seeded", "said", "onDay", "day", "2026-12-01");
    assertThat(owner.post(farm + "/catch-up", Map.of("answers", List.of(late))).refused(422))
        .contains("after today");
  }

  @Test
  void theDemonstrationLivesItsSeasonAndGoesBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2027-05-22")).ok();
    JsonNode season = owner.get(farm + "/season").ok().json();
    int seeded = 0;
    int planted = 0;
    for (JsonNode f : season.get("furrows")) {
      seeded += state(f, "seeded").equals("LOGGED") ? 1 : 0;
      planted += state(f, "planted").equals("LOGGED") ? 1 : 0;
    }
    assertThat(seeded).isGreaterThanOrEqualTo(18);
    assertThat(planted).isGreaterThanOrEqualTo(18);
    assertThat(state(furrow(owner, farm, "Dogleg"), "seeded")).isEqualTo("TOO_LATE");
    assertThat(owner.get(farm + "/catch-up").ok().json().size()).isBetween(1, 10);
    owner.put(farm + "/clock", Map.of("today", "2026-09-12")).ok();
    assertThat(owner.get(farm + "/season").ok().text()).doesNotContain("\"seededOn\":\"2026-1");
  }

  @Test
  void aJobAndTheFieldsLogCloseEachOther() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode work = WorkTest.kept(owner, farm);
    JsonNode seed = WorkTest.item(work, "seed");
    String field = farm + "/fields/" + seed.get("fieldId").asString();
    String log = field + "/log/" + java.util.UUID.randomUUID();
    owner.put(log, Map.of("doneOn", "2026-09-11", "kind", "seeded", "words", "by hand")).ok();
    JsonNode closed = null;
    for (JsonNode i : owner.get(farm + "/field-work").ok().json().get("items")) {
      closed = i.get("id").equals(seed.get("id")) ? i : closed;
    }
    assertThat(closed.get("shareDone").asDouble()).isEqualTo(1);
    assertThat(closed.get("finishOn").asString()).isEqualTo("2026-09-11");
    String done = farm + "/field-work/" + seed.get("id").asString() + "/done";
    owner.post(done, Map.of("share", 1)).ok();
    assertThat(owner.get(field + "/log").ok().text()).doesNotContain("from the plan");
    assertThat(owner.post(done, Map.of("share", 0)).refused(422)).contains("by hand");

    JsonNode harvest = WorkTest.item(work, "harvest");
    String cut = farm + "/field-work/" + harvest.get("id").asString() + "/done";
    assertThat(owner.post(cut, Map.of("share", 1, "day", "2026-09-30")).refused(422))
        .contains("still to come");
    owner.post(cut, Map.of("share", 1, "day", "2026-09-10")).ok();
    String cutField = farm + "/fields/" + harvest.get("fieldId").asString();
    assertThat(owner.get(cutField + "/log").ok().text()).contains("2026-09-10");
  }
}
