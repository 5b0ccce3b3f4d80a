package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.standing.LogKind;

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
    List<LogService.EntryView> entries,
    Map<LogKind, LocalDate> done,
    List<LogService.EntryView> seen,
    List<LogService.EntryView> sprayed,
    List<UUID> seedings) {
  /** Nothing yet. */
  public static final SeasonLog EMPTY =
      new SeasonLog(0, List.of(), Map.of(), List.of(), List.of(), List.of());

  /** Of entries in the order of their days; seedings alone may lie before the season's log. */
  public static SeasonLog of(List<LogService.EntryView> all, int season) {
    LocalDate first = SeasonDates.log(season).first();
    List<LogService.EntryView> entries =
        all.stream()
            .filter(e -> e.kind() == LogKind.SEEDED || !e.doneOn().isBefore(first))
            .toList();
    Map<LogKind, LocalDate> done = new EnumMap<>(LogKind.class);
    List<LogService.EntryView> seen = new ArrayList<>();
    List<LogService.EntryView> sprayed = new ArrayList<>();
    List<UUID> seedings = new ArrayList<>();
    for (LogService.EntryView e : entries) {
      if (ofThisSeason(e, season)) {
        done.put(e.kind(), e.doneOn());
      }
      if (SightingKind.of(e.kind()).isPresent()) {
        seen.add(e);
      }
      if (e.residual() != null) {
        sprayed.add(e);
      }
      if (e.kind() == LogKind.SEEDED) {
        seedings.add(e.id());
      }
    }
    return new SeasonLog(season, entries, done, seen, sprayed, seedings);
  }

  /** Only what concerns one cover of several. */
  public SeasonLog only(Predicate<LogService.EntryView> mine) {
    return of(entries.stream().filter(mine).toList(), season);
  }

  private static boolean ofThisSeason(LogService.EntryView e, int season) {
    return switch (e.kind()) {
      case PLANTED -> SeasonDates.plantsNextCrop(e.doneOn(), season);
      case HARVESTED -> SeasonDates.harvestsThisCrop(e.doneOn(), season);
      default -> true;
    };
  }
}
