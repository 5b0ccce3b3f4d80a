package nimblefurrow.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class WorkRun {
  @Id UUID id;
  UUID farmId;
  RunState state;
  Instant askedAt;
  String askedBy;
  double seconds;
  double usdPerMove;
  double goalUsdPerHa;

  /** The season it was asked in; null for that of the farm's day. */
  @Nullable Integer seasonYear;

  /** Who works on it; every write of another is refused. */
  @Nullable UUID owner;

  double progress;

  @Column(name = "value")
  @Nullable Double money;

  boolean stop;

  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable StoredProposal result;

  @Nullable String trouble;

  /** What it was laid out under; null until it is taken on. */
  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable Map<String, String> seen;

  @JdbcTypeCode(SqlTypes.JSON)
  List<String> reasons = List.of();
}
