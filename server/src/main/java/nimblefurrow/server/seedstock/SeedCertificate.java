package nimblefurrow.server.seedstock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

@Entity
class SeedCertificate {
  @Id UUID lotId;
  byte[] bytes;
}
