package nimblefurrow.core.hours;

import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;

/**
 * Hours from days, where nobody gives hours: temperature along a sine by day and a decay by night
 * (Parton and Logan 1981), sun along its height, wind stronger by day, rain in one spell, soil
 * warmth behind the air. Real hours differ; they say which part of a day is likely to serve.
 */
public final class HourlyFromDaily {
  private static final int HOURS = 24;
  private static final double PEAK_LAG_H = 1.86;
  private static final double NIGHT_DECAY = 2.20;
  private static final double COLDEST_AFTER_SUNRISE_H = -0.17;
  private static final double GUST = 1.6;
  private static final double RAIN_MM_PER_H = 2.5;
  private static final double SHOWERS_ABOVE_C = 24;
  private static final double USUAL_WIND = 3;
  private static final int SOIL_DAYS = 5;

  private final DailyWeather days;
  private final Sky sky;

  private HourlyFromDaily(DailyWeather days, Sky sky) {
    this.days = days;
    this.sky = sky;
  }

  /**
   * {@return all hours of all days, from midnight of the first by sun time}
   *
   * @param days days, daily
   * @param place where the station stands
   */
  public static WorkHours.Hourly of(DailyWeather days, Place place) {
    return new HourlyFromDaily(days, Sky.over(days, place)).hours();
  }

  private WorkHours.Hourly hours() {
    int n = days.days() * HOURS;
    double[] temp = new double[n];
    double[] dew = new double[n];
    double[] wind = new double[n];
    double[] gust = new double[n];
    double[] rain = new double[n];
    double[] sun = new double[n];
    double[] soil = new double[n];
    for (int d = 0; d < days.days(); d++) {
      double[] light = light(d);
      for (int h = 0; h < HOURS; h++) {
        int i = d * HOURS + h;
        temp[i] = temperature(d, h + 0.5);
        double given = days.dewPointC(d);
        dew[i] = Math.min(temp[i], Double.isNaN(given) ? days.tminC(d) - 0.5 : given);
        double mean = Double.isNaN(days.windMs(d)) ? USUAL_WIND : days.windMs(d);
        wind[i] = mean * windFactor(h);
        gust[i] = wind[i] * GUST;
        sun[i] = light[h];
        soil[i] = soil(d, h);
      }
      rain(d, rain);
    }
    return new WorkHours.Hourly(temp, dew, wind, gust, rain, sun, soil);
  }

  private double temperature(int d, double hour) {
    double length = sky.dayLengthH(d);
    double sunrise = 12 - length / 2;
    double sunset = 12 + length / 2;
    double coldest = sunrise + COLDEST_AFTER_SUNRISE_H;
    double night = HOURS - length;
    if (hour >= coldest && hour <= sunset) {
      return byDay(d, hour - coldest, length);
    }
    boolean evening = hour > sunset;
    int from = evening ? d : Math.max(0, d - 1);
    double since = evening ? hour - sunset : hour + HOURS - sunset;
    double low = days.tminC(evening ? Math.min(days.days() - 1, d + 1) : d);
    double dusk = byDay(from, sunset - coldest, length);
    return low + (dusk - low) * Math.exp(-NIGHT_DECAY * since / night);
  }

  private double byDay(int d, double sinceColdest, double length) {
    double range = days.tmaxC(d) - days.tminC(d);
    return days.tminC(d) + range * Math.sin(Math.PI * sinceColdest / (length + 2 * PEAK_LAG_H));
  }

  /** Watts per m², adding up to the day's sun. */
  private double[] light(int d) {
    double length = sky.dayLengthH(d);
    double[] light = new double[HOURS];
    double sum = 0;
    for (int h = 0; h < HOURS; h++) {
      double since = h + 0.5 - (12 - length / 2);
      light[h] = since > 0 && since < length ? Math.sin(Math.PI * since / length) : 0;
      sum += light[h];
    }
    for (int h = 0; h < HOURS; h++) {
      light[h] = sum > 0 ? light[h] / sum * sky.solarMj(d) * 1e6 / 3600 : 0;
    }
    return light;
  }

  /** Mean of a day is 1; most at three in the afternoon. */
  private static double windFactor(int hour) {
    return 1 + 0.45 * Math.cos(2 * Math.PI * (hour - 15) / HOURS);
  }

  /** One spell: showers of warm days from late afternoon, other rain from breakfast on. */
  private void rain(int d, double[] rain) {
    double left = days.precipMm(d);
    int hours = (int) Math.min(12, Math.max(1, Math.ceil(left / RAIN_MM_PER_H)));
    int from = days.tmaxC(d) >= SHOWERS_ABOVE_C ? 17 : 8;
    for (int h = 0; h < hours && left > 0; h++) {
      int i = Math.min(HOURS - 1, from + h);
      rain[d * HOURS + i] += days.precipMm(d) / hours;
    }
  }

  private double soil(int d, int hour) {
    double mean = 0;
    int from = Math.max(0, d - SOIL_DAYS + 1);
    for (int i = from; i <= d; i++) {
      mean += days.meanC(i) / (d - from + 1);
    }
    double swing = 0.25 * (days.tmaxC(d) - days.tminC(d)) / 2;
    return mean + swing * Math.cos(2 * Math.PI * (hour - 17) / HOURS);
  }
}
