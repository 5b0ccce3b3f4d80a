package nimblefurrow.server.job;

import java.util.HashMap;
import java.util.Map;
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
    return all(farmId).get(fieldId);
  }

  /** Degrees from north by field, for the fields of which it was written down; the last counts. */
  @Transactional(readOnly = true)
  public Map<UUID, Double> all(UUID farmId) {
    Map<UUID, Double> all = new HashMap<>();
    for (SeedingRecord r : records.findByFarmId(farmId)) {
      if (r.bearingDeg != null) {
        all.put(r.fieldId, r.bearingDeg);
      }
    }
    return all;
  }
}
