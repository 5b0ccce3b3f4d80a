package nimblefurrow.server.learn;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface LearntOffs extends FarmRows<LearntOff, UUID> {
  List<LearntOff> findByFarmId(UUID farmId);
}
