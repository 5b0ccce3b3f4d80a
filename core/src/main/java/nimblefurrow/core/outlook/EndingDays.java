package nimblefurrow.core.outlook;

import java.time.LocalDate;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.seeding.CoverPlan;

/**
 * The day a way of ending is reckoned for, and the day the next crop is then planted: the same for
 * every screen.
 *
 * @param endOn the day that suits the wished planting best, never before today or seeding
 * @param plantOn the day the next crop can then be planted
 * @param lag days from one to the other
 */
record EndingDays(LocalDate endOn, LocalDate plantOn, PlantingLag lag) {
  /**
   * Of one way on a field.
   *
   * @param next the next crop on the day it is wished, or was planted
   * @param planted whether it is in the ground
   */
  static EndingDays of(
      EndingOption o, CoverPlan plan, NextCrop next, boolean planted, LocalDate today) {
    PlantingLag lag = o.method().lag(plan, next.kind());
    LocalDate endOn = endOn(o, plan, next.plantOn(), lag, today);
    boolean asWished = o.method().ofItself() || planted;
    return new EndingDays(
        endOn, asWished ? next.plantOn() : lag.plantOn(endOn, next.plantOn()), lag);
  }

  /** The plan ended so. */
  CoverPlan ending(CoverPlan plan, EndingMethod method) {
    return plan.ended(endOn, plantOn, method.acts(endOn));
  }

  private static LocalDate endOn(
      EndingOption o, CoverPlan plan, LocalDate plant, PlantingLag lag, LocalDate today) {
    LocalDate day = o.method().endOn(o, plant, lag);
    LocalDate soonest = plan.seedOn().plusDays(1);
    LocalDate earliest = today.isAfter(soonest) ? today : soonest;
    return o.method().ofItself() || day.isAfter(earliest) ? day : earliest;
  }
}
