package nimblefurrow.server.seedstock;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface FarmMixes extends FarmRows<FarmMix, UUID> {
  List<FarmMix> findByFarmIdOrderByName(UUID farmId);
}
