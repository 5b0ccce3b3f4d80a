package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What would stop or fool the server is refused with a sentence, and quickly. */
class HostileTest {
  private static byte[] rows(String head, String row, int megabytes) {
    int n = (int) (megabytes * 980_000L / row.length());
    return (head + row.repeat(n)).getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void millionsOfShortRowsAreNotKept() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = farm + "/fields/" + owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    JsonNode station =
        owner
            .post(
                farm + "/stations",
                Map.of("name", "Rows", "latitudeDeg", 41, "elevationM", 300, "coastal", false))
            .ok()
            .json();
    String check = farm + "/stations/" + station.get("id").asString() + "/check";
    assertThat(owner.upload(check, rows("date,a\n", "1,2\n", 9), Map.of()).refused(422))
        .contains("more than 100,000 lines");
    String head = "field,status,purposes,species,rates_kg_per_ha,method,seed_on,ending,end_on\n";
    assertThat(owner.upload(farm + "/plan.csv", rows(head, "a,b\n", 9), Map.of()).refused(422))
        .contains("more than 5,000 lines");
    assertThat(
            owner
                .upload(field + "/as-applied", rows("at,areaHa,seedKg\n", "1,1,1\n", 9), Map.of())
                .refused(422))
        .contains("more than 100,000 lines");
    assertThat(
            owner
                .upload(field + "/as-applied", "at,areaHa,seedKg,pluggedRows\n1,1,1,999999999999\n")
                .refused(422))
        .contains("pluggedRows");
  }

  @Test
  void tenthsOfTheAreaAreTenthsOfTheAreaNotOfTheSteps() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = farm + "/fields/" + owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    // Ten tiny steps at 10 kg/ha, one of 8 ha at 70, one of 2 ha at 100.
    String file = "at,areaHa,seedKg\n" + "1,0.001,0.01\n".repeat(10) + "1,8,560\n" + "1,2,200\n";
    JsonNode read = owner.upload(field + "/as-applied", file).ok().json();
    assertThat(read.get("lowestKgPerHa").asDouble()).isEqualTo(70);
    assertThat(read.get("highestKgPerHa").asDouble()).isEqualTo(100);
  }

  @ParameterizedTest
  @ValueSource(strings = {"0.001", "1e-300", "NaN", "Infinity", "1e400", "-5", "0", "1e9"})
  void linesAreDrawnForSwathsThereAre(String swath) throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    String field = farm + "/fields/" + owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    Api.Answer answer = owner.get(field + "/lines?swathM=" + swath);
    assertThat(answer.status()).as(answer.text()).isBetween(400, 422);
    assertThat(answer.text()).doesNotContain("Exception").doesNotContain("convert");
    assertThat(owner.get(field + "/lines?swathM=6&headlands=900").refused(422)).contains("0 to 6");
    assertThat(owner.get(field + "/lines?swathM=6&marginM=1e8").refused(422)).contains("margin");
  }

  @ParameterizedTest
  @ValueSource(strings = {"\"NaN\"", "\"Infinity\"", "1e400", "-1e999", "\"12\""})
  void whatIsNoNumberIsRefusedWhereverItComesIn(String number) throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode machine = owner.get(farm + "/machines").ok().json().get(0);
    Map<String, Object> changed = new HashMap<>(Api.map(machine));
    changed.put("usdPerHour", "@");
    String body = Api.text(changed).replace("\"@\"", number);
    String path = farm + "/machines/" + machine.get("id").asString();
    assertThat(owner.raw("PUT", path, body).refused(400)).contains("usdPerHour");
    String patterns = "{\"traySpacingM\":1,\"traysG\":[1,2," + number + "],\"maxCv\":0.2}";
    assertThat(owner.raw("POST", "/api/bench/spread-pattern", patterns).refused(400))
        .contains("traysG");
  }

  @Test
  void aBodyLargerThanAnythingNeedsIsNotRead() throws Exception {
    String large = "{\"name\":\"" + "x".repeat(3 * 1024 * 1024) + "\"}";
    assertThat(Api.owner().raw("POST", "/api/farms", large).refused(413)).contains("2 MB");
    String long1 = "{\"name\":\"" + "x".repeat(500_000) + "\"}";
    String said = Api.owner().raw("POST", "/api/farms", long1).refused(422);
    assertThat(said.length()).isLessThan(700);
  }

  @Test
  void theSeasonDoorTakesASeasonAndNoMore() throws Exception {
    Api owner = Api.owner();
    double[] none = new double[1200];
    Map<String, Object> weather =
        Map.of("start", "2020-01-01", "tminC", none, "tmaxC", none, "precipMm", none);
    Map<String, Object> q = new HashMap<>();
    q.put("site", Map.of("latitudeDeg", 41, "elevationM", 300));
    q.put("weather", weather);
    q.put("cover", List.of(Map.of("species", "cereal_rye", "rateKgPerHa", 70)));
    q.put("placement", "drill");
    q.put("seededOn", "2020-09-20");
    assertThat(owner.post("/api/model/season", q).refused(422)).contains("1 to 1,100 days");
    for (String[] odd :
        new String[][] {
          {"tmaxC", "1e308"}, {"windMs", "-1"}, {"dewPointC", "1e5"}, {"precipMm", "5000"}
        }) {
      double[] days = new double[700];
      Map<String, Object> w = new HashMap<>();
      w.put("start", "2020-01-01");
      for (String column : List.of("tminC", "tmaxC", "precipMm", "windMs", "dewPointC")) {
        w.put(column, days);
      }
      double[] wrong = days.clone();
      wrong[3] = Double.parseDouble(odd[1]);
      w.put(odd[0], wrong);
      q.put("weather", w);
      assertThat(owner.post("/api/model/season", q).refused(422)).contains("day 4 cannot be");
    }
    double[] days = new double[700];
    q.put("weather", Map.of("start", "2020-01-01", "tminC", days, "tmaxC", days, "precipMm", days));
    q.put("termination", Map.of("way", "x", "on", "2021-05-01"));
    assertThat(owner.post("/api/model/season", q).refused(422)).contains("“roll” or “kill”");
    List<Object> many = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      many.add(Map.of("species", "cereal_rye", "rateKgPerHa", 70));
    }
    q.put("cover", many);
    assertThat(owner.post("/api/model/season", q).refused(422)).contains("At most 12 species");
  }

  @Test
  void aBoundaryOfTooManyPointsIsRefusedAndAFineOneIsQuick() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    assertThat(owner.upload(farm + "/fields/import/check", comb(10_000)).ok().text())
        .contains("finer than any field needs");
    assertThat(owner.upload(farm + "/fields/import/check", comb(4_000)).ok().text())
        .contains("\"sound\":1");
  }

  /** Teeth side by side: every edge lies beside every other. */
  private static String comb(int points) {
    StringBuilder ring = new StringBuilder();
    double step = 0.01 / points;
    for (int i = 0; i < points; i++) {
      double y = i % 2 == 0 ? 41.01 : 41.001;
      ring.append('[').append(-96 + i * step).append(',').append(y).append("],");
    }
    ring.append("[-95.99,41],[-96,41],[-96,41.01]");
    return "{\"type\":\"Polygon\",\"coordinates\":[[" + ring + "]]}";
  }

  @Test
  void cellsThatWouldRunInASpreadsheetDoNot() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String path = farm + "/fields/" + furrow.get("fieldId").asString();
    Map<String, Object> field = new HashMap<>(Api.map(owner.get(path).ok().json()));
    field.put("name", "=1+1 Forty");
    owner.put(path, field).ok();
    String csv = new String(owner.bytes(farm + "/plan.csv"), StandardCharsets.UTF_8);
    assertThat(csv).contains("'=1+1 Forty").doesNotContain("\n=1+1");
    owner.upload(farm + "/plan.csv", csv.getBytes(StandardCharsets.UTF_8), Map.of()).ok();
  }

  @Test
  void whatWasTakenOutMeanwhileIsSaidAndALotHoldsWhatWasUsed() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode machine = owner.get(farm + "/machines").ok().json().get(0);
    String path = farm + "/machines/" + machine.get("id").asString();
    owner.delete(path).ok();
    assertThat(owner.put(path, machine).refused(422)).contains("taken out of the shed");
    JsonNode lot = owner.get(farm + "/seed/lots").ok().json().get(0);
    String lotPath = farm + "/seed/lots/" + lot.get("id").asString();
    owner.delete(lotPath).ok();
    assertThat(owner.put(lotPath, lot).refused(422)).contains("taken out meanwhile");
  }

  @Test
  void aSecondSaverIsToldWhatStands() throws Exception {
    Api owner = Api.owner();
    String farm = owner.newFarm();
    Map<String, Object> change = Map.of("version", 0, "name", "Mine " + UUID.randomUUID());
    owner.put(farm, change).ok();
    Api.Answer late = owner.put(farm, change);
    assertThat(late.refused(409)).contains("Someone else changed the farm");
    assertThat(late.json().at("/theirs/name").asString()).isEqualTo(change.get("name"));
  }

  @Test
  void whatIsSeededIsNotPlannedAway() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = null;
    for (JsonNode f : owner.get(farm + "/season").ok().json().get("furrows")) {
      furrow = f.has("seededOn") && f.has("plan") ? f : furrow;
    }
    assertThat(furrow).as("a field of the demo that is seeded").isNotNull();
    Map<String, Object> plan = new HashMap<>(Api.map(furrow.at("/plan/plan")));
    plan.put("components", List.of(Map.of("species", "cereal_rye", "rateKgPerHa", 71)));
    plan.put("method", "aircraft");
    Map<String, Object> save =
        Map.of(
            "what",
            "another",
            "plans",
            List.of(
                Map.of(
                    "fieldId",
                    furrow.get("fieldId").asString(),
                    "version",
                    furrow.at("/plan/version").asLong(),
                    "plan",
                    plan)));
    assertThat(owner.post(farm + "/plans", save).refused(422))
        .contains("was seeded on")
        .contains("log its ending");
  }

  @Test
  void headersSayWhatAPageMayDo() throws Exception {
    var http = java.net.http.HttpClient.newHttpClient();
    var request =
        java.net.http.HttpRequest.newBuilder(
                java.net.URI.create(App.demo().address() + "/api/ready"))
            .build();
    var answer = http.send(request, java.net.http.HttpResponse.BodyHandlers.ofString());
    assertThat(answer.statusCode()).isEqualTo(200);
    assertThat(answer.body()).contains("\"ready\":true");
    assertThat(answer.headers().firstValue("Referrer-Policy")).contains("same-origin");
    assertThat(answer.headers().firstValue("Content-Security-Policy").orElse(""))
        .contains("base-uri 'self'")
        .contains("form-action 'self'");
  }
}
