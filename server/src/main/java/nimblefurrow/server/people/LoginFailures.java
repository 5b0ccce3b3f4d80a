package nimblefurrow.server.people;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LoginFailures extends JpaRepository<LoginFailure, Long> {
  long countByEmailAndClientAndFailedAtAfter(String email, String client, Instant after);

  long countByClientAndFailedAtAfter(String client, Instant after);

  void deleteByEmailAndClient(String email, String client);

  @Modifying
  @Query("delete from LoginFailure f where f.failedAt < :before")
  void purge(Instant before);

  /** One try at a time from one place, so that tries side by side are counted too. */
  @Query(
      nativeQuery = true,
      value = "select 1 from pg_advisory_xact_lock(4108, hashtext(cast(:client as text)))")
  int oneAtATime(String client);
}
