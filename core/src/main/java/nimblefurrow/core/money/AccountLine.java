package nimblefurrow.core.money;

import java.util.UUID;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;

/**
 * One line of a cover's account. What it brings is above nought, what it costs below.
 *
 * @param id of a line that the farm wrote by itself; null of what is reckoned
 * @param part what it is for
 * @param words how the money comes about, with its numbers
 * @param planned as planned, $/ha; null for what nobody planned
 * @param came what it came to, $/ha; null while that is not known
 */
public record AccountLine(
    @Nullable UUID id,
    MoneyPart part,
    Reason words,
    @Nullable Double planned,
    @Nullable Double came) {
  /**
   * A line that is reckoned.
   *
   * @param part what it is for
   * @param words how the money comes about, with its numbers
   * @param planned as planned, $/ha; null for what nobody planned
   * @param came what it came to, $/ha; null while that is not known
   */
  public AccountLine(
      MoneyPart part, Reason words, @Nullable Double planned, @Nullable Double came) {
    this(null, part, words, planned, came);
  }

  /**
   * {@return the same where something else tells what it came to}
   *
   * @param usdPerHa $/ha
   */
  AccountLine coming(double usdPerHa) {
    return new AccountLine(id, part, words, planned, usdPerHa);
  }

  /** {@return as it stands: what it came to, else as planned, $/ha} */
  public double stands() {
    return came != null ? came : planned == null ? 0 : planned;
  }
}
