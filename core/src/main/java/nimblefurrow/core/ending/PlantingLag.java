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

  /**
   * {@return the first day of ending that a planting day leaves}
   *
   * @param plantOn planting of the next crop
   */
  public LocalDate firstEnd(LocalDate plantOn) {
    return plantOn.minusDays(most);
  }

  /**
   * {@return the last day of ending that a planting day leaves}
   *
   * @param plantOn planting of the next crop
   */
  public LocalDate lastEnd(LocalDate plantOn) {
    return plantOn.minusDays(least);
  }

  /**
   * {@return the first day on which the crop may be planted when the cover ends on a day}
   *
   * @param endOn day the cover ends
   * @param wish day the grower would like
   */
  public LocalDate plantOn(LocalDate endOn, LocalDate wish) {
    LocalDate first = endOn.plusDays(least);
    return wish.isBefore(first) ? first : wish;
  }

  /**
   * {@return whether both days stand as this way needs them}
   *
   * @param endOn day the cover ends
   * @param plantOn planting of the next crop
   */
  public boolean holds(LocalDate endOn, LocalDate plantOn) {
    long days = ChronoUnit.DAYS.between(endOn, plantOn);
    return days >= least && days <= most;
  }

  /** {@return whether the crop is planted into the living cover, before it is ended} */
  public boolean plantsFirst() {
    return most <= 0;
  }
}
