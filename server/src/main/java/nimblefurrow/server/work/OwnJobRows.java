package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface OwnJobRows extends FarmRows<OwnJobRow, UUID> {
  List<OwnJobRow> findByFarmIdAndRemovedFalseOrderByFromOnAscIdAsc(UUID farmId);
}
