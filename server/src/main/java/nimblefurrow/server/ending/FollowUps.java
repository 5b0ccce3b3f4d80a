package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface FollowUps extends FarmRows<FollowUp, UUID> {
  List<FollowUp> findByFarmIdOrderByDueFrom(UUID farmId);

  List<FollowUp> findByFarmIdAndDoneBy(UUID farmId, UUID entryId);
}
