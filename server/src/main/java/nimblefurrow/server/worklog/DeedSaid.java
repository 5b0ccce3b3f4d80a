package nimblefurrow.server.worklog;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class DeedSaid {
  @EmbeddedId Key key;
  UUID farmId;
  LocalDate saidOn;
  double share;
  @Nullable UUID accountId;

  @Embeddable
  record Key(UUID fieldId, int seasonYear, String deed) implements Serializable {}
}
