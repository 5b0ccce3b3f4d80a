package nimblefurrow.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Account {
  @Id UUID id;
  String email;
  String name;
  @Nullable String passwordHash;
  String units = "us";
  Instant createdAt;
  @Version long version;
}
