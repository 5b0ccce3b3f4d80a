package nimblefurrow.server.worklog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What an entry said until it was corrected. */
@Entity
class LogRevision {
  @Id UUID id;
  UUID farmId;
  UUID logEntryId;
  LocalDate doneOn;
  String words;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, Double> figures;

  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> names;

  Instant changedAt;
  @Nullable UUID accountId;
}
