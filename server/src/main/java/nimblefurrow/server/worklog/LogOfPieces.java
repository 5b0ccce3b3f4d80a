package nimblefurrow.server.worklog;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.server.fields.FieldSplit;
import nimblefurrow.server.fields.FieldsJoined;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What was written down of a field is the past of each of its parts, and of what is joined again.
 */
@Component
class LogOfPieces {
  /** Figures of all that was done, not of each hectare. */
  private static final List<EntryFigure> OF_ALL = List.of(EntryFigure.AREA, EntryFigure.SEED);

  /** As exact as areas are kept. */
  private static final double PARTS = 1e4;

  private final LogEntries entries;
  private final ApplicationEventPublisher events;

  LogOfPieces(LogEntries entries, ApplicationEventPublisher events) {
    this.events = events;
    this.entries = entries;
  }

  @EventListener
  void divided(FieldSplit split) {
    List<LogEntry> all = of(split.farmId(), split.whole());
    for (int i = 0; i < split.parts().size(); i++) {
      Map<UUID, UUID> carried = new HashMap<>();
      for (LogEntry e : all) {
        LogEntry part = copy(e, split.parts().get(i));
        part.figures = times(e.figures, split.shares().get(i));
        entries.save(part);
        carried.put(e.id, part.id);
      }
      events.publishEvent(new EntriesCarried(split.farmId(), carried, split.parts().get(i)));
    }
  }

  @EventListener
  void joined(FieldsJoined joined) {
    Map<String, LogEntry> told = new LinkedHashMap<>();
    Map<UUID, UUID> carried = new HashMap<>();
    for (UUID part : joined.parts()) {
      for (LogEntry e : of(joined.farmId(), part)) {
        // What both had from the field they were is told once, of both areas together.
        LogEntry same = told.get(alike(e));
        if (same == null) {
          same = copy(e, joined.joined());
          told.put(alike(e), same);
        } else {
          same.figures = sum(same.figures, e.figures);
        }
        carried.put(e.id, same.id);
      }
    }
    told.values().forEach(entries::save);
    events.publishEvent(new EntriesCarried(joined.farmId(), carried, joined.joined()));
  }

  private static String alike(LogEntry e) {
    Map<String, Double> rates = new TreeMap<>(e.figures);
    OF_ALL.forEach(f -> rates.remove(f.key()));
    return String.join(
        "|", e.doneOn.toString(), e.kind.key(), e.words, rates.toString(), e.names.toString());
  }

  private static Map<String, Double> times(Map<String, Double> figures, double share) {
    Map<String, Double> part = new LinkedHashMap<>(figures);
    OF_ALL.forEach(f -> part.computeIfPresent(f.key(), (k, all) -> rounded(all * share)));
    return part;
  }

  private static Map<String, Double> sum(Map<String, Double> a, Map<String, Double> b) {
    Map<String, Double> both = new LinkedHashMap<>(a);
    for (EntryFigure f : OF_ALL) {
      Double more = b.get(f.key());
      if (more != null) {
        both.merge(f.key(), more, (x, y) -> rounded(x + y));
      }
    }
    return both;
  }

  private static double rounded(double value) {
    return Math.round(value * PARTS) / PARTS;
  }

  private List<LogEntry> of(UUID farmId, UUID field) {
    return entries.findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDescIdDesc(farmId, field);
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
    e.machineId = of.machineId;
    e.figures = of.figures;
    e.names = of.names;
    e.actives = of.actives;
    e.products = of.products;
    e.createdAt = of.createdAt;
    return e;
  }
}
