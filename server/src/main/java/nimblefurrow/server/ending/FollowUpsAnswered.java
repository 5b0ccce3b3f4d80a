package nimblefurrow.server.ending;

import java.util.Set;
import nimblefurrow.server.worklog.EntryTaken;
import nimblefurrow.server.worklog.EntryWritten;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What was taken on of a field is done when its entry is written down, and open without it. */
@Component
class FollowUpsAnswered {
  /** A count some days before its time still answers. Working value. */
  private static final int EARLY_DAYS = 5;

  private final FollowUps followUps;

  FollowUpsAnswered(FollowUps followUps) {
    this.followUps = followUps;
  }

  @EventListener
  void written(EntryWritten written) {
    Set<String> kinds = written.entry().kind().answers();
    if (kinds.isEmpty()) {
      return;
    }
    followUps.findByFarmIdOrderByDueFrom(written.farmId()).stream()
        .filter(u -> u.fieldId.equals(written.fieldId()) && u.doneOn == null)
        .filter(u -> kinds.contains(u.kind))
        .filter(u -> !written.entry().doneOn().isBefore(u.dueFrom.minusDays(EARLY_DAYS)))
        .forEach(
            u -> {
              u.doneOn = written.entry().doneOn();
              u.doneBy = written.entry().id();
              followUps.save(u);
            });
  }

  @EventListener
  void taken(EntryTaken taken) {
    followUps
        .findByFarmIdAndDoneBy(taken.farmId(), taken.entryId())
        .forEach(
            u -> {
              u.doneOn = null;
              u.doneBy = null;
              followUps.save(u);
            });
  }
}
