package nimblefurrow.server.ending;

import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Rules of endings that a farm may change. */
@RestController
@RequestMapping("/api/farms/{farmId}/rules")
class RulesController {
  private final FarmRulesRows rows;
  private final Access access;

  RulesController(FarmRulesRows rows, Access access) {
    this.rows = rows;
    this.access = access;
  }

  /**
   * A farm's rules.
   *
   * @param own whether the farm changed any
   * @param version for saving: the version that was read; null when there is none
   */
  record RulesView(boolean own, @Nullable Long version, EndingRules ending) {}

  @GetMapping
  @Transactional(readOnly = true)
  public RulesView rules(@PathVariable UUID farmId) {
    access.see(farmId);
    return rows.findByFarmId(farmId)
        .map(r -> new RulesView(true, r.version, StoredRules.SHAPE.read(r.ending)))
        .orElseGet(() -> new RulesView(false, null, EndingRules.shipped()));
  }

  @PutMapping
  @Saving
  public RulesView put(@PathVariable UUID farmId, @RequestBody RulesView in) {
    access.manage(farmId);
    FarmRulesRow row = rows.findByFarmId(farmId).orElse(null);
    Long version = row == null ? null : row.version;
    ChangedMeanwhile.unless(version, in.version(), "the rules", () -> rules(farmId));
    if (row == null) {
      row = new FarmRulesRow();
      row.farmId = farmId;
    }
    row.ending = StoredRules.SHAPE.store(in.ending());
    rows.saveAndFlush(row);
    return new RulesView(true, row.version, in.ending());
  }

  /** Back to the rules that ship. */
  @DeleteMapping
  @Transactional
  public RulesView reset(@PathVariable UUID farmId) {
    access.manage(farmId);
    rows.findByFarmId(farmId).ifPresent(rows::delete);
    return new RulesView(false, null, EndingRules.shipped());
  }
}
