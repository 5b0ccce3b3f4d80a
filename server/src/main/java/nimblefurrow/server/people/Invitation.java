package nimblefurrow.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Invitation {
  @Id UUID id;
  UUID farmId;
  String label;
  String role;
  String hash;
  UUID invitedBy;
  Instant createdAt;
  Instant expiresAt;
  @Version @Nullable Long version;
}
