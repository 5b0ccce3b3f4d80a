package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Editing a field: sentences for what cannot be, and both values when two people edit. */
class FieldEditTest {
  static Map<String, Object> field(String name) {
    Map<String, Object> field = new HashMap<>();
    field.put("name", name);
    field.put("givenAreaHa", 20.5);
    field.put("texture", "siltLoam");
    field.put("drainage", "moderate");
    field.put("tiled", false);
    field.put("slopePercent", 2);
    field.put("erodible", false);
    field.put("organic", false);
    field.put("rotationNotes", "");
    field.put("crop", Map.of("kind", "corn", "plantedOn", "2026-05-04", "maturity", 105));
    field.put("nextCrop", Map.of("kind", "soybean", "plantedOn", "2027-05-14"));
    return field;
  }

  @Test
  void theSecondToSaveIsShownWhatStands() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    JsonNode stored = owner.post(farm + "/fields", field("Long Acre")).ok().json();
    String path = farm + "/fields/" + stored.get("id").asString();
    Map<String, Object> mine = field("Long Acre");
    mine.put("version", stored.get("version").asLong());
    mine.put("drainage", "poor");
    Map<String, Object> theirs = new HashMap<>(mine);
    theirs.put("drainage", "well");
    owner.put(path, theirs).ok();
    Api.Answer refused = owner.put(path, mine);
    assertThat(refused.refused(409)).contains("Someone else changed Long Acre");
    assertThat(refused.json().at("/theirs/drainage").asString()).isEqualTo("well");
    mine.put("version", refused.json().at("/theirs/version").asLong());
    assertThat(owner.put(path, mine).ok().json().get("drainage").asString()).isEqualTo("poor");
  }

  @Test
  void changingOnlyACropCountsAsAChangeOfTheField() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    JsonNode stored = owner.post(farm + "/fields", field("Corner")).ok().json();
    String path = farm + "/fields/" + stored.get("id").asString();
    Map<String, Object> input = field("Corner");
    input.put("version", stored.get("version").asLong());
    input.put("crop", Map.of("kind", "soybean", "plantedOn", "2026-05-20", "maturity", 2.4));
    owner.put(path, input).ok();
    assertThat(owner.put(path, input).status()).isEqualTo(409);
  }

  @Test
  void namesEverythingThatIsWrongAtOnce() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    owner.post(farm + "/fields", field("Home")).ok();
    assertThat(owner.post(farm + "/fields", field("HOME")).refused(422))
        .contains("already a field");
    Map<String, Object> wrong = field(" ");
    wrong.put("givenAreaHa", 0);
    wrong.put("slopePercent", 95);
    wrong.put("crop", Map.of("kind", "corn", "plantedOn", "2026-05-04", "harvestOn", "2026-05-01"));
    wrong.put("nextCrop", Map.of("kind", "soybean", "plantedOn", "2027-11-14", "maturity", 40));
    Api.Answer answer = owner.post(farm + "/fields", wrong);
    answer.refused(422);
    assertThat(answer.json().get("errors").valueStream().map(e -> e.get("path").asString()))
        .containsExactlyInAnyOrder(
            "name",
            "givenAreaHa",
            "slopePercent",
            "crop.harvestOn",
            "nextCrop.plantedOn",
            "nextCrop.maturity");
    assertThat(answer.text()).contains("Harvest on 1 May 2026 lies before planting on 4 May 2026");
    assertThat(owner.get(farm + "/fields").ok().json()).hasSize(1);
  }

  @Test
  void aHarvestBeforeTheUsualPlantingIsASentenceAndNotASeasonThatCannotBeRead() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    Map<String, Object> early = field("Early");
    early.put("crop", Map.of("kind", "corn", "harvestOn", "2026-05-02"));
    assertThat(owner.post(farm + "/fields", early).refused(422))
        .contains("Harvest on 2 May 2026 lies before planting on ")
        .contains("say when it was planted");
    // Grain is sown the autumn before, over the turn of the year; open ground has no harvest to
    // miss.
    Map<String, Object> grain = field("Grain");
    grain.put("crop", Map.of("kind", "smallGrain", "harvestOn", "2026-07-04"));
    owner.post(farm + "/fields", grain).ok();
    Map<String, Object> open = field("Open");
    open.put("crop", Map.of("kind", "none", "harvestOn", "2026-05-10"));
    owner.post(farm + "/fields", open).ok();
    assertThat(owner.get(farm + "/season").ok().json().get("furrows")).hasSize(2);
  }

  private static Map<String, Object> put(JsonNode stored, Map<String, Object> field) {
    field.put("version", stored.get("version").asLong());
    return Map.of("id", stored.get("id").asString(), "field", field);
  }

  @Test
  void severalFieldsAreSavedTogetherOrNotAtAll() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    JsonNode a = owner.post(farm + "/fields", field("North")).ok().json();
    JsonNode b = owner.post(farm + "/fields", field("South")).ok().json();
    Map<String, Object> north = field("North");
    Map<String, Object> south = field("South");
    north.put("texture", "clay");
    south.put("texture", "clay");
    south.put("crop", Map.of("kind", "corn", "plantedOn", "2026-09-04"));
    List<Map<String, Object>> both = List.of(put(a, north), put(b, south));
    Api.Answer refused = owner.put(farm + "/fields", both);
    assertThat(refused.refused(422)).startsWith("South: ").contains("outside");
    assertThat(refused.json().at("/errors/0/path").asString()).isEqualTo("1.field.crop.plantedOn");
    assertThat(owner.get(farm + "/fields").ok().text()).doesNotContain("\"clay\"");

    south.put("crop", Map.of("kind", "none"));
    JsonNode saved = owner.put(farm + "/fields", both).ok().json();
    assertThat(saved)
        .hasSize(2)
        .allSatisfy(f -> assertThat(f.get("texture").asString()).isEqualTo("clay"));
    // Read before: someone saved it since.
    assertThat(owner.put(farm + "/fields", both).refused(409))
        .contains("Someone else changed North");
    // A foreign field among them: nothing is saved.
    String other = owner.newFarm();
    JsonNode c = owner.post(other + "/fields", field("Elsewhere")).ok().json();
    Map<String, Object> mine = field("North");
    mine.put("texture", "loam");
    owner
        .put(farm + "/fields", List.of(put(saved.get(0), mine), put(c, field("Elsewhere"))))
        .refused(404);
    assertThat(owner.get(farm + "/fields").ok().text()).doesNotContain("\"loam\"");
  }
}
