package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.weather.DailyWeather;
import org.jspecify.annotations.Nullable;

/** All days a station has, in columns: read once, then cut for each farm's day. */
final class StationRecord {
  private static final int COLUMNS = 6;

  private final LocalDate[] days;
  private final double[] tminC;
  private final double[] tmaxC;
  private final double[] precipMm;
  private final double[] windMs;
  private final double[] dewPointC;

  /**
   * @param rows in the order of their days
   */
  StationRecord(List<StationDays.Row> rows) {
    days = rows.stream().map(StationDays.Row::day).toArray(LocalDate[]::new);
    tminC = column(rows, r -> decimal(r.tminC()));
    tmaxC = column(rows, r -> decimal(r.tmaxC()));
    precipMm = column(rows, r -> decimal(r.precipMm()));
    windMs = column(rows, r -> orNan(r.windMs()));
    dewPointC = column(rows, r -> orNan(r.dewPointC()));
  }

  /** A record as it is kept in the memory. */
  record Key(java.util.UUID station, long version) {}

  /** {@return whether it has no day} */
  boolean isEmpty() {
    return days.length == 0;
  }

  /** {@return the first day it has} */
  LocalDate first() {
    return days[0];
  }

  /** {@return the last day it has} */
  LocalDate last() {
    return days[days.length - 1];
  }

  /**
   * {@return the unbroken days that lead up to the last one it has until a day}
   *
   * @param until the last day asked for; it has one until then
   */
  DailyWeather until(LocalDate until) {
    int end = upTo(until);
    int first = end - 1;
    while (first > 0 && days[first - 1].plusDays(1).equals(days[first])) {
      first--;
    }
    return cut(first, end);
  }

  /**
   * {@return the unbroken days from a day on; null when it has not that day}
   *
   * @param to the last day asked for
   */
  @Nullable DailyWeather from(LocalDate from, LocalDate to) {
    int first = upTo(from.minusDays(1));
    int end = upTo(to);
    if (first >= end || !days[first].equals(from)) {
      return null;
    }
    return days[end - 1].equals(from.plusDays(end - 1L - first)) ? cut(first, end) : null;
  }

  /** {@return about how much heap it holds} */
  long bytes() {
    return (long) Double.BYTES * COLUMNS * days.length * 2;
  }

  private int upTo(LocalDate day) {
    int found = java.util.Arrays.binarySearch(days, day);
    return found >= 0 ? found + 1 : -found - 1;
  }

  private DailyWeather cut(int from, int to) {
    return DailyWeather.of(
        days[from],
        java.util.Arrays.copyOfRange(tminC, from, to),
        java.util.Arrays.copyOfRange(tmaxC, from, to),
        java.util.Arrays.copyOfRange(precipMm, from, to),
        java.util.Arrays.copyOfRange(windMs, from, to),
        java.util.Arrays.copyOfRange(dewPointC, from, to));
  }

  private static double orNan(@Nullable Float value) {
    return value == null ? Double.NaN : decimal(value);
  }

  /** The decimal that was stored, without the noise of single precision. */
  private static double decimal(float value) {
    return Math.round(value * 100.0) / 100.0;
  }

  private static double[] column(
      List<StationDays.Row> rows, ToDoubleFunction<StationDays.Row> value) {
    return rows.stream().mapToDouble(value).toArray();
  }
}
