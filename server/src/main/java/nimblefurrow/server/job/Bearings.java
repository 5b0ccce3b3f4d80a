package nimblefurrow.server.job;

import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which way fields were seeded. */
@Service
public class Bearings {
  private final SeedingRecords records;

  Bearings(SeedingRecords records) {
    this.records = records;
  }

  /** Degrees from north of a field's seeding; null when nobody wrote it down. */
  @Transactional(readOnly = true)
  public @Nullable Double of(UUID farmId, UUID fieldId) {
    return records.findByFarmId(farmId).stream()
        .filter(r -> r.fieldId.equals(fieldId))
        .map(r -> r.bearingDeg)
        .filter(Objects::nonNull)
        .reduce((a, b) -> b)
        .orElse(null);
  }
}
