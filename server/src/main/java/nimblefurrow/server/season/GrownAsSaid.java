package nimblefurrow.server.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.learn.LearntFrom;
import nimblefurrow.server.learn.RecordStamp;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** Covers that were clipped and stands that were counted, against what the model had of them. */
@Component
class GrownAsSaid implements LearntFrom {
  /** A stand is counted until so many days after seeding; later winter has been at it. */
  private static final int COUNTED_WITHIN_DAYS = 60;

  private static final int MOST_SEASONS = 1000;

  private final Map<Key, Kept> kept = new ConcurrentHashMap<>();
  private final RecordStamp stamps;
  private final LogService log;
  private final FieldCases cases;
  private final FieldService fields;
  private final WeatherService weathers;
  private final SeasonModel model;

  GrownAsSaid(
      RecordStamp stamps,
      LogService log,
      FieldCases cases,
      FieldService fields,
      WeatherService weathers,
      SeasonModel model) {
    this.stamps = stamps;
    this.log = log;
    this.cases = cases;
    this.fields = fields;
    this.weathers = weathers;
    this.model = model;
  }

  @Override
  public List<FarmLearning.Seen> seen(FarmView farm) {
    List<FarmLearning.Seen> all = new ArrayList<>();
    seasons(farm.id())
        .forEach(
            (season, looked) ->
                weathers
                    .recorded(farm.in(season))
                    .ifPresent(sky -> all.addAll(once(farm.in(season), sky, looked))));
    return all;
  }

  /** What is long past is said once, until something of it is put right. */
  private List<FarmLearning.Seen> once(FarmView farm, Sky sky, Set<UUID> looked) {
    String stamp =
        stamps.of(
            farm.id(),
            SeasonDates.seeding(farm.seasonYear()).first(),
            SeasonDates.log(farm.seasonYear()).last());
    Key key = new Key(farm.id(), farm.seasonYear());
    Kept known = kept.get(key);
    if (known != null && known.stamp().equals(stamp)) {
      return known.seen();
    }
    List<FarmLearning.Seen> seen = season(farm, sky, looked);
    if (kept.size() >= MOST_SEASONS) {
      kept.clear();
    }
    kept.put(key, new Kept(stamp, seen));
    return seen;
  }

  private record Key(UUID farm, int season) {}

  private record Kept(String stamp, List<FarmLearning.Seen> seen) {}

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

  private List<FarmLearning.Seen> season(FarmView farm, Sky sky, Set<UUID> looked) {
    List<FieldView> here =
        looked.stream().sorted().map(id -> fields.in(farm.id(), id, farm.seasonYear())).toList();
    FieldCases.Known known = cases.known(farm, here, FarmLearning.NOTHING);
    List<FarmLearning.Seen> all = new ArrayList<>();
    for (FieldView field : here) {
      for (FieldCase c : cases.links(farm, field, known)) {
        PlanView plan = c.plan();
        LocalDate seeded = c.seeded();
        if (plan != null && seeded != null) {
          all.addAll(cover(c, plan.plan(), seeded, sky));
        }
      }
    }
    return all;
  }

  private List<FarmLearning.Seen> cover(FieldCase c, PlanInput plan, LocalDate seeded, Sky sky) {
    List<EntryView> seen = c.log().seen().stream().filter(e -> e.doneOn().isAfter(seeded)).toList();
    if (seen.isEmpty()) {
      return List.of();
    }
    SeasonRun run = run(c, plan, seeded, sky);
    List<FarmLearning.Seen> all = new ArrayList<>();
    for (EntryView e : seen) {
      if (e.kind() == LogKind.COVER) {
        add(all, Learnt.GROWTH, "", "", c, e, standing(run, e.doneOn()), EntryFigure.COVER);
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

  /** The cover as the model has it under the sky there was, before anything is seen of it. */
  private SeasonRun run(FieldCase c, PlanInput plan, LocalDate seeded, Sky sky) {
    CoverPlan cover = c.asPlanned(plan);
    LocalDate last = sky.weather().end();
    LocalDate july = LocalDate.of(c.seasonYear() + 1, Month.JULY, 31);
    return model.run(
        sky,
        new SeasonPlan(
            c.soil(),
            FieldStart.USUAL,
            c.crop(),
            cover.cover(),
            cover.method().placement(),
            seeded,
            List.of(),
            july.isBefore(last) ? july : last));
  }

  private static double standing(SeasonRun run, LocalDate day) {
    SeasonColumns columns = run.columns();
    int i = columns.indexOf(day);
    return i >= 0 && i < columns.days() ? columns.totalCoverMgPerHa(i) : 0;
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
