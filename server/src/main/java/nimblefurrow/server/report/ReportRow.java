package nimblefurrow.server.report;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A report that was made, without its bytes. */
@Entity
@Table(name = "report")
class ReportRow {
  @Id UUID id;
  UUID farmId;

  /** Counted by farm, from 1. */
  int number;

  ReportKind kind;
  String title;
  LocalDate fromOn;
  LocalDate toOn;
  @Nullable UUID accountId;
  Instant madeAt;
}
