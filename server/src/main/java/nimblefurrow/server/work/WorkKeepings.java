package nimblefurrow.server.work;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface WorkKeepings extends FarmRows<WorkKeeping, Long> {
  Optional<WorkKeeping> findFirstByFarmIdAndUndoneFalseOrderByIdDesc(UUID farmId);
}
