package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Query;

interface WorkItems extends FarmRows<WorkItem, UUID> {
  List<WorkItem> findByFarmId(UUID farmId);

  @Query("select distinct i.farmId from WorkItem i where i.shareDone < 1")
  List<UUID> farmsAtWork();

  void deleteByFarmId(UUID farmId);
}
