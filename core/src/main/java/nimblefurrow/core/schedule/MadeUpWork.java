package nimblefurrow.core.schedule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Person;

/** Farms made up from a seed, for tests and measuring: two to five ways a field, ninety days. */
public final class MadeUpWork {
  private static final int DAYS = 90;
  private static final LocalDate START = LocalDate.of(2026, 8, 15);
  private static final double USD_PER_KM = 2;

  private MadeUpWork() {}

  // What each kind of machine does: hours a day, ha an hour, first and last day, share of the rest.
  private enum Kind {
    DRILL(9, 5.0, 30, 88, 1.0),
    SPREADER(9, 15.0, 20, 75, 0.75),
    DRONE(6, 9.0, 8, 45, 0.80),
    AIRCRAFT(5, 60.0, 8, 45, 0.78),
    INTERSEEDER(9, 5.5, 0, 14, 0.9),
    COMBINE(7, 5.0, 35, 80, 0.7);

    private final double hours;
    private final double haPerHour;
    private final int first;
    private final int last;
    private final double share;

    Kind(double hours, double haPerHour, int first, int last, double share) {
      this.hours = hours;
      this.haPerHour = haPerHour;
      this.first = first;
      this.last = last;
      this.share = share;
    }
  }

  /**
   * {@return a farm of so many fields; the same seed is the same farm}
   *
   * @param seed of the random numbers: the same seed gives the same
   * @param fields number of fields
   */
  public static WorkProblem farm(long seed, int fields) {
    SplittableRandom r = new SplittableRandom(seed);
    int sets = Math.max(1, (int) Math.round(fields / 40.0));
    List<Person> people = new ArrayList<>();
    for (int p = 0; p < 2 + 2 * sets; p++) {
      double[] hours = new double[DAYS];
      for (int d = 0; d < DAYS; d++) {
        hours[d] = d % 7 == 6 ? 0 : 10;
      }
      people.add(new Person("p" + p, "person " + p, hours));
    }
    List<Machine> machines = new ArrayList<>();
    List<Kind> kinds = new ArrayList<>();
    for (Kind kind : Kind.values()) {
      int count = kind == Kind.AIRCRAFT ? 1 : sets;
      for (int i = 0; i < count; i++) {
        machines.add(machine(r, kind, i, people.size()));
        kinds.add(kind);
      }
    }
    List<Job> jobs = new ArrayList<>();
    for (int f = 0; f < fields; f++) {
      jobs.add(field(r, f, machines.size(), kinds));
    }
    return new WorkProblem(START, DAYS, people, machines, jobs, USD_PER_KM, 0);
  }

  private static Machine machine(SplittableRandom r, Kind kind, int i, int people) {
    double[] hours = new double[DAYS];
    for (int d = 0; d < DAYS; d++) {
      boolean hired = kind != Kind.AIRCRAFT || d % 9 < 2;
      hours[d] = hired && r.nextDouble() > 0.25 ? kind.hours * (0.6 + 0.4 * r.nextDouble()) : 0;
    }
    Set<Integer> runBy =
        kind == Kind.AIRCRAFT
            ? Set.of()
            : Set.of(r.nextInt(people / 2), people / 2 + r.nextInt(people - people / 2));
    return new Machine(
        kind + "-" + i,
        kind.name().toLowerCase(java.util.Locale.ROOT) + " " + i,
        hours,
        runBy,
        0.4,
        25);
  }

  private static Job field(SplittableRandom r, int f, int machines, List<Kind> kinds) {
    double ha = 15 + 50 * r.nextDouble();
    double worth = ha * (60 + 160 * r.nextDouble());
    int ways = 2 + r.nextInt(4);
    boolean[] taken = new boolean[machines];
    List<Option> options = new ArrayList<>();
    int tries = 0;
    while (options.size() < ways && tries++ < 60) {
      int m = r.nextInt(machines);
      if (!taken[m]) {
        taken[m] = true;
        options.add(option(r, m, kinds.get(m), ha, worth));
      }
    }
    return new Job(
        "f" + f,
        "field " + f,
        30 * r.nextDouble() - 15,
        30 * r.nextDouble() - 15,
        options,
        null,
        null,
        null);
  }

  private static Option option(SplittableRandom r, int m, Kind kind, double ha, double worth) {
    int first = Math.min(DAYS - 5, kind.first + r.nextInt(8));
    int last = Math.min(DAYS - 1, Math.max(first + 6, kind.last - r.nextInt(8)));
    double most = worth * kind.share * (0.8 + 0.4 * r.nextDouble());
    int peak = first + r.nextInt(Math.max(1, (last - first) / 2));
    double[] value = new double[DAYS];
    for (int d = 0; d < DAYS; d++) {
      double off = d < peak ? 0.6 * (peak - d) : d - peak;
      value[d] = d < first || d > last ? 0 : most * Math.max(0, 1 - off / (last - first + 1.0));
    }
    return new Option(m, kind.name(), ha / kind.haPerHour, first, last, value);
  }

  /**
   * {@return the same farm after some days, the next of them rained out, with a plan that was kept}
   *
   * @param farm problem of a farm
   * @param kept what is kept; null for nothing
   * @param day day, as an index from the first
   * @param usdPerMove price of moving a kept job, US dollars
   */
  public static WorkProblem rained(WorkProblem farm, WorkPlan kept, int day, double usdPerMove) {
    List<Machine> machines = new ArrayList<>();
    for (Machine m : farm.machines()) {
      double[] hours = m.hours().clone();
      hours[day] = 0;
      machines.add(
          new Machine(m.id(), m.name(), hours, m.runBy(), m.setUpH(), m.changeH(), m.roadKmh()));
    }
    List<Job> jobs = new ArrayList<>();
    for (int j = 0; j < farm.jobs().size(); j++) {
      Job job = farm.jobs().get(j);
      WorkPlan.Placed p = kept.of(j);
      After after = job.after();
      jobs.add(
          new Job(
              job.id(),
              job.name(),
              job.xKm(),
              job.yKm(),
              job.options(),
              after,
              p == null ? null : new Kept(p.machine(), p.start(), p.start() < day),
              job.pin(),
              job.kit()));
    }
    return new WorkProblem(
        farm.start(), farm.days(), farm.people(), machines, jobs, farm.usdPerKm(), usdPerMove);
  }
}
