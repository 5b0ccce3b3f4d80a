package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WorkItems extends JpaRepository<WorkItem, UUID> {
  List<WorkItem> findByFarmId(UUID farmId);

  void deleteByFarmId(UUID farmId);
}
