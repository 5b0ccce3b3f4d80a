package nimblefurrow.server.season;

import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a day brings. */
@RestController
class TodayController {
  private final SinceYesterday since;
  private final Access access;

  TodayController(SinceYesterday since, Access access) {
    this.since = since;
    this.access = access;
  }

  /** What is different from yesterday, and why. */
  @GetMapping("/api/farms/{farmId}/since-yesterday")
  SinceYesterday.SinceView sinceYesterday(@PathVariable UUID farmId) {
    access.see(farmId);
    return since.of(farmId);
  }
}
