package nimblefurrow.server.work;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface WorkSeens extends Repository<WorkSeen, UUID>, RowWriting<WorkSeen> {
  Optional<WorkSeen> findByFarmId(UUID farmId);
}
