package nimblefurrow.server.weather;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Stations extends JpaRepository<StationEntity, UUID> {
  List<StationEntity> findByFarmIdOrderByName(UUID farmId);
}
