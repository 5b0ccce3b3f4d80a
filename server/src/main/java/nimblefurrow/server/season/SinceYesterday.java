package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.UUID;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What is different from the day before: odds that the weather moved, and what was written down.
 */
@Service
class SinceYesterday {
  private final FarmService farms;
  private final FieldService fields;
  private final FieldCases cases;
  private final WeatherService weathers;
  private final Standings standings;
  private final Outlooks outlooks;
  private final LogService log;

  SinceYesterday(
      FarmService farms,
      FieldService fields,
      FieldCases cases,
      WeatherService weathers,
      Standings standings,
      Outlooks outlooks,
      LogService log) {
    this.farms = farms;
    this.fields = fields;
    this.cases = cases;
    this.weathers = weathers;
    this.standings = standings;
    this.outlooks = outlooks;
    this.log = log;
  }

  /**
   * A field whose odds moved.
   *
   * @param purpose what its cover is for, in words
   * @param why what moved with them
   */
  record OddsOfField(
      UUID fieldId,
      String field,
      String purpose,
      int before,
      int now,
      int years,
      List<ReasonView> why) {}

  /** Something that was written down on a field. */
  record WrittenDown(UUID fieldId, String field, LocalDate doneOn, LogKind kind, String words) {}

  /**
   * The difference.
   *
   * @param rainMm that fell on the day that is new; null when it hardly wet the ground, or is not
   *     known
   * @param moved furthest first
   * @param written of the two days, oldest first
   */
  record SinceView(
      LocalDate from,
      LocalDate to,
      @Nullable Double rainMm,
      List<OddsOfField> moved,
      List<WrittenDown> written) {}

  /** The difference of a farm's day to the one before, in the season of that day. */
  SinceView of(UUID farmId) {
    FarmView seen = farms.see(farmId);
    FarmView farm = seen.in(seen.thisSeason());
    LocalDate yesterday = farm.today().minusDays(1);
    List<FieldView> all = fields.list(farmId);
    return new SinceView(
        yesterday,
        farm.today(),
        weathers.find(farm).map(w -> rain(w.record(), farm.today())).orElse(null),
        moved(farm, farm.on(yesterday), all),
        written(farm, yesterday, all));
  }

  private static @Nullable Double rain(DailyWeather record, LocalDate day) {
    OptionalDouble mm = record.wettingMm(day);
    return mm.isPresent() ? mm.getAsDouble() : null;
  }

  private List<OddsOfField> moved(FarmView now, FarmView before, List<FieldView> all) {
    FarmWeather knownNow = weathers.find(now).orElse(null);
    FarmWeather knownBefore = weathers.find(before).orElse(null);
    if (knownNow == null || knownBefore == null) {
      return List.of();
    }
    FieldCases.Known known = cases.known(now, all);
    return all.parallelStream()
        .map(f -> moved(now, cases.of(now, f, known), knownNow, knownBefore))
        .filter(Objects::nonNull)
        .sorted(
            Comparator.comparing((OddsOfField m) -> -Math.abs(m.now() - m.before()))
                .thenComparing(OddsOfField::field))
        .toList();
  }

  /** The same plan as it stands today, by the weather known then and now. */
  private @Nullable OddsOfField moved(
      FarmView farm, FieldCase c, FarmWeather knownNow, FarmWeather knownBefore) {
    PlanView plan = c.field().leftOutReason() == null ? c.plan() : null;
    if (plan == null) {
      return null;
    }
    Standings.Placing placing = standings.of(farm, c, knownNow, plan.plan());
    CoverPlan cover = placing.cover();
    if (cover == null || placing.standing().ending().done()) {
      return null;
    }
    Purpose purpose = FieldCase.purpose(plan.plan());
    CropSeasons then = outlooks.crop(placing.crop().crop(), knownBefore);
    return outlooks
        .moved(cover, then, placing.crop(), knownNow, purpose)
        .map(
            m ->
                new OddsOfField(
                    c.field().id(),
                    c.field().name(),
                    purpose.label(),
                    m.before(),
                    m.now(),
                    m.years(),
                    m.why().stream().map(ReasonView::of).toList()))
        .orElse(null);
  }

  private List<WrittenDown> written(FarmView farm, LocalDate yesterday, List<FieldView> all) {
    Map<UUID, List<EntryView>> entries = log.between(farm.id(), yesterday, farm.today());
    List<WrittenDown> written = new ArrayList<>();
    for (FieldView f : all) {
      for (EntryView e : entries.getOrDefault(f.id(), List.of())) {
        written.add(new WrittenDown(f.id(), f.name(), e.doneOn(), e.kind(), e.words()));
      }
    }
    written.sort(Comparator.comparing(WrittenDown::doneOn));
    return written;
  }
}
