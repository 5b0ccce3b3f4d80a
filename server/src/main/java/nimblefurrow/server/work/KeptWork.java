package nimblefurrow.server.work;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.season.KeptDays;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the kept plan says of each field. */
@Component
class KeptWork implements KeptDays {
  private final WorkItems items;

  KeptWork(WorkItems items) {
    this.items = items;
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Map<Deed, KeptDay>> of(UUID farmId) {
    Map<UUID, Map<Deed, KeptDay>> all = new HashMap<>();
    for (WorkItem item : items.findByFarmId(farmId)) {
      JobKind.of(item.job)
          .deed()
          .ifPresent(
              deed ->
                  all.computeIfAbsent(of(item), k -> new EnumMap<>(Deed.class))
                      .put(deed, new KeptDay(item.finishOn, item.meantOn)));
    }
    return all;
  }

  private static UUID of(WorkItem item) {
    UUID link = JobKind.link(item.job);
    return link == null ? item.fieldId : link;
  }
}
