package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * The latest day on which an insurer or cost-share office lets a cover be ended, counted from
 * planting. Data, not law: the agent's word goes.
 *
 * @param zone its name
 * @param latestDaysAfterPlanting negative is before
 * @param beforeEmergence whether the crop must not be up yet
 * @param words the rule as a grower says it
 */
public record InsurerZone(
    String zone, int latestDaysAfterPlanting, boolean beforeEmergence, String words) {

  /**
   * {@return whether ending and planting days keep to it}
   *
   * @param endOn day the cover ends
   * @param plantOn planting of the next crop
   * @param emergenceDays from planting to the crop being up
   */
  public boolean kept(LocalDate endOn, LocalDate plantOn, int emergenceDays) {
    return ChronoUnit.DAYS.between(plantOn, endOn) <= latest(emergenceDays);
  }

  /**
   * {@return the last day on which the cover may be ended}
   *
   * @param plantOn planting of the next crop
   * @param emergenceDays from planting to the crop being up
   */
  public LocalDate lastDay(LocalDate plantOn, int emergenceDays) {
    return plantOn.plusDays(latest(emergenceDays));
  }

  /** The latest day after planting; where the crop must not be up yet, the day before it is. */
  private int latest(int emergenceDays) {
    return beforeEmergence
        ? Math.min(latestDaysAfterPlanting, emergenceDays - 1)
        : latestDaysAfterPlanting;
  }

  /**
   * {@return the verdict in words}
   *
   * @param endOn day the cover ends
   * @param plantOn planting of the next crop
   * @param emergenceDays days from planting to the crop being up
   */
  public Reason say(LocalDate endOn, LocalDate plantOn, int emergenceDays) {
    if (kept(endOn, plantOn, emergenceDays)) {
      return Reason.of("keeps the insurer's date: {rule}").with("rule", words);
    }
    long late = ChronoUnit.DAYS.between(plantOn, endOn) - latest(emergenceDays);
    return Reason.of("breaks the insurer's date by {late}: {rule}; confirm with your agent")
        .with("late", late, Unit.DAYS)
        .with("rule", words);
  }
}
