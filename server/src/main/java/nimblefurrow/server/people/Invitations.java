package nimblefurrow.server.people;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Lock;

interface Invitations extends FarmRows<Invitation, UUID> {
  List<Invitation> findByFarmIdAndExpiresAtAfterOrderByCreatedAt(UUID farmId, Instant now);

  Optional<Invitation> findByHashAndExpiresAtAfter(String hash, Instant now);

  /** Held until it is used up: a link works once, however many open it at the same moment. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<Invitation> findFirstByHashAndExpiresAtAfter(String hash, Instant now);
}
