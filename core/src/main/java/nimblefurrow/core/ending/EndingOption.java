package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.units.Reason;

/**
 * One way to end a cover on a field.
 *
 * @param method how
 * @param fit whether it fits this field
 * @param from first day of its range
 * @param to last day of its range
 * @param yearsReady in how many years the cover can be ended so in time for planting
 * @param coverMgPerHa cover standing at the middle of the range in the middle year
 * @param reasons why it fits or not, most telling first
 * @param cautions what can hurt
 */
public record EndingOption(
    EndingMethod method,
    Fit fit,
    LocalDate from,
    LocalDate to,
    int yearsReady,
    double coverMgPerHa,
    List<Reason> reasons,
    List<Reason> cautions) {
  public EndingOption {
    reasons = List.copyOf(reasons);
    cautions = List.copyOf(cautions);
  }

  /** How well a way fits. */
  public enum Fit {
    FITS,
    WITH_CARE,
    DOES_NOT
  }
}
