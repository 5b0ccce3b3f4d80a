package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * The record of a field: entries say what their kind carries, can be put right, and are followed.
 */
class RecordTest {
  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static String field(String name) throws Exception {
    return farm + "/fields/" + owner.furrow(farm, name).get("fieldId").asString();
  }

  private static JsonNode entry(String field, UUID id) throws Exception {
    for (JsonNode e : owner.get(field + "/log").ok().json().get("entries")) {
      if (e.at("/entry/id").asString().equals(id.toString())) {
        return e;
      }
    }
    throw new AssertionError("no entry " + id);
  }

  private static Map<String, Object> input(String day, String kind, String words, Object... more) {
    Map<String, Object> in = new HashMap<>(Map.of("doneOn", day, "kind", kind, "words", words));
    for (int i = 0; i < more.length; i += 2) {
      in.put((String) more[i], more[i + 1]);
    }
    return in;
  }

  private static Map<String, Object> put(Map<String, Object> entry, JsonNode read) {
    return Map.of("entry", entry, "version", read.get("version").asLong());
  }

  @Test
  void anEntrySaysWhoWroteItAndTheWeatherOfItsDay() throws Exception {
    String field = field("Creek Forty");
    UUID id = UUID.randomUUID();
    owner
        .put(
            field + "/log/" + id, input("2026-09-08", "rolled", "stones down", "figures", Map.of()))
        .ok();
    JsonNode e = entry(field, id);
    assertThat(e.get("by").asString()).isNotBlank();
    assertThat(e.get("writtenAt").asString()).startsWith("20");
    assertThat(e.at("/weather/highC").asDouble()).isGreaterThan(e.at("/weather/lowC").asDouble());
    assertThat(e.at("/weather/station").asString()).isNotBlank();
    assertThat(e.at("/weather/windMPerS").asDouble()).isPositive();
    UUID spray = UUID.randomUUID();
    Map<String, Object> felt = Map.of("windMPerS", 1.5);
    owner.put(field + "/log/" + spray, input("2026-09-08", "sprayed", "", "figures", felt)).ok();
    assertThat(entry(field, spray).get("weather").has("windMPerS"))
        .as("what was felt outranks the station")
        .isFalse();
    UUID note = UUID.randomUUID();
    owner.put(field + "/log/" + note, input("2026-09-08", "note", "a note has none")).ok();
    assertThat(entry(field, note).has("weather")).isFalse();
  }

  @Test
  void aKindCarriesItsOwnFiguresAndNoOthers() throws Exception {
    String log = field("Creek Forty") + "/log/";
    Map<String, Object> weeds = input("2026-09-08", "weeds", "mare's tail");
    assertThat(owner.put(log + UUID.randomUUID(), weeds).refused(422))
        .contains("Weeds, of 10 must be given, from 0 to 10");
    weeds.put("figures", Map.of("weedsOf10", 11));
    assertThat(owner.put(log + UUID.randomUUID(), weeds).refused(422)).contains("from 0 to 10");
    weeds.put("figures", Map.of("weedsOf10", 4, "heightCm", 20));
    assertThat(owner.put(log + UUID.randomUUID(), weeds).refused(422))
        .contains("“weeds rated” does not carry “Height”");
    weeds.put("figures", Map.of("weedsOf10", 4, "smell", 20));
    assertThat(owner.put(log + UUID.randomUUID(), weeds).refused(422)).contains("“smell”");
    Map<String, Object> ended =
        input("2026-09-08", "ended", "", "names", Map.of("ending", "magic"));
    assertThat(owner.put(log + UUID.randomUUID(), ended).refused(422)).contains("how it was ended");
    Map<String, Object> area = input("2026-09-08", "seeded", "", "figures", Map.of("areaHa", 9000));
    assertThat(owner.put(log + UUID.randomUUID(), area).refused(422))
        .contains("Creek Forty has")
        .contains("9000.0 ha (22239 ac) cannot have been done on it");
    Map<String, Object> rolled =
        input("2026-09-08", "rolled", "", "machineId", UUID.randomUUID().toString());
    assertThat(owner.put(log + UUID.randomUUID(), rolled).refused(404)).contains("no such machine");
  }

  @Test
  void whatIsPutRightKeepsWhatItSaid() throws Exception {
    String field = field("Creek Forty");
    UUID id = UUID.randomUUID();
    owner
        .put(
            field + "/log/" + id,
            input("2026-09-08", "weeds", "thick", "figures", Map.of("weedsOf10", 3)))
        .ok();
    JsonNode first = entry(field, id);
    String correct = field + "/log/" + id + "/correct";
    Map<String, Object> now =
        input("2026-09-07", "weeds", "thin", "figures", Map.of("weedsOf10", 5));
    owner.post(correct, put(now, first)).ok();
    JsonNode second = entry(field, id);
    assertThat(second.at("/entry/figures/weedsOf10").asDouble()).isEqualTo(5);
    assertThat(second.at("/entry/doneOn").asString()).isEqualTo("2026-09-07");
    assertThat(second.get("earlier")).hasSize(1);
    assertThat(second.at("/earlier/0/figures/weedsOf10").asDouble()).isEqualTo(3);
    assertThat(second.at("/earlier/0/words").asString()).isEqualTo("thick");
    assertThat(second.at("/earlier/0/doneOn").asString()).isEqualTo("2026-09-08");
    assertThat(second.at("/earlier/0/by").asString()).isEqualTo(first.get("by").asString());

    owner.post(correct, put(now, second)).ok();
    assertThat(entry(field, id).get("earlier")).as("the same again changes nothing").hasSize(1);
    assertThat(owner.post(correct, put(now, first)).refused(409))
        .contains("Someone else changed this entry while you did");
    Map<String, Object> note = input("2026-09-07", "note", "thin");
    assertThat(owner.post(correct, put(note, second)).refused(422))
        .contains("It was written down as “weeds rated”");
    Map<String, Object> ahead = input("2030-09-07", "weeds", "", "figures", Map.of("weedsOf10", 5));
    assertThat(owner.post(correct, put(ahead, second)).refused(422)).contains("is after today");
    String other = field("Stone House") + "/log/" + id + "/correct";
    assertThat(owner.post(other, put(now, second)).status()).isEqualTo(404);

    // Taken out and brought back, what it said before comes back with it.
    owner.delete(field + "/log/" + id).ok();
    owner.post(field + "/log/" + id + "/restore", Map.of()).ok();
    assertThat(entry(field, id).get("earlier")).hasSize(1);
  }

  @Test
  void seedThatWasDrawnFollowsItsSeeding() throws Exception {
    String field = field("Stone House");
    JsonNode lot = lot("O-26-2");
    double before = lot.get("usedKg").asDouble();
    UUID id = UUID.randomUUID();
    Map<String, Object> seeding = new HashMap<>();
    seeding.put("doneOn", "2026-09-08");
    seeding.put("areaHa", 10);
    seeding.put("targetKgPerHa", 60);
    seeding.put("seedKg", 600);
    seeding.put("words", "north end");
    seeding.put("lots", List.of(Map.of("lotId", lot.get("id").asString(), "kg", 600)));
    owner.put(field + "/seedings/" + id, seeding).ok();
    JsonNode read = entry(field, id);
    Map<String, Object> figures = Api.map(read.at("/entry/figures"));
    figures.put("seedKg", 660);
    Map<String, Object> now = input("2026-09-08", "seeded", "north end", "figures", figures);
    owner.post(field + "/log/" + id + "/correct", put(now, read)).ok();
    assertThat(lot("O-26-2").get("usedKg").asDouble()).isCloseTo(before + 660, within(1e-6));
    assertThat(owner.get(field + "/job").ok().json().at("/done/0/rateKgPerHa").asDouble())
        .isEqualTo(66);
    figures.put("seedKg", 9e6);
    Map<String, Object> more = input("2026-09-08", "seeded", "north end", "figures", figures);
    assertThat(
            owner.post(field + "/log/" + id + "/correct", put(more, entry(field, id))).refused(422))
        .contains("cannot have come out of it");
    assertThat(lot("O-26-2").get("usedKg").asDouble())
        .as("what is refused changes nothing")
        .isCloseTo(before + 660, within(1e-6));
    owner.delete(field + "/log/" + id).ok();
  }

  private static JsonNode lot(String number) throws Exception {
    for (JsonNode l : owner.get(farm + "/seed/lots").ok().json()) {
      if (l.get("lotNo").asString().equals(number)) {
        return l;
      }
    }
    throw new AssertionError("no lot " + number);
  }

  /** Twelve of its hectares seeded: each part has its share of them, and both together all. */
  @Test
  void aPartTakesItsShareOfWhatWasDone() throws Exception {
    String field = field("Ridge Road");
    double areaHa = owner.get(field).ok().json().get("areaHa").asDouble();
    UUID id = UUID.randomUUID();
    Map<String, Object> figures = Map.of("areaHa", 12, "targetKgPerHa", 60, "seedKg", 720);
    owner
        .put(field + "/log/" + id, input("2026-09-08", "seeded", "a start", "figures", figures))
        .ok();
    Map<String, Object> cut = new HashMap<>();
    cut.put("version", owner.get(field).ok().json().get("version").asLong());
    cut.put("areaHa", areaHa / 4);
    cut.put("names", List.of("Ridge top", "Ridge foot"));
    JsonNode parts = owner.post(field + "/split", cut).ok().json();
    double sum = 0;
    for (JsonNode part : parts) {
      JsonNode e = seeded(farm + "/fields/" + part.get("id").asString());
      assertThat(e.at("/figures/targetKgPerHa").asDouble()).isEqualTo(60);
      assertThat(e.at("/figures/areaHa").asDouble() / 12)
          .isCloseTo(part.get("areaHa").asDouble() / areaHa, within(1e-4));
      sum += e.at("/figures/seedKg").asDouble();
    }
    assertThat(sum).isCloseTo(720, within(1e-3));
    List<String> ids = List.of(parts.at("/0/id").asString(), parts.at("/1/id").asString());
    JsonNode joined =
        owner
            .post(farm + "/fields/join", Map.of("fieldIds", ids, "name", "Ridge Road"))
            .ok()
            .json();
    JsonNode whole = seeded(farm + "/fields/" + joined.get("id").asString());
    assertThat(whole.at("/figures/areaHa").asDouble()).isCloseTo(12, within(1e-3));
    assertThat(whole.at("/figures/seedKg").asDouble()).isCloseTo(720, within(1e-3));
  }

  private static JsonNode seeded(String field) throws Exception {
    JsonNode found = null;
    for (JsonNode e : owner.get(field + "/log").ok().json().get("entries")) {
      if (e.at("/entry/words").asString().equals("a start")) {
        assertThat(found).as("told once").isNull();
        found = e.get("entry");
      }
    }
    return found;
  }

  @Test
  void yieldsAreSaidAsTheCropThatCameOff() throws Exception {
    JsonNode crops = owner.get(field("Creek Forty") + "/log").ok().json().get("crops");
    assertThat(crops.size()).isGreaterThan(1);
    for (JsonNode c : crops) {
      assertThat(c.get("yieldUnit").asString())
          .isEqualTo(
              switch (c.get("crop").asString()) {
                case "corn" -> "CORN_MG_PER_HA";
                case "soybeans", "wheat" -> "BEAN_MG_PER_HA";
                default -> "SILAGE_MG_PER_HA";
              });
    }
  }

  /** What is usual on this farm outranks what ships, until the farm says otherwise. */
  @Test
  void harvestsSayWhatIsUsualHere() throws Exception {
    JsonNode rules = owner.get(farm + "/rules").ok().json();
    JsonNode corn = late(rules, "corn");
    JsonNode own = null;
    for (JsonNode h : rules.get("harvested")) {
      own = h.get("crop").asString().equals("corn") ? h : own;
    }
    assertThat(own.get("harvests").asInt()).isGreaterThan(10);
    assertThat(corn.get("yieldMgPerHa")).isEqualTo(own.get("yieldMgPerHa"));
    Map<String, Object> mine = Api.map(rules.get("ending"));
    Map<String, Object> said = Api.map(corn);
    said.put("yieldMgPerHa", 9.25);
    List<Object> late = new ArrayList<>();
    rules
        .at("/ending/latePlanting")
        .forEach(l -> late.add(l.get("crop").asString().equals("corn") ? said : Api.map(l)));
    mine.put("latePlanting", late);
    JsonNode kept = owner.put(farm + "/rules", Map.of("ending", mine)).ok().json();
    assertThat(late(kept, "corn").get("yieldMgPerHa").asDouble()).isEqualTo(9.25);
    assertThat(kept.get("harvested")).isEqualTo(rules.get("harvested"));
    owner.delete(farm + "/rules").ok();
    assertThat(owner.get(farm + "/rules").ok().json().get("ending")).isEqualTo(rules.get("ending"));
  }

  private static JsonNode late(JsonNode rules, String crop) {
    for (JsonNode l : rules.at("/ending/latePlanting")) {
      if (l.get("crop").asString().equals(crop)) {
        return l;
      }
    }
    throw new AssertionError("no curve of " + crop);
  }

  /**
   * Taken on for the twentieth: a count of the sixteenth answers it, one of the fourteenth does
   * not.
   */
  @Test
  void whatWasTakenOnIsDoneByItsEntry() throws Exception {
    String field = field("Mill Quarter");
    UUID due = UUID.randomUUID();
    Map<String, Object> weeds =
        Map.of(
            "kind",
            "weeds",
            "dueFrom",
            "2026-09-15",
            "dueTo",
            "2026-09-30",
            "words",
            "Rate the weeds");
    owner.put(field + "/follow-ups/" + due, weeds).ok();
    UUID early = UUID.randomUUID();
    Map<String, Object> rated = Map.of("weedsOf10", 2);
    owner.put(field + "/log/" + early, input("2026-09-09", "weeds", "", "figures", rated)).ok();
    owner
        .put(field + "/log/" + UUID.randomUUID(), input("2026-09-12", "note", "weeds are few"))
        .ok();
    assertThat(followUp(due).has("doneOn")).as("too early, or of another kind").isFalse();
    UUID id = UUID.randomUUID();
    owner.put(field + "/log/" + id, input("2026-09-10", "weeds", "", "figures", rated)).ok();
    assertThat(followUp(due).get("doneOn").asString()).isEqualTo("2026-09-10");
    owner.delete(field + "/log/" + id).ok();
    assertThat(followUp(due).has("doneOn")).as("open without its entry").isFalse();
    owner.post(field + "/log/" + id + "/restore", Map.of()).ok();
    assertThat(followUp(due).get("doneOn").asString()).isEqualTo("2026-09-10");
  }

  private static JsonNode followUp(UUID id) throws Exception {
    for (JsonNode u : owner.get(farm + "/follow-ups").ok().json()) {
      if (u.get("id").asString().equals(id.toString())) {
        return u;
      }
    }
    throw new AssertionError("no follow-up " + id);
  }

  @Test
  void theRecordIsATableInTheReadersUnits() throws Exception {
    String field = field("Creek Forty");
    UUID id = UUID.randomUUID();
    Map<String, Object> figures = Map.of("yieldMgPerHa", 3.5, "moistureShare", 0.13);
    owner
        .put(field + "/log/" + id, input("2026-09-11", "harvested", "=1+1", "figures", figures))
        .ok();
    String us = line("us");
    String metric = line("metric");
    // By its crop: corn is 56 lb a bushel.
    assertThat(us).contains(",55.76,bu/ac,corn,13,");
    assertThat(metric).contains(",3.5,Mg/ha,corn,13,");
    assertThat(us).as("no cell is a formula").doesNotContain(",=1+1");
    assertThat(head("us")).contains("\"Area done, ac\"").contains("\"Height, in\"");
    assertThat(head("metric")).contains("\"Area done, ha\"").contains("\"Height, cm\"");
    assertThat(us.split(",")).hasSameSizeAs(metric.split(","));
  }

  private static String head(String units) throws Exception {
    return owner
        .get(farm + "/record.csv?units=" + units)
        .ok()
        .text()
        .lines()
        .findFirst()
        .orElseThrow();
  }

  private static String line(String units) throws Exception {
    return owner
        .get(farm + "/record.csv?units=" + units)
        .ok()
        .text()
        .lines()
        .filter(l -> l.startsWith("2026-09-11,Creek Forty,harvested"))
        .findFirst()
        .orElseThrow();
  }
}
