package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** From what to seed to what went out: advice, jobs, lots, lines, shed. */
class SeedingJobTest {
  private static String field(Api owner, String farm, String name) throws Exception {
    return farm + "/fields/" + owner.furrow(farm, name).get("fieldId").asString();
  }

  private static List<String> best(JsonNode covers, int most) {
    List<String> names = new ArrayList<>();
    for (JsonNode c : covers.get("covers")) {
      if (!c.has("excluded") && names.size() < most) {
        names.add(c.get("name").asString());
      }
    }
    return names;
  }

  @Test
  void anotherReasonChangesTheOrderOnMostFieldsAndNothingIsHidden() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    int changed = 0;
    int asked = 0;
    for (JsonNode furrow : owner.get(farm + "/season").ok().json().get("furrows")) {
      if (furrow.has("leftOutReason") || asked == 12) {
        continue;
      }
      asked++;
      String covers = farm + "/fields/" + furrow.get("fieldId").asString() + "/covers?purpose=";
      JsonNode soil = owner.get(covers + "holdSoil").ok().json();
      JsonNode nitrogen = owner.get(covers + "makeNitrogen").ok().json();
      assertThat(soil.get("covers").size())
          .isEqualTo(nitrogen.get("covers").size())
          .isGreaterThan(30);
      changed += best(soil, 5).equals(best(nitrogen, 5)) ? 0 : 1;
      for (JsonNode c : soil.get("covers")) {
        assertThat(c.has("excluded") || c.get("reasons").size() > 1).isTrue();
      }
    }
    assertThat(changed).isGreaterThan(asked / 2);
  }

  @Test
  void anOrganicFieldIsOfferedNothingThatOnlyAHerbicideEnds() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode covers =
        owner.get(field(owner, farm, "Heron Low") + "/covers?purpose=holdSoil").ok().json();
    for (JsonNode c : covers.get("covers")) {
      if (!c.has("excluded")) {
        assertThat(c.at("/plan/ending").asString()).doesNotContainIgnoringCase("spray");
      }
    }
  }

  @Test
  void aResidualKeepsItsFamilyOut() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Cedar Draw");
    String entry = field + "/log/" + UUID.randomUUID();
    owner
        .put(
            entry,
            Map.of(
                "doneOn",
                "2026-07-10",
                "kind",
                "sprayed",
                "words",
                "",
                "names",
                Map.of("residual", "triazine")))
        .ok();
    JsonNode covers = owner.get(field + "/covers?purpose=holdSoil").ok().json();
    boolean found = false;
    for (JsonNode c : covers.get("covers")) {
      if (c.get("name").asString().equals("Cereal rye")) {
        found = c.at("/excluded/text").asString().contains("residual");
      }
    }
    owner.delete(entry).ok();
    assertThat(found).isTrue();
  }

  @Test
  void seedThatGoesOutLeavesItsLotAndIsCountedOnce() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Stone House");
    JsonNode job = owner.get(field + "/job").ok().json();
    assertThat(job.get("machines").size()).isPositive();
    assertThat(job.at("/machines/0/loads/loads").asInt()).isPositive();
    assertThat(job.get("cautions").size()).isPositive();
    JsonNode lot = lot(owner, farm, "O-26-2");
    double before = lot.get("boughtKg").asDouble() - lot.get("usedKg").asDouble();
    UUID id = UUID.randomUUID();
    Map<String, Object> seeding = new HashMap<>();
    seeding.put("doneOn", "2026-09-12");
    seeding.put("machineId", job.at("/machines/0/machine/id").asString());
    seeding.put("areaHa", 10);
    seeding.put("targetKgPerHa", 60);
    seeding.put("seedKg", 630);
    seeding.put("setting", 40);
    seeding.put("words", "north end");
    seeding.put("lots", List.of(Map.of("lotId", lot.get("id").asString(), "kg", 600)));
    assertThat(owner.put(field + "/seedings/" + id, seeding).refused(422)).contains("must agree");
    assertThat(owner.get(field + "/log").ok().text()).doesNotContain("north end");
    seeding.put("lots", List.of(Map.of("lotId", lot.get("id").asString(), "kg", 630)));
    owner.put(field + "/seedings/" + id, seeding).ok();
    JsonNode after = owner.put(field + "/seedings/" + id, seeding).ok().json();
    assertThat(after.get("done")).hasSize(1);
    assertThat(after.at("/done/0/rateKgPerHa").asDouble()).isEqualTo(63);
    assertThat(after.at("/done/0/offByFraction").asDouble()).isCloseTo(0.05, within(1e-9));
    JsonNode now = lot(owner, farm, "O-26-2");
    assertThat(before - (now.get("boughtKg").asDouble() - now.get("usedKg").asDouble()))
        .isCloseTo(630, within(1e-6));
    seeding.put("seedKg", 9e6);
    seeding.put("lots", List.of(Map.of("lotId", lot.get("id").asString(), "kg", 9e6)));
    assertThat(owner.put(field + "/seedings/" + UUID.randomUUID(), seeding).refused(422))
        .contains("cannot have come out of it");
    owner.delete(field + "/log/" + id).ok();
    assertThat(lot(owner, farm, "O-26-2").get("usedKg").asDouble()).isZero();
  }

  /** Ten of its hectares at half the rate: the season counts what went out, the rest stays due. */
  @Test
  void whatWentOutMovesTheSeasonAndWhatIsLeftStaysDue() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Ridge Road");
    JsonNode job = owner.get(field + "/job").ok().json();
    double area = job.get("areaHa").asDouble();
    double rate = job.get("rateKgPerHa").asDouble();
    JsonNode before = owner.get(field + "/season").ok().json();
    double plants = before.at("/species/0/plantsMiddle").asDouble();
    double needed = needed(owner, farm, "Ridge Road");
    String entry = field + "/seedings/" + UUID.randomUUID();
    Map<String, Object> seeding = new HashMap<>();
    seeding.put("doneOn", "2026-09-12");
    seeding.put("areaHa", area * 0.4);
    seeding.put("targetKgPerHa", rate);
    seeding.put("seedKg", area * 0.4 * rate / 2);
    seeding.put("words", "");
    seeding.put("lots", List.of());
    owner.put(entry, seeding).ok();
    JsonNode after = owner.get(field + "/season").ok().json();
    assertThat(after.at("/species/0/plantsMiddle").asDouble())
        .as("half the seed, about half the plants, at another day")
        .isLessThan(0.75 * plants);
    assertThat(after.at("/furrow/next/reason/text").asString()).contains("the rest can be until");
    assertThat(before.at("/furrow/rest").isMissingNode()).isTrue();
    JsonNode rest = after.at("/furrow/rest");
    assertThat(rest.get("share").asDouble()).isCloseTo(0.6, within(1e-6));
    assertThat(rest.get("seedOn").asString())
        .isEqualTo(before.at("/furrow/plan/plan/seedOn").asString());
    assertThat(rest.at("/goal/met").asInt())
        .as("what is left keeps the odds the whole field had")
        .isEqualTo(before.at("/furrow/goal/met").asInt())
        .isNotEqualTo(after.at("/furrow/goal/met").asInt());
    assertThat(needed(owner, farm, "Ridge Road"))
        .isCloseTo(needed - area * 0.4 * rate * 1.05, within(1.0));
  }

  private static double needed(Api owner, String farm, String field) throws Exception {
    double kg = 0;
    for (JsonNode n : owner.get(farm + "/seed/needs").ok().json()) {
      if (n.get("fields").toString().contains(field)) {
        kg += n.get("needKg").asDouble();
      }
    }
    return kg;
  }

  @Test
  void aMixIsSetByItsOwnTryAndASettingOutsideTheTriesSaysByHowFar() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = mixed(owner, farm);
    JsonNode job = owner.get(field + "/job").ok().json();
    int at = 0;
    String machine = job.at("/machines/0/machine/id").asString();
    String alone = job.at("/plan/components/0/species").asString();
    note(owner, farm, machine, alone, 30, 50, "tries");
    JsonNode told = owner.get(field + "/job").ok().json().at("/machines/0");
    assertThat(told.has("settingForTarget")).isFalse();
    assertThat(told.at("/settingNote/text").asString()).startsWith("a mix needs its own try");
    List<String> species = new ArrayList<>();
    job.at("/plan/components").forEach(c -> species.add(c.get("species").asString()));
    String key = species.stream().sorted().collect(java.util.stream.Collectors.joining("+"));
    double rate = job.get("rateKgPerHa").asDouble();
    note(owner, farm, machine, key, 20, rate / 4, "tries");
    note(owner, farm, machine, key, 40, rate / 2, "tries");
    note(owner, farm, machine, "", 7, 0, "pattern");
    JsonNode first = null;
    for (JsonNode m : owner.get(field + "/job").ok().json().get("machines")) {
      first = m.at("/machine/id").asString().equals(machine) ? m : first;
    }
    assertThat(first.get("settingForTarget").asDouble()).isCloseTo(80, within(1e-6));
    assertThat(first.at("/settingNote/text").asString()).contains("a guess until it is tried");
    assertThat(first.at("/settingNote/figures/off/words").asString()).isEqualTo("40");
    assertThat(first.get("swathM").asDouble()).isEqualTo(7);
    assertThat(first.get("swathProven").asBoolean()).isTrue();
    assertThat(first.get("hours").asDouble())
        .as("a swath that was measured sets the hours")
        .isNotEqualTo(job.get("machines").get(at).get("hours").asDouble());
  }

  private static String mixed(Api owner, String farm) throws Exception {
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      boolean mix = f.at("/plan/plan/components").size() > 1 && !f.has("seededOn");
      String field = farm + "/fields/" + f.get("fieldId").asString();
      if (mix && owner.get(field + "/job").ok().json().get("machines").size() > 0) {
        return field;
      }
    }
    throw new AssertionError("no field with a mix");
  }

  private static void note(
      Api owner,
      String farm,
      String machine,
      String seed,
      double setting,
      double rate,
      String bench)
      throws Exception {
    UUID id = UUID.randomUUID();
    Map<String, Object> note = new HashMap<>();
    note.put("id", id);
    note.put("machineId", machine);
    note.put("species", seed);
    note.put("gear", "");
    note.put("bench", bench);
    note.put("setting", setting);
    note.put("rateKgPerHa", rate);
    note.put("words", "");
    note.put("doneOn", "2026-09-12");
    owner.put(farm + "/calibrations/" + id, note).ok();
  }

  private static JsonNode lot(Api owner, String farm, String no) throws Exception {
    for (JsonNode lot : owner.get(farm + "/seed/lots").ok().json()) {
      if (lot.get("lotNo").asString().equals(no)) {
        return lot;
      }
    }
    throw new AssertionError("no lot " + no);
  }

  @Test
  void needsAddUpOverFieldsAndAllowance() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode plain = owner.get(farm + "/seed/needs?allowance=0").ok().json();
    JsonNode more = owner.get(farm + "/seed/needs?allowance=0.1").ok().json();
    double sum = 0;
    for (JsonNode furrow : owner.get(farm + "/season").ok().json().get("furrows")) {
      // What was not seeded while it could be needs no seed any more.
      boolean can = !furrow.get("deeds").toString().contains("\"seeded\",\"state\":\"TOO_LATE");
      boolean due = furrow.has("plan") && !furrow.has("seededOn") && can;
      if (due && !furrow.has("leftOutReason")) {
        for (JsonNode c : furrow.at("/plan/plan/components")) {
          if (c.get("species").asString().equals("cereal_rye")) {
            sum += c.get("rateKgPerHa").asDouble() * furrow.get("areaHa").asDouble();
          }
        }
      }
    }
    assertThat(need(plain, "cereal_rye")).isCloseTo(sum, within(0.01));
    assertThat(need(more, "cereal_rye")).isCloseTo(1.1 * sum, within(0.01));
  }

  /** Of organic and other fields together. */
  private static double need(JsonNode all, String species) {
    double kg = 0;
    for (JsonNode n : all) {
      kg += n.get("species").asString().equals(species) ? n.get("needKg").asDouble() : 0;
    }
    return kg;
  }

  @Test
  void seedToBuyCostsWhatADealerAsksAndOrganicSeedIsApart() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode conventional = null;
    JsonNode organic = null;
    for (JsonNode n : owner.get(farm + "/seed/needs?allowance=0").ok().json()) {
      if (n.get("species").asString().equals("cereal_rye")) {
        if (n.get("organic").asBoolean()) {
          organic = n;
        } else {
          conventional = n;
        }
      }
    }
    // The dealer's lot costs 0.62, one's own bin 0.30: what is bought is the dealer's.
    assertThat(conventional.get("buyKg").asDouble()).isPositive();
    assertThat(conventional.get("usd").asDouble())
        .isCloseTo(0.62 * conventional.get("buyKg").asDouble(), within(0.01));
    assertThat(organic.get("fields").toString()).contains("Heron Low");
    assertThat(organic.get("stockKg").asDouble()).isCloseTo(6500, within(0.01));
  }

  @Test
  void linesComeInThreeFormatsAndWaysStandSideBySide() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Lantern Hill");
    String query = "?swathM=20&headlands=1";
    JsonNode lines = owner.get(field + "/lines" + query).ok().json();
    assertThat(lines.get("covered").asDouble()).isGreaterThan(0.99);
    assertThat(Api.parsed(owner.get(field + "/lines.geojson" + query).ok().text()).get("features"))
        .hasSize(lines.get("lines").size());
    assertThat(owner.get(field + "/lines.kml" + query).ok().text()).contains("<LineString>");
    assertThat(owner.get(field + "/lines.gpx" + query).ok().text()).contains("<rtept lat=\"41.");
    assertThat(owner.get(field + "/lines?swathM=9000").refused(422)).contains("0.5 to 100 m");
    JsonNode plan = owner.furrow(farm, "Lantern Hill").at("/plan/plan");
    JsonNode ways = owner.post(field + "/ways", Api.map(plan)).ok().json();
    assertThat(ways.size()).isGreaterThan(4);
    for (JsonNode way : ways) {
      assertThat(way.get("goodStand").asInt()).isBetween(0, way.get("years").asInt());
      assertThat(way.has("machine")).isEqualTo(way.has("hours"));
    }
    JsonNode open = owner.get(farm + "/open").ok().json();
    for (JsonNode way : open.get("ways")) {
      for (JsonNode f : way.get("fields")) {
        assertThat(f.get("closes").asString()).isGreaterThanOrEqualTo("2026-09-12");
        assertThat(f.get("opens").asString()).isLessThanOrEqualTo("2026-09-18");
      }
    }
  }

  @Test
  void aThinStandIsJudgedAndAnEmptyShedIsLedToASimpleStart() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Orchard Bench");
    String stand = farm + "/fields/" + furrow.get("fieldId").asString() + "/stand";
    Map<String, Object> plan = Api.map(furrow.at("/plan/plan"));
    JsonNode thin =
        owner
            .post(
                stand,
                Map.of("plan", plan, "stand", Map.of("counts", List.of(1, 2, 1), "frameM2", 0.25)))
            .ok()
            .json();
    assertThat(thin.get("verdict").asString()).isEqualTo("reseed");
    assertThat(thin.has("goalReseeded")).isTrue();
    JsonNode good =
        owner
            .post(
                stand,
                Map.of("plan", plan, "stand", Map.of("counts", List.of(25, 30), "frameM2", 0.25)))
            .ok()
            .json();
    assertThat(good.get("verdict").asString()).isEqualTo("good");
  }

  @Test
  void aMachineIsKeptWithItsSettingsAndBadOnesAreRefused() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    UUID id = UUID.randomUUID();
    Map<String, Object> drill = new HashMap<>();
    drill.put("id", id);
    drill.put("name", "Drill");
    drill.put("kind", "15 ft");
    drill.put("methods", List.of("drill"));
    drill.put("widthM", 0);
    drill.put("speedKmh", 8);
    drill.put("efficiency", 0.7);
    drill.put("hopperM3", 1.2);
    drill.put("turnS", 20);
    drill.put("refillS", 600);
    drill.put("meter", "");
    drill.put("hired", false);
    drill.put("notes", "");
    assertThat(owner.put(farm + "/machines/" + id, drill).refused(422)).contains("width");
    drill.put("widthM", 4.5);
    long version = owner.put(farm + "/machines/" + id, drill).ok().json().get("version").asLong();
    assertThat(owner.put(farm + "/machines/" + id, drill).refused(409)).contains("changed Drill");
    drill.put("version", version);
    owner.put(farm + "/machines/" + id, drill).ok();
    UUID note = UUID.randomUUID();
    owner
        .put(
            farm + "/calibrations/" + note,
            Map.of(
                "id",
                note,
                "machineId",
                id,
                "species",
                "cereal_rye",
                "gear",
                "",
                "bench",
                "catch",
                "setting",
                30,
                "rateKgPerHa",
                61,
                "words",
                "",
                "doneOn",
                "2026-09-01"))
        .ok();
    assertThat(owner.get(farm + "/calibrations").ok().json()).hasSize(1);
    owner.delete(farm + "/machines/" + id).ok();
    assertThat(owner.get(farm + "/calibrations").ok().json()).isEmpty();
  }

  @Test
  void twoWhoEmptyOneLotAtOnceCannotOverdrawIt() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Stone House");
    String lotId = lot(owner, farm, "O-26-2").get("id").asString();
    double left = lot(owner, farm, "O-26-2").get("boughtKg").asDouble();
    double kg = Math.floor(left * 0.6);
    Map<String, Object> seeding =
        Map.of(
            "doneOn",
            "2026-09-12",
            "areaHa",
            20,
            "targetKgPerHa",
            60,
            "seedKg",
            kg,
            "words",
            "",
            "lots",
            List.of(Map.of("lotId", lotId, "kg", kg)));
    List<UUID> ids = List.of(UUID.randomUUID(), UUID.randomUUID());
    List<Integer> answers =
        ids.parallelStream()
            .map(
                id -> {
                  try {
                    return owner.put(field + "/seedings/" + id, seeding).status();
                  } catch (Exception e) {
                    throw new AssertionError(e);
                  }
                })
            .toList();
    assertThat(answers).containsExactlyInAnyOrder(200, 422);
    for (int i = 0; i < 2; i++) {
      if (answers.get(i) == 200) {
        owner.delete(field + "/log/" + ids.get(i)).ok();
      }
    }
  }

  @Test
  void theBillIsMadeFromWhatWentOut() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = field(owner, farm, "Stone House");
    UUID id = UUID.randomUUID();
    owner
        .put(
            field + "/seedings/" + id,
            Map.of(
                "doneOn",
                "2026-09-12",
                "areaHa",
                12,
                "targetKgPerHa",
                50,
                "seedKg",
                600,
                "words",
                "",
                "lots",
                List.of()))
        .ok();
    String bill =
        field
            + "/seedings/"
            + id
            + "/invoice.pdf?pricePerHa=30&pricePerHour=200"
            + "&weightLimitKgPerHa=56&hours=";
    try (var pdf = org.apache.pdfbox.Loader.loadPDF(owner.bytes(bill + "3"))) {
      assertThat(new org.apache.pdfbox.text.PDFTextStripper().getText(pdf))
          .contains("Stone House", "12 September 2026", "29.65 ac at $12.14", "$359.95");
    }
    assertThat(owner.get(bill + "0").refused(422)).contains("hours it took");
    owner.delete(field + "/log/" + id).ok();
  }

  @Test
  void aSpeciesOfTheFarmsOwnIsPlannedRankedAndRefusedBeyondItsModel() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    Map<String, Object> rates = Map.of("low", 40, "typical", 60, "high", 100);
    Map<String, Object> facts = new HashMap<>();
    facts.put("id", "own_tall");
    facts.put("like", "cereal_rye");
    facts.put("name", "Tall rye");
    facts.put("seedsPerKg", 38000);
    facts.put("drilled", rates);
    facts.put("surface", rates);
    facts.put("mixCapKgPerHa", 40);
    facts.put("depthLowMm", 20);
    facts.put("depthHighMm", 45);
    facts.put("lt50C", -26);
    facts.put("ripening", 1.1);
    facts.put("heightCm", 180);
    facts.put("mostMgPerHa", 20);
    facts.put("usdPerKg", 0.8);
    String mine = farm + "/species/own_tall";
    owner.put(mine, Map.of("facts", facts)).ok();
    assertThat(owner.get(farm + "/choices").ok().text()).contains("Tall rye");
    String field = field(owner, farm, "Stone House");
    assertThat(owner.get(field + "/covers?purpose=holdSoil").ok().text()).contains("Tall rye");
    Map<String, Object> mix =
        Map.of(
            "components", List.of(Map.of("species", "own_tall", "rateKgPerHa", 60)),
            "placement", "drill",
            "farmId", farm.substring(farm.lastIndexOf('/') + 1));
    assertThat(owner.post("/api/bench/mix", mix).ok().json().get("liveSeedsPerM2").asDouble())
        .isGreaterThan(100);
    facts.put("lt50C", -60);
    assertThat(owner.put(mine, Map.of("version", 0, "facts", facts)).refused(422))
        .contains("cold that kills half");
    owner.delete(mine).ok();
    assertThat(owner.get(farm + "/choices").ok().text()).doesNotContain("Tall rye");
  }
}
