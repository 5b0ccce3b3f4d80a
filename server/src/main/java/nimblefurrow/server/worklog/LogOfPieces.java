package nimblefurrow.server.worklog;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What was written down of a field is the past of each of its parts, and of what is joined again.
 */
@Component
class LogOfPieces {
  private final LogEntries entries;

  LogOfPieces(LogEntries entries) {
    this.entries = entries;
  }

  @EventListener
  void divided(FieldSplit split) {
    List<LogEntry> all = of(split.farmId(), split.whole());
    for (UUID part : split.parts()) {
      all.forEach(e -> entries.save(copy(e, part)));
    }
  }

  @EventListener
  void joined(FieldsJoined joined) {
    Set<String> told = new HashSet<>();
    for (UUID part : joined.parts()) {
      for (LogEntry e : of(joined.farmId(), part)) {
        // What both had from the field they were is told once.
        if (told.add(e.doneOn + "|" + e.kind + "|" + e.words + "|" + e.amount + "|" + e.stage)) {
          entries.save(copy(e, joined.joined()));
        }
      }
    }
  }

  private List<LogEntry> of(UUID farmId, UUID field) {
    return entries.findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDesc(farmId, field);
  }

  private static LogEntry copy(LogEntry of, UUID field) {
    LogEntry e = new LogEntry();
    e.id = UUID.randomUUID();
    e.farmId = of.farmId;
    e.fieldId = field;
    e.accountId = of.accountId;
    e.doneOn = of.doneOn;
    e.kind = of.kind;
    e.words = of.words;
    e.species = of.species;
    e.stage = of.stage;
    e.amount = of.amount;
    e.residual = of.residual;
    e.createdAt = of.createdAt;
    return e;
  }
}
