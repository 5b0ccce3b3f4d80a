package nimblefurrow.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class WorkRun {
  @Id UUID id;
  UUID farmId;
  String state;
  Instant askedAt;
  String askedBy;
  double seconds;
  double usdPerMove;
  double goalUsdPerHa;
  @Nullable Instant heartbeatAt;
  double progress;

  @Column(name = "value")
  @Nullable Double money;

  boolean stop;

  @JdbcTypeCode(SqlTypes.JSON)
  WorkViews.@Nullable Proposal result;

  @Nullable String trouble;

  @JdbcTypeCode(SqlTypes.JSON)
  List<String> reasons = List.of();
}
