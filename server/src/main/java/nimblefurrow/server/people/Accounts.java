package nimblefurrow.server.people;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Accounts extends JpaRepository<Account, UUID> {
  Optional<Account> findByEmailIgnoreCase(String email);
}
