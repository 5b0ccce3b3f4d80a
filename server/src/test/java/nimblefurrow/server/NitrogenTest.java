package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What nitrogen the next crop finds, out of the record and the model. */
class NitrogenTest {
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

  private static JsonNode line(JsonNode ledger, String source) {
    for (JsonNode l : ledger.get("lines")) {
      if (l.get("source").asString().equals(source)) {
        return l;
      }
    }
    throw new AssertionError(source + " in " + ledger);
  }

  private static void write(String at, String day, String kind, Map<String, Object> figures)
      throws Exception {
    Map<String, Object> in = new HashMap<>();
    in.put("doneOn", day);
    in.put("kind", kind);
    in.put("words", "");
    in.put("figures", figures);
    if (kind.equals("manured")) {
      in.put("names", Map.of("spread", "injected"));
    }
    owner.put(at + "/log/" + UUID.randomUUID(), in).ok();
  }

  @Test
  void aLedgerFollowsTestsManureAndSamples() throws Exception {
    String at = at("Orchard Bench");
    JsonNode start = owner.get(at + "/nitrogen").ok().json();
    assertThat(start.get("crop").asString()).isEqualTo("corn");
    assertThat(start.get("missing").toString()).contains("nitrate test").contains("clipped tops");
    JsonNode cover = line(start, "cover");
    assertThat(cover.get("available").asDouble()).isPositive();
    assertThat(start.get("weeks").size()).isGreaterThan(8);
    assertThat(start.get("low").asDouble()).isLessThan(start.get("high").asDouble());

    // What went on the wheat before it was cut was the wheat's.
    write(at, "2026-06-20", "manured", Map.of("nitrogenKgPerHa", 300, "ammoniumShare", 0.6));
    assertThat(owner.get(at + "/nitrogen").ok().json().get("lines").size()).isEqualTo(1);

    write(at, "2026-09-01", "manured", Map.of("nitrogenKgPerHa", 100, "ammoniumShare", 0.6));
    JsonNode manured = owner.get(at + "/nitrogen").ok().json();
    assertThat(line(manured, "manure").get("lost").asDouble()).isCloseTo(3, within(1e-9));
    double there = line(manured, "manure").get("available").asDouble();
    assertThat(-line(manured, "takenUp").get("available").asDouble()).isLessThanOrEqualTo(there);

    write(at, "2026-09-10", "soil", Map.of("soilNitrateKgPerHa", 60));
    JsonNode tested = owner.get(at + "/nitrogen").ok().json();
    assertThat(line(tested, "soil").get("words").get("text").asString())
        .contains("before the cover");
    assertThat(tested.toString()).as("the test was after it").doesNotContain("\"manure\"");
    assertThat(tested.get("missing").toString()).doesNotContain("nitrate");

    write(at, "2026-09-12", "cover", Map.of("coverMgPerHa", 1.0, "topsNitrogenShare", 0.04));
    JsonNode sampled = owner.get(at + "/nitrogen").ok().json();
    // 40 kg/ha, of which 24.5 × 4 − 37 = 61, at most 60 %.
    assertThat(line(sampled, "cover").get("available").asDouble()).isCloseTo(24, within(1e-6));
    assertThat(sampled.get("credit").get("text").asString()).contains("less than it would");
  }

  @Test
  void feedingACoverIsWeighedAndLegumesAreNotFed() throws Exception {
    String rye = at("Creek Forty");
    JsonNode fed = owner.post(rye + "/fed-cover", Map.of("nitrogenKgPerHa", 40)).ok().json();
    assertThat(fed.get("moreMgPerHa").asDouble()).isCloseTo(0.6, within(1e-9));
    assertThat(fed.get("metAfter").asInt()).isGreaterThanOrEqualTo(fed.get("metBefore").asInt());
    assertThat(fed.get("usdPerHa").asDouble()).isCloseTo(40 * 1.1 + 18, within(1e-9));
    assertThat(owner.post(rye + "/fed-cover", Map.of("nitrogenKgPerHa", 200)).refused(422))
        .contains("grows no more");
    assertThat(
            owner
                .post(at("Plum Thicket") + "/fed-cover", Map.of("nitrogenKgPerHa", 40))
                .refused(422))
        .contains("Legumes");
    assertThat(owner.get(rye + "/nitrogen").ok().json().get("credit").get("text").asString())
        .contains("make their own");
  }
}
