package nimblefurrow.server.trial;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface Trials extends FarmRows<Trial, UUID> {
  List<Trial> findByFarmIdAndRemovedFalseOrderBySeasonYearDescQuestionAsc(UUID farmId);
}
