package nimblefurrow.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A link by which someone who forgot their password sets a new one, once. */
@Entity
class PasswordLink {
  @Id UUID id;
  UUID accountId;
  String hash;
  UUID madeBy;
  Instant expiresAt;
}
