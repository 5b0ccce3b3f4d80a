package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * How planting hangs on the ending: days from ending to planting. Negative days plant first.
 *
 * @param least fewest
 * @param most most
 * @param usual what is planned when nothing else is said
 */
public record PlantingLag(int least, int most, int usual) {

  /** The first day of ending that a planting day leaves. */
  public LocalDate firstEnd(LocalDate plantOn) {
    return plantOn.minusDays(most);
  }

  /** The last day of ending that a planting day leaves. */
  public LocalDate lastEnd(LocalDate plantOn) {
    return plantOn.minusDays(least);
  }

  /** The first day on which the crop may be planted when the cover ends on a day. */
  public LocalDate plantOn(LocalDate endOn, LocalDate wish) {
    LocalDate first = endOn.plusDays(least);
    return wish.isBefore(first) ? first : wish;
  }

  /** Whether both days stand as this way needs them. */
  public boolean holds(LocalDate endOn, LocalDate plantOn) {
    long days = ChronoUnit.DAYS.between(endOn, plantOn);
    return days >= least && days <= most;
  }

  /** Whether the crop is planted into the living cover, before it is ended. */
  public boolean plantsFirst() {
    return most <= 0;
  }
}
