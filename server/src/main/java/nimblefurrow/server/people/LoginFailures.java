package nimblefurrow.server.people;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;

interface LoginFailures extends JpaRepository<LoginFailure, Long> {
  long countByEmailAndFailedAtAfter(String email, Instant after);

  void deleteByEmail(String email);
}
