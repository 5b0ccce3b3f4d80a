package nimblefurrow.server.plan;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface CoverPlans extends FarmRows<CoverPlanEntity, UUID> {
  List<CoverPlanEntity> findByFarmIdAndPieceIdInOrderBySeedOn(UUID farmId, Collection<UUID> pieces);

  List<CoverPlanEntity> findByFarmIdAndSeasonYearBetweenOrderBySeedOn(
      UUID farmId, int from, int to);
}
