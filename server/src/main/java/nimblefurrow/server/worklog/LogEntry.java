package nimblefurrow.server.worklog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class LogEntry {
  /** Chosen by the client, so that sending twice stores once. */
  @Id UUID id;

  UUID farmId;
  UUID fieldId;
  @Nullable UUID accountId;
  LocalDate doneOn;
  String kind;
  String words;
  Instant createdAt;
  @Version @Nullable Long version;
}
