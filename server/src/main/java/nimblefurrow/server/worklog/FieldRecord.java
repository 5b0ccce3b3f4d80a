package nimblefurrow.server.worklog;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A field's entries with where each comes from. Callers have checked who asks. */
@Service
class FieldRecord {
  private final LogEntries entries;
  private final LogCorrections corrections;
  private final FieldService fields;
  private final AccountService accounts;
  private final MachineNames machines;
  private final WeatherService weathers;

  FieldRecord(
      LogEntries entries,
      LogCorrections corrections,
      FieldService fields,
      AccountService accounts,
      MachineNames machines,
      WeatherService weathers) {
    this.entries = entries;
    this.corrections = corrections;
    this.fields = fields;
    this.accounts = accounts;
    this.machines = machines;
    this.weathers = weathers;
  }

  /** All of a field, newest first. */
  @Transactional(readOnly = true)
  LogViews.FieldLog of(FarmView farm, UUID fieldId) {
    return new LogViews.FieldLog(entries(farm, fieldId), crops(farm, fieldId));
  }

  private List<LogViews.CropOff> crops(FarmView farm, UUID fieldId) {
    return fields.yearsOf(farm.id(), fieldId).crops().entrySet().stream()
        .map(
            c -> {
              CropKind kind = CropKind.of(c.getValue().kind());
              return new LogViews.CropOff(c.getKey(), kind.label(), kind.yieldUnit());
            })
        .toList();
  }

  private List<LogViews.Recorded> entries(FarmView farm, UUID fieldId) {
    List<LogEntry> all =
        entries.findByFarmIdAndFieldIdOrderByDoneOnDescCreatedAtDescIdDesc(farm.id(), fieldId);
    Map<UUID, List<LogRevision>> earlier =
        corrections.of(farm.id(), all.stream().map(e -> e.id).toList());
    Map<UUID, String> people = accounts.names(writers(all, earlier));
    Map<UUID, String> shed = machines.names(farm.id());
    Optional<FarmWeather> weather = weathers.find(farm);
    String station = weathers.stationName(farm).orElse("");
    return all.stream()
        .map(
            e ->
                new LogViews.Recorded(
                    LogService.view(e),
                    e.version == null ? 0 : e.version,
                    name(people, e.accountId),
                    e.createdAt,
                    name(shed, e.machineId),
                    earlier.getOrDefault(e.id, List.of()).stream()
                        .map(r -> said(r, people))
                        .toList(),
                    weather.map(w -> day(w, station, e)).orElse(null)))
        .toList();
  }

  private static Set<UUID> writers(List<LogEntry> entries, Map<UUID, List<LogRevision>> earlier) {
    return Stream.concat(
            entries.stream().map(e -> e.accountId),
            earlier.values().stream().flatMap(List::stream).map(r -> r.accountId))
        .filter(Objects::nonNull)
        .collect(Collectors.toSet());
  }

  private static @Nullable String name(Map<UUID, String> names, @Nullable UUID id) {
    return id == null ? null : names.get(id);
  }

  private static LogViews.Earlier said(LogRevision r, Map<UUID, String> people) {
    return new LogViews.Earlier(
        r.changedAt, name(people, r.accountId), r.doneOn, r.words, r.figures, r.names);
  }

  /** Only of what was done to the field: a note or a look has no weather of its own. */
  private static LogViews.@Nullable DayWeather day(
      FarmWeather weather, String station, LogEntry e) {
    DailyWeather seen = weather.record();
    int d = seen.indexOf(e.doneOn);
    if (!outdoors(e.kind) || d < 0 || d >= seen.days()) {
      return null;
    }
    double wind = seen.windMs(d);
    // What was felt in the field outranks the station's.
    boolean told = Double.isNaN(wind) || e.figures.containsKey(EntryFigure.WIND.key());
    return new LogViews.DayWeather(
        seen.tminC(d), seen.tmaxC(d), seen.precipMm(d), told ? null : wind, station);
  }

  private static boolean outdoors(LogKind kind) {
    return switch (kind) {
      case SEEDED, HARVESTED, SPRAYED, ROLLED, MOWED, TILLED, ENDED, PLANTED -> true;
      default -> false;
    };
  }
}
