package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.money.AccountBasis;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.server.plan.PlanInput;
import org.jspecify.annotations.Nullable;

/**
 * What a farm reckons covers with.
 *
 * @param shed machines in their order
 */
public record FarmBasis(Map<UUID, Machine> shed, EndingRules rules, PriceBook prices) {

  /**
   * The same on a piece of ground.
   *
   * @param plan the cover's, which names what seeds it and what else goes out
   * @param cropFollows whether a crop does, not another cover
   */
  public AccountBasis on(double areaHa, PlanInput plan, boolean cropFollows) {
    return on(areaHa, plan.machineId(), plan.sideDresses(), cropFollows);
  }

  /**
   * The same where the cover is not settled yet.
   *
   * @param machineId the machine that is meant to seed; null for the first that can
   * @param sideDressed whether a crop that is seeded under gets its nitrogen in the same pass
   */
  AccountBasis on(
      double areaHa, @Nullable UUID machineId, boolean sideDressed, boolean cropFollows) {
    List<Machine> machines = new ArrayList<>(shed.values());
    Machine meant = machineId == null ? null : shed.get(machineId);
    if (meant != null) {
      machines.add(0, meant);
    }
    return new AccountBasis(areaHa, machines, rules, prices, cropFollows, sideDressed);
  }
}
