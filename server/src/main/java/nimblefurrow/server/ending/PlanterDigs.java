package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface PlanterDigs extends FarmRows<PlanterDig, UUID> {
  List<PlanterDig> findByFarmIdOrderByCreatedAtDesc(UUID farmId);
}
