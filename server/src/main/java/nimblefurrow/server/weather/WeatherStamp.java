package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.UUID;

/**
 * What all that is computed from a farm's weather hangs on, as a value: two with the same stamp
 * hold the same days.
 *
 * @param station whose record
 * @param version of the record
 * @param seasonYear the season it was joined for
 * @param today the last day known
 * @param foretold whether the forecast was taken in
 */
public record WeatherStamp(
    UUID station, long version, int seasonYear, LocalDate today, boolean foretold) {

  /** A key of the memory that hangs on weather. */
  public interface Stamped {
    /** The weather it hangs on. */
    WeatherStamp stamp();
  }

  /** The same with the forecast taken in. */
  WeatherStamp withForecast() {
    return new WeatherStamp(station, version, seasonYear, today, true);
  }

  /** Whether both are of the same record of the same station as known on the same day. */
  boolean isOfOneDay(WeatherStamp other) {
    return station.equals(other.station) && version == other.version && today.equals(other.today);
  }
}
