package nimblefurrow.server.shed;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface Machines extends FarmRows<Machine, UUID> {
  List<Machine> findByFarmIdOrderByName(UUID farmId);

  List<Machine> findByFarmIdAndRemovedFalseOrderByName(UUID farmId);
}
