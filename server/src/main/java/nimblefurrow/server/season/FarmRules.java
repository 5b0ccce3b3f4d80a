package nimblefurrow.server.season;

import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;

/** The rules of a farm's endings: told by whoever keeps them. */
public interface FarmRules {
  /** Its own rules, or those that ship. */
  EndingRules of(UUID farmId);
}
