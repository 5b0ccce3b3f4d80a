package nimblefurrow.server.weather;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Query;

interface Stations extends FarmRows<StationEntity, UUID> {
  List<StationEntity> findByFarmIdOrderByName(UUID farmId);

  /** A station of the farm's own, or that it lives under. */
  @Query(
      nativeQuery = true,
      value =
          "select s.* from station s where s.id = :id and (s.farm_id = :farmId"
              + " or exists (select 1 from farm where id = :farmId and station_id = s.id))")
  Optional<StationEntity> over(UUID farmId, UUID id);

  /** Whether any farm lives under a farm's own station. */
  @Query(
      nativeQuery = true,
      value =
          "select exists (select 1 from farm f join station s on s.id = f.station_id"
              + " where s.farm_id = :farmId and s.id = :id)")
  boolean inUse(UUID farmId, UUID id);
}
