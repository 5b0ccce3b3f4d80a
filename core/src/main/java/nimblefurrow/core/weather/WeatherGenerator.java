package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Random;
import java.util.random.RandomGenerator;
import nimblefurrow.core.units.CsvTable;
import org.apache.commons.csv.CSVRecord;

/**
 * Made-up daily weather with the climate of a station, for demonstrations. A chain of wet and dry
 * days, gamma amounts of rain, and temperatures that remember the day before.
 *
 * <p>Source: Richardson 1981, Stochastic simulation of daily precipitation, temperature, and solar
 * radiation, Water Resources Research 17.
 */
public final class WeatherGenerator {
  private static final double GAMMA_SHAPE = 0.72;
  private static final double MEMORY = 0.65;
  private static final double WET_STAYS_WET = 1.6;
  private static final String[] COLUMNS = {
    "tmax_c",
    "tmin_c",
    "sd_tmax_c",
    "sd_tmin_c",
    "dry_wet_tmax_c",
    "dry_wet_tmin_c",
    "precip_mm",
    "wet_days",
    "wind_ms",
    "dew_gap_c"
  };

  private final double[][] monthly = new double[COLUMNS.length][12];

  private WeatherGenerator(String station) {
    boolean found = false;
    for (CSVRecord row : CsvTable.shipped("weather/stations-monthly.csv")) {
      if (row.get("station").equals(station)) {
        found = true;
        int month = (int) CsvTable.number(row, "month") - 1;
        for (int c = 0; c < COLUMNS.length; c++) {
          monthly[c][month] = CsvTable.number(row, COLUMNS[c]);
        }
      }
    }
    if (!found) {
      throw new IllegalArgumentException("there is no shipped station “" + station + "”");
    }
  }

  /**
   * {@return the generator of a shipped station}
   *
   * @param station name of the shipped station
   * @throws IllegalArgumentException when there is no such station
   */
  public static WeatherGenerator of(String station) {
    return new WeatherGenerator(station);
  }

  /**
   * {@return days from {@code from} to {@code to}, the same for the same seed}
   *
   * @param from first day
   * @param to last day
   * @param seed of the random numbers: the same seed gives the same
   */
  public DailyWeather generate(LocalDate from, LocalDate to, long seed) {
    RandomGenerator random = new Random(seed);
    int n = (int) java.time.temporal.ChronoUnit.DAYS.between(from, to) + 1;
    double[] tmin = new double[n];
    double[] tmax = new double[n];
    double[] rain = new double[n];
    double[] wind = new double[n];
    double[] dew = new double[n];
    boolean wet = false;
    double common = 0;
    double own = 0;
    for (int i = 0; i < n; i++) {
      LocalDate day = from.plusDays(i);
      double share = at("wet_days", day) / day.lengthOfMonth();
      double wetAfterWet = Math.min(0.9, share * WET_STAYS_WET);
      double wetAfterDry = share * (1 - wetAfterWet) / (1 - share);
      wet = random.nextDouble() < (wet ? wetAfterWet : wetAfterDry);
      common = MEMORY * common + Math.sqrt(1 - MEMORY * MEMORY) * random.nextGaussian();
      own = MEMORY * own + Math.sqrt(1 - MEMORY * MEMORY) * random.nextGaussian();
      double high =
          at("tmax_c", day)
              + at("sd_tmax_c", day) * common
              + at("dry_wet_tmax_c", day) * (wet ? share - 1 : share);
      double low =
          at("tmin_c", day)
              + at("sd_tmin_c", day) * (0.8 * common + 0.6 * own)
              + at("dry_wet_tmin_c", day) * (wet ? share - 1 : share);
      tmax[i] = hundredths(Math.max(high, low + 1));
      tmin[i] = hundredths(Math.min(low, high - 1));
      double mean = at("precip_mm", day) / at("wet_days", day);
      rain[i] = wet ? hundredths(Math.max(0.3, gamma(random) * mean / GAMMA_SHAPE)) : 0;
      wind[i] = hundredths(at("wind_ms", day) * Math.exp(0.3 * random.nextGaussian() - 0.045));
      dew[i] = hundredths(tmin[i] - at("dew_gap_c", day) + (wet ? 1 : 0));
    }
    return DailyWeather.of(from, tmin, tmax, rain, wind, dew);
  }

  /** A monthly value between the middles of months. */
  private double at(String column, LocalDate day) {
    int c = java.util.Arrays.asList(COLUMNS).indexOf(column);
    double month =
        day.getMonthValue() - 1 + (day.getDayOfMonth() - 0.5) / day.lengthOfMonth() - 0.5;
    int before = Math.floorMod((int) Math.floor(month), 12);
    double share = month - Math.floor(month);
    return (1 - share) * monthly[c][before] + share * monthly[c][(before + 1) % 12];
  }

  /** Standard gamma of shape below 1: Ahrens and Dieter 1974, algorithm GS. */
  private static double gamma(RandomGenerator random) {
    double b = 1 + GAMMA_SHAPE / Math.E;
    while (true) {
      double p = b * random.nextDouble();
      double trial = -Math.log(random.nextDouble());
      if (p <= 1) {
        double x = Math.pow(p, 1 / GAMMA_SHAPE);
        if (trial >= x) {
          return x;
        }
      } else {
        double x = -Math.log((b - p) / GAMMA_SHAPE);
        if (Math.log(x) * (GAMMA_SHAPE - 1) >= -trial) {
          return x;
        }
      }
    }
  }

  private static double hundredths(double value) {
    return Math.round(value * 100) / 100.0;
  }
}
