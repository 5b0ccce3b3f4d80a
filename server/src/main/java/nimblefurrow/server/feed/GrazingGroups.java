package nimblefurrow.server.feed;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface GrazingGroups extends FarmRows<GrazingGroup, UUID> {
  List<GrazingGroup> findByFarmIdAndPlanIdAndRemovedFalseOrderByInOnAscNameAsc(
      UUID farmId, UUID planId);
}
