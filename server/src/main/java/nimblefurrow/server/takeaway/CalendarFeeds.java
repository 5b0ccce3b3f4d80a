package nimblefurrow.server.takeaway;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeeds extends JpaRepository<CalendarFeed, UUID> {
  Optional<CalendarFeed> findByHash(String hash);

  List<CalendarFeed> findByFarmIdOrderByCreatedAt(UUID farmId);
}
