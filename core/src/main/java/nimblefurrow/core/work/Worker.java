package nimblefurrow.core.work;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.units.Refused;

/**
 * Someone who works.
 *
 * @param id of the person
 * @param name in the farm's words
 * @param runs machines they can run
 * @param weekHours hours on each day of the week, Monday first
 * @param daysOff days they are not there
 */
public record Worker(
    UUID id, String name, Set<UUID> runs, List<Double> weekHours, Set<LocalDate> daysOff) {
  private static final int WEEK = 7;
  private static final double DAY_HOURS = 24;

  public Worker {
    weekHours = List.copyOf(weekHours);
    if (weekHours.size() != WEEK) {
      throw new Refused("weekHours", "A week has seven days: give hours for each, Monday first.");
    }
    for (int d = 0; d < WEEK; d++) {
      if (!(weekHours.get(d) >= 0 && weekHours.get(d) <= DAY_HOURS)) {
        throw new Refused("weekHours[" + d + "]", "A day has 0 to 24 hours.");
      }
    }
    runs = Set.copyOf(runs);
    daysOff = Set.copyOf(daysOff);
  }

  /** {@return the week in words: “60 h a week: 10 h Mon to Sat”, days of like hours together} */
  public String week() {
    double all = weekHours.stream().mapToDouble(Double::doubleValue).sum();
    List<String> spells = new ArrayList<>();
    for (int from = 0; from < WEEK; ) {
      int to = from;
      while (to + 1 < WEEK && weekHours.get(to + 1).equals(weekHours.get(from))) {
        to++;
      }
      if (weekHours.get(from) > 0) {
        String days = to == from ? day(from) : day(from) + " to " + day(to);
        spells.add(said(weekHours.get(from)) + " h " + days);
      }
      from = to + 1;
    }
    return spells.isEmpty()
        ? "no day of the week"
        : "%s h a week: %s".formatted(said(all), String.join(", ", spells));
  }

  private static String day(int ofWeek) {
    return DayOfWeek.of(ofWeek + 1).getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
  }

  private static String said(double hours) {
    return hours == Math.rint(hours) ? String.valueOf((long) hours) : String.valueOf(hours);
  }

  /**
   * {@return hours on a day}
   *
   * @param day day asked for
   */
  public double hours(LocalDate day) {
    return daysOff.contains(day) ? 0 : weekHours.get(day.getDayOfWeek().getValue() - 1);
  }
}
