package nimblefurrow.server.job;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which way fields were seeded. */
@Service
public class Bearings {
  private final LogService log;

  Bearings(LogService log) {
    this.log = log;
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
    log.ofKind(farmId, LogKind.SEEDED)
        .forEach(
            (field, seedings) ->
                seedings.stream()
                    .map(e -> e.get(EntryFigure.BEARING))
                    .filter(Objects::nonNull)
                    .forEach(bearing -> all.put(field, bearing)));
    return all;
  }
}
