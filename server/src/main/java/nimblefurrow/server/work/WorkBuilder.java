package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.springframework.stereotype.Component;

/** Turns a farm, its plans and its kept work into what is to be laid out. */
@Component
class WorkBuilder {
  static final int DAYS = 100;
  private static final double KM_PER_DEGREE = 111.2;
  private static final double USD_PER_KM = 2;

  private final FarmService farms;
  private final PlannedFields planned;
  private final FieldService fields;
  private final ShedService shed;
  private final CrewService crew;
  private final WorkItems items;

  WorkBuilder(
      FarmService farms,
      PlannedFields planned,
      FieldService fields,
      ShedService shed,
      CrewService crew,
      WorkItems items) {
    this.farms = farms;
    this.planned = planned;
    this.fields = fields;
    this.shed = shed;
    this.crew = crew;
    this.items = items;
  }

  /**
   * What one job of the problem is on the farm.
   *
   * @param ways key and label of each option, in the order of the problem
   */
  record JobInfo(UUID fieldId, String field, String kind, List<Way> ways) {}

  /** A way of doing a job. */
  record Way(String key, String label, UUID machineId, double hours) {}

  /**
   * The problem and what its indices stand for.
   *
   * @param weather hours fit for work, by day and by year
   */
  record Built(
      WorkProblem problem,
      List<JobInfo> jobs,
      List<MachineView> machines,
      List<CrewView> people,
      WorkDays weather) {}

  /** Progress is told as a share. */
  interface Told {
    void at(double share);
  }

  Built build(UUID farmId, double usdPerMove, double goalUsdPerHa, EndingRules rules, Told told) {
    List<PlannedField> all = planned.all(farmId);
    List<MachineView> machines = shed.machines(farmId);
    List<CrewView> people = crew.all(farmId);
    LocalDate start = farms.get(farmId).today();
    int days =
        all.isEmpty()
            ? 1
            : (int)
                Math.min(
                    DAYS,
                    ChronoUnit.DAYS.between(
                            start, LocalDate.of(all.get(0).farm().seasonYear() + 1, 7, 31))
                        + 1);
    WorkDays weather = WorkDays.of(planned.forecaster(), all, start, Math.max(1, days));
    Map<UUID, WorkItem> kept = new HashMap<>();
    Map<String, WorkItem> byJob = new HashMap<>();
    items.findByFarmId(farmId).forEach(i -> byJob.put(i.fieldId + i.kind, i));
    byJob.values().forEach(i -> kept.put(i.id, i));
    FieldJobs c =
        new FieldJobs(
            planned.forecaster(),
            machines,
            start,
            Math.max(1, days),
            goalUsdPerHa,
            rules,
            byJob,
            places(farmId, all));
    int done = 0;
    for (PlannedField f : all) {
      c.field(f);
      told.at((double) ++done / all.size());
    }
    return new Built(
        new WorkProblem(
            start,
            Math.max(1, days),
            people.stream().map(p -> person(p, machines, start, Math.max(1, days))).toList(),
            machines.stream()
                .map(m -> machine(m, people, start, Math.max(1, days), weather))
                .toList(),
            c.jobs,
            USD_PER_KM,
            usdPerMove),
        c.infos,
        machines,
        people,
        weather);
  }

  private static WorkProblem.Person person(
      CrewView p, List<MachineView> machines, LocalDate start, int days) {
    double[] hours = new double[days];
    Set<LocalDate> off = new HashSet<>(p.daysOff());
    for (int d = 0; d < days; d++) {
      LocalDate day = start.plusDays(d);
      boolean sunday = day.getDayOfWeek().getValue() == 7;
      hours[d] = off.contains(day) || sunday && !p.worksSundays() ? 0 : p.hoursPerDay();
    }
    return new WorkProblem.Person(p.id().toString(), p.name(), hours);
  }

  private static WorkProblem.Machine machine(
      MachineView m, List<CrewView> people, LocalDate start, int days, WorkDays weather) {
    Set<Integer> runBy = new HashSet<>();
    for (int p = 0; p < people.size(); p++) {
      if (people.get(p).machines().contains(m.id())) {
        runBy.add(p);
      }
    }
    double[] hours = new double[days];
    for (int d = 0; d < days; d++) {
      hours[d] = there(m, start.plusDays(d)) ? weather.hours(m, d) : 0;
    }
    // What is hired brings its own crew; what nobody can run stands still.
    boolean ownCrew = m.hired() && runBy.isEmpty();
    if (runBy.isEmpty() && !ownCrew) {
      Arrays.fill(hours, 0);
    }
    return new WorkProblem.Machine(
        m.id().toString(),
        m.name(),
        hours,
        runBy,
        m.setUpH() == null ? 0.4 : m.setUpH(),
        m.roadKmh() == null ? 25 : m.roadKmh());
  }

  static boolean there(MachineView m, LocalDate day) {
    boolean weekday = m.weekdays() == null || m.weekdays().contains(day.getDayOfWeek().getValue());
    boolean called = m.onlyDays() == null || m.onlyDays().isEmpty() || m.onlyDays().contains(day);
    return weekday && called;
  }

  record Place(double xKm, double yKm) {}

  private Map<UUID, Place> places(UUID farmId, List<PlannedField> all) {
    Map<UUID, Point> centres = new HashMap<>();
    for (PlannedField f : all) {
      MultiPolygon boundary = fields.boundary(farmId, f.field().id());
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
