package nimblefurrow.server.weather;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Stations extends JpaRepository<StationEntity, UUID> {
  List<StationEntity> findByFarmIdOrderByName(UUID farmId);

  @Query(nativeQuery = true, value = "select exists (select 1 from farm where station_id = :id)")
  boolean inUse(UUID id);
}
