package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.LocalDateTime;
import nimblefurrow.standin.Device;
import nimblefurrow.standin.DroneController;
import nimblefurrow.standin.RateMonitor;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The simulated monitor and drone, read and imported as real ones would be. */
class DevicesTest {
  private static final LocalDateTime MORNING = LocalDateTime.of(2026, 9, 12, 8, 0);

  private static String send(int port, String path, String body) throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    return HttpClient.newHttpClient().send(request, BodyHandlers.ofString()).body();
  }

  @Test
  void aMonitorIsReadLiveDriftsPlugsAndItsFileAddsUp() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    try (Device device = new RateMonitor(70, MORNING, 3).serve(0)) {
      String door = farm + "/monitor?port=" + device.port();
      JsonNode first = owner.get(door).ok().json();
      assertThat(first.get("pluggedRows")).isEmpty();
      assertThat(first.get("rateKgPerHa").asDouble()).isCloseTo(70, within(3.0));
      JsonNode last = first;
      for (int i = 0; i < 15; i++) {
        last = owner.get(door).ok().json();
      }
      assertThat(last.at("/pluggedRows/0").asInt()).isEqualTo(17);
      assertThat(last.get("rateKgPerHa").asDouble()).isLessThan(69);
      String field = owner.furrow(farm, "Cedar Draw").get("fieldId").asString();
      JsonNode file =
          owner
              .upload(
                  farm + "/fields/" + field + "/as-applied",
                  send(device.port(), "/as-applied.csv", ""))
              .ok()
              .json();
      assertThat(file.get("seedKg").asDouble())
          .isCloseTo(last.get("seedKg").asDouble(), within(0.1));
      assertThat(file.get("areaHa").asDouble())
          .isCloseTo(last.get("areaHa").asDouble(), within(1e-6));
    }
    assertThat(owner.get(farm + "/monitor?port=1").refused(422)).contains("1024");
  }

  @Test
  void aDroneFliesTheLinesItIsSentAndItsLogCoversTheField() throws Exception {
    Api owner = Api.owner();
    String farm = owner.farm();
    JsonNode furrow = owner.furrow(farm, "Lantern Hill");
    String field = farm + "/fields/" + furrow.get("fieldId").asString();
    String lines = owner.get(field + "/lines.geojson?swathM=12&headlands=1").ok().text();
    try (Device device = new DroneController(12, 100, MORNING, 4).serve(0)) {
      assertThat(send(device.port(), "/lines", "{}")).contains("No lines");
      assertThat(send(device.port(), "/lines", lines)).contains("\"lines\"");
      JsonNode log =
          owner.upload(field + "/as-applied", send(device.port(), "/as-flown.csv", "")).ok().json();
      assertThat(log.get("rateKgPerHa").asDouble()).isCloseTo(100, within(1.0));
      assertThat(log.get("areaHa").asDouble())
          .isCloseTo(
              furrow.get("areaHa").asDouble(), within(0.06 * furrow.get("areaHa").asDouble()));
    }
    assertThat(owner.upload(field + "/as-applied", "at,areaHa,seedKg\n2026,x,1\n").refused(422))
        .contains("line 2", "areaHa");
    assertThat(owner.upload(field + "/as-applied", "a,b\n1,2\n").refused(422))
        .contains("no column “at”");
  }
}
