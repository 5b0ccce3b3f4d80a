package nimblefurrow.server.weather;

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
  private static final long COLUMNS_OF_A_DAY = 11;
  private static final long COLUMNS_OF_THE_RECORD = 10;

  /** About how much heap it holds. */
  long bytes() {
    long skyDays = (long) ensemble.years() * ensemble.ensemble().get(0).weather().days();
    return Double.BYTES * (skyDays * COLUMNS_OF_A_DAY + record.days() * COLUMNS_OF_THE_RECORD);
  }
}
