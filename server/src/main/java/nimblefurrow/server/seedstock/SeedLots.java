package nimblefurrow.server.seedstock;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Lock;

interface SeedLots extends FarmRows<SeedLot, UUID> {
  List<SeedLot> findByFarmIdAndRemovedFalseOrderBySpeciesAscLotNoAsc(UUID farmId);

  /**
   * Lots held until the transaction ends, in one order so that two holders never wait in a ring.
   */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  List<SeedLot> findByFarmIdAndIdInOrderById(UUID farmId, Collection<UUID> ids);
}
