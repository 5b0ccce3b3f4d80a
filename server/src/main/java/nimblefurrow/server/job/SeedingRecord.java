package nimblefurrow.server.job;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class SeedingRecord {
  @Id UUID logEntryId;
  UUID farmId;
  UUID fieldId;
  @Nullable UUID machineId;
  BigDecimal areaHa;
  BigDecimal targetKgPerHa;
  BigDecimal seedKg;
  @Nullable Double setting;
  @Nullable Double bearingDeg;
  @Version @Nullable Long version;
}
