package nimblefurrow.server.weather;

import java.util.List;
import nimblefurrow.core.weather.DailyWeather;

/** The unbroken days that lead up to the last one of a station. */
final class WeatherRecord {
  private WeatherRecord() {}

  /** Days after the last gap. */
  static DailyWeather of(List<StationDays.Row> rows) {
    int first = rows.size() - 1;
    while (first > 0 && rows.get(first - 1).day().plusDays(1).equals(rows.get(first).day())) {
      first--;
    }
    List<StationDays.Row> days = rows.subList(first, rows.size());
    return DailyWeather.of(
        days.get(0).day(),
        column(days, r -> decimal(r.tminC())),
        column(days, r -> decimal(r.tmaxC())),
        column(days, r -> decimal(r.precipMm())),
        column(days, r -> orNan(r.windMs())),
        column(days, r -> orNan(r.dewPointC())));
  }

  private static double orNan(@org.jspecify.annotations.Nullable Float value) {
    return value == null ? Double.NaN : decimal(value);
  }

  /** The decimal that was stored, without the noise of single precision. */
  private static double decimal(float value) {
    return Math.round(value * 100.0) / 100.0;
  }

  private static double[] column(
      List<StationDays.Row> rows, java.util.function.ToDoubleFunction<StationDays.Row> value) {
    return rows.stream().mapToDouble(value).toArray();
  }
}
