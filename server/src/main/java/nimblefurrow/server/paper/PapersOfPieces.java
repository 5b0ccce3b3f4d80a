package nimblefurrow.server.paper;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** A field's papers are those of what it becomes. */
@Component
class PapersOfPieces {
  private final Papers papers;
  private final PaperFiles files;

  PapersOfPieces(Papers papers, PaperFiles files) {
    this.papers = papers;
    this.files = files;
  }

  @EventListener
  void divided(FieldSplit split) {
    split.parts().forEach(part -> carry(split.farmId(), List.of(split.whole()), part));
  }

  @EventListener
  void joined(FieldsJoined joined) {
    carry(joined.farmId(), joined.parts(), joined.joined());
  }

  private void carry(UUID farmId, List<UUID> from, UUID to) {
    // Parts may each have the same paper from the field they were.
    Set<List<Object>> had = new HashSet<>();
    for (Paper p : papers.findByFarmIdAndHolderAndAwayFalse(farmId, PaperHolder.FIELD)) {
      if (from.contains(p.holderId) && had.add(List.of(p.name, p.kind, p.size, p.addedAt))) {
        UUID copy = UUID.randomUUID();
        papers.saveAndFlush(copy(p, copy, to));
        files.copy(farmId, p.id, copy);
      }
    }
  }

  private static Paper copy(Paper of, UUID id, UUID field) {
    Paper p = new Paper();
    p.id = id;
    p.farmId = of.farmId;
    p.holder = of.holder;
    p.holderId = field;
    p.kind = of.kind;
    p.name = of.name;
    p.mediaType = of.mediaType;
    p.size = of.size;
    p.accountId = of.accountId;
    p.addedAt = of.addedAt;
    return p;
  }
}
