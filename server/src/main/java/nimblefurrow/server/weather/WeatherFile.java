package nimblefurrow.server.weather;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.support.CsvText;
import nimblefurrow.server.support.InputProblem;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Daily weather from somebody's table: columns mapped, units chosen, faults found and filled. */
final class WeatherFile {
  private static final double[] EMPTY = {
    Double.NaN, Double.NaN, Double.NaN, Double.NaN, Double.NaN
  };
  private static final double COLDEST = -65;
  private static final double HOTTEST = 60;
  private static final double WETTEST_MM = 700;
  private static final int SHORT_GAP_DAYS = 5;
  private static final int MOST_REPORTED = 50;

  private WeatherFile() {}

  /** Which column holds what. Wind and dew point may be left out. */
  record Columns(
      String date,
      String tmin,
      String tmax,
      String precip,
      @Nullable String wind,
      @Nullable String dewPoint) {}

  /**
   * What the numbers are in.
   *
   * @param temperature {@code C} or {@code F}
   * @param precip {@code mm} or {@code in}
   * @param wind {@code ms}, {@code kmh} or {@code mph}
   * @param date {@code iso}, {@code dmy} or {@code mdy}
   */
  record Units(String temperature, String precip, String wind, String date) {}

  /**
   * What was found.
   *
   * @param weather the days when they are whole or were filled
   * @param filled which days were filled
   * @param faults what is wrong, by line or day, the first fifty
   * @param faultCount how many faults there are
   */
  record Found(
      @Nullable DailyWeather weather,
      boolean[] filled,
      List<InputProblem.At> faults,
      int faultCount) {}

  static Columns guess(CsvText table) {
    return new Columns(
        like(table, "date|day|datum|tag"),
        like(table, "tmin.*|.*min.*temp.*|.*temp.*min.*|min.*"),
        like(table, "tmax.*|.*max.*temp.*|.*temp.*max.*|max.*"),
        like(table, "precip.*|rain.*|prcp.*|p_?mm"),
        orNull(like(table, "wind.*|ws.*")),
        orNull(like(table, ".*dew.*|td.*")));
  }

  private static @Nullable String orNull(String text) {
    return text.isEmpty() ? null : text;
  }

  private static String like(CsvText table, String pattern) {
    return table.columns().stream()
        .filter(c -> c.toLowerCase(Locale.ROOT).matches(pattern))
        .findFirst()
        .orElse("");
  }

  static Found read(CsvText table, Columns columns, Units units, boolean fill) {
    requireColumns(table, columns);
    TreeMap<LocalDate, double[]> days = new TreeMap<>();
    List<InputProblem.At> faults = new ArrayList<>();
    for (CSVRecord row : table.rows()) {
      readRow(table, row, columns, units, days, faults);
    }
    if (days.isEmpty()) {
      throw new InputProblem("file", "No line of the file holds a day's weather.");
    }
    LocalDate start = days.firstKey();
    int n = (int) java.time.temporal.ChronoUnit.DAYS.between(start, days.lastKey()) + 1;
    if (n > 200 * 366) {
      throw new InputProblem(
          "file", "The days run from " + start + " to " + days.lastKey() + ": check the dates.");
    }
    double[][] values = new double[n][];
    for (int i = 0; i < n; i++) {
      values[i] = days.getOrDefault(start.plusDays(i), EMPTY);
    }
    reportGaps(values, start, faults);
    boolean[] filled = new boolean[n];
    if (fill) {
      fill(values, start, filled);
    }
    boolean whole = Arrays.stream(values).allMatch(WeatherFile::whole);
    DailyWeather weather =
        whole
            ? DailyWeather.of(
                start,
                column(values, 0),
                column(values, 1),
                column(values, 2),
                column(values, 3),
                column(values, 4))
            : null;
    List<InputProblem.At> first = faults.subList(0, Math.min(MOST_REPORTED, faults.size()));
    return new Found(weather, filled, List.copyOf(first), faults.size());
  }

  private static void requireColumns(CsvText table, Columns columns) {
    for (String name :
        new String[] {columns.date(), columns.tmin(), columns.tmax(), columns.precip()}) {
      if (!table.columns().contains(name)) {
        throw new InputProblem(
            "columns",
            "Say which columns hold the date, lowest and highest temperature and rain."
                + " The file has: "
                + String.join(", ", table.columns())
                + ".");
      }
    }
  }

  private static void readRow(
      CsvText table,
      CSVRecord row,
      Columns columns,
      Units units,
      TreeMap<LocalDate, double[]> days,
      List<InputProblem.At> faults) {
    String at = CsvText.at(row);
    try {
      LocalDate day = day(table.cell(row, columns.date()), units.date(), at);
      double tmin = celsius(table.number(row, columns.tmin()), units);
      double tmax = celsius(table.number(row, columns.tmax()), units);
      double rain = table.number(row, columns.precip()) * (units.precip().equals("in") ? 25.4 : 1);
      double wind = optional(table, row, columns.wind()) * windFactor(units);
      double dew = celsius(optional(table, row, columns.dewPoint()), units);
      String fault = fault(day, tmin, tmax, rain);
      if (fault != null) {
        faults.add(new InputProblem.At(at, at + ": " + fault));
        return;
      }
      boolean windSound = wind >= 0 && wind < 60;
      boolean dewSound = dew > -80 && dew <= tmax + 3;
      double[] values = {
        tmin, tmax, rain, windSound ? wind : Double.NaN, dewSound ? dew : Double.NaN
      };
      if (days.put(day, values) != null) {
        faults.add(
            new InputProblem.At(at, at + ": " + day + " stands twice; the later line is used."));
      }
    } catch (InputProblem problem) {
      faults.addAll(problem.problems());
    }
  }

  private static @Nullable String fault(LocalDate day, double tmin, double tmax, double rain) {
    if (Double.isNaN(tmin) || Double.isNaN(tmax) || Double.isNaN(rain)) {
      return "temperature or rain is missing on " + day + ".";
    }
    if (tmin > tmax) {
      return "on %s the lowest temperature, %.1f °C, is above the highest, %.1f °C."
          .formatted(day, tmin, tmax);
    }
    if (tmin < COLDEST || tmax > HOTTEST) {
      return "on %s %.1f to %.1f °C cannot be; are the units right?".formatted(day, tmin, tmax);
    }
    if (rain < 0 || rain > WETTEST_MM) {
      return "on %s %.1f mm of rain cannot be; are the units right?".formatted(day, rain);
    }
    return null;
  }

  private static LocalDate day(String text, String order, String at) {
    String pattern =
        switch (order) {
          case "dmy" -> "d.M.uuuu";
          case "mdy" -> "M.d.uuuu";
          default -> "uuuu.M.d";
        };
    String date = text.length() > 10 && text.charAt(10) == 'T' ? text.substring(0, 10) : text;
    try {
      return LocalDate.parse(
          date.replace('/', '.').replace('-', '.'),
          DateTimeFormatter.ofPattern(pattern).withResolverStyle(ResolverStyle.STRICT));
    } catch (DateTimeException e) {
      throw new InputProblem(at, at + ": “" + text + "” is not a date in the order chosen.");
    }
  }

  private static double optional(CsvText table, CSVRecord row, @Nullable String column) {
    return column == null || column.isEmpty() ? Double.NaN : table.number(row, column);
  }

  private static double celsius(double value, Units units) {
    return units.temperature().equals("F") ? (value - 32) / 1.8 : value;
  }

  private static double windFactor(Units units) {
    return switch (units.wind()) {
      case "kmh" -> 1 / 3.6;
      case "mph" -> 0.44704;
      default -> 1;
    };
  }

  private static boolean whole(double[] day) {
    return !Double.isNaN(day[0]);
  }

  private static void reportGaps(double[][] values, LocalDate start, List<InputProblem.At> faults) {
    for (int i = 0; i < values.length; i++) {
      if (!whole(values[i])) {
        int end = gapEnd(values, i);
        LocalDate from = start.plusDays(i);
        LocalDate to = start.plusDays(end - 1L);
        String days = end - i == 1 ? from + " is missing." : from + " to " + to + " are missing.";
        faults.add(new InputProblem.At(from.toString(), days));
        i = end;
      }
    }
  }

  private static int gapEnd(double[][] values, int from) {
    int end = from;
    while (end < values.length && !whole(values[end])) {
      end++;
    }
    return end;
  }

  /** Short gaps lie between their neighbours; long ones take the mean of other years. */
  private static void fill(double[][] values, LocalDate start, boolean[] filled) {
    double[][] measured = values.clone();
    for (int i = 0; i < values.length; i++) {
      if (whole(measured[i])) {
        continue;
      }
      int end = gapEnd(measured, i);
      for (int d = i; d < end; d++) {
        values[d] =
            end - i <= SHORT_GAP_DAYS && i > 0 && end < values.length
                ? between(measured[i - 1], measured[end], (d - i + 1.0) / (end - i + 1))
                : otherYears(measured, start, d);
        filled[d] = true;
      }
      i = end;
    }
  }

  private static double[] between(double[] a, double[] b, double share) {
    return new double[] {
      a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1]), 0, Double.NaN, Double.NaN
    };
  }

  private static double[] otherYears(double[][] values, LocalDate start, int index) {
    double[] sum = new double[3];
    int years = 0;
    LocalDate day = start.plusDays(index);
    for (int y = -100; y <= 100; y++) {
      int other = (int) java.time.temporal.ChronoUnit.DAYS.between(start, day.plusYears(y));
      if (y != 0 && other >= 0 && other < values.length && whole(values[other])) {
        for (int v = 0; v < 3; v++) {
          sum[v] += values[other][v];
        }
        years++;
      }
    }
    if (years == 0) {
      return EMPTY;
    }
    return new double[] {sum[0] / years, sum[1] / years, sum[2] / years, Double.NaN, Double.NaN};
  }

  private static double[] column(double[][] values, int column) {
    return Arrays.stream(values).mapToDouble(v -> v[column]).toArray();
  }
}
