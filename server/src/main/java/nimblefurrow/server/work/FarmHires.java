package nimblefurrow.server.work;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface FarmHires extends Repository<FarmHire, FarmHire.Key>, RowWriting<FarmHire> {
  List<FarmHire> findByKeyFarmId(UUID farmId);

  Optional<FarmHire> findByKeyFarmIdAndKeyCustomerId(UUID farmId, UUID customerId);
}
