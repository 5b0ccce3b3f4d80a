package nimblefurrow.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.domain.Limit;

interface PlanChanges extends FarmRows<PlanChange, Long> {
  Optional<PlanChange> findFirstByFarmIdAndUndoneFalseOrderByIdDesc(UUID farmId);

  List<PlanChange> findByFarmIdAndChangeGroup(UUID farmId, UUID changeGroup);

  List<PlanChange> findByFarmIdAndPieceIdOrderByIdDesc(UUID farmId, UUID pieceId, Limit limit);
}
