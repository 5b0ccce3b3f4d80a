package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From the ways side by side to what is watched after. */
class EndingTest {
  private static String field(Api owner, String farm, String name) throws Exception {
    return farm + "/fields/" + owner.furrow(farm, name).get("fieldId").asString();
  }

  private static JsonNode row(JsonNode page, String way) {
    for (JsonNode r : page.get("rows")) {
      if (r.get("way").asString().equals(way)) {
        return r;
      }
    }
    throw new AssertionError("no way " + way);
  }

  @Test
  void waysStandSideBySideAndAWayWithoutAModelIsNotEstimated() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode page = owner.get(field(owner, farm, "Hedge Row") + "/ending").ok().json();
    assertThat(page.get("rows")).hasSize(14);
    assertThat(row(page, "cultivate").has("outcome")).isFalse();
    JsonNode roll = row(page, "rollPlant");
    assertThat(roll.at("/outcome/mulch/middle").asDouble())
        .isGreaterThan(row(page, "till").at("/outcome/mulch/middle").asDouble());
    assertThat(roll.get("ripe").asInt()).isBetween(1, roll.get("ripeYears").asInt());
    boolean barredYet = false;
    for (JsonNode r : page.get("rows")) {
      barredYet |= r.has("barred");
      assertThat(barredYet && !r.has("barred")).as("what is barred stands last").isFalse();
    }
    String organic = field(owner, farm, "Heron Low") + "/ending";
    assertThat(row(owner.get(organic).ok().json(), "sprayEarly").get("barred").toString())
        .contains("organic");
  }

  @Test
  void aCoverThatWasNeverSeededIsNotEndedAndSaysWhy() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    assertThat(owner.get(field(owner, farm, "Gravel Pit") + "/ending").refused(422))
        .contains("planned for 8 Sep", "too late to seed");
    assertThat(owner.get(field(owner, farm, "Home Place") + "/ending").refused(422))
        .contains("has no plan yet");
  }

  private static long version(Api owner, String field) throws Exception {
    return owner.get(field + "/ending").ok().json().get("version").asLong();
  }

  @Test
  void aChoiceIsKeptWithItsWhyAndAChangedMindToo() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Mill Quarter");
    Map<String, Object> choice = new HashMap<>();
    choice.put("way", "sprayEarly");
    choice.put("endOn", "2027-04-22");
    choice.put("plantOn", "2027-04-25");
    choice.put("why", "no time later");
    choice.put("version", version(owner, field));
    assertThat(owner.post(field + "/ending", choice).refused(422)).contains("10 to 14 days");
    choice.put("plantOn", "2027-05-05");
    JsonNode page = owner.post(field + "/ending", choice).ok().json();
    assertThat(page.get("plantOn").asString()).isEqualTo("2027-05-05");
    choice.put("way", "till");
    choice.put("endOn", "2027-05-01");
    choice.put("why", "too wet to spray");
    // Chosen on the plan as it was before: someone else has changed it meanwhile.
    assertThat(owner.post(field + "/ending", choice).refused(409)).contains("while you chose");
    choice.put("version", version(owner, field));
    page = owner.post(field + "/ending", choice).ok().json();
    assertThat(page.get("chosen")).hasSize(2);
    assertThat(page.at("/chosen/0/why").asString()).isEqualTo("too wet to spray");
    assertThat(page.at("/chosen/1/way").asString()).isEqualTo("sprayEarly");
    assertThat(owner.get(field + "/season").ok().json().at("/furrow/plan/plan/ending").asString())
        .isEqualTo("till");
    String organic = field(owner, farm, "Heron Low");
    choice.put("way", "sprayEarly");
    assertThat(owner.post(organic + "/ending", choice).refused(422)).contains("organic");
  }

  @Test
  void theFarmsOwnRulesChangeWhatAWayCosts() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String ending = field(owner, farm, "Hedge Row") + "/ending";
    JsonNode rules = owner.get(farm + "/rules").ok().json();
    String own =
        rules
            .toString()
            .replace("\"usdPerHa\":75", "\"usdPerHa\":99")
            .replace("\"own\":false", "\"own\":true");
    JsonNode kept = owner.put(farm + "/rules", Api.map(Api.parsed(own))).ok().json();
    assertThat(row(owner.get(ending).ok().json(), "till").get("usdPerHa").asDouble()).isEqualTo(99);
    assertThat(owner.put(farm + "/rules", Api.map(Api.parsed(own))).refused(409))
        .contains("Someone");
    String bad = kept.toString().replace("\"zone\":\"4\",\"zones\"", "\"zone\":\"9\",\"zones\"");
    owner.put(farm + "/rules", Api.map(Api.parsed(bad))).refused(422);
    owner.delete(farm + "/rules").ok();
    assertThat(row(owner.get(ending).ok().json(), "till").get("usdPerHa").asDouble()).isEqualTo(75);
  }

  @Test
  void aSprayIsWorkedOutLoggedOnceAndCountsAgainstItsSeasonLimit() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Hedge Row");
    String product = "";
    for (JsonNode p : owner.get(farm + "/products").ok().json()) {
      product =
          p.at("/label/name").asString().equals("Demo regulator C")
              ? p.get("id").asString()
              : product;
    }
    Map<String, Object> spray = new HashMap<>();
    spray.put("on", "2026-09-10");
    spray.put("uses", List.of(Map.of("productId", product, "ratePerHa", 1.2)));
    spray.put("carrierLPerHa", 120);
    spray.put("tankL", 4500);
    spray.put("areaHa", 50);
    spray.put("hardWater", false);
    JsonNode sheet = owner.post(field + "/spray", spray).ok().json();
    assertThat(sheet.at("/tanks/tanks").asInt()).isEqualTo(2);
    assertThat(sheet.at("/parts/0/activeGPerHa").asDouble()).isCloseTo(540, within(1e-9));
    String entry = field + "/sprays/" + UUID.randomUUID();
    owner.put(entry, spray).ok();
    owner.put(entry, spray).ok();
    String twice = field + "/sprays/" + UUID.randomUUID();
    owner.put(twice, spray).ok();
    sheet = owner.post(field + "/spray", spray).ok().json();
    assertThat(sheet.at("/parts/0/usedGPerHa").asDouble()).isCloseTo(1080, within(1e-9));
    assertThat(sheet.get("findings").toString()).contains("this season; its label allows");
    for (String e : List.of(entry, twice)) {
      owner.delete(field + "/log" + e.substring(e.lastIndexOf('/'))).ok();
    }
    assertThat(owner.post(field + "/spray", spray).ok().json().at("/parts/0/usedGPerHa").asDouble())
        .isZero();
  }

  @Test
  void whatIsTakenOnFromTheWatchListIsDoneInATap() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Hedge Row");
    JsonNode item = owner.get(field + "/watch").ok().json().get(0);
    UUID id = UUID.randomUUID();
    Map<String, Object> take =
        Map.of(
            "kind", item.get("kind").asString(),
            "dueFrom", item.get("from").asString(),
            "dueTo", item.get("to").asString(),
            "words", "look at it");
    owner.put(field + "/follow-ups/" + id, take).ok();
    assertThat(owner.put(field + "/follow-ups/" + id, take).ok().json()).hasSize(1);
    assertThat(owner.get(field + "/watch").ok().json().get(0).get("taken").asBoolean()).isTrue();
    JsonNode done =
        owner
            .post(farm + "/follow-ups/" + id + "/done", Map.of("doneOn", "2026-09-12"))
            .ok()
            .json();
    assertThat(done.at("/0/doneOn").asString()).isEqualTo("2026-09-12");
  }

  @Test
  void clippedPairsAndDigsAreRemembered() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Hedge Row");
    String ask = farm + "/height-cover?heightCm=100&cover=0.9";
    double before = owner.get(ask).ok().json().get("mgPerHa").asDouble();
    owner
        .put(
            field + "/pairs/" + UUID.randomUUID(),
            Map.of("clippedOn", "2026-09-12", "heightCm", 100, "cover", 0.9, "mgPerHa", 12))
        .ok();
    JsonNode after = owner.get(ask).ok().json();
    assertThat(after.get("mgPerHa").asDouble()).isGreaterThan(before);
    assertThat(after.get("pairs").asInt()).isEqualTo(1);
    assertThat(owner.get(farm + "/height-cover?heightCm=100&cover=9").refused(422))
        .contains("shaded");
    Map<String, Object> dig =
        Map.of(
            "residue",
            "green or rolled, thick",
            "dugOn",
            "2026-09-12",
            "dug",
            10,
            "slotsOpen",
            2,
            "pinned",
            0,
            "wrongDepth",
            0,
            "setting",
            "two notches");
    owner.put(field + "/digs/" + UUID.randomUUID(), dig).ok();
    assertThat(owner.get(farm + "/digs").ok().json().at("/0/setting").asString())
        .isEqualTo("two notches");
  }

  @Test
  void hoursComeFromTheForecastOrATableWithoutGaps() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode hours = owner.get(farm + "/hours").ok().json();
    assertThat(hours.get("hours")).hasSize(72);
    assertThat(hours.at("/hours/0/time").asString()).startsWith("2026-09-12T00:00");
    JsonNode grounds = owner.get(farm + "/hours/ground").ok().json();
    assertThat(grounds.size()).isGreaterThan(20);
    for (JsonNode g : grounds) {
      String at = farm + "/hours?fieldId=" + g.get("fieldId").asString();
      JsonNode one = owner.get(at).ok().json();
      assertThat(g.get("wetness")).isEqualTo(one.get("topSoilWetness"));
      long goes = 0;
      for (JsonNode h : one.get("hours")) {
        goes += h.at("/drilling/verdict").asString().equals("go") ? 1 : 0;
      }
      assertThat(g.get("hours").asLong()).as("one question, one answer").isEqualTo(goes);
      assertThat(g.has("from")).isEqualTo(goes > 0);
    }
    StringBuilder csv =
        new StringBuilder(
            "time,temp_c,dew_point_c,wind_m_s,gust_m_s,rain_mm,solar_w_m2,soil_temp_c\n");
    for (int h = 0; h < 12; h++) {
      csv.append("2027-05-22T%02d:00,20,12,3,4,0,400,16\n".formatted(h + 6));
    }
    JsonNode own = owner.post(farm + "/hours", Map.of("csv", csv.toString())).ok().json();
    assertThat(own.get("hours")).hasSize(12);
    String gap = csv.toString().replace("2027-05-22T08:00", "2027-05-22T09:30");
    assertThat(owner.post(farm + "/hours", Map.of("csv", gap)).refused(422)).contains("Row 3");
    assertThat(owner.post(farm + "/hours", Map.of("csv", "a,b\n1,2\n")).refused(422))
        .contains("no column time");
  }
}
