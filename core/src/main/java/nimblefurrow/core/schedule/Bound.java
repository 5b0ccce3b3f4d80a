package nimblefurrow.core.schedule;

import java.util.Arrays;
import java.util.stream.IntStream;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;

/**
 * A proven upper bound on what any plan of a problem brings. Jobs that may not begin before a day
 * and are finished by another have used no more hours than machines, and those who run them, have
 * had in between. That is relaxed with prices (Lagrange; Held, Wolfe and Crowder 1974): with any
 * prices the bound holds; subgradients lead them. It pools people and forgets order, lags and part
 * of the road, so a plan may be better than its distance from the bound says.
 */
public final class Bound {
  private static final int STARTS = 8;

  private final WorkProblem problem;
  private final int days;
  private final int crew;

  /** Days from which hours are counted, by machine and for all people together, rising. */
  private final int[][] starts;

  /** Hours there are from a start up to a day. */
  private final double[][][] there;

  private final double[] leastRoadKm;

  private Bound(WorkProblem problem) {
    this.problem = problem;
    days = problem.days();
    crew = problem.machines().size();
    starts = new int[crew + 1][];
    there = new double[crew + 1][][];
    for (int m = 0; m <= crew; m++) {
      double[] hours = m == crew ? people() : problem.machines().get(m).hours();
      starts[m] = starts(m);
      there[m] = new double[starts[m].length][days];
      for (int k = 0; k < starts[m].length; k++) {
        double sum = 0;
        for (int d = starts[m][k]; d < days; d++) {
          sum += hours[d];
          there[m][k][d] = sum;
        }
      }
    }
    leastRoadKm = IntStream.range(0, problem.jobs().size()).mapToDouble(this::leastRoad).toArray();
  }

  private double[] people() {
    double[] all = new double[days];
    problem.people().forEach(p -> Arrays.setAll(all, d -> all[d] + p.hours()[d]));
    return all;
  }

  /** Zero, and first days of the ways that use a machine, evenly picked. */
  private int[] starts(int m) {
    int[] firsts =
        problem.jobs().stream()
            .flatMap(j -> j.options().stream())
            .filter(o -> m == crew || o.machine() == m)
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

  private double leastRoad(int a) {
    Job ja = problem.jobs().get(a);
    double least = Math.abs(ja.xKm()) + Math.abs(ja.yKm());
    for (int b = 0; b < problem.jobs().size(); b++) {
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
   * @return US dollars
   */
  public static double of(WorkProblem problem, int steps) {
    return new Bound(problem).led(steps);
  }

  private double led(int steps) {
    double[][][] price = zero();
    double best = Double.MAX_VALUE;
    double size = 1;
    int since = 0;
    double lower = Math.max(1, Greedy.earliestDueFirst(problem).value());
    for (int s = 0; s < steps; s++) {
      double[][][] slope = zero();
      double bound = priced(price, slope);
      if (bound < best * (1 - 1e-9)) {
        best = bound;
        since = 0;
      } else if (++since > 10) {
        size *= 0.7;
        since = 0;
      }
      double length = 0;
      for (double[][] machine : slope) {
        for (double[] row : machine) {
          length += Arrays.stream(row).map(x -> x * x).sum();
        }
      }
      if (length < 1e-12) {
        break;
      }
      double step = size * Math.max(1e-6 * Math.abs(bound), bound - lower) / length;
      for (int m = 0; m <= crew; m++) {
        for (int k = 0; k < starts[m].length; k++) {
          for (int d = 0; d < days; d++) {
            price[m][k][d] = Math.max(0, price[m][k][d] - step * slope[m][k][d]);
          }
        }
      }
    }
    return best;
  }

  private double[][][] zero() {
    double[][][] all = new double[crew + 1][][];
    for (int m = 0; m <= crew; m++) {
      all[m] = new double[starts[m].length][days];
    }
    return all;
  }

  /** The bound at some prices, and how it changes with them. */
  private double priced(double[][][] price, double[][][] slope) {
    double bound = 0;
    // What an hour costs that is finished on a day and may be used from a start on.
    double[][][] cost = new double[crew + 1][][];
    for (int m = 0; m <= crew; m++) {
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
      Machine machine = problem.machines().get(o.machine());
      double hours = hours(j, o);
      double road = leastRoadKm[j] * problem.usdPerKm();
      double[] own = cost[o.machine()][from(o.machine(), o)];
      double[] people = cost[crew][from(crew, o)];
      boolean needsCrew = !machine.runBy().isEmpty();
      for (int d = Math.max(0, o.first()); d <= Math.min(days - 1, o.last()); d++) {
        double worth = o.value()[d] - road - hours * (own[d] + (needsCrew ? people[d] : 0));
        if (worth > most) {
          most = worth;
          taken = o;
          on = d;
        }
      }
    }
    if (taken != null) {
      double hours = hours(j, taken);
      use(slope, taken.machine(), taken, on, hours);
      if (!problem.machines().get(taken.machine()).runBy().isEmpty()) {
        use(slope, crew, taken, on, hours);
      }
    }
    return most;
  }

  private double hours(int j, Option o) {
    Machine machine = problem.machines().get(o.machine());
    return o.hours() + machine.setUpH() + leastRoadKm[j] / machine.roadKmh();
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
