package nimblefurrow.server.ending;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface FarmRulesRows extends Repository<FarmRulesRow, UUID>, RowWriting<FarmRulesRow> {
  Optional<FarmRulesRow> findByFarmId(UUID farmId);
}
