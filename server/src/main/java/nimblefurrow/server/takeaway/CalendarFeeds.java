package nimblefurrow.server.takeaway;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;

interface CalendarFeeds extends FarmRows<CalendarFeed, UUID> {
  Optional<CalendarFeed> findByHash(String hash);

  List<CalendarFeed> findByFarmIdOrderByCreatedAt(UUID farmId);
}
