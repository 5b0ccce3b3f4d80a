package nimblefurrow.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

@Entity
class LoginFailure {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  long id;

  String email;
  String client = "";
  Instant failedAt;
}
