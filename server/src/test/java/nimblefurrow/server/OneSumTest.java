package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * What a cover costs and brings is one sum: before it is chosen, when it is, and in its account.
 */
class OneSumTest {
  private static JsonNode account(Api owner, String field) throws Exception {
    return owner.get(field + "/accounts").ok().json().get(0);
  }

  @Test
  void aRankedCoverHasTheAccountItHasOncePlanned() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    JsonNode furrow = owner.furrow(farm, "Cedar Draw");
    String id = furrow.get("fieldId").asString();
    String field = farm + "/fields/" + id;
    JsonNode ranked = owner.get(field + "/covers?purpose=holdSoil").ok().json().get("covers");
    JsonNode first = ranked.get(0);
    assertThat(first.has("excluded")).isFalse();
    owner.changePlan(farm, id, furrow.get("plan"), Api.map(first.get("plan")));
    JsonNode endings = owner.get(field + "/ending").ok().json().get("rows");
    assertThat(endings.get(0).get("way"))
        .as("its ending is the one that its own page advises")
        .isEqualTo(first.at("/plan/ending"));
    JsonNode account = account(owner, field);
    assertThat(account.get("planned").asDouble())
        .isCloseTo(first.at("/money/net").asDouble(), within(0.5));
    for (JsonNode part : first.at("/money/parts")) {
      double planned = 0;
      for (JsonNode l : account.get("lines")) {
        planned += l.get("part").equals(part.get("part")) ? l.path("planned").asDouble() : 0;
      }
      assertThat(planned).as(part.toString()).isCloseTo(part.get("usd").asDouble(), within(0.5));
    }
  }

  @Test
  void anEndingBesideOthersHasTheAccountItHasOnceChosen() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String id = owner.furrow(farm, "Cedar Draw").get("fieldId").asString();
    String field = farm + "/fields/" + id;
    JsonNode page = owner.get(field + "/ending").ok().json();
    JsonNode best = page.get("rows").get(0);
    owner
        .post(
            field + "/ending",
            Map.of(
                "way", best.get("way"),
                "endOn", best.get("endOn"),
                "plantOn", best.get("plantOn"),
                "why", "one sum",
                "version", page.get("version")))
        .ok();
    assertThat(account(owner, field).get("planned").asDouble())
        .isCloseTo(best.at("/money/net").asDouble(), within(0.5));
  }
}
