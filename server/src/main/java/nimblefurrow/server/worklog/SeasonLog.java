package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.SeasonDates;
import org.jspecify.annotations.Nullable;

/**
 * What is known of one field's season.
 *
 * @param season its year
 * @param entries all that was written down, oldest first
 * @param done last day of each kind of work
 * @param seen what was counted or measured, oldest first
 * @param sprayed residual herbicides, oldest first
 * @param seedings entries of seedings, oldest first
 */
public record SeasonLog(
    int season,
    List<EntryView> entries,
    Map<LogKind, LocalDate> done,
    List<EntryView> seen,
    List<EntryView> sprayed,
    List<UUID> seedings) {
  /** Nothing yet. */
  public static final SeasonLog EMPTY =
      new SeasonLog(0, List.of(), Map.of(), List.of(), List.of(), List.of());

  /** Of entries in the order of their days; seedings alone may lie before the season's log. */
  public static SeasonLog of(List<EntryView> all, int season) {
    LocalDate first = SeasonDates.log(season).first();
    List<EntryView> entries =
        all.stream()
            .filter(e -> e.kind() == LogKind.SEEDED || !e.doneOn().isBefore(first))
            .toList();
    Map<LogKind, LocalDate> done = new EnumMap<>(LogKind.class);
    List<EntryView> seen = new ArrayList<>();
    List<EntryView> sprayed = new ArrayList<>();
    List<UUID> seedings = new ArrayList<>();
    for (EntryView e : entries) {
      if (e.kind() == LogKind.RESEED) {
        // What was seeded before counts as gone, and what was seen of it with it.
        done.remove(LogKind.SEEDED);
        seedings.clear();
        seen.clear();
        continue;
      }
      if (ofThisSeason(e, season)) {
        done.put(e.kind(), e.doneOn());
      }
      if (e.kind().sighting()) {
        seen.add(e);
      }
      if (e.get(EntryName.RESIDUAL) != null) {
        sprayed.add(e);
      }
      if (e.kind() == LogKind.SEEDED) {
        seedings.add(e.id());
      }
    }
    return new SeasonLog(season, entries, done, seen, sprayed, seedings);
  }

  /** The way the cover was ended in the end; null where nobody wrote it down. */
  public @Nullable String endedBy() {
    return entries.stream()
        .filter(e -> e.kind() == LogKind.ENDED)
        .map(e -> e.get(EntryName.ENDING))
        .reduce(null, (before, now) -> now == null ? before : now);
  }

  /** How deep seed lies, by the last seeding that says so; null where none does. */
  public @Nullable Double depthMm() {
    return last(e -> seedings.contains(e.id()), EntryFigure.DEPTH);
  }

  /** Mass of the roller that the cover was ended with, kg/m; null where nobody wrote it down. */
  public @Nullable Double rollerKgPerM() {
    return last(e -> e.kind() == LogKind.ENDED, EntryFigure.ROLLER_MASS);
  }

  private @Nullable Double last(Predicate<EntryView> of, EntryFigure figure) {
    return entries.stream()
        .filter(of)
        .map(e -> e.get(figure))
        .reduce(null, (before, now) -> now == null ? before : now);
  }

  /** The last count of what the ending killed, unless something was done about it since. */
  public @Nullable KillSeen killed() {
    KillSeen last = null;
    for (EntryView e : entries) {
      Double share = e.get(EntryFigure.KILL);
      if (e.kind() == LogKind.COUNTED && share != null) {
        last = new KillSeen(e.doneOn(), share);
      } else if (e.kind().endsSurvivors()) {
        last = null;
      }
    }
    return last;
  }

  /**
   * The last rating of weeds in the next crop, unless something was done about it since; null
   * before that crop is planted.
   */
  public @Nullable WeedsSeen weeds() {
    LocalDate planted = done.get(LogKind.PLANTED);
    WeedsSeen last = null;
    for (EntryView e : entries) {
      Double of10 = e.get(EntryFigure.WEEDS);
      if (e.kind() == LogKind.WEEDS
          && of10 != null
          && planted != null
          && e.doneOn().isAfter(planted)) {
        last = new WeedsSeen(e.doneOn(), of10);
      } else if (e.kind().endsSurvivors()) {
        last = null;
      }
    }
    return last;
  }

  /** Only what concerns one cover of several. */
  public SeasonLog only(Predicate<EntryView> mine) {
    return of(entries.stream().filter(mine).toList(), season);
  }

  private static boolean ofThisSeason(EntryView e, int season) {
    return switch (e.kind()) {
      case PLANTED -> SeasonDates.plantsNextCrop(e.doneOn(), season);
      case HARVESTED -> SeasonDates.harvestsThisCrop(e.doneOn(), season);
      default -> true;
    };
  }
}
