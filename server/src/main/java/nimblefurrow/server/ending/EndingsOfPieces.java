package nimblefurrow.server.ending;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What is to be gone and seen on a field is gone and seen on what it became, whose endings were
 * chosen when its were.
 */
@Component
class EndingsOfPieces {
  private final FollowUps followUps;
  private final EndingChoices choices;

  EndingsOfPieces(FollowUps followUps, EndingChoices choices) {
    this.choices = choices;
    this.followUps = followUps;
  }

  @EventListener
  void divided(FieldSplit split) {
    move(split.farmId(), List.of(split.whole()), split.parts().get(0));
    split.parts().forEach(part -> carry(split.farmId(), List.of(split.whole()), part));
  }

  @EventListener
  void joined(FieldsJoined joined) {
    move(joined.farmId(), joined.parts(), joined.joined());
    carry(joined.farmId(), joined.parts(), joined.joined());
  }

  private void carry(UUID farmId, List<UUID> from, UUID to) {
    // Parts may each have the same choice from the field they were.
    Set<List<Object>> had = new HashSet<>();
    for (UUID field : from) {
      for (EndingChoice c : choices.findByFarmIdAndFieldId(farmId, field)) {
        if (had.add(List.of(c.seasonYear, c.way, c.endOn, c.chosenAt))) {
          choices.save(copy(c, to));
        }
      }
    }
  }

  private static EndingChoice copy(EndingChoice of, UUID field) {
    EndingChoice c = new EndingChoice();
    c.id = UUID.randomUUID();
    c.farmId = of.farmId;
    c.fieldId = field;
    c.seasonYear = of.seasonYear;
    c.way = of.way;
    c.endOn = of.endOn;
    c.plantOn = of.plantOn;
    c.wishedOn = of.wishedOn;
    c.why = of.why;
    c.accountId = of.accountId;
    c.chosenAt = of.chosenAt;
    return c;
  }

  private void move(UUID farmId, List<UUID> from, UUID to) {
    followUps.findByFarmIdOrderByDueFrom(farmId).stream()
        .filter(f -> from.contains(f.fieldId))
        .forEach(f -> f.fieldId = to);
  }
}
