package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.ending.OwnYield;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.price.PriceService;
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
  private final EndingRulesOf rules;
  private final OwnYields yields;
  private final PriceService prices;
  private final Access access;

  RulesController(
      FarmRulesRows rows,
      EndingRulesOf rules,
      OwnYields yields,
      PriceService prices,
      Access access) {
    this.prices = prices;
    this.rows = rows;
    this.rules = rules;
    this.yields = yields;
    this.access = access;
  }

  /**
   * A farm's rules.
   *
   * @param own whether the farm changed any
   * @param version for saving: the version that was read; null when there is none
   * @param harvested what its own harvests brought, of crops with enough of them
   */
  record RulesView(
      boolean own, @Nullable Long version, RulesBody ending, List<OwnYield> harvested) {}

  /** Rules as they are sent. */
  record RulesInput(@Nullable Long version, RulesBody ending) {}

  @GetMapping
  @Transactional(readOnly = true)
  public RulesView rules(@PathVariable UUID farmId) {
    access.see(farmId);
    return view(farmId, rows.findByFarmId(farmId).orElse(null));
  }

  @PutMapping
  @Saving
  public RulesView put(@PathVariable UUID farmId, @RequestBody RulesInput in) {
    access.manage(farmId);
    FarmRulesRow row = rows.findByFarmId(farmId).orElse(null);
    Long version = row == null ? null : row.version;
    ChangedMeanwhile.unless(version, in.version(), "the rules", () -> rules(farmId));
    if (row == null) {
      row = new FarmRulesRow();
      row.farmId = farmId;
    }
    // What cannot be a rule is refused before it is stored.
    in.ending().at(prices.of(farmId));
    row.ending = StoredRules.SHAPE.store(in.ending());
    rows.saveAndFlush(row);
    return view(farmId, row);
  }

  /** Back to the rules that ship. */
  @DeleteMapping
  @Transactional
  public RulesView reset(@PathVariable UUID farmId) {
    access.manage(farmId);
    rows.findByFarmId(farmId).ifPresent(rows::delete);
    rows.flush();
    return view(farmId, null);
  }

  private RulesView view(UUID farmId, @Nullable FarmRulesRow row) {
    return new RulesView(
        row != null,
        row == null ? null : row.version,
        RulesBody.of(rules.of(farmId)),
        yields.of(farmId));
  }
}
