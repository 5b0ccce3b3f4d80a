package nimblefurrow.server.seedstock;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface SeedUses extends FarmRows<SeedUse, UUID> {
  List<SeedUse> findByFarmId(UUID farmId);

  List<SeedUse> findByFarmIdAndLogEntryId(UUID farmId, UUID logEntryId);
}
