package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.work.OwnJob;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.LogService;
import nimblefurrow.server.worklog.SeasonLog;
import org.springframework.stereotype.Component;

/** What a plan of the work hangs on, each as a sentence, so that a change can be told. */
@Component
class Circumstances {
  private static final int AHEAD_DAYS = 7;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final FarmService farms;
  private final FieldService fields;
  private final ShedService shed;
  private final CrewService crew;
  private final LogService log;
  private final WeatherService weather;
  private final PinService pins;
  private final HireService hire;
  private final PlanService plans;
  private final OwnJobService own;

  Circumstances(
      FarmService farms,
      FieldService fields,
      ShedService shed,
      CrewService crew,
      LogService log,
      WeatherService weather,
      PinService pins,
      HireService hire,
      PlanService plans,
      OwnJobService own) {
    this.farms = farms;
    this.fields = fields;
    this.shed = shed;
    this.crew = crew;
    this.log = log;
    this.weather = weather;
    this.pins = pins;
    this.hire = hire;
    this.plans = plans;
    this.own = own;
  }

  /** All that counts now, by what it is about. */
  Map<String, String> of(UUID farmId) {
    FarmView farm = farms.get(farmId);
    Map<String, String> all = new TreeMap<>();
    all.put("day", "It is %s: the days ahead are known anew".formatted(said(farm.today())));
    weather.ahead(farm, AHEAD_DAYS).ifPresent(w -> all.put("ahead", rain(w)));
    logged(farm, all);
    covers(farm, all);
    for (MachineView m : shed.machines(farmId)) {
      all.put("machine " + m.id(), machine(m));
    }
    for (CrewView c : crew.all(farmId)) {
      all.put("crew " + c.id(), crew(c));
    }
    Map<UUID, String> names =
        fields.list(farmId).stream().collect(Collectors.toMap(FieldView::id, FieldView::name));
    for (WorkViews.PinView p : pins.all(farmId)) {
      String what = p.day() == null ? "which machine does it" : "it is done on " + said(p.day());
      all.put(
          "pin %s %s %s".formatted(p.fieldId(), p.job(), p.hashCode()),
          "%s: it is settled %s"
              .formatted(names.getOrDefault(p.fieldId(), "A field"), what)
              .replace("settled it", "settled that it"));
    }
    for (OwnJob o : own.open(farmId)) {
      all.put(
          "own " + o.id(),
          "%s: %s is to be done from %s to %s%s"
              .formatted(
                  names.getOrDefault(o.fieldId(), "A field"),
                  o.said(),
                  said(o.from()),
                  said(o.to()),
                  o.hours() == null ? "" : ", in %.1f h".formatted(o.hours())));
    }
    hire.customers(farmId).forEach(c -> all.put("hire " + c.id(), c.name() + " is worked for"));
    return all;
  }

  private void logged(FarmView farm, Map<String, String> all) {
    Map<UUID, SeasonLog> logs = log.ofSeason(farm.id(), farm.seasonYear());
    for (FieldView f : fields.list(farm.id())) {
      SeasonLog season = logs.getOrDefault(f.id(), SeasonLog.EMPTY);
      KillSeen killed = season.killed();
      if (killed != null && killed.poor()) {
        all.put(
            "killed " + f.id(),
            "%s: only %.0f %% of the cover was dead on %s"
                .formatted(f.name(), 100 * killed.share(), said(killed.on())));
      }
      WeedsSeen weeds = season.weeds();
      if (weeds != null && weeds.rescue()) {
        all.put(
            "weeds " + f.id(),
            "%s: weeds were rated %.0f of 10 on %s"
                .formatted(f.name(), weeds.of10(), said(weeds.on())));
      }
      LocalDate done = season.done().get(LogKind.HARVESTED);
      LocalDate meant = f.crop().harvestOn();
      if (done != null) {
        all.put("harvest " + f.id(), "%s was harvested on %s".formatted(f.name(), said(done)));
      } else if (meant != null) {
        all.put(
            "harvest " + f.id(), "%s is to be harvested on %s".formatted(f.name(), said(meant)));
      }
    }
  }

  /** Days of the season's covers: who moves one by hand means it. */
  private void covers(FarmView farm, Map<String, String> all) {
    List<FieldView> list = fields.list(farm.id());
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farm.id(), list.stream().map(FieldView::piece).toList());
    for (FieldView f : list) {
      for (PlanView p : covers.getOrDefault(f.piece(), List.of())) {
        if (p.seasonYear() == farm.seasonYear()) {
          all.put(
              "cover " + p.id(),
              "%s is to be seeded on %s and ended on %s"
                  .formatted(f.name(), said(p.plan().seedOn()), said(p.plan().endOn())));
        }
      }
    }
  }

  private static String rain(DailyWeather ahead) {
    double mm = 0;
    for (int i = 0; i < ahead.days(); i++) {
      mm += ahead.precipMm(i);
    }
    return "%s of rain (%s) are forecast for the %d days after %s"
        .formatted(
            UnitSystem.METRIC.say(new Figure.Amount(mm, Unit.MM)),
            UnitSystem.US.say(new Figure.Amount(mm, Unit.MM)),
            ahead.days(),
            said(ahead.start().minusDays(1)));
  }

  private static String machine(MachineView m) {
    MachineView.Out out = m.out();
    if (out == null) {
      return m.name() + " runs";
    }
    String why = out.why().isBlank() ? "" : " (" + out.why() + ")";
    return "%s stands from %s to %s%s"
        .formatted(m.name(), said(out.from()), said(out.until()), why);
  }

  private static String crew(CrewView c) {
    String off =
        c.daysOff().isEmpty()
            ? ""
            : ", off on "
                + c.daysOff().stream().map(Circumstances::said).collect(Collectors.joining(", "));
    return "%s works %s%s".formatted(c.name(), c.worker().week(), off);
  }

  private static String said(LocalDate day) {
    return day.format(DAY);
  }

  /** What is new, other, or no longer so, in sentences. */
  static List<String> changes(Map<String, String> was, Map<String, String> now) {
    List<String> all = new ArrayList<>();
    now.forEach(
        (key, sentence) -> {
          if (!sentence.equals(was.get(key))) {
            all.add(sentence + ".");
          }
        });
    was.forEach(
        (key, sentence) -> {
          if (!now.containsKey(key)) {
            all.add("No longer so: " + sentence + ".");
          }
        });
    return all;
  }
}
