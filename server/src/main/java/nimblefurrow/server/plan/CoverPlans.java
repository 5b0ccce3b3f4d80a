package nimblefurrow.server.plan;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CoverPlans extends JpaRepository<CoverPlanEntity, UUID> {
  List<CoverPlanEntity> findBySeasonYearAndPieceIdIn(int seasonYear, Collection<UUID> pieces);

  Optional<CoverPlanEntity> findByPieceIdAndSeasonYearAndPosition(
      UUID pieceId, int seasonYear, int position);
}
