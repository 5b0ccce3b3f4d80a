package nimblefurrow.server.work;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Kept work of a field that is no more worked as one is laid out anew, for what it became. */
@Component
class WorkOfPieces {
  private final WorkItems items;
  private final WorkPins pins;

  WorkOfPieces(WorkItems items, WorkPins pins) {
    this.items = items;
    this.pins = pins;
  }

  @EventListener
  void divided(FieldSplit split) {
    gone(split.farmId(), List.of(split.whole()));
  }

  @EventListener
  void joined(FieldsJoined joined) {
    gone(joined.farmId(), joined.parts());
  }

  private void gone(UUID farmId, List<UUID> fields) {
    items.findByFarmId(farmId).stream()
        .filter(i -> fields.contains(i.fieldId))
        .forEach(items::delete);
    pins.findByFarmId(farmId).stream()
        .filter(p -> fields.contains(p.fieldId))
        .forEach(pins::delete);
  }
}
