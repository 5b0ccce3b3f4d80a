package nimblefurrow.server.work;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.server.ending.WatchService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** Jobs of the plan that are done, on the log of the field they were done on. */
@Component
class DoneLog {
  private static final String LOOK = "look:";

  private final LogService log;
  private final WatchService watch;
  private final FarmService farms;

  DoneLog(LogService log, WatchService watch, FarmService farms) {
    this.log = log;
    this.watch = watch;
    this.farms = farms;
  }

  /** Writes down a job that is done; what was looked at is ticked off instead. */
  void write(UUID farmId, WorkItem item, String label, LocalDate day, UUID account) {
    if (item.kind.startsWith(LOOK)) {
      watch.done(farmId, item.fieldId, item.kind.substring(LOOK.length()), day);
      return;
    }
    String kind =
        switch (item.kind) {
          case "seed" -> "seeded";
          case "end" -> "ended";
          case "second" -> "sprayed";
          case "plant" -> "planted";
          default -> "harvested";
        };
    UUID worked = item.customerId == null ? farmId : item.customerId;
    String words = label + ", from the plan";
    if (item.customerId != null) {
      words += " of " + farms.get(farmId).name();
    }
    log.add(
        worked,
        item.fieldId,
        new LogService.EntryView(entry(item), day, kind, words, null, null, null, null),
        day,
        account);
  }

  /** Takes it back. */
  void remove(UUID farmId, WorkItem item) {
    if (item.kind.startsWith(LOOK)) {
      watch.done(farmId, item.fieldId, item.kind.substring(LOOK.length()), null);
    } else {
      log.remove(item.customerId == null ? farmId : item.customerId, entry(item));
    }
  }

  private static UUID entry(WorkItem item) {
    return UUID.nameUUIDFromBytes((item.id + "done").getBytes(StandardCharsets.UTF_8));
  }
}
