package nimblefurrow.server.people;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface PasswordLinks extends JpaRepository<PasswordLink, UUID> {
  /** Held until it is used up, however many open it at the same moment. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  Optional<PasswordLink> findByHashAndExpiresAtAfter(String hash, Instant now);

  void deleteByAccountId(UUID accountId);
}
