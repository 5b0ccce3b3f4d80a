package nimblefurrow.core.chain;

import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.seeding.SeedingMethod;
import org.jspecify.annotations.Nullable;

/**
 * What a cover costs, each part $/ha.
 *
 * @param seed at the price it is bought for
 * @param seeding the pass, by the first machine of the shed that seeds so; null where none does
 * @param ending its passes, as the farm's rules have them
 */
public record LinkCost(double seed, @Nullable Double seeding, double ending) {
  /**
   * {@return the cost of a cover}
   *
   * @param cover what is seeded, at its rates
   * @param method how
   * @param way how it is ended
   * @param areaHa of the piece it stands on
   * @param shed machines at hand
   * @param rules the farm's, with what ways of ending cost
   */
  public static LinkCost of(
      List<CoverComponent> cover,
      SeedingMethod method,
      EndingMethod way,
      double areaHa,
      List<Machine> shed,
      EndingRules rules) {
    double seed =
        cover.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
    Double seeding =
        shed.stream()
            .filter(m -> m.seeds(method))
            .findFirst()
            .map(m -> m.usd(areaHa, m.seedingHours(areaHa, cover)) / areaHa)
            .orElse(null);
    return new LinkCost(seed, seeding, rules.cost(way).usdPerHa());
  }

  /** {@return all of it, $/ha} */
  public double all() {
    return seed + (seeding == null ? 0 : seeding) + ending;
  }
}
