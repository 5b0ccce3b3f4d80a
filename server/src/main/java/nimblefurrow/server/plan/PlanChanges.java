package nimblefurrow.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanChanges extends JpaRepository<PlanChange, Long> {
  Optional<PlanChange> findFirstByFarmIdAndUndoneFalseOrderByIdDesc(UUID farmId);

  List<PlanChange> findByFarmIdAndChangeGroup(UUID farmId, UUID changeGroup);

  List<PlanChange> findByFarmIdAndPieceIdOrderByIdDesc(UUID farmId, UUID pieceId, Limit limit);
}
