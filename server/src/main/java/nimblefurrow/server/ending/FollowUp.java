package nimblefurrow.server.ending;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class FollowUp {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;
  String kind;
  LocalDate dueFrom;
  LocalDate dueTo;
  String words;
  @Nullable LocalDate doneOn;

  /** The entry of the record that answered it; null where somebody ticked it. */
  @Nullable UUID doneBy;

  @Version @Nullable Long version;
}
