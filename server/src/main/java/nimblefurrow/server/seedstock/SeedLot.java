package nimblefurrow.server.seedstock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class SeedLot {
  @Id UUID id;
  UUID farmId;
  String species;
  String variety = "";
  String lotNo = "";
  String supplier = "";
  @Nullable Double germination;
  @Nullable Double purity;
  @Nullable LocalDate testedOn;
  boolean treated;
  boolean organic;
  BigDecimal usdPerKg;
  BigDecimal boughtKg;
  boolean removed;
  @Version @Nullable Long version;
}
