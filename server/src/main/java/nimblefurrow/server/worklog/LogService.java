package nimblefurrow.server.worklog;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done on fields. Callers have checked who asks. */
@Service
public class LogService {
  private static final Set<String> KINDS =
      Set.of("seeded", "ended", "planted", "harvested", "sprayed", "counted", "note");

  private final LogEntries entries;
  private final Clock clock;

  LogService(LogEntries entries, Clock clock) {
    this.entries = entries;
    this.clock = clock;
  }

  /** One thing done. */
  public record EntryView(UUID id, LocalDate doneOn, String kind, String words) {}

  /** All that was done on a field, newest first. */
  @Transactional(readOnly = true)
  public List<EntryView> of(UUID farmId, UUID fieldId) {
    return entries.findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDesc(farmId, fieldId).stream()
        .map(e -> new EntryView(e.id, e.doneOn, e.kind, e.words))
        .toList();
  }

  /** Last day of each kind of work by field within a season: what was observed outranks plans. */
  @Transactional(readOnly = true)
  public Map<UUID, Map<String, LocalDate>> doneInSeason(UUID farmId, int seasonYear) {
    LocalDate from = LocalDate.of(seasonYear, 5, 1);
    LocalDate to = LocalDate.of(seasonYear + 1, 7, 31);
    Map<UUID, Map<String, LocalDate>> done = new HashMap<>();
    for (LogEntry e : entries.findByFarmIdAndDoneOnBetweenOrderByDoneOn(farmId, from, to)) {
      done.computeIfAbsent(e.fieldId, k -> new HashMap<>()).put(e.kind, e.doneOn);
    }
    return done;
  }

  /** Writes down something done; the same id twice is the same entry. */
  @Transactional
  public EntryView add(
      UUID farmId, UUID fieldId, EntryView entry, LocalDate today, @Nullable UUID account) {
    if (!KINDS.contains(entry.kind())) {
      throw new InputProblem("kind", "There is no kind of work called “" + entry.kind() + "”.");
    }
    if (entry.doneOn().isAfter(today)) {
      throw new InputProblem(
          "doneOn", entry.doneOn() + " is after today; the log holds what was done.");
    }
    if (entry.words().length() > 2000) {
      throw new InputProblem("words", "Keep it under 2000 characters.");
    }
    LogEntry stored = entries.findById(entry.id()).orElse(null);
    if (stored == null) {
      stored = new LogEntry();
      stored.id = entry.id();
      stored.farmId = farmId;
      stored.fieldId = fieldId;
      stored.accountId = account;
      stored.createdAt = Instant.now(clock);
      stored.doneOn = entry.doneOn();
      stored.kind = entry.kind();
      stored.words = entry.words().strip();
      entries.save(stored);
    } else if (!stored.farmId.equals(farmId)) {
      throw new NotFound("There is no such entry.");
    }
    return new EntryView(stored.id, stored.doneOn, stored.kind, stored.words);
  }

  /** Takes an entry out again. */
  @Transactional
  public void remove(UUID farmId, UUID id) {
    LogEntry entry =
        entries
            .findById(id)
            .filter(e -> e.farmId.equals(farmId))
            .orElseThrow(() -> new NotFound("There is no such entry."));
    entries.delete(entry);
  }
}
