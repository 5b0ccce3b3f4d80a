package nimblefurrow.server.seedstock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
class SeedUse {
  @Id UUID id;
  UUID farmId;
  UUID lotId;
  UUID fieldId;
  @Nullable UUID logEntryId;
  BigDecimal kg;
  LocalDate usedOn;
}
