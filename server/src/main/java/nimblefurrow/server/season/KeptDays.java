package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.standing.Deed;
import org.jspecify.annotations.Nullable;

/** The days a kept plan of the work sets for fields: told by whoever keeps it. */
public interface KeptDays {
  /**
   * The day of a kept job.
   *
   * @param day the last one it takes
   * @param meantOn the day the field's own plan had for it then; null where it has none
   */
  record Kept(LocalDate day, @Nullable LocalDate meantOn) {
    /** Whether it still holds: once somebody moves the plan's own day, that is what is meant. */
    boolean holds(@Nullable LocalDate meantNow) {
      return meantOn == null || meantNow == null || meantOn.equals(meantNow);
    }
  }

  /**
   * The last day of each deed that is in the farm's kept plan, by field; of a cover that stands
   * behind another of its season, by the cover.
   */
  Map<UUID, Map<Deed, Kept>> of(UUID farmId);
}
