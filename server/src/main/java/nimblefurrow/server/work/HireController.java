package nimblefurrow.server.work;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Farms that are worked for, and what they are quoted. */
@RestController
@RequestMapping("/api/farms/{farmId}/field-work/customers")
class HireController {
  private final HireService hire;
  private final HireQuotes quotes;
  private final Access access;

  HireController(HireService hire, HireQuotes quotes, Access access) {
    this.hire = hire;
    this.quotes = quotes;
    this.access = access;
  }

  /** Whether a farm's jobs are in the plan. */
  record WorkedInput(boolean worked) {}

  /** Farms the asker could work for, and those whose jobs are in the plan. */
  @GetMapping
  List<HireService.CustomerView> customers(@PathVariable UUID farmId) {
    access.see(farmId);
    return hire.list(farmId);
  }

  @PutMapping("/{customerId}")
  List<HireService.CustomerView> workFor(
      @PathVariable UUID farmId, @PathVariable UUID customerId, @RequestBody WorkedInput in) {
    access.manage(farmId);
    return hire.work(farmId, customerId, in.worked());
  }

  /** What the kept plan's jobs on a farm come to. */
  @GetMapping("/{customerId}/quote")
  HireQuotes.QuoteView quote(
      @PathVariable UUID farmId,
      @PathVariable UUID customerId,
      @RequestParam(defaultValue = "us") String units) {
    access.manage(farmId);
    return quotes.of(
        farmId, customerId, units.equals("metric") ? UnitSystem.METRIC : UnitSystem.US);
  }

  @GetMapping("/{customerId}/quote.pdf")
  ResponseEntity<byte[]> paper(
      @PathVariable UUID farmId,
      @PathVariable UUID customerId,
      @RequestParam(name = "units", defaultValue = "us") String speaks)
      throws IOException {
    access.manage(farmId);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"quote.pdf\"")
        .body(quotes.paper(farmId, customerId, speaks.equals("metric")));
  }
}
