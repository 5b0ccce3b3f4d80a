package nimblefurrow.server.worklog;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Entries that are put right, and what they said before. Callers have checked who asks. */
@Service
class LogCorrections {
  private final LogEntries entries;
  private final LogRevisions revisions;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  LogCorrections(
      LogEntries entries, LogRevisions revisions, ApplicationEventPublisher events, Clock clock) {
    this.entries = entries;
    this.revisions = revisions;
    this.events = events;
    this.clock = clock;
  }

  /**
   * Puts an entry right and keeps what it said.
   *
   * @param version that was read
   * @throws ChangedMeanwhile when someone corrected it since it was read
   * @throws Refused when it cannot say that, or its kind would be another
   */
  @Transactional
  EntryView correct(
      UUID farmId,
      UUID fieldId,
      EntryView now,
      long version,
      LocalDate today,
      @Nullable UUID account) {
    LogEntry stored = entries.get(farmId, now.id(), LogService.AWAY);
    if (!stored.fieldId.equals(fieldId)) {
      throw new NotFound(LogService.AWAY);
    }
    EntryView before = LogService.view(stored);
    ChangedMeanwhile.unless(stored.version, version, "this entry", () -> before);
    if (stored.kind != now.kind()) {
      throw new Refused(
          "kind",
          "It was written down as “%s”; take it out and write down the other."
              .formatted(stored.kind.label()));
    }
    LogService.check(now, today);
    EntryView kept = now.with(before.actives(), before.products());
    if (kept.equals(before)) {
      return before;
    }
    LogRevision was = new LogRevision();
    was.id = UUID.randomUUID();
    was.farmId = farmId;
    was.logEntryId = stored.id;
    was.doneOn = stored.doneOn;
    was.words = stored.words;
    was.figures = stored.figures;
    was.names = stored.names;
    was.changedAt = clock.instant();
    was.accountId = account;
    revisions.save(was);
    LogService.put(stored, kept);
    entries.saveAndFlush(stored);
    EntryView after = LogService.view(stored);
    events.publishEvent(new EntryCorrected(farmId, fieldId, before, after));
    return after;
  }

  /** What entries said before, oldest first, by entry. */
  @Transactional(readOnly = true)
  Map<UUID, List<LogRevision>> of(UUID farmId, Collection<UUID> ids) {
    return revisions.findByFarmIdAndLogEntryIdInOrderByChangedAt(farmId, ids).stream()
        .collect(Collectors.groupingBy(r -> r.logEntryId));
  }
}
