package nimblefurrow.server.worklog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.standing.LogKind;
import org.jspecify.annotations.Nullable;

@Entity
class LogEntry {
  /** Chosen by the client, so that sending twice stores once. */
  @Id UUID id;

  UUID farmId;
  UUID fieldId;
  @Nullable UUID accountId;
  LocalDate doneOn;
  LogKind kind;
  String words;

  /** Which species was seen, when that matters. */
  @Nullable String species;

  /** The stage it was at. */
  @Nullable String stage;

  /** Plants per m², height in cm or cover in Mg/ha, by kind. */
  @Nullable Double amount;

  /** Group of a residual herbicide. */
  @Nullable String residual;

  Instant createdAt;
  @Version @Nullable Long version;
}
