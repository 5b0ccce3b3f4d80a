package nimblefurrow.core.money;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/**
 * What the covers of one piece of ground are reckoned with, so that a cover that is only thought of
 * has the account it would have once it is planned.
 *
 * @param areaHa of the piece
 * @param shed machines, the one that is meant first
 * @param rules what ways of ending cost on the farm
 * @param prices of the farm
 * @param cropFollows whether a crop does, which waits and takes nitrogen; not another cover
 * @param sideDressed whether a crop that is seeded under gets its nitrogen in the same pass
 */
public record AccountBasis(
    double areaHa,
    List<Machine> shed,
    EndingRules rules,
    PriceBook prices,
    boolean cropFollows,
    boolean sideDressed) {
  public AccountBasis {
    shed = List.copyOf(shed);
  }

  /**
   * {@return the first machine of the shed that seeds so; null where none does}
   *
   * @param method way of seeding
   */
  public @Nullable Machine seeder(SeedingMethod method) {
    return shed.stream().filter(m -> m.seeds(method)).findFirst().orElse(null);
  }

  /**
   * {@return the end of a cover with what its way costs here}
   *
   * @param way how it is ended
   * @param on the day
   */
  public AccountCover.End end(EndingMethod way, LocalDate on) {
    return new AccountCover.End(way, on, rules.cost(way));
  }

  /**
   * {@return a cover of this piece as it is planned}
   *
   * @param seed components with their rates, at what seed costs
   * @param method way of seeding
   * @param end how and when it is ended
   * @param follows what its ending does to the next crop; null where nothing waits
   * @param nitrogenKgPerHa freed for the next crop, in every year; null where no weather is known
   * @param feedMgPerHa grazed or baled in the middle year, Mg/ha; 0 where it feeds nobody
   */
  public AccountCover cover(
      List<CoverComponent> seed,
      SeedingMethod method,
      AccountCover.End end,
      AccountCover.@Nullable Wait follows,
      @Nullable Spread nitrogenKgPerHa,
      double feedMgPerHa) {
    return new AccountCover(
        areaHa,
        seed,
        seeder(method),
        sideDressed && method.underCrop(),
        end,
        cropFollows ? follows : null,
        cropFollows ? nitrogenKgPerHa : null,
        feedMgPerHa);
  }

  /**
   * {@return the account of a cover that is only planned}
   *
   * @param cover of this piece
   */
  public CoverAccount planned(AccountCover cover) {
    return CoverAccount.of(cover, CameOf.NOTHING, prices);
  }
}
