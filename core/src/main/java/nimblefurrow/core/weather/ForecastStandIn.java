package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Random;

/**
 * A forecast for a station whose days to come are on file: it knows them, and errs as forecasts do.
 * Temperatures are off by a bell of 0.8 °C and 0.45 °C more each day ahead, the same error running
 * on from day to day. Rain is the true day's while skill lasts, e^(−lead/7); else that of the same
 * day of another year. One day issues one forecast, always the same.
 */
public final class ForecastStandIn {
  private static final double FIRST_OFF_C = 0.8;
  private static final double MORE_OFF_C = 0.45;
  private static final double RUNS_ON = 0.7;
  private static final double SKILL_DAYS = 7;

  private ForecastStandIn() {}

  /**
   * {@return share of days whose rain is foretold right by lead, 0..1}
   *
   * @param leadDays days ahead
   */
  public static double skill(int leadDays) {
    return Math.exp(-leadDays / SKILL_DAYS);
  }

  /**
   * @param truth days after the one the forecast is issued on
   * @param past whole past years, for rain where skill ends
   * @param issued the day it is issued
   * @return the forecast stand in
   */
  public static DailyWeather of(DailyWeather truth, DailyWeather past, LocalDate issued) {
    int n = truth.days();
    double[] tmin = new double[n];
    double[] tmax = new double[n];
    double[] rain = new double[n];
    double[] wind = new double[n];
    double[] dew = new double[n];
    Random random = new Random(issued.toEpochDay() * 31);
    double off = 0;
    for (int i = 0; i < n; i++) {
      double size = FIRST_OFF_C + MORE_OFF_C * i;
      off = RUNS_ON * off + Math.sqrt(1 - RUNS_ON * RUNS_ON) * random.nextGaussian();
      boolean right = random.nextDouble() < skill(i + 1);
      int other = random.nextInt(Math.max(1, past.days() / 365 - 1)) + 1;
      tmin[i] = truth.tminC(i) + size * off;
      tmax[i] = Math.max(tmin[i] + 1, truth.tmaxC(i) + size * off);
      int borrowed = past.indexOf(past.end().minusYears(other));
      LocalDate day = truth.start().plusDays(i);
      int same = past.indexOf(day.withYear(past.start().plusDays(borrowed).getYear()));
      boolean there = same >= 0 && same < past.days();
      rain[i] = right || !there ? truth.precipMm(i) : past.precipMm(same);
      wind[i] = truth.windMs(i);
      dew[i] = Math.min(tmin[i] + 2, truth.dewPointC(i) + size * off);
    }
    return DailyWeather.of(truth.start(), tmin, tmax, rain, wind, dew);
  }
}
