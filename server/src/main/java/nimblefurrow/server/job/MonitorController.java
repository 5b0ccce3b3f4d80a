package nimblefurrow.server.job;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.people.Access;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Rate monitors read live, and files of what went out. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class MonitorController {
  private static final Duration PATIENCE = Duration.ofSeconds(3);
  private static final int LOWEST_PORT = 1024;
  private static final int HIGHEST_PORT = 65_535;

  private final Access access;
  private final HttpClient http = HttpClient.newBuilder().connectTimeout(PATIENCE).build();

  MonitorController(Access access) {
    this.access = access;
  }

  /** A monitor's totals since the start of the job. */
  record Reading(
      String at,
      double areaHa,
      double seedKg,
      double rateKgPerHa,
      double targetKgPerHa,
      int rows,
      List<Integer> pluggedRows) {}

  /** Reads a monitor on this machine; no other address is ever asked. */
  @GetMapping("/monitor")
  Reading monitor(@PathVariable UUID farmId, @RequestParam int port) throws InterruptedException {
    access.work(farmId);
    if (port < LOWEST_PORT || port > HIGHEST_PORT) {
      throw new Refused("port", "A monitor's port is a number from 1024 to 65535.");
    }
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/reading"))
            .timeout(PATIENCE)
            .build();
    try {
      String text = http.send(request, BodyHandlers.ofString()).body();
      return JsonMapper.shared().readValue(text, Reading.class);
    } catch (IOException | JacksonException e) {
      // The same answer whatever is there: a port is nobody's business but the monitor's.
      throw new Refused("port", "No rate monitor answers on port " + port + "; is it switched on?");
    }
  }

  @PostMapping(
      path = "/fields/{fieldId}/as-applied",
      consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  AsApplied asApplied(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestParam("file") MultipartFile file)
      throws IOException {
    access.work(farmId);
    return AsApplied.read(file.getBytes());
  }
}
