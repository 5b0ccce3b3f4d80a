package nimblefurrow.server.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccessTokens extends JpaRepository<AccessToken, UUID> {
  Optional<AccessToken> findByHash(String hash);

  List<AccessToken> findByAccountIdOrderByCreatedAt(UUID accountId);
}
