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

  /** Whether one is of the same station. */
  boolean isOfStation(WeatherStamp other) {
    return station.equals(other.station);
  }

  /**
   * Whether a farm that is at this one still asks for another: that of its day or the day before.
   */
  boolean asksFor(WeatherStamp other) {
    return isOfStation(other)
        && version == other.version
        && (other.today.equals(today) || other.today.equals(today.minusDays(1)));
  }

  /** The one of the newer record and the later day. */
  static WeatherStamp newer(WeatherStamp a, WeatherStamp b) {
    boolean later = a.version == b.version ? b.today.isAfter(a.today) : b.version > a.version;
    return later || !a.isOfStation(b) ? b : a;
  }
}
