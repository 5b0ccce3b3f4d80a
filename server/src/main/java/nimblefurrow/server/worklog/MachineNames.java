package nimblefurrow.server.worklog;

import java.util.Map;
import java.util.UUID;

/** What machines are called: told by the shed. */
public interface MachineNames {
  /** Names of a farm's machines. */
  Map<UUID, String> names(UUID farmId);
}
