package nimblefurrow.server.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class WorkPin {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;

  /** Its name on its field. */
  @Column(name = "kind")
  String job;

  @Nullable LocalDate day;
  @Nullable UUID onlyDoer;
  UUID[] neverDoers = {};
  @Version @Nullable Long version;
}
