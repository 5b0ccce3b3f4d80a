package nimblefurrow.server.work;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface WorkPins extends FarmRows<WorkPin, UUID> {
  List<WorkPin> findByFarmId(UUID farmId);

  Optional<WorkPin> findByFarmIdAndFieldIdAndJob(UUID farmId, UUID fieldId, String job);
}
