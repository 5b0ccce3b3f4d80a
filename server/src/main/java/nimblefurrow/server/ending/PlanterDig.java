package nimblefurrow.server.ending;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class PlanterDig {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;
  @Nullable UUID machineId;
  String residue;
  LocalDate dugOn;
  int dug;
  int slotsOpen;
  int pinned;
  int wrongDepth;
  String setting;
  Instant createdAt;
}
