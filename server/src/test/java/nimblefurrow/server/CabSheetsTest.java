package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The paper for the cab says what its driver must know. */
class CabSheetsTest {
  private static List<JsonNode> jobs(JsonNode sheets) {
    List<JsonNode> all = new ArrayList<>();
    sheets.get("sheets").forEach(s -> s.get("jobs").forEach(all::add));
    return all;
  }

  @Test
  void aSheetHasEachMachinesJobsWithSeedHazardsAndCautions() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode none = owner.get(farm + "/field-work/sheets").ok().json();
    assertThat(none.get("sheets")).isEmpty();
    WorkTest.kept(owner, farm);

    JsonNode sheets = owner.get(farm + "/field-work/sheets?days=120").ok().json();
    LocalDate today = LocalDate.parse(sheets.get("from").asString());
    assertThat(sheets.get("to").asString()).isEqualTo(today.plusDays(119).toString());
    List<JsonNode> jobs = jobs(sheets);
    JsonNode work = owner.get(farm + "/field-work").ok().json();
    long ahead =
        StreamSupport.stream(work.get("items").spliterator(), false)
            .filter(i -> i.get("shareDone").asDouble() < 1)
            .filter(
                i ->
                    StreamSupport.stream(i.get("segments").spliterator(), false)
                        .map(s -> LocalDate.parse(s.get("day").asString()))
                        .anyMatch(d -> !d.isBefore(today) && d.isBefore(today.plusDays(120))))
            .count();
    assertThat(jobs).hasSize((int) ahead);
    for (JsonNode j : jobs) {
      assertThat(j.get("cautions")).as(j.get("label").asString()).isNotEmpty();
      assertThat(j.get("areaHa").asDouble()).isPositive();
      String label = j.get("label").asString();
      assertThat(j.get("sprays").asBoolean()).as(label).isEqualTo(label.contains("spray"));
      assertThat(j.get("alongRows").asBoolean())
          .as(label)
          .isEqualTo(label.contains("roll") || j.get("kind").asString().equals("plant"));
    }
    assertThat(jobs)
        .filteredOn(j -> j.get("kind").asString().equals("seed"))
        .isNotEmpty()
        .anySatisfy(j -> assertThat(j.at("/seed/seeds/0/rateKgPerHa").asDouble()).isPositive())
        .anySatisfy(j -> assertThat(j.at("/seed/loads").asInt()).isPositive());
    // What is kept is planned: no rate is for another way of seeding.
    assertThat(jobs)
        .filteredOn(j -> j.get("kind").asString().equals("seed"))
        .allSatisfy(j -> assertThat(j.at("/seed/loads").isInt()).isTrue())
        .allSatisfy(j -> assertThat(j.at("/seed/rateFor").isString()).isFalse());
    assertThat(jobs)
        .filteredOn(j -> j.get("field").asString().equals("Creek Forty"))
        .isNotEmpty()
        .allSatisfy(j -> assertThat(j.get("hazards").asString()).contains("creek"));

    // Only what falls on the days asked for; a job that is done is off the sheet.
    String last = jobs(sheets).get(0).at("/shifts/0/day").asString();
    JsonNode day = owner.get(farm + "/field-work/sheets?days=1&from=" + last).ok().json();
    assertThat(jobs(day))
        .isNotEmpty()
        .allSatisfy(
            j -> j.get("shifts").forEach(s -> assertThat(s.get("day").asString()).isEqualTo(last)));
    JsonNode first = jobs.get(0);
    String item = first.get("itemId").asString();
    owner.post(farm + "/field-work/" + item + "/done", Map.of("share", 0.25)).ok();
    JsonNode part = find(owner.get(farm + "/field-work/sheets?days=120").ok().json(), item);
    assertThat(part.get("leftHa").asDouble()).isEqualTo(first.get("areaHa").asDouble() * 0.75);
  }

  private static JsonNode find(JsonNode sheets, String item) {
    return jobs(sheets).stream()
        .filter(j -> j.get("itemId").asString().equals(item))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void noDaysAndTooManyAreRefused() throws Exception {
    Api owner = Api.owner();
    String door = owner.farm() + "/field-work/sheets?days=";
    for (int days : new int[] {0, -1, 121}) {
      assertThat(owner.get(door + days).refused(422)).contains("1 to 120 days");
    }
    owner.get(door + 120).ok();
    owner.get(door + 1).ok();
  }

  @Test
  void hazardsAreShortAndStayWhereNothingIsSaidOfThem() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Windmill");
    String path = farm + "/fields/" + furrow.get("fieldId").asString();
    Map<String, Object> field = Api.map(owner.get(path).ok().json());
    assertThat(field.get("hazards").toString()).contains("old well");
    for (String gone : List.of("id", "areaHa", "computedAreaHa", "ofField", "pieces")) {
      field.remove(gone);
    }
    field.put("hazards", "x".repeat(161));
    assertThat(owner.put(path, field).refused(422)).contains("160 characters");
    field.put("hazards", "x".repeat(160));
    JsonNode saved = owner.put(path, field).ok().json();
    assertThat(saved.get("hazards").asString()).hasSize(160);
    field.put("version", saved.get("version").asLong());
    field.remove("hazards");
    assertThat(owner.put(path, field).ok().json().get("hazards").asString()).hasSize(160);
  }

  @Test
  void aPlanThatIsForAnotherWayAgainSaysSoAndHasNeitherSettingNorLoads() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode work = WorkTest.kept(owner, farm);
    JsonNode job = WorkTest.item(work, "seed");
    JsonNode stored = owner.furrow(farm, job.get("field").asString()).get("plan");
    Map<String, Object> plan = Api.map(stored.get("plan"));
    plan.put("method", "byHand");
    owner.changePlan(farm, job.get("fieldId").asString(), stored, plan);
    JsonNode sheets = owner.get(farm + "/field-work/sheets?days=120").ok().json();
    assertThat(jobs(sheets))
        .filteredOn(j -> j.get("itemId").asString().equals(job.get("id").asString()))
        .hasSize(1)
        .allSatisfy(
            j -> {
              assertThat(j.at("/seed/rateFor").asString()).isNotEmpty();
              assertThat(j.at("/seed/loads").isInt()).isFalse();
            });
  }
}
