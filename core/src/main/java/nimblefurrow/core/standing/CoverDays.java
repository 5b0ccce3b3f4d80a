package nimblefurrow.core.standing;

import java.time.LocalDate;

/**
 * The days a cover counts with today.
 *
 * @param seedOn as written down, or when it is due and still can be
 * @param endOn likewise; the day after the seeding at the earliest
 * @param plantOn when the next crop goes in, as written down or as meant
 */
public record CoverDays(LocalDate seedOn, LocalDate endOn, LocalDate plantOn) {
  /**
   * {@return the days of a cover by how its field stands}
   *
   * @param standing how the field stands
   * @param meantEnd the day meant for its ending, where nothing else is known of it
   * @param meantPlanting the day meant for the next crop, likewise
   * @param today the day it is
   */
  public static CoverDays of(
      FieldStanding standing, LocalDate meantEnd, LocalDate meantPlanting, LocalDate today) {
    LocalDate seedOn = standing.seedOn(today);
    LocalDate ending = standing.endOn(today);
    boolean ends = standing.ending().state() != DeedStanding.State.NONE && ending.isAfter(seedOn);
    LocalDate endOn = ends ? ending : meantEnd.isAfter(seedOn) ? meantEnd : seedOn.plusDays(1);
    return new CoverDays(
        seedOn, endOn, standing.planting().done() ? standing.planting().day() : meantPlanting);
  }
}
