package nimblefurrow.server.takeaway;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class CalendarFeed {
  @Id UUID id;
  UUID farmId;
  UUID accountId;
  String hash;
  Instant createdAt;
  @Version @Nullable Long version;
}
