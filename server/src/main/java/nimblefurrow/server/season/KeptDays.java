package nimblefurrow.server.season;

import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.KeptDay;

/** The days a kept plan of the work sets for fields: told by whoever keeps it. */
public interface KeptDays {
  /**
   * The last day of each deed that is in the farm's kept plan, by field; of a cover that stands
   * behind another of its season, by the cover.
   */
  Map<UUID, Map<Deed, KeptDay>> of(UUID farmId);
}
