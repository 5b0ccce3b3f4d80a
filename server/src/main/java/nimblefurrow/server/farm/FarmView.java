package nimblefurrow.server.farm;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.server.people.Role;
import org.jspecify.annotations.Nullable;

/**
 * A farm.
 *
 * @param today the day the farm lives in: the real one, or the demonstration's
 * @param seasonYear the season that is looked at, by the year whose autumn is planned
 * @param thisSeason the season its day belongs to
 * @param role what the asker may do
 */
public record FarmView(
    UUID id,
    long version,
    String name,
    LocalDate today,
    int seasonYear,
    int thisSeason,
    boolean demo,
    @Nullable UUID stationId,
    Role role) {
  /** The same farm on another day. */
  public FarmView on(LocalDate day) {
    return new FarmView(id, version, name, day, seasonYear, thisSeason, demo, stationId, role);
  }

  /** The same farm with another season looked at. */
  public FarmView in(int season) {
    return new FarmView(id, version, name, today, season, thisSeason, demo, stationId, role);
  }
}
