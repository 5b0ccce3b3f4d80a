package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface SprayProductRows extends FarmRows<SprayProductRow, UUID> {
  List<SprayProductRow> findByFarmIdOrderByName(UUID farmId);
}
