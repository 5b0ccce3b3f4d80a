package nimblefurrow.core.money;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.WayCost;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/**
 * A cover as it is planned, as far as money goes.
 *
 * @param areaHa of the piece it stands on
 * @param seed components with their rates, at what seed costs
 * @param seeder what seeds it; null where no machine of the shed does
 * @param sideDressed whether the pass that seeds it side-dresses the crop too
 * @param end how and when it is ended
 * @param follows what its ending does to the next crop; null where none follows
 * @param nitrogenKgPerHa freed for the next crop, in every year; null where none follows or no
 *     weather is known
 * @param feedMgPerHa grazed or baled in the middle year, Mg/ha; 0 where it feeds nobody
 */
public record AccountCover(
    double areaHa,
    List<CoverComponent> seed,
    @Nullable Machine seeder,
    boolean sideDressed,
    End end,
    @Nullable Wait follows,
    @Nullable Spread nitrogenKgPerHa,
    double feedMgPerHa) {
  public AccountCover {
    seed = List.copyOf(seed);
  }

  /**
   * How it is ended.
   *
   * @param way how
   * @param on the day
   * @param cost what the way costs on the farm
   */
  public record End(EndingMethod way, LocalDate on, WayCost cost) {}

  /**
   * The next crop and the cover's ending.
   *
   * @param curve what late planting costs it
   * @param lag days from the ending to planting
   * @param wish the day it is to be planted
   * @param planted the day it was planted; null while it is not
   */
  public record Wait(
      LatePlanting curve, PlantingLag lag, LocalDate wish, @Nullable LocalDate planted) {
    /**
     * {@return what an ending of a cover does to the next crop; null where the cover ends of itself
     * and nothing waits}
     *
     * @param way how it is ended
     * @param cover the cover
     * @param next crop that follows, on the day it is to be planted
     * @param planted the day it was planted; null while it is not
     * @param rules of the farm
     */
    public static @Nullable Wait of(
        EndingMethod way,
        CoverPlan cover,
        NextCrop next,
        @Nullable LocalDate planted,
        EndingRules rules) {
      return way.ofItself()
          ? null
          : new Wait(rules.late(next.kind()), way.lag(cover, next.kind()), next.plantOn(), planted);
    }

    /**
     * {@return the same after an ending that keeps other days}
     *
     * @param other its days; null for those that are planned
     */
    Wait after(@Nullable PlantingLag other) {
      return other == null ? this : new Wait(curve, other, wish, planted);
    }

    /**
     * {@return the first day that an ending leaves; a crop that is in the ground before it did not
     * wait for it}
     *
     * @param endOn day of the ending
     */
    LocalDate plantOn(LocalDate endOn) {
      LocalDate day = lag.plantOn(endOn, wish);
      return planted == null || !planted.isBefore(day)
          ? day
          : planted.isBefore(wish) ? wish : planted;
    }

    /**
     * {@return what the wait costs, $/ha: later than wished, not later than best}
     *
     * @param endOn day of the ending
     */
    double usdPerHa(LocalDate endOn) {
      return curve.usdPerHa(plantOn(endOn)) - curve.usdPerHa(wish);
    }
  }
}
