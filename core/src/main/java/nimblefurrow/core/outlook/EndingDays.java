package nimblefurrow.core.outlook;

import java.time.LocalDate;
import nimblefurrow.core.ending.EndingAdviser;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.WayActs;
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
  private static final int RESCUE_AFTER_DAYS = 25;

  /**
   * Of one way on a field.
   *
   * @param next the next crop on the day it is wished, or was planted
   * @param planted whether it is in the ground
   */
  static EndingDays of(
      EndingOption o, CoverPlan plan, NextCrop next, boolean planted, LocalDate today) {
    PlantingLag lag = PlantingLag.of(o.way(), plan, next.kind());
    LocalDate endOn = endOn(o, plan, next.plantOn(), lag, today);
    boolean asWished = o.way() == EndingWay.WINTER || planted;
    return new EndingDays(
        endOn, asWished ? next.plantOn() : lag.plantOn(endOn, next.plantOn()), lag);
  }

  /** The plan ended so. */
  CoverPlan ending(CoverPlan plan, EndingWay way) {
    return plan.ended(endOn, plantOn, WayActs.known(way, endOn));
  }

  private static LocalDate endOn(
      EndingOption o, CoverPlan plan, LocalDate plant, PlantingLag lag, LocalDate today) {
    LocalDate day =
        switch (o.way()) {
          case WINTER, HAY -> o.from();
          case ROLL_PLANT ->
              between(o.from(), plant, plant.plusDays(EndingAdviser.LONGEST_WAIT_DAYS));
          case BETWEEN_ROWS, CULTIVATE -> plant.plusDays(RESCUE_AFTER_DAYS);
          default -> plant.minusDays(lag.usual());
        };
    LocalDate soonest = plan.seedOn().plusDays(1);
    LocalDate earliest = today.isAfter(soonest) ? today : soonest;
    return o.way() == EndingWay.WINTER || day.isAfter(earliest) ? day : earliest;
  }

  private static LocalDate between(LocalDate day, LocalDate low, LocalDate high) {
    return day.isBefore(low) ? low : day.isAfter(high) ? high : day;
  }
}
