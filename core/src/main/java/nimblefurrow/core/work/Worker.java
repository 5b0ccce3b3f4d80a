package nimblefurrow.core.work;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;

/**
 * Someone who works.
 *
 * @param id of the person
 * @param name in the farm's words
 * @param runs machines they can run
 * @param hoursPerDay on a day they work
 * @param worksSundays whether Sunday is such a day
 * @param daysOff days they are not there
 */
public record Worker(
    UUID id,
    String name,
    Set<UUID> runs,
    double hoursPerDay,
    boolean worksSundays,
    Set<LocalDate> daysOff) {
  public Worker {
    runs = Set.copyOf(runs);
    daysOff = Set.copyOf(daysOff);
  }

  /**
   * {@return hours on a day}
   *
   * @param day day asked for
   */
  public double hours(LocalDate day) {
    boolean free = day.getDayOfWeek() == DayOfWeek.SUNDAY && !worksSundays;
    return free || daysOff.contains(day) ? 0 : hoursPerDay;
  }
}
