package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.time.Month;
import java.util.function.Supplier;
import nimblefurrow.core.weather.Climate;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.WeatherEnsemble;

/**
 * What a farm knows of its weather today.
 *
 * @param stamp what it is, as a value
 * @param ensemble the ways its season may go
 * @param climate what past years say
 * @param record every day seen
 * @param place where
 * @param before the same of the season before, for what a cover of that season left
 */
public record FarmWeather(
    WeatherStamp stamp,
    WeatherEnsemble ensemble,
    Climate climate,
    DailyWeather record,
    Place place,
    Supplier<FarmWeather> before) {
  private static final int PAST_YEARS = 30;
  private static final long COLUMNS_OF_A_DAY = 11;
  private static final long COLUMNS_OF_THE_RECORD = 10;

  /** {@return the past years that a season's ways are made of} */
  public DailyWeather past() {
    return past(record, ensemble.seasonYear());
  }

  static DailyWeather past(DailyWeather record, int seasonYear) {
    LocalDate last = LocalDate.of(seasonYear - 1, Month.DECEMBER, 31);
    LocalDate first = LocalDate.of(seasonYear - 1 - PAST_YEARS, Month.JANUARY, 1);
    return record.slice(
        record.start().isAfter(first) ? record.start() : first,
        record.end().isBefore(last) ? record.end() : last);
  }

  /** About how much heap it holds. */
  long bytes() {
    long skyDays = (long) ensemble.years() * ensemble.ensemble().get(0).weather().days();
    return Double.BYTES * (skyDays * COLUMNS_OF_A_DAY + record.days() * COLUMNS_OF_THE_RECORD);
  }
}
