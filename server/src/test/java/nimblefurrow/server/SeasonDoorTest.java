package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
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
