package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** The cash crop a cover is seeded into or behind, as the cover sees it. */
public sealed interface CashCrop {

  /**
   * Corn.
   *
   * @param planted planting day
   * @param relativeMaturityDays maturity rating, days, 60..130
   * @param harvested the day the field is clear, when known
   * @param silage whether it is chopped green
   * @param moistureTargetPercent grain moisture at which the combine starts
   */
  record Corn(
      LocalDate planted,
      double relativeMaturityDays,
      @Nullable LocalDate harvested,
      boolean silage,
      double moistureTargetPercent)
      implements CashCrop {
    /** Grain moisture at which most growers start, %. */
    public static final double USUAL_MOISTURE = 20;

    public Corn {
      if (!(relativeMaturityDays >= 60 && relativeMaturityDays <= 130)) {
        throw new Refused(
            "", "corn maturity of " + relativeMaturityDays + " days is not between 60 and 130");
      }
      requireAfter("corn", planted, harvested);
    }
  }

  /**
   * Soybean.
   *
   * @param planted planting day
   * @param maturityGroup maturity group, 0..8
   * @param rowSpacingM row spacing, m
   * @param harvested the day the field is clear, when known
   */
  record Soybean(
      LocalDate planted, double maturityGroup, double rowSpacingM, @Nullable LocalDate harvested)
      implements CashCrop {
    public Soybean {
      if (!(maturityGroup >= -2 && maturityGroup <= 8)) {
        throw new Refused(
            "", "soybean maturity group " + maturityGroup + " is not between −2 and 8");
      }
      if (!(rowSpacingM > 0 && rowSpacingM <= 2)) {
        throw new Refused("", "soybean rows of " + rowSpacingM + " m");
      }
      requireAfter("soybeans", planted, harvested);
    }
  }

  /**
   * Small grain, pea or another crop off the field early.
   *
   * @param harvested the day the field is clear
   */
  record SmallGrain(LocalDate harvested) implements CashCrop {}

  /**
   * Another cover, which is ended before this one is seeded: its water is used, its mulch lies.
   *
   * @param before the season of that cover up to its ending, with what it followed itself
   * @param endedOn the last day it stands
   */
  record AfterCover(SeasonPlan before, LocalDate endedOn) implements CashCrop {
    public AfterCover {
      if (endedOn.isBefore(before.seededOn())) {
        throw new Refused(
            "", "a cover seeded on %s cannot be ended on %s".formatted(before.seededOn(), endedOn));
      }
    }
  }

  /** Nothing stands: fallow, or the crop is long gone. */
  record None() implements CashCrop {}

  private static void requireAfter(String crop, LocalDate planted, @Nullable LocalDate harvested) {
    if (harvested != null && !harvested.isAfter(planted)) {
      throw new Refused(
          "", "%s planted on %s cannot be harvested on %s".formatted(crop, planted, harvested));
    }
  }
}
