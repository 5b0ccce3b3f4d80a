package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** How work was done is written down with it, and what follows from it is reckoned so. */
class DoneHowTest {
  private static String write(Api owner, String field, String day, String kind, Object figures)
      throws Exception {
    Map<String, Object> in = new HashMap<>(Map.of("doneOn", day, "kind", kind, "words", ""));
    in.put("figures", figures);
    String entry = field + "/log/" + UUID.randomUUID();
    owner.put(entry, in).ok();
    return entry;
  }

  private static String field(Api owner, String farm, String ending) throws Exception {
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      if (f.at("/plan/plan/ending").asString("").equals(ending)) {
        return farm + "/fields/" + f.get("fieldId").asString();
      }
    }
    throw new AssertionError(ending);
  }

  /** The middle kill of an ending that was written down so. */
  private static double kill(Api owner, String field, Map<String, Object> figures)
      throws Exception {
    String entry = write(owner, field, "2027-05-24", "ended", figures);
    JsonNode plan = owner.get(field + "/season").ok().json().at("/furrow/plan/plan");
    JsonNode after = owner.post(field + "/after", Api.map(plan)).ok().json();
    owner.delete(entry).ok();
    return after.at("/kill/middle").asDouble();
  }

  @Test
  void aLightRollerLeavesMoreAlive() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = field(owner, farm, "rollPlant");
    owner.put(farm + "/clock", Map.of("today", "2027-06-02")).ok();
    owner.season(farm, 2026);
    write(owner, field, "2026-09-25", "seeded", Map.of());
    double usual = kill(owner, field, Map.of());
    assertThat(kill(owner, field, Map.of("rollerKgPerM", 450))).isEqualTo(usual);
    assertThat(kill(owner, field, Map.of("rollerKgPerM", 700))).isEqualTo(usual);
    // 225 kg/m does four fifths of what a full roller does.
    assertThat(kill(owner, field, Map.of("rollerKgPerM", 225)))
        .isBetween(0.75 * usual, 0.9 * usual);
  }

  @Test
  void smallSeedThatLiesDeepComesUpThin() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
    plan.put("method", "drill");
    plan.put("seedOn", "2026-09-20");
    plan.put("components", List.of(Map.of("species", "crimson_clover", "rateKgPerHa", 20)));
    owner.changePlan(farm, furrow.get("fieldId").asString(), furrow.get("plan"), plan);
    owner.put(farm + "/clock", Map.of("today", "2026-09-25")).ok();
    double shallow = plants(owner, field, Map.of("depthMm", 12));
    assertThat(plants(owner, field, Map.of("depthMm", 15))).isEqualTo(shallow);
    assertThat(plants(owner, field, Map.of("depthMm", 16))).isBetween(0.5 * shallow, 0.7 * shallow);
    assertThat(plants(owner, field, Map.of("speedKmh", 9))).isEqualTo(shallow);
  }

  private static double plants(Api owner, String field, Map<String, Object> figures)
      throws Exception {
    String entry = write(owner, field, "2026-09-20", "seeded", figures);
    JsonNode season = owner.get(field + "/season").ok().json();
    owner.delete(entry).ok();
    return season.at("/species/0/plantsMiddle").asDouble();
  }
}
