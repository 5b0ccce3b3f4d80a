package nimblefurrow.server.chain;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.chain.LinkCost;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.FarmRules;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What covers cost, with the farm's own prices. */
@Component
class LinkCosts {
  private final ShedService shed;
  private final SpeciesService species;
  private final FarmRules rules;

  LinkCosts(ShedService shed, SpeciesService species, FarmRules rules) {
    this.shed = shed;
    this.species = species;
    this.rules = rules;
  }

  /** A farm's machines, prices of seed, and what its endings cost, to be asked of many covers. */
  record OfFarm(List<Machine> shed, SpeciesTable table, EndingRules rules) {
    /**
     * One cover's.
     *
     * @param grown what the model says of it, with what went out; null without weather
     */
    LinkCost of(
        double areaHa,
        Link.Cover cover,
        PlanView plan,
        PlannedFields.@Nullable PlannedField grown) {
      return LinkCost.of(seed(plan, grown), cover.method(), cover.ending(), areaHa, shed, rules);
    }

    private List<CoverComponent> seed(PlanView plan, PlannedFields.@Nullable PlannedField grown) {
      return grown != null && grown.cover() != null
          ? grown.cover().cover()
          : plan.plan().components().stream()
              .map(c -> CoverComponent.of(table.get(c.species()), c.rateKgPerHa()))
              .toList();
    }
  }

  OfFarm of(UUID farmId) {
    return new OfFarm(
        shed.machines(farmId).stream().map(MachineView::machine).toList(),
        species.table(farmId),
        rules.of(farmId));
  }
}
