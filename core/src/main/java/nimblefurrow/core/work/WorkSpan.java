package nimblefurrow.core.work;

import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The days that work is laid out over.
 *
 * @param start day of index 0
 * @param days how many
 */
public record WorkSpan(LocalDate start, int days) {
  /** So far ahead work is laid out while a season runs. */
  public static final int USUAL_DAYS = 100;

  /** A season that is still ahead is laid out whole: frost seeding and autumn lie far apart. */
  private static final int AHEAD_DAYS = 300;

  /** Before the first work of a season that is still ahead. */
  private static final int LEAD_DAYS = 14;

  /**
   * From today, or where a season is planned ahead some weeks before its first work: there is
   * nothing to lay out before that.
   *
   * @param today the day it is
   * @param seasonYear the season that is laid out
   * @param fields all fields
   * @return the work span
   * @throws Refused when the season is over
   */
  public static WorkSpan of(LocalDate today, int seasonYear, List<WorkField> fields) {
    LocalDate start = start(today, seasonYear, fields);
    LocalDate end = LocalDate.of(seasonYear + 1, Month.JULY, 31);
    if (start.isAfter(end)) {
      throw new Refused(
          "season",
          "The season of %d is over: choose the season that is to be laid out."
              .formatted(seasonYear));
    }
    int most = start.isAfter(today) ? AHEAD_DAYS : USUAL_DAYS;
    return new WorkSpan(start, (int) Math.min(most, ChronoUnit.DAYS.between(start, end) + 1));
  }

  private static LocalDate start(LocalDate today, int seasonYear, List<WorkField> fields) {
    LocalDate season = LocalDate.of(seasonYear, Month.JANUARY, 1);
    LocalDate work =
        fields.stream()
            .map(WorkSpan::first)
            .filter(Objects::nonNull)
            .min(LocalDate::compareTo)
            .map(first -> first.minusDays(LEAD_DAYS))
            .orElse(season);
    LocalDate start = work.isBefore(season) ? season : work;
    return start.isAfter(today) ? start : today;
  }

  private static @Nullable LocalDate first(WorkField f) {
    WorkField.Covered cover = f.covered();
    if (cover == null) {
      return null;
    }
    LocalDate clear = f.crop().day(f.crop().harvest().quantile(0.1));
    LocalDate seed = cover.plan().seedOn();
    return seed.isBefore(clear) ? seed : clear;
  }

  /**
   * {@return a day as a count from the start}
   *
   * @param day day asked for
   */
  public int index(LocalDate day) {
    return (int) ChronoUnit.DAYS.between(start, day);
  }

  /**
   * {@return a count as a day}
   *
   * @param index index from the first
   */
  public LocalDate day(int index) {
    return start.plusDays(index);
  }

  /** {@return its last day} */
  public LocalDate last() {
    return day(days - 1);
  }

  /** Keeps a count within it. */
  int clamp(int index) {
    return Math.max(0, Math.min(days - 1, index));
  }
}
