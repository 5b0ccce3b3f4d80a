package nimblefurrow.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class AccessToken {
  @Id UUID id;
  UUID accountId;
  String name;
  String hash;
  Instant createdAt;
  @Nullable Instant lastUsedAt;
  @Version long version;
}
