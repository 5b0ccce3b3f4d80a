package nimblefurrow.server.work;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WorkPins extends JpaRepository<WorkPin, UUID> {
  List<WorkPin> findByFarmId(UUID farmId);

  Optional<WorkPin> findByFarmIdAndFieldIdAndKind(UUID farmId, UUID fieldId, String kind);
}
