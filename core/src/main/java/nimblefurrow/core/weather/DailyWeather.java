package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import nimblefurrow.core.units.Refused;

/**
 * Daily weather at one place without gaps: one value a day from {@link #start} on. Wind (m/s at 2
 * m) and dew point (°C) may be missing on any day and are then {@link Double#NaN}.
 */
public final class DailyWeather {
  private final LocalDate start;
  private final double[] tminC;
  private final double[] tmaxC;
  private final double[] precipMm;
  private final double[] windMs;
  private final double[] dewPointC;

  private DailyWeather(
      LocalDate start,
      double[] tminC,
      double[] tmaxC,
      double[] precipMm,
      double[] windMs,
      double[] dewPointC) {
    this.start = start;
    this.tminC = tminC;
    this.tmaxC = tmaxC;
    this.precipMm = precipMm;
    this.windMs = windMs;
    this.dewPointC = dewPointC;
  }

  /**
   * Weather from columns of equal length.
   *
   * @throws Refused when lengths differ, a temperature or rain is not a number, rain is negative or
   *     a minimum lies above its maximum; the message names the day
   */
  public static DailyWeather of(
      LocalDate start,
      double[] tminC,
      double[] tmaxC,
      double[] precipMm,
      double[] windMs,
      double[] dewPointC) {
    int n = tminC.length;
    if (tmaxC.length != n || precipMm.length != n || windMs.length != n || dewPointC.length != n) {
      throw new Refused("", "weather columns differ in length");
    }
    for (int i = 0; i < n; i++) {
      if (!Double.isFinite(tminC[i]) || !Double.isFinite(tmaxC[i])) {
        throw new Refused("", "no temperature on " + start.plusDays(i));
      }
      if (tminC[i] > tmaxC[i]) {
        throw new Refused(
            "",
            "the minimum "
                + tminC[i]
                + " °C is above the maximum "
                + tmaxC[i]
                + " °C on "
                + start.plusDays(i));
      }
      if (!(precipMm[i] >= 0) || Double.isInfinite(precipMm[i])) {
        throw new Refused("", "rain of " + precipMm[i] + " mm on " + start.plusDays(i));
      }
    }
    return new DailyWeather(
        start, tminC.clone(), tmaxC.clone(), precipMm.clone(), windMs.clone(), dewPointC.clone());
  }

  /** The first day. */
  public LocalDate start() {
    return start;
  }

  /** The last day. */
  public LocalDate end() {
    return start.plusDays(days() - 1L);
  }

  /** How many days there are. */
  public int days() {
    return tminC.length;
  }

  /** The index of a day; negative or at least {@link #days()} when it lies outside. */
  public int indexOf(LocalDate day) {
    return (int) ChronoUnit.DAYS.between(start, day);
  }

  /** Whether both days and all between are covered. */
  public boolean covers(LocalDate from, LocalDate to) {
    return !from.isBefore(start) && !to.isAfter(end());
  }

  /** Daily minimum, °C. */
  public double tminC(int i) {
    return tminC[i];
  }

  /** Daily maximum, °C. */
  public double tmaxC(int i) {
    return tmaxC[i];
  }

  /** Mean of minimum and maximum, °C. */
  public double meanC(int i) {
    return (tminC[i] + tmaxC[i]) / 2;
  }

  /** Rain and melted snowfall, mm. */
  public double precipMm(int i) {
    return precipMm[i];
  }

  /** Wind at 2 m, m/s, or NaN. */
  public double windMs(int i) {
    return windMs[i];
  }

  /** Dew point, °C, or NaN. */
  public double dewPointC(int i) {
    return dewPointC[i];
  }

  /**
   * The days up to and including {@code last}.
   *
   * @throws Refused when no day remains
   */
  public DailyWeather until(LocalDate last) {
    return slice(start, last);
  }

  /**
   * The days from {@code from} to {@code to}, both included.
   *
   * @throws Refused when they are not all covered
   */
  public DailyWeather slice(LocalDate from, LocalDate to) {
    int a = indexOf(from);
    int b = indexOf(to) + 1;
    if (a < 0 || b > days() || a >= b) {
      throw new Refused(
          "", "weather from %s to %s does not hold %s to %s".formatted(start, end(), from, to));
    }
    return new DailyWeather(
        from,
        Arrays.copyOfRange(tminC, a, b),
        Arrays.copyOfRange(tmaxC, a, b),
        Arrays.copyOfRange(precipMm, a, b),
        Arrays.copyOfRange(windMs, a, b),
        Arrays.copyOfRange(dewPointC, a, b));
  }

  /** The same values as if they began on another day. */
  public DailyWeather startingOn(LocalDate day) {
    return new DailyWeather(day, tminC, tmaxC, precipMm, windMs, dewPointC);
  }

  /**
   * These days followed at once by {@code next}, whose own dates are replaced by the days that
   * follow here. Used to join a season seen so far to what another year brought from here on.
   */
  public DailyWeather followedBy(DailyWeather next) {
    return new DailyWeather(
        start,
        join(tminC, next.tminC),
        join(tmaxC, next.tmaxC),
        join(precipMm, next.precipMm),
        join(windMs, next.windMs),
        join(dewPointC, next.dewPointC));
  }

  private static double[] join(double[] a, double[] b) {
    double[] all = Arrays.copyOf(a, a.length + b.length);
    System.arraycopy(b, 0, all, a.length, b.length);
    return all;
  }
}
