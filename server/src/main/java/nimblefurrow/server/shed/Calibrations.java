package nimblefurrow.server.shed;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface Calibrations extends FarmRows<Calibration, UUID> {
  List<Calibration> findByFarmIdOrderByCreatedAtDesc(UUID farmId);
}
