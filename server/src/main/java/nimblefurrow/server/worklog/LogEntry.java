package nimblefurrow.server.worklog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.LogKind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
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

  /** What did it. */
  @Nullable UUID machineId;

  /** By the keys of kinds of figures, in their units. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, Double> figures;

  /** Choices by the keys of what is named. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> names;

  /** Active ingredients that went out, g/ha. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, Double> actives;

  /** Products that went out; null where none did. */
  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable List<ProductOut> products;

  Instant createdAt;
  @Version @Nullable Long version;
}
