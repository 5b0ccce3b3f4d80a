package nimblefurrow.server.nutrient;

import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Nitrogen of a field. */
@RestController
@RequestMapping("/api/farms/{farmId}/fields/{fieldId}")
class NitrogenController {
  private final NitrogenLedgers ledgers;
  private final Access access;

  NitrogenController(NitrogenLedgers ledgers, Access access) {
    this.ledgers = ledgers;
    this.access = access;
  }

  /** What nitrogen the next crop finds, and where it is from. */
  @GetMapping("/nitrogen")
  LedgerViews.NitrogenLedgerView nitrogen(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return ledgers.of(farmId, fieldId);
  }

  /** What feeding the cover for more mulch brings, and costs. */
  @PostMapping("/fed-cover")
  LedgerViews.FedView fed(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody LedgerViews.FeedingQuestion question) {
    access.see(farmId);
    return ledgers.fed(farmId, fieldId, question);
  }
}
