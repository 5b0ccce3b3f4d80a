package nimblefurrow.server.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import nimblefurrow.server.fields.CropBefore;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One plan before and after a change. */
@Entity
class PlanChange {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  long id;

  UUID farmId;
  UUID pieceId;

  /** Which cover; null for changes from before a season could hold several. */
  @Nullable UUID planId;

  UUID changeGroup;
  int seasonYear;
  @Nullable UUID accountId;
  Instant changedAt;
  String what;

  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable StoredPlan before;

  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable StoredPlan after;

  /** The rotation the cover came of before. */
  @Nullable UUID rotationBefore;

  /** Whether it is the crop of the year that was changed, not a cover. */
  boolean crop;

  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable CropBefore cropBefore;

  boolean undone;
}
