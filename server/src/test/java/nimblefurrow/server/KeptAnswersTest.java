package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Season and years are sent as they were until something of the farm changes, and never longer. */
class KeptAnswersTest {
  private static String tag(Api who, String path) throws Exception {
    HttpResponse<byte[]> answer = who.get(path, "Accept", "application/json");
    assertThat(answer.statusCode()).isEqualTo(200);
    return answer.headers().firstValue("ETag").orElseThrow();
  }

  @Test
  void whatIsKeptIsTheAnswerPackedOrPlainAndSaidToHoldToWhoHasIt() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    for (String path : List.of(farm + "/season", farm + "/years")) {
      String first = owner.get(path).ok().text();
      assertThat(owner.get(path).ok().text()).isEqualTo(first);
      HttpResponse<byte[]> packed = owner.get(path, "Accept-Encoding", "gzip");
      assertThat(packed.headers().firstValue("Content-Encoding")).contains("gzip");
      try (var in = new GZIPInputStream(new ByteArrayInputStream(packed.body()))) {
        assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).isEqualTo(first);
      }
      HttpResponse<byte[]> again = owner.get(path, "If-None-Match", tag(owner, path));
      assertThat(again.statusCode()).isEqualTo(304);
      assertThat(again.body()).isEmpty();
    }
    // Other years, other seasons and other people's rights are other answers.
    String tag = tag(owner, farm + "/season");
    assertThat(tag(owner, farm + "/season?season=2025")).isNotEqualTo(tag);
    assertThat(tag(owner, farm + "/years?from=2025&to=2026"))
        .isNotEqualTo(tag(owner, farm + "/years"));
    Api viewer = owner.letIn(farm, "viewer");
    JsonNode season = viewer.get(farm + "/season").ok().json();
    assertThat(season.at("/farm/role").asString()).isEqualTo("viewer");
    assertThat(owner.get(farm + "/season").ok().json().at("/farm/role").asString())
        .isEqualTo("owner");
    assertThat(viewer.get(farm + "/season", "If-None-Match", tag).statusCode()).isEqualTo(200);
    // Whoever may not look is not told that nothing changed.
    Api nobody = Api.browser(App.demo());
    assertThat(nobody.get(farm + "/season", "If-None-Match", tag).statusCode()).isEqualTo(401);
  }

  @Test
  void whoeverChangesSomethingSeesItAtOnce() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Hedge Row");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    String before = tag(owner, farm + "/season");
    owner.get(field + "/season").ok();
    assertThat(tag(owner, farm + "/season")).as("looking changes nothing").isEqualTo(before);
    for (int day = 1; day <= 2; day++) {
      Map<String, Object> to = Map.of("today", "2026-09-2" + day);
      owner.put(farm + "/clock", to).ok();
      assertThat(owner.get(farm + "/season").ok().json().at("/farm/today").asString())
          .isEqualTo("2026-09-2" + day);
    }
    before = tag(owner, farm + "/season");
    owner.delete(field).ok();
    assertThat(tag(owner, farm + "/season")).isNotEqualTo(before);
    assertThat(owner.get(farm + "/season").ok().text()).doesNotContain("Hedge Row");
  }
}
