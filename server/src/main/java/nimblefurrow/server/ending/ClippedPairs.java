package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface ClippedPairs extends FarmRows<ClippedPair, UUID> {
  List<ClippedPair> findByFarmId(UUID farmId);
}
