package nimblefurrow.server.hours;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.IntFunction;
import nimblefurrow.core.hours.Hour;
import nimblefurrow.core.hours.HourlyFromDaily;
import nimblefurrow.core.hours.WorkHours;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Usual;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * Hours of the coming days, from daily weather or an hourly table. Callers have checked who asks.
 */
@Service
class HoursService {
  private static final int DAYS = 3;
  private static final int HOURS = 24;

  private final FarmService farms;
  private final WeatherService weathers;
  private final PlannedFields planned;

  HoursService(FarmService farms, WeatherService weathers, PlannedFields planned) {
    this.farms = farms;
    this.weathers = weathers;
    this.planned = planned;
  }

  /** One kind of work in one hour: go, marginal or no, and what limits it. */
  record WorkHour(WorkHours.Verdict verdict, String limit) {}

  /**
   * One hour.
   *
   * @param wetBulbDepressionC air less wet bulb
   * @param vapourDeficitKPa what dries the stems
   */
  record HourView(
      LocalDateTime time,
      double tempC,
      double dewPointC,
      double windMPerS,
      double gustMPerS,
      double rainMm,
      double solarWPerM2,
      double soilTempC,
      double stemWetnessMm,
      double topSoilWetness,
      double wetBulbDepressionC,
      double vapourDeficitKPa,
      WorkHour rolling,
      WorkHour spraying,
      WorkHour air,
      WorkHour drilling) {}

  /**
   * Three days.
   *
   * @param source where the hours came from, in words
   * @param growingDegrees mean warmth above 4 °C of the last three days, for leaves that take up
   * @param before hours that are not judged; with them others can be reckoned on another ground
   */
  record HoursView(
      @Nullable String field,
      String source,
      double topSoilWetness,
      double growingDegrees,
      List<Hour> before,
      List<HourView> hours) {}

  /**
   * A field's ground.
   *
   * @param wetness of the upper ground today, 0 dry to 1 full
   * @param hours of the next three days in which a drill can go
   * @param from the first of them; null where there is none
   * @param limit what stops it first; empty where it always goes
   */
  record GroundView(
      UUID fieldId, double wetness, int hours, @Nullable LocalDateTime from, String limit) {}

  /** The ground of every field with a cover, today and in the days ahead. */
  List<GroundView> ground(UUID farmId) {
    FarmView farm = farms.see(farmId);
    FarmWeather weather = weathers.of(farm);
    DailyWeather days = days(farm, weather);
    WorkHours.Hourly hourly = HourlyFromDaily.of(days, weather.place());
    LocalDateTime start = days.start().atStartOfDay();
    List<GroundView> all = new ArrayList<>();
    for (PlannedField f : planned.all(farm.id())) {
      if (f.cover() != null) {
        double wetness = wetness(f);
        WorkHours.Going g = WorkHours.of(hourly, wetness).drillingGoes(HOURS, HOURS * (DAYS + 1));
        LocalDateTime from = g.first() == null ? null : start.plusHours(g.first());
        all.add(new GroundView(f.field().id(), wetness, g.hours(), from, g.limit()));
      }
    }
    return all;
  }

  /** From the days before, today and those ahead. */
  HoursView fromDays(UUID farmId, @Nullable UUID fieldId) {
    FarmView farm = farms.see(farmId);
    FarmWeather weather = weathers.of(farm);
    DailyWeather days = days(farm, weather);
    WorkHours.Hourly hourly = HourlyFromDaily.of(days, weather.place());
    return view(
        farm,
        fieldId,
        days.start().atStartOfDay(),
        hourly,
        HOURS,
        farm.demo()
            ? "a simulated forecast of days, spread over hours"
            : "days at the station, spread over hours");
  }

  /** Yesterday, today and the days ahead. */
  private DailyWeather days(FarmView farm, FarmWeather weather) {
    DailyWeather ahead =
        weathers
            .ahead(farm, DAYS - 1)
            .orElseThrow(
                () ->
                    new Refused(
                        "weather",
                        "There is no weather after "
                            + farm.today()
                            + ": import days to come at the station, or an hourly forecast here."));
    DailyWeather record = weather.record();
    return record.slice(record.end().minusDays(1), record.end()).followedBy(ahead);
  }

  /** From an hourly table; its first day only wets and dries the stems when there are more. */
  HoursView fromCsv(UUID farmId, @Nullable UUID fieldId, String text) {
    FarmView farm = farms.see(farmId);
    HourlyCsv csv = HourlyCsv.read(text);
    int n = csv.hourly().tempC().length;
    return view(
        farm,
        fieldId,
        csv.start(),
        csv.hourly(),
        n > 2 * HOURS ? HOURS : 0,
        "an imported hourly table");
  }

  private HoursView view(
      FarmView farm,
      @Nullable UUID fieldId,
      LocalDateTime start,
      WorkHours.Hourly hourly,
      int from,
      String source) {
    PlannedField field = fieldId == null ? null : planned.one(farm.id(), fieldId);
    double wetness = field == null ? Usual.of("groundWetness") : wetness(field);
    WorkHours hours = WorkHours.of(hourly, wetness);
    List<Hour> all = hours.hours();
    List<HourView> views = new ArrayList<>();
    for (int i = from; i < Math.min(all.size(), from + DAYS * HOURS); i++) {
      Hour h = all.get(i);
      views.add(
          new HourView(
              start.plus(Duration.ofHours(i)),
              h.tempC(),
              h.dewPointC(),
              h.windMPerS(),
              h.gustMPerS(),
              h.rainMm(),
              h.solarWPerM2(),
              h.soilTempC(),
              h.stemWetnessMm(),
              h.topSoilWetness(),
              h.wetBulbDepressionC(),
              h.vapourDeficitKPa(),
              judged(hours::rolling, i),
              judged(hours::spraying, i),
              judged(hours::air, i),
              judged(hours::drilling, i)));
    }
    return new HoursView(
        field == null ? null : field.field().name(),
        source,
        wetness,
        warmth(farm),
        all.subList(0, from),
        views);
  }

  private static WorkHour judged(IntFunction<WorkHours.Judged> judge, int i) {
    WorkHours.Judged j = judge.apply(i);
    return new WorkHour(j.verdict(), j.limit());
  }

  private double warmth(FarmView farm) {
    DailyWeather record = weathers.of(farm).record();
    double sum = 0;
    for (int i = record.days() - 3; i < record.days(); i++) {
      sum += Math.max(0, record.meanC(i) - 4) / 3;
    }
    return sum;
  }

  /** Of the upper ground today, by the season model; usual where there is no plan. */
  private double wetness(PlannedField f) {
    CoverPlan cover = f.cover();
    if (cover == null) {
      return Usual.of("groundWetness");
    }
    SeasonRun run =
        planned.forecaster().runs(cover, f.crop(), List.of(), SeasonColumns.Detail.FULL).get(0);
    int i = run.columns().indexOf(f.farm().today());
    return i >= 0 && i < run.columns().days()
        ? run.columns().topSoilWetness()[i]
        : Usual.of("groundWetness");
  }
}
