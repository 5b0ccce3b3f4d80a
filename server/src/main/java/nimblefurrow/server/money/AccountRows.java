package nimblefurrow.server.money;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface AccountRows extends FarmRows<AccountRow, UUID> {
  List<AccountRow> findByFarmIdAndRemovedFalseOrderByWords(UUID farmId);
}
