package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is taken away can be brought back, and then nothing is other than it was. */
class TakenAwayTest {
  /** What a farm says of itself wherever a field shows. */
  private static List<String> told(Api owner, String farm, String field) throws Exception {
    List<String> all = new ArrayList<>();
    for (String door :
        List.of(
            "/season",
            "/years",
            "/fields",
            "/shapes",
            "/seed/needs",
            "/field-work",
            "/fields/" + field + "/log",
            "/fields/" + field + "/season",
            "/fields/" + field + "/chain")) {
      Api.Answer answer = owner.get(farm + door);
      all.add(door + " " + answer.status() + " " + whole(answer.json()));
    }
    return all;
  }

  /** All of an answer, whatever the order of what is of one day. */
  private static String whole(JsonNode node) {
    List<String> parts = new ArrayList<>();
    if (node.isObject()) {
      node.propertyNames().forEach(name -> parts.add(name + "=" + whole(node.get(name))));
    } else if (node.isArray()) {
      node.forEach(part -> parts.add(whole(part)));
    } else {
      return node.toString();
    }
    Collections.sort(parts);
    return parts.toString();
  }

  private static JsonNode named(JsonNode list, String name) {
    for (JsonNode f : list) {
      if (f.get("name").asString().equals(name)) {
        return f;
      }
    }
    throw new AssertionError("no " + name + " in " + list);
  }

  @Test
  void aFieldComesBackWithItsPlansItsLogAndItsWork() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode run = WorkTest.laidOut(owner, farm);
    owner.post(farm + "/field-work/keep", Map.of("runId", run.get("id").asString())).ok();
    for (String name : List.of("Orchard Bench", "Killdeer West", "Windmill")) {
      String id = named(owner.get(farm + "/fields").ok().json(), name).get("id").asString();
      List<String> before = told(owner, farm, id);
      assertThat(before).allSatisfy(t -> assertThat(t).contains(" 200 "));
      owner.delete(farm + "/fields/" + id).ok();
      assertThat(told(owner, farm, id))
          .filteredOn(t -> t.contains(" 200 "))
          .hasSize(6)
          .allSatisfy(t -> assertThat(t).doesNotContain(id));
      JsonNode away = named(owner.get(farm + "/fields/away").ok().json(), name);
      assertThat(away.get("id").asString()).isEqualTo(id);

      JsonNode back = owner.post(farm + "/fields/" + id + "/restore", Map.of()).ok().json();
      assertThat(back.get("name").asString()).isEqualTo(name);
      assertThat(told(owner, farm, id)).isEqualTo(before);
      assertThat(owner.get(farm + "/fields/away").ok().json()).isEmpty();
    }
  }

  @Test
  void aFieldDoesNotComeBackOverAnotherOfItsName() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String id = made(owner, farm, "Corner");
    owner.delete(farm + "/fields/" + id).ok();
    String other = made(owner, farm, "corner");
    String restore = farm + "/fields/" + id + "/restore";
    assertThat(owner.post(restore, Map.of()).refused(422)).contains("already a field called");
    owner.delete(farm + "/fields/" + other).ok();
    owner.post(restore, Map.of()).ok();
    // Once only; and nothing of another farm.
    assertThat(owner.post(restore, Map.of()).refused(404)).contains("last 30 days");
    owner.delete(farm + "/fields/" + id).ok();
    String elsewhere = owner.newFarm();
    owner.post(elsewhere + "/fields/" + id + "/restore", Map.of()).refused(404);
    owner.post(restore, Map.of()).ok();
  }

  private static String made(Api owner, String farm, String name) throws Exception {
    JsonNode made = owner.post(farm + "/fields", FieldEditTest.field(name)).ok().json();
    return made.get("id").asString();
  }

  @Test
  void anEntryComesBackWithTheSeedItDrew() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    JsonNode seed = owner.get(field + "/job").ok().json().at("/seeds/0");
    String lot = seed.at("/lots/0/lot/id").asString();
    double left = seed.at("/lots/0/leftKg").asDouble();
    String entry = UUID.randomUUID().toString();
    Map<String, Object> went =
        Map.of(
            "doneOn",
            "2026-09-12",
            "areaHa",
            5.0,
            "targetKgPerHa",
            50.0,
            "seedKg",
            200.0,
            "lots",
            List.of(Map.of("lotId", lot, "kg", 200.0)),
            "words",
            "west half");
    owner.put(field + "/seedings/" + entry, went).ok();
    assertThat(leftOf(owner, field)).isEqualTo(left - 200);
    String seedings = owner.get(field + "/job").ok().json().get("done").toString();
    owner.delete(field + "/log/" + entry).ok();
    assertThat(leftOf(owner, field)).isEqualTo(left);
    assertThat(owner.get(field + "/job").ok().json().get("done").toString())
        .doesNotContain("west half");
    owner.post(field + "/log/" + entry + "/restore", Map.of()).ok();
    assertThat(leftOf(owner, field)).isEqualTo(left - 200);
    assertThat(owner.get(field + "/job").ok().json().get("done").toString()).isEqualTo(seedings);
  }

  private static String noted(Api owner, String field, String words) throws Exception {
    String entry = UUID.randomUUID().toString();
    Map<String, Object> note = Map.of("doneOn", "2026-09-01", "kind", "note", "words", words);
    owner.put(field + "/log/" + entry, note).ok();
    return entry;
  }

  @Test
  void anEntryWaitsForItsFieldToComeBackFirst() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String field = farm + "/fields/" + made(owner, farm, "Corner");
    String entry = noted(owner, field, "soft in the middle");
    owner.delete(field + "/log/" + entry).ok();
    owner.delete(field).ok();
    String restore = field + "/log/" + entry + "/restore";
    assertThat(owner.post(restore, Map.of()).refused(422)).contains("what it belonged to is gone");
    owner.post(field + "/restore", Map.of()).ok();
    owner.post(restore, Map.of()).ok();
    assertThat(owner.get(field + "/log").ok().text()).contains("soft in the middle");
  }

  @Test
  void afterAMonthItIsGone() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    String field = farm + "/fields/" + made(owner, farm, "Corner");
    String kept = noted(owner, field, "kept");
    String old = noted(owner, field, "old");
    owner.delete(field + "/log/" + kept).ok();
    owner.delete(field + "/log/" + old).ok();
    String back = "update taken_away set taken_at = taken_at - interval '%s' where id = '%s'";
    App.demo().sql(back.formatted("29 days 23 hours", kept));
    App.demo().sql(back.formatted("30 days 1 hour", old));
    // Whatever is taken away next clears up.
    owner.delete(field + "/log/" + noted(owner, field, "another")).ok();
    assertThat(owner.post(field + "/log/" + old + "/restore", Map.of()).refused(404))
        .contains("30 days");
    owner.post(field + "/log/" + kept + "/restore", Map.of()).ok();
  }

  private static double leftOf(Api owner, String field) throws Exception {
    return owner.get(field + "/job").ok().json().at("/seeds/0/lots/0/leftKg").asDouble();
  }
}
