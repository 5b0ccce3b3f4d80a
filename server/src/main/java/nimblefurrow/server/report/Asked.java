package nimblefurrow.server.report;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmView;
import org.jspecify.annotations.Nullable;

/**
 * What a report is asked for.
 *
 * @param fieldId one field; null for all
 * @param from first day
 * @param to last day
 * @param units its figures are said in
 */
public record Asked(
    FarmView farm, @Nullable UUID fieldId, LocalDate from, LocalDate to, UnitSystem units) {
  /** Whether a day is among those asked about. */
  public boolean covers(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }

  /** Whether a field is. */
  public boolean of(UUID field) {
    return fieldId == null || fieldId.equals(field);
  }

  /** A figure in the reader's units. */
  public String say(double value, Unit unit) {
    return units.say(new Figure.Amount(value, unit));
  }
}
