package nimblefurrow.server.worklog;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.TakenAway;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done on fields. Callers have checked who asks. */
@Service
public class LogService {
  private static final String TABLE = "log_entry";
  private static final int LONGEST = 2000;
  static final String AWAY = "There is no such entry on this field.";

  private final LogEntries entries;
  private final DeedSaids said;
  private final TakenAway away;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  LogService(
      LogEntries entries,
      DeedSaids said,
      TakenAway away,
      ApplicationEventPublisher events,
      Clock clock) {
    this.events = events;
    this.away = away;
    this.said = said;
    this.entries = entries;
    this.clock = clock;
  }

  /** All that was done between two days by field, oldest first. */
  @Transactional(readOnly = true)
  public Map<UUID, List<EntryView>> between(UUID farmId, LocalDate from, LocalDate to) {
    Map<UUID, List<EntryView>> found = new HashMap<>();
    entries
        .findByFarmIdAndDoneOnBetweenOrderByDoneOnAscCreatedAtAscIdAsc(farmId, from, to)
        .forEach(e -> found.computeIfAbsent(e.fieldId, k -> new ArrayList<>()).add(view(e)));
    return found;
  }

  /** All that was done on a field between two days, oldest first. */
  @Transactional(readOnly = true)
  public List<EntryView> between(UUID farmId, UUID fieldId, LocalDate from, LocalDate to) {
    return entries
        .findByFarmIdAndFieldIdAndDoneOnBetweenOrderByDoneOnAscCreatedAtAscIdAsc(
            farmId, fieldId, from, to)
        .stream()
        .map(LogService::view)
        .toList();
  }

  /** Whether an entry is the farm's. */
  @Transactional(readOnly = true)
  public boolean has(UUID farmId, UUID id) {
    return entries.findByFarmIdAndId(farmId, id).isPresent();
  }

  /** All that was done on a field, newest first. */
  @Transactional(readOnly = true)
  public List<EntryView> of(UUID farmId, UUID fieldId) {
    return entries
        .findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDescIdDesc(farmId, fieldId)
        .stream()
        .map(LogService::view)
        .toList();
  }

  /** What was done and seen by field within a season: what was observed outranks plans. */
  @Transactional(readOnly = true)
  public Map<UUID, SeasonLog> ofSeason(UUID farmId, int seasonYear) {
    Map<UUID, SeasonLog> logs = new HashMap<>();
    // Frost seeding goes out in the winter before a season's log begins.
    LocalDate first = SeasonDates.seeding(seasonYear).first();
    between(farmId, first, SeasonDates.log(seasonYear).last())
        .forEach((field, all) -> logs.put(field, SeasonLog.of(all, seasonYear)));
    return logs;
  }

  /** What was said of deeds that are not done, by field. */
  @Transactional(readOnly = true)
  public Map<UUID, Map<Deed, FieldStanding.Said>> said(UUID farmId, int seasonYear) {
    Map<UUID, Map<Deed, FieldStanding.Said>> all = new HashMap<>();
    for (DeedSaid s : said.findByFarmIdAndKeySeasonYear(farmId, seasonYear)) {
      all.computeIfAbsent(s.key.fieldId(), k -> new EnumMap<>(Deed.class))
          .put(Deed.of(s.key.deed()), new FieldStanding.Said(s.saidOn, s.share));
    }
    return all;
  }

  /**
   * Writes down that a deed is not done, or only in part.
   *
   * @param share done, 0 to below 1; null takes back what was said
   */
  @Transactional
  public void say(
      UUID farmId,
      UUID fieldId,
      int seasonYear,
      Deed deed,
      LocalDate on,
      @Nullable Double share,
      @Nullable UUID account) {
    DeedSaid.Key key = new DeedSaid.Key(fieldId, seasonYear, deed.logKind().key());
    if (share == null) {
      said.findByFarmIdAndKey(farmId, key).ifPresent(said::delete);
      return;
    }
    if (!(share >= 0 && share < 1)) {
      throw new InputProblem("share", "What is done in part is from nothing to below all of it.");
    }
    DeedSaid s = new DeedSaid();
    s.key = key;
    s.farmId = farmId;
    s.saidOn = on;
    s.share = share;
    s.accountId = account;
    said.save(s);
  }

  static EntryView view(LogEntry e) {
    return new EntryView(
        e.id,
        e.doneOn,
        e.kind,
        e.words,
        e.figures,
        e.names,
        e.actives,
        e.products == null ? List.of() : e.products,
        e.machineId);
  }

  /** All of a farm's entries of one kind, oldest first, by field. */
  @Transactional(readOnly = true)
  public Map<UUID, List<EntryView>> ofKind(UUID farmId, LogKind kind) {
    Map<UUID, List<EntryView>> found = new LinkedHashMap<>();
    entries
        .findByFarmIdAndKindOrderByDoneOn(farmId, kind)
        .forEach(e -> found.computeIfAbsent(e.fieldId, k -> new ArrayList<>()).add(view(e)));
    return found;
  }

  /**
   * Writes down something done; the same id twice is the same entry.
   *
   * @throws Refused when its kind does not carry what it says, or needs more
   */
  @Transactional
  public EntryView add(
      UUID farmId, UUID fieldId, EntryView entry, LocalDate today, @Nullable UUID account) {
    check(entry, today);
    LogEntry stored = entries.toPut(farmId, entry.id(), AWAY).orElse(null);
    if (stored == null) {
      stored = new LogEntry();
      stored.id = entry.id();
      stored.farmId = farmId;
      stored.fieldId = fieldId;
      stored.accountId = account;
      stored.createdAt = Instant.now(clock);
      stored.kind = entry.kind();
      stored.actives = entry.actives();
      stored.products = entry.products().isEmpty() ? null : entry.products();
      put(stored, entry);
      entries.save(stored);
      events.publishEvent(new EntryWritten(farmId, fieldId, view(stored)));
    } else if (!stored.fieldId.equals(fieldId)) {
      throw new NotFound(AWAY);
    }
    return view(stored);
  }

  static void put(LogEntry stored, EntryView entry) {
    stored.doneOn = entry.doneOn();
    stored.words = entry.words().strip();
    stored.figures = entry.figures();
    stored.names = entry.told().namesByKey();
    stored.machineId = entry.machineId();
  }

  static void check(EntryView entry, LocalDate today) {
    if (entry.doneOn().isAfter(today)) {
      throw new InputProblem(
          "doneOn", entry.doneOn() + " is after today; the log holds what was done.");
    }
    entry.told().check(entry.kind());
    if (entry.words().length() > LONGEST) {
      throw new InputProblem("words", "Keep it under 2000 characters.");
    }
  }

  /** Takes an entry out again, with what hangs on it; it can be brought back. */
  @Transactional
  public void remove(UUID farmId, UUID id, UUID account) {
    LogEntry entry = entries.get(farmId, id, "There is no such entry.");
    away.take(farmId, TABLE, id, entry.kind.key() + " " + entry.doneOn, account);
    events.publishEvent(new EntryTaken(farmId, id));
  }

  /** Takes an entry out for good: whoever wrote it for a tick writes it again with the next. */
  @Transactional
  public void drop(UUID farmId, UUID id) {
    entries.delete(entries.get(farmId, id, "There is no such entry."));
    events.publishEvent(new EntryTaken(farmId, id));
  }

  /**
   * Brings an entry back that was taken out, with the seed it drew and the pass it told.
   *
   * @throws NotFound when none such was taken out lately
   */
  @Transactional
  public void restore(UUID farmId, UUID id) {
    away.bringBack(farmId, TABLE, id);
    LogEntry back = entries.get(farmId, id, AWAY);
    events.publishEvent(new EntryWritten(farmId, back.fieldId, view(back)));
  }
}
