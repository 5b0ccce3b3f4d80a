package nimblefurrow.server.work;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.util.UUID;

@Entity
class FarmHire {
  @EmbeddedId Key key;
  UUID accountId;

  @Embeddable
  record Key(UUID farmId, UUID customerId) implements Serializable {}
}
