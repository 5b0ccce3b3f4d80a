package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is seen of a stand opens its plan again, or closes it. */
class SeedAgainTest {
  private static Map<String, Object> entry(String kind, String day) {
    Map<String, Object> in = new HashMap<>();
    in.put("doneOn", day);
    in.put("kind", kind);
    in.put("words", "");
    return in;
  }

  private static JsonNode seeding(JsonNode furrow) {
    for (JsonNode d : furrow.get("deeds")) {
      if (d.get("deed").asString().equals("seeded")) {
        return d;
      }
    }
    throw new AssertionError(furrow);
  }

  @Test
  void aStandThatIsGivenUpIsOpenAgainInTheSeasonTheSeedListAndTheWork() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2026-10-01")).ok();
    String id = owner.furrow(farm, "Cedar Draw").get("fieldId").asString();
    String first = farm + "/fields/" + id + "/log/" + UUID.randomUUID();
    owner.put(first, entry("seeded", "2026-09-20")).ok();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String field = farm + "/fields/" + id;
    assertThat(seeding(furrow).get("state").asString()).isEqualTo("LOGGED");
    String needs = owner.get(farm + "/seed/needs").ok().json().toString();
    assertThat(needs).doesNotContain("Cedar Draw");

    String gone = field + "/log/" + UUID.randomUUID();
    owner.put(gone, entry("reseed", "2026-09-30")).ok();
    JsonNode open = owner.furrow(farm, "Cedar Draw");
    assertThat(seeding(open).get("state").asString()).isNotEqualTo("LOGGED");
    assertThat(open.at("/plan/plan/seedOn").asString()).isEqualTo("2026-09-30");
    assertThat(open.at("/next/label").asString()).isNotEqualTo("growing");
    assertThat(owner.get(farm + "/seed/needs").ok().json().toString()).contains("Cedar Draw");
    assertThat(owner.get(field + "/season").ok().json().get("history").get(0).get("what"))
        .hasToString("\"Cedar Draw is seeded again\"");
    JsonNode run = WorkTest.laidOut(owner, farm);
    assertThat(
            run.at("/proposal/items")
                .valueStream()
                .map(i -> i.get("fieldId").asString() + i.get("kind").asString()))
        .contains(id + "seed");

    // Seeded again, on the very day, it grows; the first seeding stays in the record.
    owner.put(field + "/log/" + UUID.randomUUID(), entry("seeded", "2026-09-30")).ok();
    JsonNode again = owner.furrow(farm, "Cedar Draw");
    assertThat(seeding(again).get("day").asString()).isEqualTo("2026-09-30");
    assertThat(
            owner
                .get(field + "/log")
                .ok()
                .json()
                .get("entries")
                .valueStream()
                .filter(e -> e.at("/entry/kind").asString().equals("seeded")))
        .hasSizeGreaterThan(1);

    // Taken out, what was seeded first counts as well.
    owner.delete(gone).ok();
    assertThat(seeding(owner.furrow(farm, "Cedar Draw")).get("state").asString())
        .isEqualTo("LOGGED");
  }

  @Test
  void aCoverSeenRipeIsToBeRolledByItsDay() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    owner.put(farm + "/clock", Map.of("today", "2027-05-20")).ok();
    JsonNode furrow =
        owner
            .get(farm + "/season")
            .ok()
            .json()
            .get("furrows")
            .valueStream()
            .filter(f -> f.at("/plan/plan/ending").asString().equals("rollPlant"))
            .findFirst()
            .orElseThrow();
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    if (!seeding(furrow).get("state").asString().equals("LOGGED")) {
      owner
          .put(
              field + "/log/" + UUID.randomUUID(),
              entry("seeded", furrow.at("/plan/plan/seedOn").asString()))
          .ok();
    }
    JsonNode species = owner.get(farm + "/choices").ok().json().get("species");
    for (JsonNode c : furrow.at("/plan/plan/components")) {
      Map<String, Object> seen = entry("stage", "2027-05-19");
      seen.put("names", Map.of("species", c.get("species").asString(), "stage", ripe(species, c)));
      owner.put(field + "/log/" + UUID.randomUUID(), seen).ok();
    }
    JsonNode next = owner.furrow(farm, furrow.get("name").asString()).get("next");
    assertThat(next.get("kind").asString()).isEqualTo("END_NOW");
    assertThat(next.get("due").asString()).isEqualTo("2027-05-29");
    assertThat(next.at("/reason/text").asString()).contains("seen ripe {on}");
    JsonNode run = WorkTest.laidOut(owner, farm);
    assertThat(
            run.at("/proposal/items")
                .valueStream()
                .filter(i -> i.get("fieldId").equals(furrow.get("fieldId")))
                .filter(i -> i.get("kind").asString().equals("end")))
        .allSatisfy(
            i -> assertThat(i.get("finishOn").asString()).isLessThanOrEqualTo("2027-05-29"));
  }

  @Test
  void aPlanNamesAMachineOfItsOwnFarmAndTheJobBeginsWithIt() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String id = furrow.get("fieldId").asString();
    JsonNode machines = owner.get(farm + "/fields/" + id + "/job").ok().json().get("machines");
    JsonNode last = machines.get(machines.size() - 1).at("/machine/id");
    Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
    plan.put("machineId", UUID.randomUUID().toString());
    assertThat(
            owner.post(farm + "/plans", ChainTest.save(id, furrow.get("plan"), plan)).refused(422))
        .contains("Cedar Draw: the shed has no such machine");
    plan.put("machineId", last.asString());
    owner.post(farm + "/plans", ChainTest.save(id, furrow.get("plan"), plan)).ok();
    JsonNode job = owner.get(farm + "/fields/" + id + "/job").ok().json();
    assertThat(job.at("/machines/0/machine/id")).isEqualTo(last);
    assertThat(job.get("machines")).hasSameSizeAs(machines);
  }

  private static String ripe(JsonNode species, JsonNode component) {
    for (JsonNode s : species) {
      if (s.get("id").equals(component.get("species"))) {
        List<String> stages = s.get("stages").valueStream().map(JsonNode::asString).toList();
        return stages.stream()
            .filter(x -> x.equals("mid-anthesis") || x.equals("full bloom"))
            .findFirst()
            .orElseThrow(() -> new AssertionError(stages));
      }
    }
    throw new AssertionError(component);
  }
}
