package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What covers cost and bring: planned, written down, billed, summed up. */
class CoverAccountsTest {
  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static String field(String name) throws Exception {
    return owner.furrow(farm, name).get("fieldId").asString();
  }

  private static JsonNode account(String field) throws Exception {
    return owner.get(farm + "/fields/" + field + "/accounts").ok().json().get(0);
  }

  private static JsonNode line(JsonNode account, String part) {
    for (JsonNode l : account.get("lines")) {
      if (l.get("part").asString().equals(part)) {
        return l;
      }
    }
    throw new AssertionError(part + " in " + account);
  }

  private static double stands(JsonNode account, String part) {
    double sum = 0;
    for (JsonNode l : account.get("lines")) {
      if (l.get("part").asString().equals(part)) {
        sum += l.has("came") ? l.get("came").asDouble() : l.path("planned").asDouble();
      }
    }
    return sum;
  }

  private static void write(String field, String day, String kind, Map<String, Object> more)
      throws Exception {
    Map<String, Object> in = new HashMap<>(more);
    in.put("doneOn", day);
    in.put("kind", kind);
    in.put("words", "");
    owner.put(farm + "/fields/" + field + "/log/" + UUID.randomUUID(), in).ok();
  }

  private static Map<String, Object> bill(double usd, String what) {
    return Map.of(
        "figures",
        Map.of("usd", usd),
        "names",
        Map.of("way", "pays", "party", "Hired hand", "for", what));
  }

  @Test
  void anAccountFollowsThePlanTheRecordTheBillsAndThePriceBook() throws Exception {
    String field = field("Creek Forty");
    JsonNode planned = account(field);
    double areaHa = planned.get("areaHa").asDouble();
    assertThat(planned.get("crop").asString()).isEqualTo("soybeans");
    assertThat(planned.get("closed").asBoolean()).isFalse();
    double seed = line(planned, "seed").get("planned").asDouble();
    assertThat(seed).isNegative();
    assertThat(line(planned, "seeding").get("words").toString()).contains("No-till drill");
    assertThat(line(planned, "nitrogen").get("words").get("text").asString())
        .contains("eight years of ten");
    double nitrogen = line(planned, "nitrogen").get("planned").asDouble();

    write(
        field,
        "2026-09-12",
        "seeded",
        Map.of("figures", Map.of("areaHa", areaHa, "seedKg", areaHa * 140, "hours", 10.0)));
    JsonNode seeded = account(field);
    // Planned were 70 kg/ha of rye: twice as much went out.
    assertThat(line(seeded, "seed").get("came").asDouble()).isCloseTo(2 * seed, within(0.01));
    assertThat(line(seeded, "seeding").get("came").asDouble())
        .isCloseTo(-165 * 10 / areaHa, within(1e-6));

    write(field, "2026-09-12", "bill", bill(areaHa * 50, "seeding"));
    JsonNode billed = account(field);
    assertThat(stands(billed, "seeding")).isCloseTo(-50, within(1e-6));
    assertThat(stands(billed, "seed")).isCloseTo(2 * seed, within(0.01));

    owner
        .put(farm + "/prices/nitrogen", Map.of("usd", 2.2, "year", 2027, "source", "the dealer"))
        .ok();
    double now = line(account(field), "nitrogen").get("planned").asDouble();
    double before = line(billed, "nitrogen").get("planned").asDouble();
    assertThat(nitrogen).as("more seed, another cover").isNotEqualTo(before);
    assertThat(now).as("the shipped price is 1.10").isCloseTo(2 * before, within(1e-6));
    owner.delete(farm + "/prices/nitrogen").ok();
    assertThat(line(account(field), "nitrogen").get("planned").asDouble())
        .isCloseTo(before, within(1e-9));
  }

  @Test
  void theFarmsOwnLinesAreKeptTakenAwayAndPutBack() throws Exception {
    String field = field("North Terrace");
    JsonNode start = account(field);
    String plan = start.get("planId").asString();
    String id = UUID.randomUUID().toString();
    String at = farm + "/covers/" + plan + "/account-lines/" + id;
    Map<String, Object> in = new HashMap<>();
    in.put("part", "passes");
    in.put("words", "one spray pass saved");
    in.put("plannedUsdPerHa", 40);
    owner.put(at, in).ok();
    JsonNode with = account(field);
    assertThat(with.get("stands").asDouble())
        .isCloseTo(start.get("stands").asDouble() + 40, within(1e-6));
    JsonNode own = line(with, "passes");
    assertThat(own.get("id").asString()).isEqualTo(id);
    in.put("cameUsdPerHa", 30);
    assertThat(owner.put(at, in).refused(409)).contains("Someone else");
    in.put("version", own.get("version").asLong());
    owner.put(at, in).ok();
    assertThat(account(field).get("stands").asDouble())
        .isCloseTo(start.get("stands").asDouble() + 30, within(1e-6));
    owner.delete(farm + "/account-lines/" + id).ok();
    assertThat(account(field).get("lines").size()).isEqualTo(start.get("lines").size());
    owner.post(farm + "/account-lines/" + id + "/restore", Map.of()).ok();
    assertThat(line(account(field), "passes").get("came").asDouble()).isEqualTo(30);
    owner.delete(farm + "/account-lines/" + id).ok();

    String other = farm + "/covers/" + plan + "/account-lines/" + UUID.randomUUID();
    in.remove("version");
    in.put("words", " ");
    assertThat(owner.put(other, in).refused(422)).contains("what the money is for");
    in.put("words", "x");
    in.put("cameUsdPerHa", 1_000_001);
    assertThat(owner.put(other, in).refused(422)).contains("too large");
    in.remove("cameUsdPerHa");
    in.remove("plannedUsdPerHa");
    assertThat(owner.put(other, in).refused(422)).contains("how much");
    in.put("cameUsdPerHa", 1);
    String nowhere = farm + "/covers/" + UUID.randomUUID() + "/account-lines/" + id;
    owner.put(nowhere, in).refused(404);
  }

  @Test
  void theFarmsAccountsAreTheSumsOfItsCovers() throws Exception {
    JsonNode all = owner.get(farm + "/accounts?first=2025&last=2026").ok().json();
    double planned = 0;
    double stands = 0;
    for (JsonNode c : all.get("covers")) {
      planned += c.get("planned").asDouble() * c.get("areaHa").asDouble();
      stands += c.get("stands").asDouble() * c.get("areaHa").asDouble();
    }
    assertThat(all.get("covers").size()).isGreaterThan(30);
    assertThat(all.at("/all/plannedUsd").asDouble()).isCloseTo(planned, within(0.005));
    assertThat(all.at("/all/standsUsd").asDouble()).isCloseTo(stands, within(0.005));
    double parts = 0;
    for (JsonNode p : all.at("/all/parts")) {
      parts += p.get("usd").asDouble();
    }
    assertThat(parts).isCloseTo(stands, within(0.005));
    for (JsonNode by : all.get("sums")) {
      double sum = 0;
      for (JsonNode s : by.get("sums")) {
        sum += s.get("standsUsd").asDouble();
      }
      if (!by.get("by").asString().equals("landlord")) {
        assertThat(sum).as(by.get("label").asString()).isCloseTo(stands, within(0.005));
      } else {
        assertThat(by.get("sums").get(0).get("name").asString()).isEqualTo("the neighbour");
      }
    }
    assertThat(owner.get(farm + "/accounts?first=2026&last=2025").refused(422)).contains("seasons");
    assertThat(owner.get(farm + "/accounts?first=2010&last=2026").refused(422)).contains("seasons");
  }

  @Test
  void thePriceBookKeepsItsSourcesAndRefusesNonsense() throws Exception {
    String hay = farm + "/prices/hay";
    JsonNode kept =
        owner.put(hay, Map.of("usd", 150.5, "year", 2026, "source", "auction")).ok().json();
    assertThat(kept.get("own").asBoolean()).isTrue();
    assertThat(kept.get("source").asString()).isEqualTo("auction");
    assertThat(owner.put(hay, Map.of("usd", 1, "year", 2026, "source", "")).refused(409))
        .contains("the price of hay");
    assertThat(
            owner
                .put(farm + "/prices/corn", Map.of("usd", -1, "year", 2026, "source", ""))
                .refused(422))
        .contains("price");
    owner.put(farm + "/prices/gold", Map.of("usd", 1, "year", 2026, "source", "")).refused(400);
    assertThat(owner.delete(hay).ok().json().get("own").asBoolean()).isFalse();
    JsonNode book = owner.get(farm + "/prices").ok().json();
    assertThat(book.size()).isEqualTo(13);
    for (JsonNode p : book) {
      assertThat(p.get("source").asString()).isNotBlank();
    }
  }

  @Test
  void theHiresTermsAreInThePlanTheAccountAndTheQuote() throws Exception {
    String field = field("Hedge Row");
    JsonNode before = account(field);
    JsonNode drill = null;
    for (JsonNode m : owner.get(farm + "/machines").ok().json()) {
      if (m.get("name").asString().equals("No-till drill")) {
        drill = m;
      }
    }
    Map<String, Object> in = Api.map(drill);
    in.put("terms", Map.of("leastUsd", 90_000.0, "wayKm", 10.0, "usdPerKm", 3.0));
    String at = farm + "/machines/" + drill.get("id").asString();
    JsonNode saved = owner.put(at, in).ok().json();
    double least = 90_030 / before.get("areaHa").asDouble();
    if (line(before, "seeding").get("words").toString().contains("No-till drill")) {
      assertThat(line(account(field), "seeding").get("planned").asDouble())
          .isCloseTo(-least, within(0.01));
    }
    assertThat(saved.at("/terms/leastUsd").asDouble()).isEqualTo(90_000);
    in.put("version", saved.get("version").asLong());
    in.put("terms", Map.of("leastUsd", -1.0));
    assertThat(owner.put(at, in).refused(422)).contains("least for a job");
    in.put("terms", Map.of());
    owner.put(at, in).ok();
    assertThat(line(account(field), "seeding").get("planned"))
        .isEqualTo(line(before, "seeding").get("planned"));
  }
}
