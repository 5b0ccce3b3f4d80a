package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What forms begin with and pages go by is asked of the server. */
class ReferenceTest {
  @Test
  void whatIsUsualIsToldInSiForBothSystems() throws Exception {
    JsonNode usual = Api.owner().get("/api/reference").ok().json().get("usual");
    JsonNode speed = one(usual, "machineSpeed");
    assertThat(speed.get("unit").asString()).isEqualTo("KMH");
    assertThat(speed.get("us").asDouble()).as("5 mph").isCloseTo(8.04672, within(1e-9));
    assertThat(speed.get("metric").asDouble()).isEqualTo(8);
    assertThat(one(usual, "dryShare").get("us").asDouble()).isCloseTo(0.2, within(1e-12));
  }

  @Test
  void aMachineSaysItsOwnAreaAnHour() throws Exception {
    Api owner = Api.owner();
    for (JsonNode m : owner.get(owner.farm() + "/machines").ok().json()) {
      double swath = m.path("provenSwathM").asDouble(m.get("widthM").asDouble());
      double wanted = swath * m.get("speedKmh").asDouble() / 10 * m.get("efficiency").asDouble();
      assertThat(m.get("haPerHour").asDouble()).isCloseTo(wanted, within(1e-9));
    }
  }

  private static JsonNode one(JsonNode usual, String key) {
    return usual
        .valueStream()
        .filter(u -> u.get("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }
}
