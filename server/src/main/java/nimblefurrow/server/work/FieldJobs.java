package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.WorkWorth;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import org.jspecify.annotations.Nullable;

/**
 * Jobs of fields, one after the other: harvest, seeding by every way and machine, ending, planting;
 * with what each brings by day.
 */
final class FieldJobs {
  private static final double HARVEST_USD_PER_HA = 400;
  private static final double HARVEST_LOSS_A_DAY = 0.012;
  private static final int HARVEST_DAYS = 35;
  private static final double PLANTED_USD_PER_HA = 300;
  private static final double PINNED = 1e6;

  private final Forecaster forecaster;
  private final List<MachineView> machines;
  private final LocalDate start;
  private final int days;
  private final double goalUsdPerHa;
  private final EndingRules rules;
  private final Map<String, WorkItem> kept;
  private final Map<UUID, WorkBuilder.Place> places;

  /** The jobs so far. */
  final List<Job> jobs = new ArrayList<>();

  /** What they are on the farm. */
  final List<WorkBuilder.JobInfo> infos = new ArrayList<>();

  FieldJobs(
      Forecaster forecaster,
      List<MachineView> machines,
      LocalDate start,
      int days,
      double goalUsdPerHa,
      EndingRules rules,
      Map<String, WorkItem> kept,
      Map<UUID, WorkBuilder.Place> places) {
    this.forecaster = forecaster;
    this.machines = machines;
    this.start = start;
    this.days = days;
    this.goalUsdPerHa = goalUsdPerHa;
    this.rules = rules;
    this.kept = kept;
    this.places = places;
  }

  /** Adds what is open on a field. */
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
    List<WorkBuilder.Way> ways = new ArrayList<>();
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
        ways.add(new WorkBuilder.Way("harvest", "combine", machines.get(m).id(), hours));
      }
    }
    return options.isEmpty() ? -1 : add(f, "harvest", options, ways, null);
  }

  private int seed(PlannedField f, CoverPlan cover, Purpose purpose, int harvest) {
    WindowFinder finder = new WindowFinder(f.weather().climate(), f.crop());
    List<Species> species = cover.cover().stream().map(CoverComponent::species).toList();
    List<Option> options = new ArrayList<>();
    List<WorkBuilder.Way> ways = new ArrayList<>();
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
                  forecaster,
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
        ways.add(new WorkBuilder.Way(method.key(), method.label(), machine.id(), hours));
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

  private double hours(MachineView machine, CoverPlan cover, SeedingMethod method, double areaHa) {
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
            forecaster,
            cover,
            f.crop(),
            purpose,
            way,
            start,
            days,
            start.plusDays(first),
            start.plusDays(last));
    List<Option> options = new ArrayList<>();
    List<WorkBuilder.Way> ways = new ArrayList<>();
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
        ways.add(new WorkBuilder.Way(way.key(), way.label(), machine.id(), hours));
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
    List<WorkBuilder.Way> ways = new ArrayList<>();
    for (int m = 0; m < machines.size(); m++) {
      MachineView machine = machines.get(m);
      if (machine.kinds().contains("plant")) {
        double hours = f.field().areaHa() / machine.haPerHour();
        double[] value = new double[days];
        for (int d = first; d <= last; d++) {
          value[d] = f.field().areaHa() * (PLANTED_USD_PER_HA - curve.usdPerHa(start.plusDays(d)));
        }
        options.add(new Option(m, "plant", hours, first, last, value));
        ways.add(
            new WorkBuilder.Way("plant", "plant " + f.next().kind().label(), machine.id(), hours));
      }
    }
    return add(f, "plant", options, ways, after);
  }

  private int add(
      PlannedField f,
      String kind,
      List<Option> options,
      List<WorkBuilder.Way> ways,
      @Nullable After after) {
    UUID id = f.field().id();
    WorkBuilder.Place place = places.getOrDefault(id, new WorkBuilder.Place(5, 5));
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
    infos.add(new WorkBuilder.JobInfo(id, f.field().name(), kind, ways));
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
