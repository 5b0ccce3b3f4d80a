package nimblefurrow.server.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;
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
  private final @Nullable Double seconds;

  WorkWatcher(
      WorkItems items,
      WorkSeens seens,
      LayingOut work,
      Circumstances circumstances,
      TransactionTemplate transaction,
      @Value("${nimble-furrow.watch-looks-s:#{null}}") @Nullable Double seconds) {
    this.seconds = seconds;
    this.items = items;
    this.seens = seens;
    this.work = work;
    this.circumstances = circumstances;
    this.transaction = transaction;
  }

  /** Looks at every farm that has a plan with something left to do. */
  void look() {
    for (UUID farmId : items.farmsAtWork()) {
      try {
        transaction.executeWithoutResult(status -> look(farmId));
      } catch (DataIntegrityViolationException e) {
        // Someone asked in the same moment; what has changed is looked at again after that.
        LOG.debug("a laying-out was asked for meanwhile", e);
      } catch (RuntimeException e) {
        LOG.warn("a plan could not be looked after", e);
      }
    }
  }

  private void look(UUID farmId) {
    Map<String, String> now = circumstances.of(farmId);
    WorkSeen before = seens.findByFarmId(farmId).orElse(null);
    if (before != null && now.equals(before.seen)) {
      return;
    }
    // One that runs may or may not have seen the change: wait for its end.
    if (before != null && work.underWay(farmId)) {
      return;
    }
    WorkSeen seen = before == null ? new WorkSeen() : before;
    List<String> changes = before == null ? List.of() : Circumstances.changes(before.seen, now);
    seen.farmId = farmId;
    seen.seen = now;
    seens.save(seen);
    if (!changes.isEmpty()) {
      work.ask(farmId, new WorkViews.RunInput(seconds, null, null), BY_ITSELF, changes);
    }
  }
}
