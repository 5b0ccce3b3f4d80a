package nimblefurrow.server.fields;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface Fields extends FarmRows<Field, UUID> {
  /** What is worked now: not what was divided or joined since. */
  List<Field> findByFarmIdAndWorkedUntilIsNullOrderByName(UUID farmId);

  /** Counts a change of a field's crops as a change of the field. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update versioned Field f set f.name = f.name where f.id in :ids and f.farmId = :farmId")
  void touch(UUID farmId, Collection<UUID> ids);
}
