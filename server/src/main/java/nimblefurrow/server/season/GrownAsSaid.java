package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.learn.LearntFrom;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** Covers that were clipped and stands that were counted, against what the model had of them. */
@Component
class GrownAsSaid implements LearntFrom {
  /** A stand is counted until so many days after seeding; later winter has been at it. */
  private static final int COUNTED_WITHIN_DAYS = 60;

  private final LogService log;
  private final FieldCases cases;
  private final FieldService fields;
  private final WeatherService weathers;
  private final Outlooks outlooks;

  GrownAsSaid(
      LogService log,
      FieldCases cases,
      FieldService fields,
      WeatherService weathers,
      Outlooks outlooks) {
    this.log = log;
    this.cases = cases;
    this.fields = fields;
    this.weathers = weathers;
    this.outlooks = outlooks;
  }

  @Override
  public List<FarmLearning.Seen> seen(FarmView farm) {
    List<FarmLearning.Seen> all = new ArrayList<>();
    seasons(farm.id())
        .forEach(
            (season, looked) ->
                weathers
                    .find(farm.in(season))
                    .ifPresent(w -> all.addAll(season(farm.in(season), w, looked))));
    return all;
  }

  /** Fields that were looked at, by the seasons that may be told of. */
  private Map<Integer, Set<UUID>> seasons(UUID farmId) {
    // What was divided or joined is told of by what it became.
    Set<UUID> worked = fields.list(farmId).stream().map(FieldView::id).collect(Collectors.toSet());
    Map<Integer, Set<UUID>> all = new TreeMap<>();
    for (LogKind kind : List.of(LogKind.COVER, LogKind.PLANTS)) {
      log.ofKind(farmId, kind)
          .forEach(
              (field, entries) -> {
                for (EntryView e : worked.contains(field) ? entries : List.<EntryView>of()) {
                  for (int season : List.of(e.doneOn().getYear() - 1, e.doneOn().getYear())) {
                    if (SeasonDates.log(season).holds(e.doneOn())) {
                      all.computeIfAbsent(season, k -> new HashSet<>()).add(field);
                    }
                  }
                }
              });
    }
    return all;
  }

  private List<FarmLearning.Seen> season(FarmView farm, FarmWeather weather, Set<UUID> looked) {
    List<FieldView> here =
        looked.stream().sorted().map(id -> fields.in(farm.id(), id, farm.seasonYear())).toList();
    FieldCases.Known known = cases.known(farm, here, FarmLearning.NOTHING);
    List<FarmLearning.Seen> all = new ArrayList<>();
    for (FieldView field : here) {
      for (FieldCase c : cases.links(farm, field, known)) {
        PlanView plan = c.plan();
        LocalDate seeded = c.seeded();
        if (plan != null && seeded != null) {
          all.addAll(cover(c, plan.plan(), seeded, weather));
        }
      }
    }
    return all;
  }

  private List<FarmLearning.Seen> cover(
      FieldCase c, PlanInput plan, LocalDate seeded, FarmWeather weather) {
    List<EntryView> seen = c.log().seen().stream().filter(e -> e.doneOn().isAfter(seeded)).toList();
    if (seen.isEmpty()) {
      return List.of();
    }
    CoverPlan unseen = c.asPlanned(plan).seeing(List.of()).on(FieldStart.USUAL);
    SeasonRun run = outlooks.forecaster().asItWas(unseen, outlooks.crop(c.crop(), weather));
    List<FarmLearning.Seen> all = new ArrayList<>();
    for (EntryView e : seen) {
      if (e.kind() == LogKind.COVER) {
        add(
            all,
            Learnt.GROWTH,
            "",
            "",
            c,
            e,
            Forecaster.standing(run, e.doneOn()),
            EntryFigure.COVER);
      } else if (e.kind() == LogKind.PLANTS
          && !e.doneOn().isAfter(seeded.plusDays(COUNTED_WITHIN_DAYS))) {
        String id = String.valueOf(e.get(EntryName.SPECIES));
        for (int s = 0; s < plan.components().size(); s++) {
          if (plan.components().get(s).species().equals(id)) {
            double up = run.components().get(s).emergedPerM2();
            add(all, Learnt.STAND, id, c.table().get(id).name(), c, e, up, EntryFigure.PLANTS);
          }
        }
      }
    }
    return all;
  }

  private static void add(
      List<FarmLearning.Seen> all,
      Learnt what,
      String subject,
      String name,
      FieldCase c,
      EntryView e,
      double predicted,
      EntryFigure figure) {
    Double actual = e.get(figure);
    if (predicted > 0 && actual != null && actual > 0) {
      all.add(
          new FarmLearning.Seen(
              what, subject, name, c.field().name(), e.doneOn(), predicted, actual));
    }
  }
}
