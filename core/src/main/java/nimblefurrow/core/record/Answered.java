package nimblefurrow.core.record;

import java.time.LocalDate;

/**
 * Something that was taken on to be looked at, and whether an entry of the record answers it.
 *
 * @param key what is watched, as the {@link nimblefurrow.core.ending.WatchList} calls it
 * @param dueFrom the day from which on it is due
 */
public record Answered(String key, LocalDate dueFrom) {
  /** A look so many days before its time still answers. Working value. */
  private static final int EARLY_DAYS = 5;

  /**
   * {@return whether an entry answers it}
   *
   * @param kind of the entry
   * @param on day of the entry
   */
  public boolean by(LogKind kind, LocalDate on) {
    return kind.answers().contains(key) && !on.isBefore(dueFrom.minusDays(EARLY_DAYS));
  }
}
