package nimblefurrow.server.shed;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class Calibration {
  @Id UUID id;
  UUID farmId;
  UUID machineId;
  @Nullable UUID lotId;
  String species = "";
  String gear = "";
  String bench;
  @Nullable Double setting;
  @Nullable Double rateKgPerHa;
  @Nullable Double chartKgPerHa;
  String words = "";
  LocalDate doneOn;
  Instant createdAt;
  @Version @Nullable Long version;
}
