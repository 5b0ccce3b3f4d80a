package nimblefurrow.server.takeaway;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Plans as files and calendars. */
@RestController
class TakeawayController {
  private final TakeawayService takeaway;
  private final LastArchive archive;
  private final Access access;
  private final FarmService farms;

  /** The rows of one archive with large papers are as much as the heap holds beside all else. */
  private final ReentrantLock bringing = new ReentrantLock();

  TakeawayController(
      TakeawayService takeaway, LastArchive archive, Access access, FarmService farms) {
    this.farms = farms;
    this.takeaway = takeaway;
    this.archive = archive;
    this.access = access;
  }

  record Taken(int plans) {}

  @GetMapping(path = "/api/farms/{farmId}/plan.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> csv(@PathVariable UUID farmId) {
    return file("plan.csv", takeaway.csv(farmId));
  }

  /** The record of all fields, in a system of units. */
  @GetMapping(path = "/api/farms/{farmId}/record.csv", produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> record(
      @PathVariable UUID farmId, @RequestParam(defaultValue = "us") String units) {
    return file(
        "record.csv",
        takeaway.record(farmId, units.equals("metric") ? UnitSystem.METRIC : UnitSystem.US));
  }

  /** The farm as files, in one ZIP: what is kept of it before it is deleted. */
  @GetMapping(path = "/api/farms/{farmId}/archive.zip", produces = "application/zip")
  void archive(
      @PathVariable UUID farmId,
      @RequestParam(defaultValue = "us") String units,
      HttpServletResponse response)
      throws IOException {
    access.manage(farmId);
    response.setContentType("application/zip");
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"farm.zip\"");
    archive.write(
        farmId,
        units.equals("metric") ? UnitSystem.METRIC : UnitSystem.US,
        response.getOutputStream());
  }

  /** A farm out of an archive, as its own; nothing of it is kept where anything in it cannot be. */
  @PostMapping(path = "/api/farms/archive", consumes = "application/zip")
  FarmView restore(HttpServletRequest request) throws IOException {
    Path file = Files.createTempFile("farm", ".zip");
    try {
      try (InputStream body = request.getInputStream()) {
        Files.copy(body, file, StandardCopyOption.REPLACE_EXISTING);
      }
      return farms.see(oneAtATime(file));
    } finally {
      Files.deleteIfExists(file);
    }
  }

  private UUID oneAtATime(Path file) throws IOException {
    bringing.lock();
    try {
      return archive.restore(file, access.person());
    } finally {
      bringing.unlock();
    }
  }

  @GetMapping(path = "/api/farms/{farmId}/plan.ics", produces = "text/calendar;charset=UTF-8")
  ResponseEntity<String> calendar(@PathVariable UUID farmId) {
    return file("plan.ics", takeaway.calendar(farmId));
  }

  @GetMapping(path = "/api/calendar/{secret}.ics", produces = "text/calendar;charset=UTF-8")
  String feed(@PathVariable String secret) {
    return takeaway.feed(secret);
  }

  @GetMapping("/api/farms/{farmId}/feeds")
  List<TakeawayService.FeedView> feeds(@PathVariable UUID farmId) {
    return takeaway.feeds(farmId);
  }

  @PostMapping("/api/farms/{farmId}/feeds")
  TakeawayService.NewFeed makeFeed(@PathVariable UUID farmId) {
    return takeaway.makeFeed(farmId);
  }

  @DeleteMapping("/api/farms/{farmId}/feeds/{feedId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revokeFeed(@PathVariable UUID farmId, @PathVariable UUID feedId) {
    takeaway.revokeFeed(farmId, feedId);
  }

  @PostMapping(
      path = "/api/farms/{farmId}/plan.csv",
      consumes = MediaType.MULTIPART_FORM_DATA_VALUE,
      produces = MediaType.APPLICATION_JSON_VALUE)
  Taken take(@PathVariable UUID farmId, @RequestPart("file") MultipartFile file)
      throws IOException {
    return new Taken(takeaway.take(farmId, file.getBytes()));
  }

  private static ResponseEntity<String> file(String name, String text) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .body(text);
  }
}
