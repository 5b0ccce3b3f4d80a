package nimblefurrow.server.ending;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.units.Spread;
import nimblefurrow.server.season.MoneyView;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Endings as the wire shows and takes them. */
final class EndingViews {
  private EndingViews() {}

  /** A range over the years: one year in ten is below low, one in ten above high. */
  record EndingRange(double low, double middle, double high) {
    static EndingRange of(Spread s) {
      return new EndingRange(s.quantile(0.1), s.median(), s.quantile(0.9));
    }
  }

  /**
   * One way beside the others.
   *
   * @param barred why it cannot be, when a hard rule stands against it
   * @param outcome what the model makes of it; null where it has no model of it: not estimated
   * @param money the cover's account as planned with this ending
   * @param ripe in how many past years the next crop, planted so, ripens before frost; null where
   *     not known
   * @param school the school of practice behind it, where growers differ
   */
  record EndingRow(
      @KeyOf(KeyOf.What.ENDING) String way,
      String label,
      EndingOption.Fit fit,
      @Nullable ReasonView barred,
      LocalDate from,
      LocalDate to,
      LocalDate endOn,
      LocalDate plantOn,
      int lagLeast,
      int lagMost,
      @Nullable EndingOutcome outcome,
      String passes,
      double usdPerHa,
      MoneyView money,
      double lateShare,
      double lateUsdPerHa,
      boolean insurerKept,
      ReasonView insurer,
      @Nullable Integer ripe,
      @Nullable Integer ripeYears,
      @Nullable String school,
      List<ReasonView> reasons,
      List<ReasonView> cautions) {}

  /** What the model says of one way, over all years. */
  record EndingOutcome(
      int years,
      int groundFit,
      int met,
      int dead,
      EndingRange kill,
      EndingRange mulch,
      EndingRange living,
      EndingRange soilWaterMm,
      EndingRange nitrogenKgPerHa,
      EndingRange weeksOfCover,
      EndingRange takenOff) {}

  /** A choice that was made, newest first. */
  record ChosenView(
      UUID id,
      @KeyOf(KeyOf.What.ENDING) String way,
      String label,
      LocalDate endOn,
      LocalDate plantOn,
      String why,
      Instant chosenAt) {}

  /**
   * A field's ending.
   *
   * @param wanted what the goal is measured by
   * @param target of the goal, in its unit
   * @param endedOn the day it was ended, when it was
   * @param bearingDeg the way it was seeded, when that is known
   * @param version of the ending: raised by each change of the plan and by each choice
   * @param plannedWay how the field's plan ends it
   * @param plannedEndOn and when
   */
  record EndingPage(
      UUID fieldId,
      String field,
      double areaHa,
      boolean organic,
      String crop,
      LocalDate today,
      LocalDate plantOn,
      @KeyOf(KeyOf.What.PURPOSE) String purpose,
      ReasonView wanted,
      double target,
      @Nullable LocalDate seededOn,
      @Nullable LocalDate endedOn,
      @Nullable Double bearingDeg,
      long version,
      String plannedWay,
      LocalDate plannedEndOn,
      List<EndingRow> rows,
      List<ChosenView> chosen) {}

  /**
   * A choice to be kept.
   *
   * @param version of the ending it was made on
   */
  record ChoiceInput(
      @KeyOf(KeyOf.What.ENDING) String way,
      LocalDate endOn,
      LocalDate plantOn,
      String why,
      long version) {}

  /** One field of the farm's endings: what leads, and what was chosen. */
  record FieldEnding(
      UUID fieldId,
      String field,
      double areaHa,
      String cover,
      @KeyOf(KeyOf.What.PURPOSE) String purpose,
      @Nullable LocalDate endedOn,
      @Nullable EndingRow best,
      @Nullable EndingRow planned,
      @Nullable ChosenView chosen) {}

  /** The same choice for many fields. */
  record BulkChoice(List<UUID> fields, String why) {}
}
