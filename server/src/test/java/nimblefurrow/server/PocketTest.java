package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a phone takes along of a farm. */
class PocketTest {
  @Test
  void theSkyHoldsThirtyYearsAndWhatWasSeen() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode sky = owner.get(farm + "/pocket").ok().json();
    assertThat(sky.get("seasonYear").asInt()).isEqualTo(2026);
    assertThat(sky.at("/past/tminC").size()).isBetween(30 * 365, 31 * 366);
    assertThat(sky.at("/past/windMs").size()).isEqualTo(sky.at("/past/tminC").size());
    assertThat(sky.at("/seen/start").asString()).isEqualTo("2026-01-01");
    // 1 January to 12 September.
    assertThat(sky.at("/seen/tminC").size()).isEqualTo(255);
    owner.put(farm + "/clock", Map.of("today", "2026-09-20")).ok();
    JsonNode later = owner.get(farm + "/pocket").ok().json();
    assertThat(later.at("/seen/tminC").size()).isEqualTo(263);
    assertThat(later.get("stamp")).isNotEqualTo(sky.get("stamp"));
  }

  @Test
  void aFieldHoldsItsCoverAndWhatIsWrittenDownOfIt() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    JsonNode pocket = owner.get(field + "/pocket").ok().json();
    JsonNode plan = furrow.at("/plan/plan");
    assertThat(pocket.at("/season/seedOn")).isEqualTo(plan.get("seedOn"));
    assertThat(pocket.at("/season/endOn")).isEqualTo(plan.get("endOn"));
    assertThat(pocket.at("/season/method")).isEqualTo(plan.get("method"));
    assertThat(pocket.at("/season/purpose")).isEqualTo(plan.at("/purposes/0"));
    assertThat(pocket.at("/season/logged").toString()).doesNotContain("seeded");
    owner
        .put(
            field + "/log/" + UUID.randomUUID(),
            Map.of("doneOn", "2026-09-11", "kind", "seeded", "words", ""))
        .ok();
    JsonNode seeded = owner.get(field + "/pocket").ok().json().get("season");
    assertThat(seeded.at("/logged/0/deed").asString()).isEqualTo("seeded");
    assertThat(seeded.at("/logged/0/on").asString()).isEqualTo("2026-09-11");
    // The day that is meant stays beside the day it was done.
    assertThat(seeded.get("seedOn")).isEqualTo(plan.get("seedOn"));
  }

  @Test
  void aFieldWithoutACoverSaysWhy() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = owner.furrow(farm, "Bluestem").get("fieldId").asString();
    JsonNode pocket = owner.get(farm + "/fields/" + id + "/pocket").ok().json();
    assertThat(pocket.get("why").asString()).isEqualTo("No cover is planned here.");
    assertThat(pocket.has("season")).isFalse();
  }
}
