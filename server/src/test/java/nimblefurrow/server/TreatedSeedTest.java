package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What the seed tag says of a lot is asked of the cover it went into. */
class TreatedSeedTest {
  private static List<String> broken(Api owner, String field) throws Exception {
    return StreamSupport.stream(
            owner.get(field + "/chain").ok().json().get("broken").spliterator(), false)
        .map(b -> b.get("rule").asString())
        .toList();
  }

  private static String lot(Api owner, String farm, String no) throws Exception {
    for (JsonNode l : owner.get(farm + "/seed/lots").ok().json()) {
      if (l.get("lotNo").asString().equals(no)) {
        return l.get("id").asString();
      }
    }
    throw new AssertionError("no lot " + no);
  }

  @Test
  void aTreatedLotBarsGrazingTheCoverItWentInto() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Stone House");
    String id = furrow.get("fieldId").asString();
    String field = farm + "/fields/" + id;
    Map<String, Object> wheat = Api.map(furrow.at("/plan/plan"));
    wheat.put("components", List.of(Map.of("species", "winter_wheat", "rateKgPerHa", 90)));
    wheat.put("seedOn", "2026-09-12");
    Map<String, Object> one = new HashMap<>();
    one.put("fieldId", id);
    one.put("planId", furrow.at("/plan/id").asString());
    one.put("version", furrow.at("/plan/version").asLong());
    one.put("plan", wheat);
    owner.post(farm + "/plans", Map.of("what", "wheat to graze", "plans", List.of(one))).ok();
    assertThat(wheat.get("ending")).isEqualTo("graze");
    assertThat(broken(owner, field)).doesNotContain("TREATED_SEED_FED");

    UUID entry = UUID.randomUUID();
    Map<String, Object> seeding = new HashMap<>();
    seeding.put("doneOn", "2026-09-12");
    seeding.put("areaHa", 10);
    seeding.put("targetKgPerHa", 90);
    seeding.put("seedKg", 900);
    seeding.put("words", "");
    seeding.put("lots", List.of(Map.of("lotId", lot(owner, farm, "W-26-88"), "kg", 900)));
    owner.put(field + "/seedings/" + entry, seeding).ok();
    assertThat(broken(owner, field)).contains("TREATED_SEED_FED");

    owner.delete(field + "/log/" + entry).ok();
    assertThat(broken(owner, field)).doesNotContain("TREATED_SEED_FED");
  }
}
