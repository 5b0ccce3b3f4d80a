package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.WorkWorth;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.springframework.stereotype.Component;

/** Turns a farm, its plans and its kept work into what is to be laid out. */
@Component
class WorkBuilder {
  static final int DAYS = 100;
  private static final double KM_PER_DEGREE = 111.2;
  private static final double USD_PER_KM = 2;
  private static final double HARVEST_USD_PER_HA = 400;
  private static final double HARVEST_LOSS_A_DAY = 0.012;
  private static final int HARVEST_DAYS = 35;
  private static final double PLANTED_USD_PER_HA = 300;
  private static final double PINNED = 1e6;

  private final PlannedFields planned;
  private final FieldService fields;
  private final ShedService shed;
  private final CrewService crew;
  private final WorkItems items;

  WorkBuilder(
      PlannedFields planned,
      FieldService fields,
      ShedService shed,
      CrewService crew,
      WorkItems items) {
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
   * @param frames hours by year of the past, for odds: machines' hours by year and day
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
    LocalDate start = all.isEmpty() ? LocalDate.now() : all.get(0).farm().today();
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
    Context c =
        new Context(
            machines, start, Math.max(1, days), goalUsdPerHa, rules, byJob, places(farmId, all));
    int done = 0;
    for (PlannedField f : all) {
      c.field(f);
      told.at((double) ++done / all.size());
    }
    return new Built(
        new WorkProblem(
            start,
            c.days,
            people.stream().map(p -> person(p, machines, start, c.days)).toList(),
            machines.stream().map(m -> machine(m, people, start, c.days, weather)).toList(),
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

  private record Place(double xKm, double yKm) {}

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

  /** The problem in the making. */
  private final class Context {
    private final List<MachineView> machines;
    private final LocalDate start;
    private final int days;
    private final double goalUsdPerHa;
    private final EndingRules rules;
    private final Map<String, WorkItem> kept;
    private final Map<UUID, Place> places;
    private final List<Job> jobs = new ArrayList<>();
    private final List<JobInfo> infos = new ArrayList<>();

    Context(
        List<MachineView> machines,
        LocalDate start,
        int days,
        double goalUsdPerHa,
        EndingRules rules,
        Map<String, WorkItem> kept,
        Map<UUID, Place> places) {
      this.machines = machines;
      this.start = start;
      this.days = days;
      this.goalUsdPerHa = goalUsdPerHa;
      this.rules = rules;
      this.kept = kept;
      this.places = places;
    }

    void field(PlannedField f) {
      int harvest = harvest(f);
      CoverPlan cover = f.cover();
      Purpose purpose = f.purpose();
      if (cover == null || purpose == null) {
        return;
      }
      int seed = f.seededOn() == null ? seed(f, cover, purpose, harvest) : -1;
      end(f, cover, purpose, seed);
    }

    private int harvest(PlannedField f) {
      CropKind kind = CropKind.of(f.field().crop().kind());
      LocalDate clear = f.crop().day(f.crop().harvest().median());
      int first = index(clear);
      boolean stands = kind != CropKind.NONE && first >= 0 && first < days;
      if (!stands) {
        return -1;
      }
      List<Option> options = new ArrayList<>();
      List<Way> ways = new ArrayList<>();
      for (int m = 0; m < machines.size(); m++) {
        if (machines.get(m).kinds().contains("harvest")) {
          double hours = f.field().areaHa() / machines.get(m).haPerHour();
          int last = Math.min(days - 1, first + HARVEST_DAYS);
          double[] value = new double[days];
          for (int d = first; d <= last; d++) {
            value[d] =
                f.field().areaHa()
                    * HARVEST_USD_PER_HA
                    * Math.max(0.1, 1 - HARVEST_LOSS_A_DAY * (d - first));
          }
          options.add(new Option(m, "combine", hours, first, last, value));
          ways.add(new Way("harvest", "combine", machines.get(m).id(), hours));
        }
      }
      return options.isEmpty() ? -1 : add(f, "harvest", options, ways, null);
    }

    private int seed(PlannedField f, CoverPlan cover, Purpose purpose, int harvest) {
      WindowFinder finder = new WindowFinder(f.weather().climate(), f.crop());
      List<Species> species = cover.cover().stream().map(CoverComponent::species).toList();
      List<Option> options = new ArrayList<>();
      List<Way> ways = new ArrayList<>();
      for (SeedingMethod method : SeedingMethod.values()) {
        Window window = finder.find(species, method, cover.soil());
        if (!window.possible() || index(window.closes().day()) < 0) {
          continue;
        }
        boolean behind = method.when() == SeedingMethod.When.AFTER_HARVEST;
        double[] odds = null;
        for (int m = 0; m < machines.size(); m++) {
          MachineView machine = machines.get(m);
          if (!machine.methods().contains(method.key())) {
            continue;
          }
          LocalDate opens = later(window.opens().day(), start);
          if (odds == null) {
            odds =
                WorkWorth.seeding(
                    planned.forecaster(),
                    cover,
                    method,
                    f.crop(),
                    purpose,
                    start,
                    days,
                    opens,
                    window.closes().day());
          }
          double hours = hours(machine, cover, method, f.field().areaHa());
          double seedUsd =
              cover.coverFor(method).stream()
                  .mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg())
                  .sum();
          double costs = seedUsd * f.field().areaHa() + machine.usd(f.field().areaHa(), hours);
          double base =
              cover.cover().stream()
                  .mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg())
                  .sum();
          double[] value = new double[days];
          int first = index(opens);
          int last = Math.min(days - 1, index(window.closes().day()));
          for (int d = Math.max(0, first); d <= last; d++) {
            // Seed as planned is bought anyway; only what a way needs more or less counts.
            value[d] = f.field().areaHa() * (goalUsdPerHa * odds[d] + base) - costs;
          }
          options.add(new Option(m, method.label(), hours, Math.max(0, first), last, value));
          ways.add(new Way(method.key(), method.label(), machine.id(), hours));
          if (behind && harvest < 0 && index(f.crop().day(f.crop().harvest().median())) >= days) {
            options.remove(options.size() - 1);
            ways.remove(ways.size() - 1);
          }
        }
      }
      boolean waits =
          harvest >= 0
              && ways.stream()
                  .allMatch(
                      w -> SeedingMethod.of(w.key()).when() == SeedingMethod.When.AFTER_HARVEST);
      return add(
          f, "seed", options, ways, waits ? new After(harvest, 0, 2 * WorkBuilder.DAYS) : null);
    }

    private double hours(
        MachineView machine, CoverPlan cover, SeedingMethod method, double areaHa) {
      List<CoverComponent> seed = cover.coverFor(method);
      double rate = seed.stream().mapToDouble(CoverComponent::rateKgPerHa).sum();
      double volume =
          seed.stream().mapToDouble(c -> c.rateKgPerHa() / c.species().seed().bulkKgPerM3()).sum();
      return machine.hours(machine.loads(areaHa, rate, rate / volume));
    }

    private void end(PlannedField f, CoverPlan cover, Purpose purpose, int seed) {
      if (f.plan() == null) {
        return;
      }
      EndingWay way = EndingWay.of(f.plan().plan().ending());
      int planned = index(cover.endOn());
      int plantOn = index(f.next().plantOn());
      PlantingLag lag = PlantingLag.of(way, cover, f.next().kind());
      boolean plants = f.plantedOn() == null && plantOn >= 0 && plantOn < days - 5;
      boolean ends =
          f.endedOn() == null
              && way.modelled()
              && way != EndingWay.WINTER
              && machineWork(way) != null
              && planned >= -7
              && planned < days - 5;
      boolean greenFirst = lag.most() <= 0;
      int plant = plants && (greenFirst || !ends) ? plant(f, null) : -1;
      int end = -1;
      if (ends) {
        After after =
            plant >= 0 && greenFirst ? new After(plant, -lag.most(), -lag.least() + 2) : null;
        end = ending(f, cover, purpose, way, Math.max(0, planned), after);
      }
      if (plants && plant < 0) {
        plant(f, new After(end, Math.max(0, lag.least()), Math.max(lag.most(), lag.least()) + 14));
      }
    }

    private @Nullable String machineWork(EndingWay way) {
      return switch (way) {
        case ROLL_PLANT, PLANT_GREEN_ROLL, ROLL_SPRAY -> "roll";
        case SPRAY_EARLY, PLANT_GREEN_SPRAY, SPRAY_STANDING, ROW_ZONE -> "spray";
        case MOW -> "mow";
        case TILL -> "till";
        default -> null;
      };
    }

    private int ending(
        PlannedField f,
        CoverPlan cover,
        Purpose purpose,
        EndingWay way,
        int planned,
        @Nullable After after) {
      int first = Math.max(0, planned - 10);
      int last = Math.min(days - 1, planned + 14);
      double[] odds =
          WorkWorth.ending(
              WorkBuilder.this.planned.forecaster(),
              cover,
              f.crop(),
              purpose,
              way,
              start,
              days,
              start.plusDays(first),
              start.plusDays(last));
      List<Option> options = new ArrayList<>();
      List<Way> ways = new ArrayList<>();
      for (int m = 0; m < machines.size(); m++) {
        MachineView machine = machines.get(m);
        if (machine.kinds().contains(String.valueOf(machineWork(way)))) {
          double hours = f.field().areaHa() / machine.haPerHour();
          double[] value = new double[days];
          for (int d = first; d <= last; d++) {
            value[d] =
                f.field().areaHa() * goalUsdPerHa * (0.2 + odds[d])
                    - machine.usd(f.field().areaHa(), hours);
          }
          options.add(new Option(m, way.label(), hours, first, last, value));
          ways.add(new Way(way.key(), way.label(), machine.id(), hours));
        }
      }
      return add(f, "end", options, ways, after);
    }

    private int plant(PlannedField f, @Nullable After after) {
      LatePlanting curve = rules.late(f.next().kind());
      int first = Math.max(0, index(f.next().plantOn()) - 7);
      int last =
          Math.min(
              days - 1,
              Math.max(
                  index(f.next().plantOn()) + 10,
                  index(curve.lastOn().atYear(f.next().plantOn().getYear()))));
      List<Option> options = new ArrayList<>();
      List<Way> ways = new ArrayList<>();
      for (int m = 0; m < machines.size(); m++) {
        MachineView machine = machines.get(m);
        if (machine.kinds().contains("plant")) {
          double hours = f.field().areaHa() / machine.haPerHour();
          double[] value = new double[days];
          for (int d = first; d <= last; d++) {
            value[d] =
                f.field().areaHa() * (PLANTED_USD_PER_HA - curve.usdPerHa(start.plusDays(d)));
          }
          options.add(new Option(m, "plant", hours, first, last, value));
          ways.add(new Way("plant", "plant " + f.next().kind().label(), machine.id(), hours));
        }
      }
      return add(f, "plant", options, ways, after);
    }

    private int add(
        PlannedField f, String kind, List<Option> options, List<Way> ways, @Nullable After after) {
      UUID id = f.field().id();
      Place place = places.getOrDefault(id, new Place(5, 5));
      WorkItem item = kept.get(id + kind);
      if (item != null && item.shareDone >= 1) {
        return -1;
      }
      Kept stands = null;
      List<Option> open = options;
      if (item != null) {
        int machine = -1;
        for (int m = 0; m < machines.size(); m++) {
          machine = machines.get(m).id().equals(item.machineId) ? m : machine;
        }
        int on = index(item.startOn);
        if (machine >= 0) {
          stands = new Kept(machine, Math.max(0, on), item.shareDone > 0);
          open = pinned(options, item, machine, Math.max(0, on));
        }
      }
      // Options and ways keep the same order: a pin changes values, never places.
      jobs.add(
          new Job(
              id + kind,
              f.field().name() + " " + kind,
              place.xKm(),
              place.yKm(),
              open,
              after,
              stands));
      infos.add(new JobInfo(id, f.field().name(), kind, ways));
      return jobs.size() - 1;
    }

    private List<Option> pinned(List<Option> options, WorkItem item, int machine, int on) {
      List<Option> all = new ArrayList<>();
      for (Option o : options) {
        double rest = o.hours() * (1 - item.shareDone);
        if (!item.pinned && item.shareDone == 0) {
          all.add(o);
          continue;
        }
        double[] value = o.value().clone();
        if (item.pinned && o.machine() == machine) {
          for (int d = 0; d < value.length; d++) {
            value[d] += d >= on && d <= on + 3 ? PINNED : 0;
          }
        }
        int first = item.pinned && o.machine() == machine ? Math.max(o.first(), on) : o.first();
        all.add(
            new Option(
                o.machine(),
                o.label(),
                Math.max(0.05, rest),
                first,
                Math.max(first, o.last()),
                value));
      }
      return all;
    }

    private int index(LocalDate day) {
      return (int) ChronoUnit.DAYS.between(start, day);
    }

    private LocalDate later(LocalDate a, LocalDate b) {
      return a.isAfter(b) ? a : b;
    }
  }
}
