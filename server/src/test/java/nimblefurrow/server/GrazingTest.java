package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Groups of animals on a cover: feed, days that are barred, ground. */
class GrazingTest {
  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static String at(String field) throws Exception {
    return farm + "/fields/" + owner.furrow(farm, field).get("fieldId").asString();
  }

  private static Map<String, Object> group(JsonNode grazing, String in, String out) {
    Map<String, Object> g = new HashMap<>();
    g.put("planId", grazing.get("planId").asString());
    g.put("name", "heifers");
    g.put("head", 40);
    g.put("headKg", 400);
    g.put("inOn", in);
    g.put("outOn", out);
    return g;
  }

  @Test
  void aGroupIsHeldAgainstTheFeedAndTheLabels() throws Exception {
    String field = at("Orchard Bench");
    JsonNode start = owner.get(field + "/grazing").ok().json();
    int before = start.get("groups").size();
    String id = UUID.randomUUID().toString();
    String at = farm + "/grazing-groups/" + id;
    owner.put(at, group(start, "2026-11-01", "2026-11-10")).ok();
    JsonNode g = mine(field, id);
    assertThat(g.get("needKg").asDouble()).isCloseTo(40 * 10 * 400 * 0.026, within(1e-6));
    assertThat(g.get("lowKg").asDouble()).isLessThanOrEqualTo(g.get("highKg").asDouble());
    assertThat(g.get("enough").asInt()).isBetween(0, g.get("years").asInt());
    assertThat(g.get("fit").asInt()).isBetween(0, g.get("years").asInt());
    assertThat(g.get("cautions").toString()).contains("bloat");
    assertThat(g.get("barred").size()).isZero();

    Map<String, Object> late = group(start, "2026-11-01", "2027-07-01");
    late.put("version", g.get("version").asLong());
    assertThat(owner.put(at, late).refused(422)).contains("200 days");
    late.put("outOn", "2026-10-01");
    assertThat(owner.put(at, late).refused(422)).contains("before the day they come");
    late.put("inOn", "2026-08-01");
    late.put("outOn", "2026-09-20");
    owner.put(at, late).ok();
    JsonNode early = mine(field, id);
    assertThat(early.at("/barred/0/to").asString()).isEqualTo("2026-08-25");
    assertThat(early.at("/barred/0/why/text").asString()).contains("nothing is seeded yet");

    owner.delete(at).ok();
    assertThat(owner.get(field + "/grazing").ok().json().get("groups").size()).isEqualTo(before);
    owner.post(at + "/restore", Map.of()).ok();
    assertThat(mine(field, id).get("name").asString()).isEqualTo("heifers");
    owner.delete(at).ok();
  }

  private static JsonNode mine(String field, String id) throws Exception {
    for (JsonNode g : owner.get(field + "/grazing").ok().json().get("groups")) {
      if (g.get("id").asString().equals(id)) {
        return g;
      }
    }
    throw new AssertionError(id);
  }
}
