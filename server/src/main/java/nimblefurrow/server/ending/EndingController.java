package nimblefurrow.server.ending;

import java.util.List;
import java.util.Set;
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

/** Endings of a farm and of its fields. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class EndingController {
  private final EndingAdvice endings;
  private final EndingKeeping keeping;
  private final Access access;

  EndingController(EndingAdvice endings, EndingKeeping keeping, Access access) {
    this.endings = endings;
    this.keeping = keeping;
    this.access = access;
  }

  @GetMapping("/fields/{fieldId}/ending")
  EndingViews.EndingPage page(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestParam(required = false) @Nullable String purpose,
      @RequestParam(required = false) @Nullable Double target) {
    access.see(farmId);
    return endings.page(farmId, fieldId, purpose, target);
  }

  @PostMapping("/fields/{fieldId}/ending")
  EndingViews.EndingPage choose(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody EndingViews.ChoiceInput choice) {
    access.manage(farmId);
    keeping.choose(farmId, fieldId, choice, access.person().id());
    return endings.page(farmId, fieldId, null, null);
  }

  /**
   * The endings of the farm's fields, or of some of them: a page asks for a few at a time, so that
   * the first are there while the others are computed.
   *
   * @param fields which; all when none are named
   */
  @GetMapping("/endings")
  List<EndingViews.FieldEnding> all(
      @PathVariable UUID farmId, @RequestParam(required = false) @Nullable Set<UUID> fields) {
    access.see(farmId);
    return endings.all(farmId, fields == null ? Set.of() : fields);
  }

  /** How many fields took their best way. */
  record BulkDone(int changed) {}

  @PostMapping("/endings/best")
  BulkDone best(@PathVariable UUID farmId, @RequestBody EndingViews.BulkChoice bulk) {
    access.manage(farmId);
    return new BulkDone(
        keeping.chooseBest(farmId, bulk.fields(), bulk.why(), access.person().id()));
  }
}
