package nimblefurrow.server.work;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.work.OwnJob;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Kept work of a field that is no more worked as one is laid out anew, for what it became; work of
 * one's own goes along, by area.
 */
@Component
class WorkOfPieces {
  private final WorkItems items;
  private final WorkPins pins;
  private final OwnJobRows own;

  WorkOfPieces(WorkItems items, WorkPins pins, OwnJobRows own) {
    this.items = items;
    this.pins = pins;
    this.own = own;
  }

  @EventListener
  void divided(FieldSplit split) {
    gone(split.farmId(), List.of(split.whole()));
    for (OwnJobRow r : open(split.farmId(), List.of(split.whole()))) {
      for (int p = 0; p < split.parts().size(); p++) {
        own.save(
            OwnJobRow.of(
                split.farmId(),
                r.job().on(UUID.randomUUID(), split.parts().get(p), split.shares().get(p))));
      }
      r.removed = true;
    }
  }

  @EventListener
  void joined(FieldsJoined joined) {
    gone(joined.farmId(), joined.parts());
    List<OwnJob> all = new ArrayList<>();
    for (OwnJobRow r : open(joined.farmId(), joined.parts())) {
      OwnJob job = r.job().on(UUID.randomUUID(), joined.joined(), 1);
      OwnJob there = all.stream().filter(job::like).findFirst().orElse(null);
      all.remove(there);
      all.add(there == null ? job : there.and(job));
      r.removed = true;
    }
    all.forEach(j -> own.save(OwnJobRow.of(joined.farmId(), j)));
  }

  private List<OwnJobRow> open(UUID farmId, List<UUID> fields) {
    return own.findByFarmIdAndRemovedFalseOrderByFromOnAscIdAsc(farmId).stream()
        .filter(r -> r.doneOn == null && fields.contains(r.fieldId))
        .toList();
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
