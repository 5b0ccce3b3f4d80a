package nimblefurrow.server.paper;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.server.support.FarmRows;

interface Papers extends FarmRows<Paper, UUID> {
  List<Paper> findByFarmIdAndAwayFalseOrderByAddedAt(UUID farmId);

  List<Paper> findByFarmIdAndHolderAndAwayFalse(UUID farmId, PaperHolder holder);
}
