package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.ending.OpenFollowUp;
import nimblefurrow.server.ending.WatchService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.springframework.stereotype.Component;

/** Turns a farm, those it works for, their plans and the kept work into what is to be laid out. */
@Component
class WorkBuilder {
  static final int DAYS = 100;

  /** A season that is still ahead is laid out whole: frost seeding and autumn lie far apart. */
  private static final int DAYS_AHEAD = 300;

  private static final int LEAD_DAYS = 14;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  /** Where a field without a boundary is taken to lie, km from the middle of the farm. */
  static final Place SOMEWHERE = new Place(5, 5);

  private static final double KM_PER_DEGREE = 111.2;
  private static final double USD_PER_KM = 2;
  private static final double ON_FOOT_ROAD_KMH = 40;

  private final FarmService farms;
  private final PlannedFields planned;
  private final FieldService fields;
  private final ShedService shed;
  private final CrewService crew;
  private final WatchService watch;
  private final HireService hire;
  private final WorkItems items;
  private final WorkPins pins;
  private final Worths worths;

  WorkBuilder(
      FarmService farms,
      PlannedFields planned,
      FieldService fields,
      ShedService shed,
      CrewService crew,
      WatchService watch,
      HireService hire,
      WorkItems items,
      WorkPins pins,
      Worths worths) {
    this.farms = farms;
    this.planned = planned;
    this.fields = fields;
    this.shed = shed;
    this.crew = crew;
    this.watch = watch;
    this.hire = hire;
    this.items = items;
    this.pins = pins;
    this.worths = worths;
  }

  /**
   * What one job of the problem is on the farm.
   *
   * @param customerId the farm worked for; null on the own farm
   * @param words what is done
   * @param ways key and label of each option, in the order of the problem
   * @param gone why there is none; null where there is one
   */
  record JobInfo(
      UUID fieldId,
      String field,
      @Nullable UUID customerId,
      @Nullable String customer,
      String kind,
      String words,
      List<Way> ways,
      @Nullable String gone) {}

  /**
   * A way of doing a job.
   *
   * @param share of the field's goal that it reaches by day; null for work without one
   */
  record Way(String key, String label, double hours, double @Nullable [] share) {}

  /**
   * The problem and what its indices stand for.
   *
   * @param weather hours fit for work, by day and by year
   * @param notes what could not be taken into the plan, in sentences
   */
  record Built(
      WorkProblem problem,
      List<JobInfo> jobs,
      List<Doer> doers,
      List<CrewView> people,
      WorkDays weather,
      List<String> notes) {
    /** The index of a job; −1 when it is not open. */
    int job(UUID fieldId, String kind) {
      for (int j = 0; j < jobs.size(); j++) {
        if (jobs.get(j).fieldId().equals(fieldId) && jobs.get(j).kind().equals(kind)) {
          return j;
        }
      }
      return -1;
    }
  }

  /** Progress is told as a share. */
  interface Told {
    void at(double share);
  }

  /** What is to be laid out, beside what is kept. */
  Built build(UUID farmId, double usdPerMove, double goalUsdPerHa, EndingRules rules, Told told) {
    List<WorkItem> kept = items.findByFarmId(farmId);
    return build(farmId, kept, usdPerMove, goalUsdPerHa, rules, told);
  }

  /** The same beside something else than what is kept. */
  Built build(
      UUID farmId,
      List<WorkItem> kept,
      double usdPerMove,
      double goalUsdPerHa,
      EndingRules rules,
      Told told) {
    FarmView farm = farms.get(farmId);
    List<String> notes = new ArrayList<>();
    List<FarmView> customers = hire.customers(farmId);
    // Whoever only works for others has no weather of their own to plan under.
    boolean fieldless = !customers.isEmpty() && fields.list(farmId).isEmpty();
    List<PlannedField> all = new ArrayList<>(fieldless ? List.of() : planned.foretold(farm));
    customers.forEach(c -> all.addAll(of(c.on(farm.today()), notes)));
    List<CrewView> people = crew.all(farmId);
    List<Doer> doers = new ArrayList<>();
    shed.machines(farmId).forEach(m -> doers.add(Doer.of(m)));
    people.forEach(p -> doers.add(Doer.onFoot(p)));
    LocalDate start = start(farm, all, notes);
    int days = days(farm, start);
    WorkDays weather = WorkDays.of(planned.forecaster(), all, start, days);
    JobFrame frame = new JobFrame(worths, doers, start, days, goalUsdPerHa, rules);
    JobList list = list(frame, farmId, kept, all);
    jobs(farmId, frame, list, all, told);
    List<WorkProblem.Person> persons = people.stream().map(p -> person(p, frame)).toList();
    List<WorkProblem.Machine> machines =
        doers.stream().map(d -> machine(d, people, persons, frame, weather, notes)).toList();
    return new Built(
        new WorkProblem(start, days, persons, machines, list.jobs, USD_PER_KM, usdPerMove),
        list.infos,
        doers,
        people,
        weather,
        notes);
  }

  /**
   * Today, or where a season is planned ahead some weeks before its first work: there is nothing to
   * lay out before that.
   */
  private static LocalDate start(FarmView farm, List<PlannedField> all, List<String> notes) {
    LocalDate first = null;
    for (PlannedField f : all) {
      CoverPlan cover = f.cover();
      if (cover == null) {
        continue;
      }
      LocalDate clear = f.crop().day(f.crop().harvest().quantile(0.1));
      LocalDate early = cover.seedOn().isBefore(clear) ? cover.seedOn() : clear;
      first = first == null || early.isBefore(first) ? early : first;
    }
    LocalDate season = LocalDate.of(farm.seasonYear(), 1, 1);
    LocalDate work = first == null ? season : first.minusDays(LEAD_DAYS);
    LocalDate start = work.isBefore(season) ? season : work;
    if (!start.isAfter(farm.today())) {
      return farm.today();
    }
    notes.add(
        "The first work of %d is still ahead: it is laid out from %s on."
            .formatted(farm.seasonYear(), start.format(DAY)));
    return start;
  }

  private static int days(FarmView farm, LocalDate start) {
    LocalDate end = LocalDate.of(farm.seasonYear() + 1, 7, 31);
    if (start.isAfter(end)) {
      throw new Refused(
          "season",
          "The season of %d is over on %s: choose the season that is to be laid out."
              .formatted(farm.seasonYear(), start.format(DAY)));
    }
    int most = start.isAfter(farm.today()) ? DAYS_AHEAD : DAYS;
    return (int) Math.min(most, ChronoUnit.DAYS.between(start, end) + 1);
  }

  private List<PlannedField> of(FarmView customer, List<String> notes) {
    try {
      return planned.foretold(customer).stream().filter(f -> f.cover() != null).toList();
    } catch (InputProblem e) {
      notes.add("%s is not in the plan. %s".formatted(customer.name(), e.getMessage()));
      return List.of();
    }
  }

  private JobList list(JobFrame frame, UUID farmId, List<WorkItem> kept, List<PlannedField> all) {
    return new JobList(
        frame,
        farmId,
        kept.stream().collect(Collectors.toMap(i -> i.fieldId + i.kind, i -> i)),
        pins.findByFarmId(farmId).stream()
            .collect(Collectors.toMap(p -> p.fieldId + p.kind, p -> p)),
        places(all));
  }

  private void jobs(UUID farmId, JobFrame frame, JobList list, List<PlannedField> all, Told told) {
    AutumnJobs autumn = new AutumnJobs(frame, list);
    SpringJobs spring = new SpringJobs(frame, list);
    Map<UUID, List<OpenFollowUp>> looks =
        watch.open(farmId).stream().collect(Collectors.groupingBy(OpenFollowUp::fieldId));
    int done = 0;
    for (PlannedField f : all) {
      boolean ours = f.farm().id().equals(farmId);
      // A customer combines and plants with machines of their own.
      int harvest = ours ? autumn.harvest(f) : -1;
      CoverPlan cover = f.cover();
      Purpose purpose = f.purpose();
      if (cover != null && purpose != null) {
        autumn.seed(f, cover, purpose, harvest);
        spring.end(f, cover, purpose, ours);
      } else if (ours) {
        spring.plant(f);
      }
      // The same thing taken on twice is looked at once.
      Map<String, OpenFollowUp> byKind = new HashMap<>();
      looks.getOrDefault(f.field().id(), List.of()).forEach(u -> byKind.putIfAbsent(u.kind(), u));
      byKind.values().forEach(u -> spring.look(f, u));
      told.at((double) ++done / all.size());
    }
  }

  /** A head changed, or a box cleaned out, h. Working value. */
  private static final double USUAL_CHANGE_H = 0.75;

  private static WorkProblem.Person person(CrewView p, JobFrame frame) {
    double[] hours = new double[frame.days()];
    Set<LocalDate> off = new HashSet<>(p.daysOff());
    for (int d = 0; d < hours.length; d++) {
      LocalDate day = frame.day(d);
      boolean sunday = day.getDayOfWeek().getValue() == 7;
      hours[d] = off.contains(day) || sunday && !p.worksSundays() ? 0 : p.hoursPerDay();
    }
    return new WorkProblem.Person(p.id().toString(), p.name(), hours);
  }

  private static WorkProblem.Machine machine(
      Doer doer,
      List<CrewView> people,
      List<WorkProblem.Person> persons,
      JobFrame frame,
      WorkDays weather,
      List<String> notes) {
    MachineView m = doer.machine();
    Set<Integer> runBy = new HashSet<>();
    for (int p = 0; p < people.size(); p++) {
      CrewView c = people.get(p);
      if (m == null ? c.id().equals(doer.id()) : c.machines().contains(m.id())) {
        runBy.add(p);
      }
    }
    if (m == null) {
      double[] hours = persons.get(runBy.iterator().next()).hours();
      return new WorkProblem.Machine(
          doer.id().toString(), doer.name(), hours, runBy, 0, ON_FOOT_ROAD_KMH);
    }
    double[] hours = new double[frame.days()];
    for (int d = 0; d < hours.length; d++) {
      hours[d] = m.there(frame.day(d)) ? weather.hours(doer, d) : 0;
    }
    // What is hired brings its own crew; what nobody can run stands still.
    if (runBy.isEmpty() && !m.hired()) {
      Arrays.fill(hours, 0);
      notes.add("%s stands still: nobody on the crew can run it.".formatted(m.name()));
    } else if (m.onlyDays() != null
        && !m.onlyDays().isEmpty()
        && m.onlyDays().stream().noneMatch(d -> within(frame, d))) {
      notes.add(
          "%s comes only on days outside this plan; its jobs go to others.".formatted(m.name()));
    }
    return new WorkProblem.Machine(
        doer.id().toString(),
        doer.name(),
        hours,
        runBy,
        m.setUpH() == null ? 0.4 : m.setUpH(),
        m.changeH() == null ? USUAL_CHANGE_H : m.changeH(),
        m.roadKmh() == null ? 25 : m.roadKmh());
  }

  private static boolean within(JobFrame frame, LocalDate day) {
    return frame.index(day) >= 0 && frame.index(day) < frame.days();
  }

  record Place(double xKm, double yKm) {}

  private Map<UUID, Place> places(List<PlannedField> all) {
    Map<UUID, Point> centres = new HashMap<>();
    for (PlannedField f : all) {
      MultiPolygon boundary = fields.boundary(f.farm().id(), f.field().id());
      if (boundary != null) {
        centres.put(f.field().id(), boundary.getCentroid());
      }
    }
    double lon = centres.values().stream().mapToDouble(Point::getX).average().orElse(0);
    double lat = centres.values().stream().mapToDouble(Point::getY).average().orElse(0);
    Map<UUID, Place> places = new HashMap<>();
    centres.forEach(
        (id, p) ->
            places.put(
                id,
                new Place(
                    (p.getX() - lon) * KM_PER_DEGREE * Math.cos(Math.toRadians(lat)),
                    (p.getY() - lat) * KM_PER_DEGREE)));
    return places;
  }
}
