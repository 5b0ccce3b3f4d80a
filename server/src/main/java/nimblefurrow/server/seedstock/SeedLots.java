package nimblefurrow.server.seedstock;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface SeedLots extends JpaRepository<SeedLot, UUID> {
  List<SeedLot> findByFarmIdAndRemovedFalseOrderBySpeciesAscLotNoAsc(UUID farmId);

  /**
   * Lots held until the transaction ends, in one order so that two holders never wait in a ring.
   */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  List<SeedLot> findByFarmIdAndIdInOrderById(UUID farmId, Collection<UUID> ids);
}
