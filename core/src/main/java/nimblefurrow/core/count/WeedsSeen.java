package nimblefurrow.core.count;

import java.time.LocalDate;

/**
 * Weeds as they were rated in a crop that stands in a dead cover.
 *
 * @param on the day they were rated
 * @param of10 from none, 0, to nothing else, 10
 */
public record WeedsSeen(LocalDate on, double of10) {
  /** From here on a rescue pays: below it the mulch is doing its work. Working value. */
  public static final double RESCUE_FROM = 4;

  /** {@return whether so many came through that a rescue is due} */
  public boolean rescue() {
    return rescue(of10);
  }

  /**
   * {@return whether a rating asks for a rescue}
   *
   * @param of10 from none, 0, to nothing else, 10
   */
  public static boolean rescue(double of10) {
    return of10 >= RESCUE_FROM;
  }
}
