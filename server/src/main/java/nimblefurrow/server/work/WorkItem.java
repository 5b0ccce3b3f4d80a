package nimblefurrow.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class WorkItem {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;

  /** Its name on its field. */
  @Column(name = "kind")
  String job;

  String way;
  UUID doerId;
  @Nullable UUID customerId;
  String words = "";
  LocalDate startOn;
  LocalDate finishOn;

  /** The day the field's own plan had for it when it was kept; null where it has none. */
  @Nullable LocalDate meantOn;

  double hours;
  double shareDone;

  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredShift> segments;

  @Version @Nullable Long version;
}
