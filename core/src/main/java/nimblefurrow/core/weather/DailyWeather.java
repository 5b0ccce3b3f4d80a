package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.OptionalDouble;
import nimblefurrow.core.units.Refused;

/**
 * Daily weather at one place without gaps: one value a day from {@link #start} on. Wind (m/s at 2
 * m) and dew point (°C) may be missing on any day and are then {@link Double#NaN}.
 */
public final class DailyWeather {
  private final LocalDate start;
  private final double[] tminC;
  private final double[] tmaxC;

  /** Less rain than this hardly wets the ground, mm. Working value. */
  private static final double WETS_MM = 1;

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
   * {@return weather from columns of equal length}
   *
   * @param start first day
   * @param tminC minima, °C
   * @param tmaxC maxima, °C
   * @param precipMm rain and melted snow, mm
   * @param windMs wind at 2 m, m/s; null when not known
   * @param dewPointC dew points, °C; null when not known
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

  /** {@return the first day} */
  public LocalDate start() {
    return start;
  }

  /** {@return the last day} */
  public LocalDate end() {
    return start.plusDays(days() - 1L);
  }

  /** {@return how many days there are} */
  public int days() {
    return tminC.length;
  }

  /**
   * {@return the index of a day; negative or at least {@link #days()} when it lies outside}
   *
   * @param day day asked for
   */
  public int indexOf(LocalDate day) {
    return (int) ChronoUnit.DAYS.between(start, day);
  }

  /**
   * {@return whether both days and all between are covered}
   *
   * @param from first day
   * @param to last day
   */
  public boolean covers(LocalDate from, LocalDate to) {
    return !from.isBefore(start) && !to.isAfter(end());
  }

  /**
   * {@return daily minimum, °C}
   *
   * @param i day, as an index from the first
   */
  public double tminC(int i) {
    return tminC[i];
  }

  /**
   * {@return daily maximum, °C}
   *
   * @param i day, as an index from the first
   */
  public double tmaxC(int i) {
    return tmaxC[i];
  }

  /**
   * {@return mean of minimum and maximum, °C}
   *
   * @param i day, as an index from the first
   */
  public double meanC(int i) {
    return (tminC[i] + tmaxC[i]) / 2;
  }

  /**
   * {@return rain and melted snowfall, mm}
   *
   * @param i day, as an index from the first
   */
  public double precipMm(int i) {
    return precipMm[i];
  }

  /**
   * {@return rain of a day that wet the ground, mm; nothing when it hardly did, or is not known}
   *
   * @param day day asked for
   */
  public OptionalDouble wettingMm(LocalDate day) {
    int i = indexOf(day);
    boolean wet = i >= 0 && i < days() && precipMm[i] >= WETS_MM;
    return wet ? OptionalDouble.of(precipMm[i]) : OptionalDouble.empty();
  }

  /**
   * {@return wind at 2 m, m/s, or NaN}
   *
   * @param i day, as an index from the first
   */
  public double windMs(int i) {
    return windMs[i];
  }

  /**
   * {@return dew point, °C, or NaN}
   *
   * @param i day, as an index from the first
   */
  public double dewPointC(int i) {
    return dewPointC[i];
  }

  /**
   * {@return the days up to and including {@code last}}
   *
   * @param last last day
   * @throws Refused when no day remains
   */
  public DailyWeather until(LocalDate last) {
    return slice(start, last);
  }

  /**
   * {@return the days from {@code from} to {@code to}, both included}
   *
   * @param from first day
   * @param to last day
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

  /**
   * {@return the same values as if they began on another day}
   *
   * @param day day asked for
   */
  public DailyWeather startingOn(LocalDate day) {
    return new DailyWeather(day, tminC, tmaxC, precipMm, windMs, dewPointC);
  }

  /**
   * {@return these days followed at once by {@code next}, whose own dates are replaced by the days
   * that follow here} Used to join a season seen so far to what another year brought from here on.
   *
   * @param next what follows
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
