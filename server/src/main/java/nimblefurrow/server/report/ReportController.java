package nimblefurrow.server.report;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reports on paper and as tables. */
@RestController
@RequestMapping("/api/farms/{farmId}/reports")
class ReportController {
  private final ReportService reports;
  private final Access access;

  ReportController(ReportService reports, Access access) {
    this.reports = reports;
    this.access = access;
  }

  /** A kind of report there is. */
  record ReportChoice(ReportKind kind, String label) {}

  /** What was made, the last first, and what can be. */
  record Reports(List<ReportView> made, List<ReportChoice> kinds) {}

  @GetMapping
  Reports of(@PathVariable UUID farmId) {
    access.see(farmId);
    return new Reports(
        reports.of(farmId),
        Arrays.stream(ReportKind.values()).map(k -> new ReportChoice(k, k.label())).toList());
  }

  /** Makes one, in a system of units. */
  @PostMapping
  ReportView make(
      @PathVariable UUID farmId,
      @RequestParam(defaultValue = "us") String units,
      @RequestBody ReportService.Wanted wanted) {
    access.work(farmId);
    return reports.make(
        farmId,
        wanted,
        units.equals("metric") ? UnitSystem.METRIC : UnitSystem.US,
        access.person().id());
  }

  @GetMapping("/{reportId}/report.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable UUID farmId, @PathVariable UUID reportId) {
    access.see(farmId);
    return file(
        farmId, reportId, "pdf", MediaType.APPLICATION_PDF, reports.file(farmId, reportId).pdf);
  }

  @GetMapping("/{reportId}/report.csv")
  ResponseEntity<byte[]> csv(@PathVariable UUID farmId, @PathVariable UUID reportId) {
    access.see(farmId);
    byte[] text = reports.file(farmId, reportId).csv.getBytes(StandardCharsets.UTF_8);
    return file(
        farmId, reportId, "csv", new MediaType("text", "csv", StandardCharsets.UTF_8), text);
  }

  private ResponseEntity<byte[]> file(
      UUID farmId, UUID reportId, String ending, MediaType type, byte[] bytes) {
    return ResponseEntity.ok()
        .contentType(type)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"report-%d.%s\""
                .formatted(reports.number(farmId, reportId), ending))
        .body(bytes);
  }
}
