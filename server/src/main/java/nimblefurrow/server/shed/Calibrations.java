package nimblefurrow.server.shed;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Calibrations extends JpaRepository<Calibration, UUID> {
  List<Calibration> findByFarmIdOrderByCreatedAtDesc(UUID farmId);
}
