package nimblefurrow.server.chain;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface Rotations extends FarmRows<RotationEntity, UUID> {
  List<RotationEntity> findByFarmIdOrderByName(UUID farmId);
}
