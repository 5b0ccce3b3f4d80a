package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The model's public door over HTTP; the model itself is tested in core. */
class SeasonDoorTest {
  @Test
  void answersAVectorWithItsSummaryAndDays() throws Exception {
    Path path = Path.of("../core/src/test/resources/vectors/a-rye-vetch-kill.json");
    JsonNode vector = JsonMapper.shared().readTree(Files.readString(path));
    JsonNode got = Api.owner().post("/api/model/season", vector.get("input")).ok().json();
    JsonNode want = vector.get("expected").get("summary");
    for (String day : new String[] {"nov20", "apr1", "may1"}) {
      double expected = want.at("/coverMgPerHa/" + day).asDouble();
      assertThat(got.at("/summary/coverMgPerHa/" + day).asDouble())
          .isCloseTo(expected, within(1e-3 * expected));
    }
    assertThat(got.get("modelVersion").asInt()).isEqualTo(2);
    assertThat(got.at("/days/coverMgPerHa").size()).isEqualTo(2);
    assertThat(got.at("/days/start").asString()).matches("\\d{4}-\\d\\d-\\d\\d");
  }

  @Test
  void aCoverBehindACoverStartsUnderWhatThatLeaves() throws Exception {
    Path path = Path.of("../core/src/test/resources/vectors/a-rye-vetch-kill.json");
    Map<String, Object> input =
        Api.map(JsonMapper.shared().readTree(Files.readString(path)).get("input"));
    JsonNode alone = Api.owner().post("/api/model/season", input).ok().json();
    JsonNode killed = behind(input, "kill", "2012-09-04");
    JsonNode tilled = behind(input, "till", "2012-09-04");
    double under = mulch(alone, "2012-09-06");
    assertThat(mulch(killed, "2012-09-06")).as("oats lie on top").isGreaterThan(under + 0.5);
    assertThat(mulch(tilled, "2012-09-06")).as("oats lie under").isBetween(0.0, under + 0.5);
    assertThat(killed.at("/summary/coverMgPerHa/nov20").asDouble())
        .isPositive()
        .isNotEqualTo(alone.at("/summary/coverMgPerHa/nov20").asDouble());
  }

  private static double mulch(JsonNode answer, String day) {
    long at =
        java.time.temporal.ChronoUnit.DAYS.between(
            java.time.LocalDate.parse(answer.at("/days/start").asString()),
            java.time.LocalDate.parse(day));
    return answer.at("/days/mulchMgPerHa/" + at).asDouble();
  }

  private static Map<String, Object> before(String way, String endedOn) {
    return Map.of(
        "cover",
        List.of(Map.of("species", "oats", "rateKgPerHa", 90)),
        "placement",
        "drill",
        "seededOn",
        "2012-07-18",
        "endings",
        List.of(Map.of("way", way, "on", endedOn)),
        "endedOn",
        endedOn);
  }

  private static JsonNode behind(Map<String, Object> input, String way, String endedOn)
      throws Exception {
    Map<String, Object> both = new HashMap<>(input);
    both.put("before", before(way, endedOn));
    return Api.owner().post("/api/model/season", both).ok().json();
  }

  @Test
  void aCoverThatStillStandsOrSaysNoEndIsRefused() throws Exception {
    Path path = Path.of("../core/src/test/resources/vectors/a-rye-vetch-kill.json");
    Map<String, Object> input =
        Api.map(JsonMapper.shared().readTree(Files.readString(path)).get("input"));
    input.put("before", before("kill", "2012-09-20"));
    assertThat(Api.owner().post("/api/model/season", input).refused(422))
        .contains("before the one it follows is ended on 20 Sep 2012");
    Map<String, Object> endless = new HashMap<>(before("kill", "2012-09-04"));
    endless.remove("endedOn");
    input.put("before", endless);
    assertThat(Api.owner().post("/api/model/season", input).refused(422))
        .contains("“before.endedOn” is missing");
    Map<String, Object> many = new HashMap<>(before("kill", "2012-09-04"));
    many.put(
        "cover", java.util.Collections.nCopies(13, Map.of("species", "oats", "rateKgPerHa", 9)));
    input.put("before", many);
    assertThat(Api.owner().post("/api/model/season", input).refused(422))
        .contains("At most 12 species");
  }

  @Test
  void refusesWithASentence() throws Exception {
    Path path = Path.of("../core/src/test/resources/vectors/c-crimson-roll.json");
    Map<String, Object> input =
        Api.map(JsonMapper.shared().readTree(Files.readString(path)).get("input"));
    input.put("placement", "catapult");
    assertThat(Api.owner().post("/api/model/season", input).refused(422))
        .contains("no placement “catapult”");
    assertThat(Api.browser(App.demo()).post("/api/model/season", input).status()).isEqualTo(401);
  }
}
