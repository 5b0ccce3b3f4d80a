package nimblefurrow.server.hours;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Hours fit for rolling, spraying, flying and drilling. */
@RestController
@RequestMapping("/api/farms/{farmId}/hours")
class HoursController {
  private final HoursService hours;
  private final Access access;

  HoursController(HoursService hours, Access access) {
    this.hours = hours;
    this.access = access;
  }

  @GetMapping
  HoursService.HoursView hours(
      @PathVariable UUID farmId, @RequestParam(required = false) @Nullable UUID fieldId) {
    access.see(farmId);
    return hours.fromDays(farmId, fieldId);
  }

  /** The ground of every field with a cover, and when a drill can go on it. */
  @GetMapping("/ground")
  List<HoursService.GroundView> ground(@PathVariable UUID farmId) {
    access.see(farmId);
    return hours.ground(farmId);
  }

  /** An hourly table in place of the station's days. */
  record HourlyTable(String csv) {}

  @PostMapping
  HoursService.HoursView table(
      @PathVariable UUID farmId,
      @RequestParam(required = false) @Nullable UUID fieldId,
      @RequestBody HourlyTable table) {
    access.see(farmId);
    return hours.fromCsv(farmId, fieldId, table.csv());
  }
}
