package nimblefurrow.core.units;

import java.time.LocalDate;

/** A value in a sentence that is said in the reader's own units. */
public sealed interface Figure {
  /**
   * A quantity.
   *
   * @param value in {@code unit}
   */
  record Amount(double value, Unit unit) implements Figure {}

  /** A day. */
  record Day(LocalDate date) implements Figure {}

  /** A word that belongs to the case, such as a species' name. */
  record Words(String text) implements Figure {}
}
