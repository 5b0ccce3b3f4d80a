package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was seen of a soil, over the years and beside other fields. */
class SoilTest {
  private static String field(Api owner, String farm, String name) throws Exception {
    for (JsonNode f : owner.get(farm + "/fields").ok().json()) {
      if (f.get("name").asString().equals(name)) {
        return farm + "/fields/" + f.get("id").asString();
      }
    }
    throw new AssertionError("no " + name);
  }

  private static void look(Api owner, String field, String on, Map<String, Object> figures)
      throws Exception {
    Map<String, Object> in = new HashMap<>();
    in.put("doneOn", on);
    in.put("kind", "soil");
    in.put("words", "");
    in.put("figures", figures);
    owner.put(field + "/log/" + UUID.randomUUID(), in).ok();
  }

  private static Map<String, JsonNode> figures(Api owner, String field) throws Exception {
    Map<String, JsonNode> all = new HashMap<>();
    owner.get(field + "/soil").ok().json().forEach(f -> all.put(f.get("figure").asString(), f));
    return all;
  }

  @Test
  void looksOfTheFieldStandBesideThoseOfLikeGround() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String clay = field(owner, farm, "Creek Forty");
    String alike = field(owner, farm, "Upper Tile");
    String sand = field(owner, farm, "East Terrace");
    look(owner, clay, "2024-04-20", Map.of("organicMatterShare", 0.021, "soilNitrateKgPerHa", 40));
    look(owner, clay, "2026-04-22", Map.of("organicMatterShare", 0.034));
    look(owner, alike, "2026-04-22", Map.of("organicMatterShare", 0.025));
    look(owner, sand, "2026-04-22", Map.of("organicMatterShare", 0.011));
    JsonNode matter = figures(owner, clay).get("organicMatterShare");
    assertThat(matter.get("own")).hasSize(2);
    assertThat(matter.get("beside")).hasSize(1);
    assertThat(matter.at("/beside/0/field").asString()).isEqualTo("Upper Tile");
    assertThat(matter.at("/says/figures/middle/value").asDouble()).isEqualTo(0.025);
    assertThat(figures(owner, clay)).doesNotContainKey("soilNitrateKgPerHa");
    assertThat(figures(owner, alike).get("organicMatterShare").get("own")).hasSize(1);
  }

  @Test
  void theDemonstrationWasDugOverTheYears() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    List<String> dug = new java.util.ArrayList<>();
    for (JsonNode f : owner.get(farm + "/fields").ok().json()) {
      String at = farm + "/fields/" + f.get("id").asString();
      JsonNode worms = figures(owner, at).get("wormsPerSpade");
      if (worms != null) {
        dug.add(f.get("name").asString());
        assertThat(worms.get("own")).as(dug.toString()).hasSize(3);
      }
    }
    assertThat(dug).hasSizeBetween(4, 18);
  }
}
