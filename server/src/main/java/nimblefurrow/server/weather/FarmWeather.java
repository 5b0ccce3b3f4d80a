package nimblefurrow.server.weather;

import nimblefurrow.core.weather.Climate;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.SeasonSkies;

/**
 * What a farm knows of its weather today.
 *
 * @param skies the ways its season may go
 * @param climate what past years say
 * @param record every day seen
 * @param place where
 */
public record FarmWeather(SeasonSkies skies, Climate climate, DailyWeather record, Place place) {}
