package nimblefurrow.server.work;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class CrewMember {
  @Id UUID id;
  UUID farmId;
  String name;
  UUID[] machines;
  Double[] weekHours;
  LocalDate[] daysOff;
  @Version @Nullable Long version;
}
