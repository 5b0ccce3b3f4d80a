package nimblefurrow.server.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.support.FarmChanges;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lays a kept plan out again when what it hangs on has changed: rain, a slipped harvest, a machine
 * that stands. It only ever proposes.
 */
@Component
class WorkWatcher {
  private static final Logger LOG = LoggerFactory.getLogger(WorkWatcher.class);
  static final String BY_ITSELF = "Nimble Furrow";

  private final WorkItems items;
  private final WorkSeens seens;
  private final LayingOut work;
  private final Circumstances circumstances;
  private final TransactionTemplate transaction;
  private final FarmChanges changes;
  private final FarmService farms;
  private final @Nullable Double seconds;

  /** What each farm stood at when it was looked at: until that changes there is nothing to see. */
  private final Map<UUID, String> looked = new ConcurrentHashMap<>();

  WorkWatcher(
      WorkItems items,
      WorkSeens seens,
      LayingOut work,
      Circumstances circumstances,
      TransactionTemplate transaction,
      FarmChanges changes,
      FarmService farms,
      @Value("${nimble-furrow.watch-looks-s:#{null}}") @Nullable Double seconds) {
    this.seconds = seconds;
    this.items = items;
    this.seens = seens;
    this.work = work;
    this.circumstances = circumstances;
    this.transaction = transaction;
    this.changes = changes;
    this.farms = farms;
  }

  /** Looks at every farm that has a plan with something left to do, where anything is new. */
  void look() {
    for (UUID farmId : items.farmsAtWork()) {
      try {
        String now = changes.of(farmId) + " on " + farms.get(farmId).today();
        if (!now.equals(looked.get(farmId))
            && Boolean.TRUE.equals(transaction.execute(status -> look(farmId)))) {
          looked.put(farmId, now);
        }
      } catch (DataIntegrityViolationException e) {
        // Someone asked in the same moment; what has changed is looked at again after that.
        LOG.debug("a laying-out was asked for meanwhile", e);
      } catch (RuntimeException e) {
        LOG.warn("a plan could not be looked after", e);
      }
    }
  }

  /** Whether all there is to see was seen. */
  private boolean look(UUID farmId) {
    Map<String, String> now = circumstances.of(farmId);
    WorkSeen before = seens.findByFarmId(farmId).orElse(null);
    if (before != null && now.equals(before.seen)) {
      return true;
    }
    // One that runs may or may not have seen the change: wait for its end.
    if (before != null && work.underWay(farmId)) {
      return false;
    }
    WorkSeen seen = before == null ? new WorkSeen() : before;
    List<String> told = before == null ? List.of() : Circumstances.changes(before.seen, now);
    seen.farmId = farmId;
    seen.seen = now;
    seens.save(seen);
    if (!told.isEmpty()) {
      work.ask(farmId, new WorkViews.RunInput(seconds, null, null), BY_ITSELF, told);
    }
    return true;
  }
}
