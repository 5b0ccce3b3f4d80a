package nimblefurrow.server.work;

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
  String kind;
  @Nullable LocalDate day;
  @Nullable UUID onlyDoer;
  UUID[] neverDoers = {};
  @Version @Nullable Long version;
}
