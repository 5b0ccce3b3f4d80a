package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Digs behind a planter. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class DigController {
  private final DigService digs;
  private final Access access;

  DigController(DigService digs, Access access) {
    this.digs = digs;
    this.access = access;
  }

  @GetMapping("/digs")
  List<DigService.DigView> digs(@PathVariable UUID farmId) {
    access.see(farmId);
    return digs.digs(farmId);
  }

  @PutMapping("/fields/{fieldId}/digs/{id}")
  DigService.DigView dig(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID id,
      @RequestBody DigService.DigInput in) {
    access.work(farmId);
    return digs.dig(farmId, fieldId, id, in);
  }
}
