package nimblefurrow.server.plan;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface CoverPlans extends FarmRows<CoverPlanEntity, UUID> {
  List<CoverPlanEntity> findByFarmIdAndSeasonYearAndPieceIdIn(
      UUID farmId, int seasonYear, Collection<UUID> pieces);

  Optional<CoverPlanEntity> findByFarmIdAndPieceIdAndSeasonYearAndPosition(
      UUID farmId, UUID pieceId, int seasonYear, int position);
}
