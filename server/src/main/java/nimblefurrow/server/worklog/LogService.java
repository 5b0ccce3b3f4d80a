package nimblefurrow.server.worklog;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.LogKind;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.TakenAway;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done on fields. Callers have checked who asks. */
@Service
public class LogService {
  private static final String TABLE = "log_entry";
  private static final String AWAY = "There is no such entry on this field.";

  private final LogEntries entries;
  private final DeedSaids said;
  private final TakenAway away;
  private final Clock clock;

  LogService(LogEntries entries, DeedSaids said, TakenAway away, Clock clock) {
    this.away = away;
    this.said = said;
    this.entries = entries;
    this.clock = clock;
  }

  /**
   * One thing done or seen.
   *
   * @param species which species, for plants and stages
   * @param stage for stages
   * @param amount plants per m², height in cm or dry cover in Mg/ha, by kind
   * @param residual group of a residual herbicide, for what was sprayed
   */
  public record EntryView(
      UUID id,
      LocalDate doneOn,
      LogKind kind,
      String words,
      @Nullable String species,
      @Nullable String stage,
      @Nullable Double amount,
      @Nullable String residual) {}

  /** All that was done between two days by field, oldest first. */
  @Transactional(readOnly = true)
  public Map<UUID, List<EntryView>> between(UUID farmId, LocalDate from, LocalDate to) {
    Map<UUID, List<EntryView>> found = new HashMap<>();
    entries
        .findByFarmIdAndDoneOnBetweenOrderByDoneOn(farmId, from, to)
        .forEach(e -> found.computeIfAbsent(e.fieldId, k -> new ArrayList<>()).add(view(e)));
    return found;
  }

  /** All that was done on a field, newest first. */
  @Transactional(readOnly = true)
  public List<EntryView> of(UUID farmId, UUID fieldId) {
    return entries.findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDesc(farmId, fieldId).stream()
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

  private static EntryView view(LogEntry e) {
    return new EntryView(e.id, e.doneOn, e.kind, e.words, e.species, e.stage, e.amount, e.residual);
  }

  /** Writes down something done; the same id twice is the same entry. */
  @Transactional
  public EntryView add(
      UUID farmId, UUID fieldId, EntryView entry, LocalDate today, @Nullable UUID account) {
    if (entry.doneOn().isAfter(today)) {
      throw new InputProblem(
          "doneOn", entry.doneOn() + " is after today; the log holds what was done.");
    }
    checkSeen(entry);
    if (entry.words().length() > 2000) {
      throw new InputProblem("words", "Keep it under 2000 characters.");
    }
    LogEntry stored = entries.toPut(farmId, entry.id(), AWAY).orElse(null);
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
      stored.species = entry.species();
      stored.stage = entry.stage();
      stored.amount = entry.amount();
      stored.residual = entry.residual();
      entries.save(stored);
    } else if (!stored.fieldId.equals(fieldId)) {
      throw new NotFound(AWAY);
    }
    return view(stored);
  }

  private static void checkSeen(EntryView entry) {
    SightingKind kind = SightingKind.of(entry.kind()).orElse(null);
    if (kind == null) {
      return;
    }
    if (kind == SightingKind.STAGE) {
      if (entry.stage() == null || entry.species() == null) {
        throw new InputProblem("stage", "Say which species and the stage it is at.");
      }
      return;
    }
    Double amount = entry.amount();
    if (amount == null || !(amount >= 0 && amount <= kind.most())) {
      throw new InputProblem(
          "amount", "Give the %s, from 0 to %,.0f.".formatted(kind.label(), kind.most()));
    }
    if (kind == SightingKind.PLANTS && entry.species() == null) {
      throw new InputProblem("species", "Say which species was counted.");
    }
  }

  /** Takes an entry out again, with what hangs on it; it can be brought back. */
  @Transactional
  public void remove(UUID farmId, UUID id, UUID account) {
    LogEntry entry = entries.get(farmId, id, "There is no such entry.");
    away.take(farmId, TABLE, id, entry.kind.key() + " " + entry.doneOn, account);
  }

  /** Takes an entry out for good: whoever wrote it for a tick writes it again with the next. */
  @Transactional
  public void drop(UUID farmId, UUID id) {
    entries.delete(entries.get(farmId, id, "There is no such entry."));
  }

  /**
   * Brings an entry back that was taken out, with the seed it drew and the pass it told.
   *
   * @throws NotFound when none such was taken out lately
   */
  @Transactional
  public void restore(UUID farmId, UUID id) {
    away.bringBack(farmId, TABLE, id);
  }
}
