package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The calculators' doors: names, units and refusals as scripts rely on them. */
class BenchDoorsTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "pure-live-seed | {\"purity\":0.98,\"germination\":0.85,\"plsRateKgPerHa\":60} | bulkRateKgPerHa | 72.0288",
        "germination-count | {\"germinated\":85,\"tested\":100,\"confidence\":0.9} | low | 0.7821",
        "catch-test | {\"caughtKg\":0.42,\"openers\":4,\"spacingM\":0.19,\"distanceM\":80} | rateKgPerHa | 69.0789",
        "timed-catch | {\"kgPerMin\":14,\"widthM\":12,\"speedsKmh\":[8],\"targetKgPerHa\":70} | speedForTargetKmh | 10",
        "gate | {\"flowKgPerS\":0.5,\"speedMPerS\":7,\"swathM\":9} | rateKgPerHa | 79.3651",
        "setting | {\"tries\":[{\"setting\":20,\"rateKgPerHa\":45},{\"setting\":40,\"rateKgPerHa\":85}],\"targetKgPerHa\":75} | setting | 35",
        "running-check | {\"startKg\":500,\"leftKg\":200,\"areaHa\":5,\"targetKgPerHa\":70,\"setting\":40} | newSetting | 46.6667",
        "seed-depth | {\"depthsMm\":[10,20,25,60],\"lowMm\":20,\"highMm\":40} | shareInside | 0.5",
        "slurry | {\"rateKgPerHa\":60,\"slurryM3PerHa\":80,\"tankM3\":25} | seedKgPerTank | 18.75",
        "hire-price | {\"areaHa\":40,\"rateKgPerHa\":100,\"haPerHour\":8,\"pricePerHa\":30,\"pricePerHour\":180,\"weightLimitKgPerHa\":60,\"minimumCharge\":400,\"ferryKm\":20,\"pricePerKm\":2} | charge | 940",
        "stand-count | {\"counts\":[18,20,20,22],\"frameM2\":0.25,\"liveSeedsPerM2\":200,\"confidence\":0.9} | plantsPerM2 | 80",
        "mulch | {\"samples\":[{\"wetKg\":2,\"frameM2\":0.25},{\"wetKg\":1,\"frameM2\":0.25}],\"dryMatterFraction\":0.2,\"targetMgPerHa\":8} | mgPerHa | 12",
        "kill | {\"frames\":[{\"before\":50,\"after\":5},{\"before\":50,\"after\":10}]} | kill | 0.85",
        "roller | {\"emptyKg\":2700,\"widthM\":12,\"waterL\":0} | weightFactor | 0.8",
        "tank | {\"products\":[{\"name\":\"Demo systemic A\",\"ratePerHa\":2.1,\"unit\":\"L\"}],\"carrierLPerHa\":140,\"tankL\":2400,\"areaHa\":40} | lastTankL | 800",
        "blend | {\"seedKgPerHa\":20,\"fertiliserKgPerHa\":180,\"batchKg\":4000,\"hours\":2,\"seedDensityKgPerM3\":720,\"fertiliserDensityKgPerM3\":1000} | batchSeedKg | 400",
        "meter-limits | {\"tries\":[{\"setting\":5,\"rateKgPerHa\":12},{\"setting\":60,\"rateKgPerHa\":110}],\"targetKgPerHa\":50} | highestKgPerHa | 110",
        "correction | {\"pairs\":[{\"predicted\":10,\"actual\":8},{\"predicted\":10,\"actual\":8},{\"predicted\":10,\"actual\":8},{\"predicted\":10,\"actual\":8}]} | factor | 0.84868",
        "partial-budget | {\"addedIncome\":[{\"name\":\"yield\",\"amountPerHa\":60}],\"addedCost\":[{\"name\":\"seed\",\"amountPerHa\":48}]} | netPerHa | 12",
        "own-or-hire | {\"price\":60000,\"lifeYears\":12,\"salvage\":15000,\"interest\":0,\"fixedPerYear\":900,\"variablePerHa\":22,\"hirePerHa\":45,\"areaHaPerYear\":300} | ownPerHa | 37.5",
        "strips | {\"machineWidthsM\":[6,4],\"harvestWidthM\":6,\"guardM\":1,\"treatments\":3,\"replicates\":4,\"fieldWidthM\":200} | stripWidthM | 12",
        "trial | {\"values\":[{\"block\":\"1\",\"treatment\":\"early\",\"value\":52},{\"block\":\"1\",\"treatment\":\"late\",\"value\":47},{\"block\":\"2\",\"treatment\":\"early\",\"value\":55},{\"block\":\"2\",\"treatment\":\"late\",\"value\":52}]} | cv | 0.019417",
        "replicates | {\"difference\":100,\"cvFraction\":0.02,\"mean\":180,\"treatments\":4} | replicates | 2",
        "combine | {\"years\":[{\"difference\":4,\"standardError\":1},{\"difference\":1,\"standardError\":2}]} | difference | 3.4",
        "manure | {\"ratePerHa\":40,\"ammoniumPerUnit\":2.4,\"organicNPerUnit\":1.6,\"method\":\"incorporated\",\"daysToIncorporation\":2} | availableNPerHa | 80",
        "grazing | {\"standingKgPerHa\":3200,\"leaveKgPerHa\":1200,\"useShare\":0.6,\"areaHa\":20,\"head\":60,\"headKg\":550} | feedKg | 24000",
        "bales | {\"cutKgPerHa\":3000,\"areaHa\":10,\"dryMatter\":0.85,\"baleKg\":500,\"lossShare\":0.12} | bales | 63",
        "flowering | {\"stops\":[{\"heads\":10,\"flowering\":9},{\"heads\":10,\"flowering\":8}]} | stopsLeft | 18"
      })
  void answersByHand(String door, String question, String key, double wanted) throws Exception {
    JsonNode answer =
        Api.owner().post("/api/bench/" + door.strip(), Api.parsed(question.strip())).ok().json();
    assertThat(answer.get(key.strip()).asDouble()).isCloseTo(wanted, within(1e-4));
  }

  @Test
  void aMixByAnyEntryIsTheSame() throws Exception {
    Api owner = Api.owner();
    List<Map<String, Object>> rates =
        List.of(
            Map.of("species", "cereal_rye", "rateKgPerHa", 35),
            Map.of("species", "hairy_vetch", "rateKgPerHa", 11));
    JsonNode byRate =
        owner.post("/api/bench/mix", Map.of("components", rates, "placement", "drill")).ok().json();
    List<Map<String, Object>> shares =
        List.of(
            Map.of("species", "cereal_rye", "share", byRate.at("/components/0/shareByCount")),
            Map.of("species", "hairy_vetch", "share", byRate.at("/components/1/shareByCount")));
    JsonNode byCount =
        owner
            .post(
                "/api/bench/mix",
                Map.of(
                    "components",
                    shares,
                    "placement",
                    "drill",
                    "liveSeedsPerM2",
                    byRate.get("liveSeedsPerM2")))
            .ok()
            .json();
    assertThat(byCount.at("/components/1/rateKgPerHa").asDouble()).isCloseTo(11, within(1e-9));
    assertThat(byCount.get("costPerHa").asDouble())
        .isCloseTo(byRate.get("costPerHa").asDouble(), within(1e-9));
    JsonNode thrown =
        owner
            .post(
                "/api/bench/mix",
                Map.of(
                    "components",
                    List.of(Map.of("species", "cereal_rye", "rateKgPerHa", 90), rates.get(1)),
                    "placement",
                    "air",
                    "ending",
                    "winter"))
            .ok()
            .json();
    assertThat(thrown.get("warnings").findValuesAsString("code"))
        .contains("overCap", "survivesWinter");
    assertThat(thrown.at("/warnings/0/text").asString()).contains("kg/ha");
  }

  @Test
  void loadsNameWhatBinds() throws Exception {
    Map<String, Object> question =
        Map.ofEntries(
            Map.entry("areaHa", 20),
            Map.entry("rateKgPerHa", 100),
            Map.entry("bulkDensityKgPerM3", 720),
            Map.entry("hopperM3", 0.15),
            Map.entry("fillFactor", 0.9),
            Map.entry("payloadLimitKg", 45),
            Map.entry("swathM", 9),
            Map.entry("speedMPerS", 8),
            Map.entry("passLengthM", 400),
            Map.entry("turnS", 6),
            Map.entry("refillS", 90),
            Map.entry("ferryM", 300),
            Map.entry("ferrySpeedMPerS", 10),
            Map.entry("batteryMin", 9));
    JsonNode answer = Api.owner().post("/api/bench/loads", question).ok().json();
    assertThat(answer.get("bindingLimit").asString()).isEqualTo("mass");
    assertThat(answer.get("loads").asInt()).isEqualTo(45);
    assertThat(answer.at("/minutes/refill").asDouble()).isEqualTo(67.5);
    assertThat(answer.get("batteries").asInt()).isEqualTo(11);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "pure-live-seed | {\"purity\":0.98,\"germination\":1.1,\"plsRateKgPerHa\":60} | germination | 110 %",
        "catch-test | {\"caughtKg\":1,\"openers\":4,\"spacingM\":0,\"distanceM\":80} | spacingM | more than 0",
        "spread-pattern | {\"traySpacingM\":1,\"traysG\":[0,0,0]} | traysG | empty",
        "setting | {\"tries\":[{\"setting\":20,\"rateKgPerHa\":45}],\"targetKgPerHa\":75} | tries | One try gives no line",
        "mix | {\"components\":[{\"species\":\"moonflower\",\"rateKgPerHa\":5}],\"placement\":\"drill\"} | components[0].species | moonflower",
        "gate | {\"flowKgPerS\":0.5,\"swathM\":9} | speedMPerS | missing",
        "spread-pattern | {\"traySpacingM\":1} | traysG | missing",
        "seed-depth | {\"depthsMm\":[20,null],\"lowMm\":20,\"highMm\":40} | depthsMm[1] | missing",
        "trial | {\"values\":[{\"block\":\"1\",\"treatment\":\"early\",\"value\":52},{\"block\":\"1\",\"treatment\":\"late\",\"value\":47}]} | values | two blocks",
        "strips | {\"machineWidthsM\":[],\"harvestWidthM\":6,\"treatments\":3,\"replicates\":4,\"fieldWidthM\":200} | machineWidthsM | planter",
        "replicates | {\"difference\":100,\"cvFraction\":0,\"mean\":180,\"treatments\":4} | cvFraction | more than 0",
        "combine | {\"years\":[]} | years | no year",
        "slurry | {\"rateKgPerHa\":1e308,\"slurryM3PerHa\":80,\"tankM3\":25} | rateKgPerHa | billion"
      })
  void refusalsSayWhatAndWhere(String door, String question, String where, String sentence)
      throws Exception {
    Api.Answer answer =
        Api.owner().post("/api/bench/" + door.strip(), Api.parsed(question.strip()));
    assertThat(answer.status()).isBetween(400, 422);
    assertThat(answer.json().get("detail").asString()).contains(sentence.strip());
    assertThat(answer.json().at("/errors/0/path").asString()).isEqualTo(where.strip());
  }

  @Test
  void greenCoverIsReadFromPictures() throws Exception {
    BufferedImage picture = new BufferedImage(200, 100, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < 200; x++) {
      for (int y = 0; y < 100; y++) {
        picture.setRGB(x, y, x < 70 ? 0x4f8a2e : 0x6b4a2f);
      }
    }
    for (String format : List.of("png", "jpg")) {
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      ImageIO.write(picture, format, bytes);
      JsonNode answer =
          Api.owner().upload("/api/bench/green-cover", bytes.toByteArray(), Map.of()).ok().json();
      assertThat(answer.get("cover").asDouble()).isCloseTo(0.35, within(0.01));
      assertThat(answer.get("method").asString()).contains("excess green");
    }
    assertThat(Api.owner().upload("/api/bench/green-cover", "no picture").refused(422))
        .contains("not a PNG or JPEG");
  }

  @Test
  void hoursAreJudgedFromTheHourAskedFor() throws Exception {
    double[] zero = new double[24];
    double[] warm = new double[24];
    double[] dew = new double[24];
    double[] wind = new double[24];
    double[] sun = new double[24];
    java.util.Arrays.fill(warm, 22);
    java.util.Arrays.fill(dew, 12);
    java.util.Arrays.fill(wind, 3);
    java.util.Arrays.fill(sun, 7, 20, 500);
    Map<String, Object> hourly =
        Map.of(
            "tempC",
            warm,
            "dewPointC",
            dew,
            "windMPerS",
            wind,
            "gustMPerS",
            wind,
            "rainMm",
            zero,
            "solarWPerM2",
            sun,
            "soilTempC",
            warm);
    Map<String, Object> question =
        new java.util.HashMap<>(
            Map.of(
                "latitudeDeg",
                41.2,
                "start",
                "2027-05-22T00:00",
                "from",
                "2027-05-22T06:00",
                "hourly",
                hourly,
                "topSoilWetness",
                0.85));
    JsonNode answer = Api.owner().post("/api/bench/hours", question).ok().json();
    assertThat(answer.get("rolling")).hasSize(18);
    assertThat(answer.at("/rolling/0/hour").asString()).isEqualTo("2027-05-22T06:00");
    assertThat(answer.at("/spraying/4/verdict").asString()).isEqualTo("go");
    assertThat(answer.at("/air/0/limit").asString()).isEqualTo("dark");
    question.remove("start");
    question.put("from", 6);
    assertThat(
            Api.owner()
                .post("/api/bench/hours", question)
                .ok()
                .json()
                .at("/drilling/0/hour")
                .asInt())
        .isEqualTo(6);
    question.put("from", 99);
    assertThat(Api.owner().post("/api/bench/hours", question).refused(422)).contains("24 hours");
  }

  @ParameterizedTest
  @CsvSource({"cover-18.png,0.18", "cover-47.png,0.47", "cover-82.jpg,0.82"})
  void shippedPicturesOfKnownCover(String file, double cover) throws Exception {
    try (var in = BenchDoorsTest.class.getResourceAsStream("/pictures/" + file)) {
      JsonNode answer =
          Api.owner().upload("/api/bench/green-cover", in.readAllBytes(), Map.of()).ok().json();
      assertThat(answer.get("cover").asDouble()).isCloseTo(cover, within(0.02));
    }
  }
}
