package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Plans on the demo farm: looked at, moved, kept, undone, taken away and brought back. */
class PlanTest {
  private static Map<String, Object> save(JsonNode furrow, Object plan) {
    Map<String, Object> one = new java.util.HashMap<>();
    one.put("fieldId", furrow.get("fieldId").asString());
    one.put("plan", plan);
    if (furrow.has("plan")) {
      one.put("version", furrow.at("/plan/version").asLong());
    }
    return Map.of("what", "test", "plans", List.of(one));
  }

  @Test
  void aStartFitsItsFieldAndIsStoredAndUndone() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Schoolhouse");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    JsonNode start = owner.get(field + "/start?purpose=takeUpNitrogen").ok().json();
    JsonNode preview = owner.post(field + "/preview", start).ok().json();
    JsonNode window = preview.at("/furrow/window");
    assertThat(window.get("possible").asBoolean()).isTrue();
    assertThat(start.get("seedOn").asString())
        .isBetween(window.at("/opens/day").asString(), window.at("/closes/day").asString());
    assertThat(window.at("/opens/reason/text").asString()).contains("{day}");
    assertThat(preview.get("endings")).hasSize(14);
    assertThat(preview.at("/species/0/stages").size()).isGreaterThan(5);

    owner.post(farm + "/plans", save(furrow, start)).ok();
    assertThat(owner.post(farm + "/plans", save(furrow, start)).refused(422))
        .contains("Schoolhouse: Cereal rye stands from")
        .contains("cannot stand on top of it");
    assertThat(owner.furrow(farm, "Schoolhouse").has("plan")).isTrue();
    owner.post(farm + "/plans/undo", Map.of()).ok();
    assertThat(owner.furrow(farm, "Schoolhouse").has("plan")).isFalse();
  }

  @Test
  void movingAMarkSaysWhatChangesAndStoresNothing() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
    plan.put("seedOn", "2026-10-24");
    String move = farm + "/fields/" + furrow.get("fieldId").asString() + "/move";
    JsonNode moved = owner.post(move, plan).ok().json();
    List<String> said =
        StreamSupport.stream(moved.get("changes").spliterator(), false)
            .map(c -> c.get("text").asString())
            .toList();
    assertThat(said).contains("seeded {days} later", "{mass} less cover at the end");
    assertThat(moved.at("/furrow/goal/met").asInt())
        .isLessThanOrEqualTo(furrow.at("/goal/met").asInt());
    assertThat(owner.furrow(farm, "Cedar Draw").at("/plan/plan/seedOn"))
        .isEqualTo(furrow.at("/plan/plan/seedOn"));
  }

  @Test
  void whatCannotBeSeededIsRefusedWithItsPlace() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    for (double rate : new double[] {0, 10_000}) {
      Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
      plan.put("components", List.of(Map.of("species", "cereal_rye", "rateKgPerHa", rate)));
      plan.put("seedOn", "2026-12-24");
      plan.put("endOn", "2026-11-24");
      Api.Answer answer = owner.post(farm + "/plans", save(furrow, plan));
      assertThat(answer.refused(422)).contains("Cereal rye at", "can be seeded");
      assertThat(answer.text()).contains("components[0].rateKgPerHa", "before it is seeded");
    }
  }

  @Test
  void theTableComesBackAsItWentAndSaysWhatIsWrong() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String csv = owner.get(farm + "/plan.csv").ok().text();
    assertThat(csv.lines().findFirst().orElse("")).startsWith("field,status,purposes,species");
    assertThat(csv).contains("\r\n");
    assertThat(owner.upload(farm + "/plan.csv", csv).ok().json().get("plans").asInt()).isZero();

    // As a spreadsheet with decimal commas writes it back: byte order mark, semicolons, quotes.
    StringBuilder european = new StringBuilder("\uFEFF");
    for (var row :
        org.apache.commons.csv.CSVParser.parse(csv, org.apache.commons.csv.CSVFormat.RFC4180)) {
      for (int i = 0; i < row.size(); i++) {
        String cell = row.get(i);
        String local = cell.matches("\\d+\\.\\d+") ? cell.replace('.', ',') : cell;
        european.append(i == 0 ? "" : ";").append('"').append(local).append('"');
      }
      european.append("\r\n");
    }
    assertThat(
            owner.upload(farm + "/plan.csv", european.toString()).ok().json().get("plans").asInt())
        .isZero();

    String later = csv.replace("2026-10-16", "2026-10-18");
    assertThat(owner.upload(farm + "/plan.csv", later).ok().json().get("plans").asInt())
        .isPositive();
    assertThat(owner.furrow(farm, "Creek Forty").at("/plan/plan/seedOn").asString())
        .isEqualTo("2026-10-18");
    owner.post(farm + "/plans/undo", Map.of()).ok();

    String wrong = csv.replace("Creek Forty", "Creek Fifty").replace("2026-09-16", "16 Sept");
    Api.Answer refused = owner.upload(farm + "/plan.csv", wrong);
    assertThat(refused.text()).contains("line 12: “16 Sept” is not a day");
    assertThat(owner.get(farm + "/plan.csv").ok().text()).isEqualTo(csv);
  }

  @Test
  void theCalendarFollowsUntilItsAddressIsTakenBack() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode feed = owner.post(farm + "/feeds", Map.of()).ok().json();
    Api nobody = Api.browser(App.demo());
    String calendar = nobody.get(feed.get("path").asString()).ok().text();
    assertThat(calendar)
        .contains("BEGIN:VCALENDAR", "SUMMARY:Seed Creek Forty: drill after harvest")
        .contains("DTSTART;VALUE=DATE:20261016")
        .as("proposals stay out")
        .doesNotContain("Heron Low");
    owner.delete(farm + "/feeds/" + feed.get("id").asString()).ok();
    assertThat(nobody.get(feed.get("path").asString()).status()).isEqualTo(404);
  }

  @Test
  void whatWasSeenOutranksThePlan() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Far Corner");
    assertThat(furrow.at("/next/kind").asString()).isEqualTo("SEED_NOW");
    String log =
        farm
            + "/fields/"
            + furrow.get("fieldId").asString()
            + "/log/"
            + java.util.UUID.randomUUID();
    owner.put(log, Map.of("doneOn", "2026-09-11", "kind", "seeded", "words", "1.5 bu, dry")).ok();
    assertThat(owner.furrow(farm, "Far Corner").get("seededOn").asString()).isEqualTo("2026-09-11");
    assertThat(owner.furrow(farm, "Far Corner").at("/next/kind").asString()).isEqualTo("WAIT");
    assertThat(
            owner
                .put(
                    log.replaceFirst(".$", "0"),
                    Map.of("doneOn", "2026-09-30", "kind", "note", "words", ""))
                .refused(422))
        .contains("after today");
    owner.delete(log).ok();
  }

  /** On 14 September the drill has more to do than its last field's closing date leaves. */
  @Test
  void aFieldClosesWhenItsMachineMustComeOnEveryScreen() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2026-09-14")).ok();
    JsonNode next = owner.furrow(farm, "Stone House").get("next");
    assertThat(next.get("kind").asString()).isEqualTo("CLOSING");
    assertThat(next.at("/reason/text").asString()).contains("begin by {by}", "wait for {machine}");
    String by = next.at("/reason/figures/by/day").asString();
    assertThat(next.get("due").asString()).isEqualTo(by);
    assertThat(by).isLessThan(next.at("/reason/figures/closes/day").asString());
    String field = farm + "/fields/" + owner.furrow(farm, "Stone House").get("fieldId").asString();
    assertThat(owner.get(field + "/season").ok().json().at("/furrow/next")).isEqualTo(next);

    JsonNode drill = machine(owner, farm, next.at("/reason/figures/machine/words").asString());
    Map<String, Object> out =
        Map.of(
            "version", drill.get("version").asLong(),
            "out", Map.of("from", by, "until", "2026-12-31", "why", "at the dealer's"));
    owner.put(farm + "/machines/" + drill.get("id").asString() + "/out", out).ok();
    JsonNode sooner = owner.furrow(farm, "Stone House").get("next");
    assertThat(sooner.at("/reason/figures/by/day").asString())
        .as("without the drill after that day it must come before")
        .isLessThan(by);
  }

  private static JsonNode machine(Api owner, String farm, String name) throws Exception {
    for (JsonNode m : owner.get(farm + "/machines").ok().json()) {
      if (m.get("name").asString().equals(name)) {
        return m;
      }
    }
    throw new AssertionError("no machine called " + name);
  }
}
