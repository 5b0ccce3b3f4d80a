package nimblefurrow.core.schedule;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;

/**
 * A proven upper bound on what any plan of a problem brings. Jobs that may not begin before a day
 * and are finished by another have used no more hours than machines, and those who run them, have
 * had in between. That is relaxed with prices (Lagrange; Held, Wolfe and Crowder 1974): with any
 * prices the bound holds; subgradients lead them, each price by steps of its own size (Adam, Kingma
 * and Ba 2015). Hours are counted for each machine and for groups of people with all machines that
 * only they run. It forgets order, lags and part of the road, so a plan may be better than its
 * distance from the bound says.
 */
public final class Bound {
  private static final int STARTS = 16;

  // Of what an hour is worth: the first step and, of it, the last; how long slopes are remembered.
  private static final double STEP = 0.1;
  private static final double LAST = 0.001;
  private static final double KEEP = 0.9;
  private static final double KEEP_SQUARE = 0.999;

  private final WorkProblem problem;
  private final int days;

  /** Machines first, then groups of people. */
  private final int counted;

  /** What counts the hours of a machine: itself, and groups. */
  private final int[][] countedBy;

  /** Days from which hours are counted, by what counts them, rising. */
  private final int[][] starts;

  /** Hours there are from a start up to a day. */
  private final double[][][] there;

  /** By job and machine: from the yard or the nearest job the machine may do. */
  private final double[][] leastRoadKm;

  private Bound(WorkProblem problem) {
    this.problem = problem;
    days = problem.days();
    int machines = problem.machines().size();
    List<Set<Integer>> groups = CrewGroups.of(problem);
    counted = machines + groups.size();
    countedBy = new int[machines][];
    for (int m = 0; m < machines; m++) {
      Set<Integer> runBy = problem.machines().get(m).runBy();
      countedBy[m] =
          IntStream.concat(
                  IntStream.of(m),
                  IntStream.range(0, groups.size())
                      .filter(g -> !runBy.isEmpty() && groups.get(g).containsAll(runBy))
                      .map(g -> machines + g))
              .toArray();
    }
    starts = new int[counted][];
    there = new double[counted][][];
    for (int c = 0; c < counted; c++) {
      double[] hours = c < machines ? manned(c) : together(groups.get(c - machines));
      starts[c] = starts(c);
      there[c] = new double[starts[c].length][days];
      for (int k = 0; k < starts[c].length; k++) {
        double sum = 0;
        for (int d = starts[c][k]; d < days; d++) {
          sum += hours[d];
          there[c][k][d] = sum;
        }
      }
    }
    leastRoadKm = new double[problem.jobs().size()][machines];
    for (int m = 0; m < machines; m++) {
      int machine = m;
      int[] may =
          IntStream.range(0, problem.jobs().size())
              .filter(
                  j ->
                      problem.jobs().get(j).options().stream()
                          .anyMatch(o -> o.machine() == machine))
              .toArray();
      for (int j : may) {
        leastRoadKm[j][m] = leastRoad(j, may);
      }
    }
  }

  private double[] people(Set<Integer> group) {
    double[] all = new double[days];
    group.forEach(p -> Arrays.setAll(all, d -> all[d] + problem.people().get(p).hours()[d]));
    return all;
  }

  /** Hours of a machine on days when someone is there to run it. */
  private double[] manned(int m) {
    Machine machine = problem.machines().get(m);
    double[] own = machine.hours().clone();
    if (!machine.runBy().isEmpty()) {
      double[] people = people(machine.runBy());
      Arrays.setAll(own, d -> Math.min(own[d], people[d]));
    }
    return own;
  }

  /** Hours of a group, no more a day than the machines that only it runs can use. */
  private double[] together(Set<Integer> group) {
    double[] machines = new double[days];
    for (int m = 0; m < problem.machines().size(); m++) {
      Set<Integer> runBy = problem.machines().get(m).runBy();
      if (!runBy.isEmpty() && group.containsAll(runBy)) {
        double[] own = manned(m);
        Arrays.setAll(machines, d -> machines[d] + own[d]);
      }
    }
    double[] people = people(group);
    Arrays.setAll(people, d -> Math.min(people[d], machines[d]));
    return people;
  }

  /** Zero, and first days of the ways whose hours are counted, evenly picked. */
  private int[] starts(int c) {
    int[] firsts =
        problem.jobs().stream()
            .flatMap(j -> j.options().stream())
            .filter(o -> Arrays.stream(countedBy[o.machine()]).anyMatch(x -> x == c))
            .mapToInt(o -> Math.max(0, Math.min(days - 1, o.first())))
            .sorted()
            .toArray();
    return IntStream.concat(
            IntStream.of(0),
            IntStream.range(0, firsts.length == 0 ? 0 : STARTS)
                .map(i -> firsts[i * (firsts.length - 1) / (STARTS - 1)]))
        .distinct()
        .sorted()
        .toArray();
  }

  private double leastRoad(int a, int[] may) {
    Job ja = problem.jobs().get(a);
    double least = Math.abs(ja.xKm()) + Math.abs(ja.yKm());
    for (int b : may) {
      if (a != b) {
        Job jb = problem.jobs().get(b);
        least = Math.min(least, Math.abs(ja.xKm() - jb.xKm()) + Math.abs(ja.yKm() - jb.yKm()));
      }
    }
    return least;
  }

  /**
   * The bound after some steps; more steps are tighter.
   *
   * @param problem problem asked about
   * @param steps number of steps; more is tighter
   * @return US dollars
   */
  public static double of(WorkProblem problem, int steps) {
    return new Bound(problem).led(steps);
  }

  private double led(int steps) {
    double[][][] price = zero();
    double[][][] mean = zero();
    double[][][] square = zero();
    double best = Double.MAX_VALUE;
    // What an hour is worth, as a measure for steps.
    double usual = Greedy.earliestDueFirst(problem).value() / Math.max(1, hoursThere());
    for (int s = 0; s < steps; s++) {
      double[][][] slope = zero();
      best = Math.min(best, priced(price, slope));
      double step = STEP * usual * Math.pow(LAST, (double) s / steps);
      double warm = 1 - Math.pow(KEEP, s + 1);
      double warmSquare = 1 - Math.pow(KEEP_SQUARE, s + 1);
      for (int c = 0; c < counted; c++) {
        for (int k = 0; k < starts[c].length; k++) {
          for (int d = 0; d < days; d++) {
            double g = slope[c][k][d];
            mean[c][k][d] = KEEP * mean[c][k][d] + (1 - KEEP) * g;
            square[c][k][d] = KEEP_SQUARE * square[c][k][d] + (1 - KEEP_SQUARE) * g * g;
            double size = Math.sqrt(square[c][k][d] / warmSquare) + 1e-9;
            price[c][k][d] = Math.max(0, price[c][k][d] - step * mean[c][k][d] / warm / size);
          }
        }
      }
    }
    return best;
  }

  private double hoursThere() {
    double sum = 0;
    for (Machine m : problem.machines()) {
      sum += Arrays.stream(m.hours()).sum();
    }
    return sum;
  }

  private double[][][] zero() {
    double[][][] all = new double[counted][][];
    for (int m = 0; m < counted; m++) {
      all[m] = new double[starts[m].length][days];
    }
    return all;
  }

  /** The bound at some prices, and how it changes with them. */
  private double priced(double[][][] price, double[][][] slope) {
    double bound = 0;
    // What an hour costs that is finished on a day and may be used from a start on.
    double[][][] cost = new double[counted][][];
    for (int m = 0; m < counted; m++) {
      cost[m] = new double[starts[m].length][days + 1];
      for (int k = 0; k < starts[m].length; k++) {
        double later = 0;
        for (int d = days - 1; d >= 0; d--) {
          later += price[m][k][d];
          bound += price[m][k][d] * there[m][k][d];
          slope[m][k][d] += there[m][k][d];
          cost[m][k][d] = later + (k > 0 ? cost[m][k - 1][d] : 0);
        }
      }
    }
    for (int j = 0; j < problem.jobs().size(); j++) {
      bound += best(j, cost, slope);
    }
    return bound;
  }

  private double best(int j, double[][][] cost, double[][][] slope) {
    double most = 0;
    Option taken = null;
    int on = -1;
    for (Option o : problem.jobs().get(j).options()) {
      double hours = hours(j, o);
      double road = leastRoadKm[j][o.machine()] * problem.usdPerKm();
      int[] by = countedBy[o.machine()];
      double[][] hour = new double[by.length][];
      for (int i = 0; i < by.length; i++) {
        hour[i] = cost[by[i]][from(by[i], o)];
      }
      for (int d = Math.max(0, o.first()); d <= Math.min(days - 1, o.last()); d++) {
        double dear = 0;
        for (double[] h : hour) {
          dear += h[d];
        }
        double worth = o.value()[d] - road - hours * dear;
        if (worth > most) {
          most = worth;
          taken = o;
          on = d;
        }
      }
    }
    if (taken != null) {
      double hours = hours(j, taken);
      for (int c : countedBy[taken.machine()]) {
        use(slope, c, taken, on, hours);
      }
    }
    return most;
  }

  private double hours(int j, Option o) {
    Machine machine = problem.machines().get(o.machine());
    return o.hours() + machine.setUpH() + leastRoadKm[j][o.machine()] / machine.roadKmh();
  }

  /** The last start that a way may not begin before. */
  private int from(int m, Option o) {
    int k = 0;
    while (k + 1 < starts[m].length && starts[m][k + 1] <= o.first()) {
      k++;
    }
    return k;
  }

  private void use(double[][][] slope, int m, Option o, int on, double hours) {
    for (int k = 0; k <= from(m, o); k++) {
      for (int d = on; d < days; d++) {
        slope[m][k][d] -= hours;
      }
    }
  }
}
