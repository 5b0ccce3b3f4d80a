package nimblefurrow.server.ending;

import java.time.LocalDate;
import nimblefurrow.core.record.Answered;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.worklog.EntryTaken;
import nimblefurrow.server.worklog.EntryWritten;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What was taken on of a field is done when its entry is written down, and open without it. */
@Component
class FollowUpsAnswered {
  private final FollowUps followUps;

  FollowUpsAnswered(FollowUps followUps) {
    this.followUps = followUps;
  }

  @EventListener
  void written(EntryWritten written) {
    LogKind kind = written.entry().kind();
    LocalDate on = written.entry().doneOn();
    followUps.findByFarmIdOrderByDueFrom(written.farmId()).stream()
        .filter(u -> u.fieldId.equals(written.fieldId()) && u.doneOn == null)
        .filter(u -> new Answered(u.kind, u.dueFrom).by(kind, on))
        .forEach(
            u -> {
              u.doneOn = on;
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
