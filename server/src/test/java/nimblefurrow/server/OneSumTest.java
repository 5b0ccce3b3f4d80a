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

  /** Also where no model reckons the way, and where choosing it moves the planting behind it. */
  @Test
  void everyWayOfEndingHasTheAccountItHasOnceChosen() throws Exception {
    Api owner = Api.owner();
    String farm = owner.demoCopy();
    String field = farm + "/fields/" + owner.furrow(farm, "Cedar Draw").get("fieldId").asString();
    int chosen = 0;
    double waits = 0;
    for (JsonNode way : owner.get(field + "/ending").ok().json().get("rows")) {
      if (way.has("barred")) {
        continue;
      }
      JsonNode now = owner.get(field + "/ending").ok().json();
      owner
          .post(
              field + "/ending",
              Map.of(
                  "way", way.get("way"),
                  "endOn", way.get("endOn"),
                  "plantOn", way.get("plantOn"),
                  "why", "one sum",
                  "version", now.get("version")))
          .ok();
      double net = way.at("/money/net").asDouble();
      String name = way.get("way").asString();
      assertThat(account(owner, field).get("planned").asDouble())
          .as(name)
          .isCloseTo(net, within(0.5));
      for (JsonNode again : owner.get(field + "/ending").ok().json().get("rows")) {
        if (again.get("way").equals(way.get("way"))) {
          assertThat(again.at("/money/net").asDouble()).as(name).isCloseTo(net, within(0.5));
          assertThat(again.get("plantOn")).as(name).isEqualTo(way.get("plantOn"));
        }
      }
      waits = Math.max(waits, way.get("lateUsdPerHa").asDouble());
      chosen++;
    }
    assertThat(chosen).isGreaterThan(8);
    assertThat(waits).as("one of them lets planting wait").isGreaterThan(20);
  }
}
