package nimblefurrow.server.weather;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.ReportedDays;
import nimblefurrow.server.support.CsvText;
import nimblefurrow.server.support.InputProblem;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Daily weather from somebody's table: columns mapped, units chosen, faults said by line. */
final class WeatherFile {
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

  /** What the numbers are in. */
  record Units(
      FileUnit.Temperature temperature,
      FileUnit.Rain precip,
      FileUnit.Wind wind,
      FileUnit.DateOrder date) {}

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
    ReportedDays days = new ReportedDays();
    List<InputProblem.At> faults = new ArrayList<>();
    for (CSVRecord row : table.rows()) {
      readRow(table, row, columns, units, days, faults);
    }
    if (days.isEmpty()) {
      throw new InputProblem("file", "No line of the file holds a day's weather.");
    }
    if (days.spanTooMuch()) {
      throw new InputProblem(
          "file",
          "The days run from " + days.first() + " to " + days.last() + ": check the dates.");
    }
    for (ReportedDays.Gap gap : days.gaps()) {
      LocalDate from = gap.first();
      String missing =
          from.equals(gap.last())
              ? from + " is missing."
              : from + " to " + gap.last() + " are missing.";
      faults.add(new InputProblem.At(from.toString(), missing));
    }
    List<InputProblem.At> first =
        List.copyOf(faults.subList(0, Math.min(MOST_REPORTED, faults.size())));
    return days.whole(fill)
        .map(w -> new Found(w.weather(), w.filled(), first, faults.size()))
        .orElseGet(() -> new Found(null, new boolean[days.span()], first, faults.size()));
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
      ReportedDays days,
      List<InputProblem.At> faults) {
    String at = CsvText.at(row);
    try {
      LocalDate on = day(table.cell(row, columns.date()), units.date(), at);
      ReportedDays.Day day =
          new ReportedDays.Day(
              units.temperature().celsius(table.number(row, columns.tmin())),
              units.temperature().celsius(table.number(row, columns.tmax())),
              units.precip().mm(table.number(row, columns.precip())),
              units.wind().mPerS(optional(table, row, columns.wind())),
              units.temperature().celsius(optional(table, row, columns.dewPoint())));
      Optional<String> fault = ReportedDays.fault(on, day);
      if (fault.isPresent()) {
        faults.add(new InputProblem.At(at, at + ": " + fault.get()));
      } else if (days.put(on, day)) {
        faults.add(
            new InputProblem.At(at, at + ": " + on + " stands twice; the later line is used."));
      }
    } catch (InputProblem problem) {
      faults.addAll(problem.problems());
    }
  }

  private static LocalDate day(String text, FileUnit.DateOrder order, String at) {
    String date = text.length() > 10 && text.charAt(10) == 'T' ? text.substring(0, 10) : text;
    try {
      return LocalDate.parse(
          date.replace('/', '.').replace('-', '.'),
          DateTimeFormatter.ofPattern(order.pattern()).withResolverStyle(ResolverStyle.STRICT));
    } catch (DateTimeException e) {
      throw new InputProblem(at, at + ": “" + text + "” is not a date in the order chosen.");
    }
  }

  private static double optional(CsvText table, CSVRecord row, @Nullable String column) {
    return column == null || column.isEmpty() ? Double.NaN : table.number(row, column);
  }
}
