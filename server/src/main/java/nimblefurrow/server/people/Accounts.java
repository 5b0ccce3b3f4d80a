package nimblefurrow.server.people;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface Accounts extends JpaRepository<Account, UUID> {
  Optional<Account> findByEmailIgnoreCase(String email);

  /** Holds whoever else opens the first account until this transaction ends. */
  @Query(nativeQuery = true, value = "select 1 from pg_advisory_xact_lock(4107)")
  int oneAtATime();
}
