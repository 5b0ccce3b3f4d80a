package nimblefurrow.server.ending;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What is to be gone and seen on a field is gone and seen on what it became. */
@Component
class EndingsOfPieces {
  private final FollowUps followUps;

  EndingsOfPieces(FollowUps followUps) {
    this.followUps = followUps;
  }

  @EventListener
  void divided(FieldSplit split) {
    move(split.farmId(), List.of(split.whole()), split.parts().get(0));
  }

  @EventListener
  void joined(FieldsJoined joined) {
    move(joined.farmId(), joined.parts(), joined.joined());
  }

  private void move(UUID farmId, List<UUID> from, UUID to) {
    followUps.findByFarmIdOrderByDueFrom(farmId).stream()
        .filter(f -> from.contains(f.fieldId))
        .forEach(f -> f.fieldId = to);
  }
}
