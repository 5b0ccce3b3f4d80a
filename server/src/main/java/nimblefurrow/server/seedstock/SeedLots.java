package nimblefurrow.server.seedstock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SeedLots extends JpaRepository<SeedLot, UUID> {
  List<SeedLot> findByFarmIdOrderBySpeciesAscLotNoAsc(UUID farmId);
}
