package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Work that no cover asks for: laid out with the rest, ticked off, written down, taken out. */
class OwnJobsTest {
  private static Map<String, Object> job(String field, String work, String from, String to) {
    Map<String, Object> all = new HashMap<>();
    all.put("id", UUID.randomUUID().toString());
    all.put("fieldId", field);
    all.put("work", work);
    all.put("words", "");
    all.put("from", from);
    all.put("to", to);
    return all;
  }

  private static String at(String farm, Map<String, Object> job) {
    return farm + "/own-jobs/" + job.get("id");
  }

  private static JsonNode item(JsonNode work, String job) {
    for (JsonNode i : work.get("items")) {
      if (i.get("job").asString().equals(job)) {
        return i;
      }
    }
    return null;
  }

  @Test
  void itIsLaidOutInItsDaysTickedOffWrittenDownAndTakenBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Bluestem").get("fieldId").asString();
    Map<String, Object> manure = job(field, "manure", "2026-10-01", "2026-11-10");
    manure.put("hours", 6);
    manure.put("worthUsd", 9000);
    JsonNode put = owner.put(at(farm, manure), manure).ok().json();
    assertThat(put.get("version").asLong()).isZero();
    assertThat(owner.get(farm + "/own-jobs").ok().json()).as("and the demo's two").hasSize(3);

    JsonNode work = WorkTest.kept(owner, farm);
    String name = "own:" + manure.get("id");
    JsonNode item = item(work, name);
    assertThat(item).as("laid out").isNotNull();
    assertThat(item.get("kind").asString()).isEqualTo("own");
    assertThat(item.get("label").asString()).isEqualTo("spread manure");
    assertThat(item.get("startOn").asString()).isBetween("2026-10-01", "2026-11-10");
    assertThat(item.get("hours").asDouble()).isEqualTo(6);

    String done = farm + "/field-work/" + item.get("id").asString() + "/done";
    owner.post(done, Map.of("share", 1)).ok();
    assertThat(owner.get(farm + "/fields/" + field + "/log").ok().text())
        .contains("\"manured\"", "spread manure, from the plan");
    assertThat(owned(owner, farm, manure).has("doneOn")).isTrue();
    owner.post(done, Map.of("share", 0)).ok();
    assertThat(owner.get(farm + "/fields/" + field + "/log").ok().text())
        .doesNotContain("from the plan");
    assertThat(owned(owner, farm, manure).has("doneOn")).isFalse();

    owner.delete(at(farm, manure)).ok();
    assertThat(item(owner.get(farm + "/field-work").ok().json(), name))
        .as("out of the kept plan too")
        .isNull();
    assertThat(owner.get(farm + "/own-jobs").ok().json()).hasSize(2);
    owner.post(at(farm, manure) + "/restore", Map.of()).ok();
    assertThat(owner.get(farm + "/own-jobs").ok().json()).hasSize(3);
  }

  private static JsonNode owned(Api owner, String farm, Map<String, Object> job) throws Exception {
    for (JsonNode j : owner.get(farm + "/own-jobs").ok().json()) {
      if (j.get("id").asString().equals(job.get("id"))) {
        return j;
      }
    }
    throw new AssertionError("gone");
  }

  @Test
  void whatIsNewLaysTheKeptPlanOutAgainAndSaysWhy() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Bluestem").get("fieldId").asString();
    Map<String, Object> hay = job(field, "other", "2026-09-20", "2026-09-24");
    hay.put("words", "hay for the heifers");
    hay.put("hours", 5);
    WorkTest.kept(owner, farm);
    owner.put(at(farm, hay), hay).ok();
    await()
        .atMost(Duration.ofMinutes(2))
        .untilAsserted(
            () ->
                assertThat(owner.get(farm + "/field-work/run").ok().text())
                    .contains("Bluestem: hay for the heifers is to be done from 20 Sep to 24 Sep"));
  }

  @Test
  void nonsenseAndOldVersionsAreRefused() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Bluestem").get("fieldId").asString();
    Map<String, Object> till = job(field, "tillage", "2026-10-20", "2026-10-10");
    assertThat(owner.put(at(farm, till), till).refused(422)).contains("before the first");
    till.put("to", "2026-10-30");
    till.put("with", UUID.randomUUID().toString());
    assertThat(owner.put(at(farm, till), till).refused(422)).contains("no such machine");
    String person = owner.get(farm + "/crew").ok().json().get(0).get("id").asString();
    till.put("with", person);
    assertThat(owner.put(at(farm, till), till).refused(422)).contains("how many hours");
    till.put("hours", 3);
    till.put("words", "x".repeat(121));
    assertThat(owner.put(at(farm, till), till).refused(422)).contains("120 characters");
    till.put("words", "");
    owner.put(at(farm, till), till).ok();
    assertThat(owner.put(at(farm, till), till).refused(409)).contains("till");
    // Whoever left the crew leaves the work to others.
    owner.delete(farm + "/crew/" + person).ok();
    int before = owner.get(farm + "/own-jobs").ok().json().size();
    owner
        .delete(farm + "/fields/" + owner.furrow(farm, "Schoolhouse").get("fieldId").asString())
        .ok();
    assertThat(owner.get(farm + "/own-jobs").ok().json())
        .as("a field that is gone asks for nothing")
        .hasSize(before - 1);
    assertThat(item(WorkTest.kept(owner, farm, 3), "own:" + till.get("id"))).isNotNull();
  }

  @Test
  void workOfAMachineThatIsSoldIsNotForgotten() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = owner.furrow(farm, "Bluestem").get("fieldId").asString();
    String disk = null;
    for (JsonNode m : owner.get(farm + "/machines").ok().json()) {
      disk = m.get("name").asString().equals("Disk") ? m.get("id").asString() : disk;
    }
    Map<String, Object> spread = job(field, "other", "2026-09-20", "2026-10-10");
    spread.put("with", disk);
    owner.put(at(farm, spread), spread).ok();
    owner.delete(farm + "/machines/" + disk).ok();
    String name = "own:" + spread.get("id");
    WorkTest.laidOut(owner, farm);
    JsonNode left = null;
    for (JsonNode l : owner.get(farm + "/field-work/run").ok().json().at("/run/proposal/left")) {
      left = l.get("job").asString().equals(name) ? l : left;
    }
    assertThat(left).isNotNull();
    assertThat(left.get("why").asString()).contains("nothing tells how long it takes");
    spread.put("version", 0);
    assertThat(owner.put(at(farm, spread), spread).refused(422)).contains("no such machine");
  }

  @Test
  void aWeekIsSaidAsItIsWorked() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    List<String> weeks = new java.util.ArrayList<>();
    owner.get(farm + "/crew").ok().json().forEach(c -> weeks.add(c.get("week").asString()));
    assertThat(weeks).contains("66 h a week: 11 h Mon to Sat", "30 h a week: 6 h Mon to Fri");
  }
}
