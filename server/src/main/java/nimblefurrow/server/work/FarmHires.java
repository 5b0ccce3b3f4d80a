package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FarmHires extends JpaRepository<FarmHire, FarmHire.Key> {
  List<FarmHire> findByKeyFarmId(UUID farmId);
}
