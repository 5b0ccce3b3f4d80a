package nimblefurrow.server.job;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Seeding jobs, their lines and their log. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class JobController {
  private final SeedingSheet sheets;
  private final SeedingLog seedings;
  private final SeedList seed;
  private final LineService lines;
  private final Access access;

  JobController(
      SeedingSheet sheets, SeedingLog seedings, SeedList seed, LineService lines, Access access) {
    this.seed = seed;
    this.sheets = sheets;
    this.seedings = seedings;
    this.lines = lines;
    this.access = access;
  }

  @GetMapping("/fields/{fieldId}/job")
  JobViews.JobView job(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return sheets.job(farmId, fieldId);
  }

  @PutMapping("/fields/{fieldId}/seedings/{entryId}")
  JobViews.JobView seeded(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @RequestBody JobViews.SeedingInput seeding) {
    access.work(farmId);
    seedings.seeded(farmId, fieldId, entryId, seeding, access.person().id());
    return sheets.job(farmId, fieldId);
  }

  /** What rows that are only thought of come to. */
  @PostMapping("/rows")
  JobViews.RowsOfJob rows(@PathVariable UUID farmId, @RequestBody JobViews.RowsAsked asked) {
    access.see(farmId);
    return sheets.rows(farmId, asked);
  }

  @GetMapping("/seed/needs")
  List<JobViews.SeedNeed> needs(
      @PathVariable UUID farmId, @RequestParam(defaultValue = "0.05") double allowance) {
    access.see(farmId);
    return seed.needs(farmId, allowance);
  }

  @GetMapping("/fields/{fieldId}/lines")
  LineService.Lines lines(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestParam double swathM,
      @RequestParam(defaultValue = "1") int headlands,
      @RequestParam(required = false) @Nullable Double bearingDeg,
      @RequestParam(defaultValue = "0") double marginM) {
    access.see(farmId);
    return lines.lines(farmId, fieldId, swathM, headlands, bearingDeg, marginM);
  }

  @GetMapping("/fields/{fieldId}/lines.{format}")
  ResponseEntity<byte[]> file(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable String format,
      @RequestParam double swathM,
      @RequestParam(defaultValue = "1") int headlands,
      @RequestParam(required = false) @Nullable Double bearingDeg,
      @RequestParam(defaultValue = "0") double marginM) {
    LineService.Lines found = lines(farmId, fieldId, swathM, headlands, bearingDeg, marginM);
    return LineService.file(found).as(format);
  }
}
