package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanterDigs extends JpaRepository<PlanterDig, UUID> {
  List<PlanterDig> findByFarmIdOrderByCreatedAtDesc(UUID farmId);
}
