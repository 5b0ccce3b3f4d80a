package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.units.Reason;

/**
 * When a cover can be seeded one way, with what sets each edge.
 *
 * @param method how it is seeded
 * @param possible whether there is such a time at all
 * @param opens first useful day
 * @param bestUntil last day on which the year in five with least warmth still brings enough
 * @param closes last useful day
 * @param cautions what to watch for
 */
public record Window(
    SeedingMethod method,
    boolean possible,
    Edge opens,
    Edge bestUntil,
    Edge closes,
    List<Reason> cautions) {
  /** A day and the reason that sets it. */
  public record Edge(LocalDate day, Reason reason) {}

  /** Where a day lies. */
  public enum Standing {
    TOO_EARLY,
    BEST,
    LATE_BUT_USEFUL,
    TOO_LATE
  }

  public Window {
    cautions = List.copyOf(cautions);
  }

  /**
   * {@return where a day lies in this window}
   *
   * @param day day asked for
   */
  public Standing standing(LocalDate day) {
    if (day.isBefore(opens.day())) {
      return Standing.TOO_EARLY;
    }
    if (!possible || day.isAfter(closes.day())) {
      return Standing.TOO_LATE;
    }
    return day.isAfter(bestUntil.day()) ? Standing.LATE_BUT_USEFUL : Standing.BEST;
  }
}
