package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * Days of weather as somebody reports them, in any order: what cannot be is refused, gaps are found
 * and filled. Short gaps lie between their neighbours; long ones take the mean of other years.
 */
public final class ReportedDays {
  private static final double COLDEST_C = -65;
  private static final double HOTTEST_C = 60;
  private static final double WETTEST_MM = 700;
  private static final double WINDIEST_M_PER_S = 60;
  private static final double DRIEST_DEW_C = -80;

  /** A dew point so far above the day's highest temperature is rounding, further is a fault. */
  private static final double DEW_ROUNDING_C = 3;

  private static final int SHORT_GAP_DAYS = 5;
  private static final int MOST_YEARS = 200;

  private final TreeMap<LocalDate, Day> days = new TreeMap<>();

  /**
   * One day; wind and dew point are not a number where they are not known.
   *
   * @param tminC lowest temperature, °C
   * @param tmaxC highest temperature, °C
   * @param precipMm rain and snow, mm of water
   * @param windMPerS mean wind, m/s
   * @param dewPointC mean dew point, °C
   */
  public record Day(
      double tminC, double tmaxC, double precipMm, double windMPerS, double dewPointC) {
    /** The same without a wind or dew point that cannot be. */
    Day sound() {
      boolean windSound = windMPerS >= 0 && windMPerS < WINDIEST_M_PER_S;
      boolean dewSound = dewPointC > DRIEST_DEW_C && dewPointC <= tmaxC + DEW_ROUNDING_C;
      return new Day(
          tminC,
          tmaxC,
          precipMm,
          windSound ? windMPerS : Double.NaN,
          dewSound ? dewPointC : Double.NaN);
    }
  }

  /** Days that nobody reported, both counted. */
  public record Gap(LocalDate first, LocalDate last) {}

  /**
   * Days without a gap.
   *
   * @param weather the days
   * @param filled which of them were filled
   */
  public record Whole(DailyWeather weather, boolean[] filled) {}

  /**
   * {@return what is wrong with a day, in a sentence; nothing when it can be}
   *
   * @param on its date
   * @param day day as it is reported
   */
  public static Optional<String> fault(LocalDate on, Day day) {
    if (Double.isNaN(day.tminC()) || Double.isNaN(day.tmaxC()) || Double.isNaN(day.precipMm())) {
      return Optional.of("temperature or rain is missing on " + on + ".");
    }
    if (day.tminC() > day.tmaxC()) {
      return Optional.of(
          "on %s the lowest temperature, %.1f °C, is above the highest, %.1f °C."
              .formatted(on, day.tminC(), day.tmaxC()));
    }
    if (day.tminC() < COLDEST_C || day.tmaxC() > HOTTEST_C) {
      return Optional.of(
          "on %s %.1f to %.1f °C cannot be; are the units right?"
              .formatted(on, day.tminC(), day.tmaxC()));
    }
    if (day.precipMm() < 0 || day.precipMm() > WETTEST_MM) {
      return Optional.of(
          "on %s %.1f mm of rain cannot be; are the units right?".formatted(on, day.precipMm()));
    }
    return Optional.empty();
  }

  /**
   * Takes a day that has no fault; a later report of the same day outranks the one before.
   *
   * @param on its date
   * @param day day as it is reported
   * @return whether the day was there before
   */
  public boolean put(LocalDate on, Day day) {
    return days.put(on, day.sound()) != null;
  }

  /** {@return whether nothing was reported} */
  public boolean isEmpty() {
    return days.isEmpty();
  }

  /** {@return the first day reported} */
  public LocalDate first() {
    return days.firstKey();
  }

  /** {@return the last day reported} */
  public LocalDate last() {
    return days.lastKey();
  }

  /** {@return how many days there are from the first to the last} */
  public int span() {
    return (int) ChronoUnit.DAYS.between(first(), last()) + 1;
  }

  /** {@return whether the days span more years than anyone measures} */
  public boolean spanTooMuch() {
    return first().plusYears(MOST_YEARS).isBefore(last());
  }

  /** {@return the gaps between the first day and the last, in their order} */
  public List<Gap> gaps() {
    List<Gap> gaps = new ArrayList<>();
    LocalDate expected = first();
    for (LocalDate on : days.keySet()) {
      if (on.isAfter(expected)) {
        gaps.add(new Gap(expected, on.minusDays(1)));
      }
      expected = on.plusDays(1);
    }
    return gaps;
  }

  /**
   * {@return the days without a gap; nothing when a gap is left}
   *
   * @param fill whether gaps are filled
   */
  public Optional<Whole> whole(boolean fill) {
    int n = span();
    Day[] all = new Day[n];
    days.forEach((on, day) -> all[index(on)] = day);
    boolean[] filled = new boolean[n];
    for (Gap gap : gaps()) {
      for (LocalDate on = gap.first(); !on.isAfter(gap.last()); on = on.plusDays(1)) {
        Day day = fill ? filled(gap, on) : null;
        if (day == null) {
          return Optional.empty();
        }
        all[index(on)] = day;
        filled[index(on)] = true;
      }
    }
    DailyWeather weather =
        DailyWeather.of(
            first(),
            column(all, Day::tminC),
            column(all, Day::tmaxC),
            column(all, Day::precipMm),
            column(all, Day::windMPerS),
            column(all, Day::dewPointC));
    return Optional.of(new Whole(weather, filled));
  }

  private int index(LocalDate on) {
    return (int) ChronoUnit.DAYS.between(first(), on);
  }

  private @Nullable Day filled(Gap gap, LocalDate on) {
    long length = ChronoUnit.DAYS.between(gap.first(), gap.last()) + 1;
    if (length > SHORT_GAP_DAYS) {
      return otherYears(on);
    }
    Day before = days.get(gap.first().minusDays(1));
    Day after = days.get(gap.last().plusDays(1));
    if (before == null || after == null) {
      return null;
    }
    double share = (ChronoUnit.DAYS.between(gap.first(), on) + 1.0) / (length + 1);
    return between(before, after, share);
  }

  private static Day between(Day a, Day b, double share) {
    return new Day(
        a.tminC() + share * (b.tminC() - a.tminC()),
        a.tmaxC() + share * (b.tmaxC() - a.tmaxC()),
        0,
        Double.NaN,
        Double.NaN);
  }

  private @Nullable Day otherYears(LocalDate on) {
    double tmin = 0;
    double tmax = 0;
    double precip = 0;
    int years = 0;
    int from = first().getYear() - on.getYear();
    int to = last().getYear() - on.getYear();
    for (int y = from; y <= to; y++) {
      Day other = days.get(on.plusYears(y));
      if (other != null) {
        tmin += other.tminC();
        tmax += other.tmaxC();
        precip += other.precipMm();
        years++;
      }
    }
    return years == 0
        ? null
        : new Day(tmin / years, tmax / years, precip / years, Double.NaN, Double.NaN);
  }

  private static double[] column(Day[] days, ToDoubleFunction<Day> of) {
    double[] column = new double[days.length];
    for (int i = 0; i < column.length; i++) {
      column[i] = of.applyAsDouble(days[i]);
    }
    return column;
  }
}
