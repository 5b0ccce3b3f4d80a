package nimblefurrow.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.util.UUID;

@Entity
class Membership {
  @EmbeddedId Key key;

  @Column(name = "role")
  String role;

  @Embeddable
  record Key(UUID accountId, UUID farmId) implements Serializable {}
}
