package nimblefurrow.server.picture;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface Pictures extends FarmRows<Picture, UUID> {
  List<Picture> findByFarmIdAndFieldIdAndAwayFalseOrderByTakenOnAscAddedAtAsc(
      UUID farmId, UUID fieldId);

  List<Picture> findByFarmIdAndEntryIdInAndAwayFalseOrderByTakenOnAscAddedAtAsc(
      UUID farmId, List<UUID> entryIds);
}
