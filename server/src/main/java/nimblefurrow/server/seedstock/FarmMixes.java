package nimblefurrow.server.seedstock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FarmMixes extends JpaRepository<FarmMix, UUID> {
  List<FarmMix> findByFarmIdOrderByName(UUID farmId);
}
