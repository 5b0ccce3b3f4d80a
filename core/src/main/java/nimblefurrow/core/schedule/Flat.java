package nimblefurrow.core.schedule;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Pin;

/** A problem laid flat in arrays, for walking it some hundred thousand times. */
final class Flat {
  final WorkProblem problem;
  final int days;
  final int machines;
  final int people;
  final int jobs;

  /** Who runs each machine; who can do least else is asked first. */
  final int[][] runBy;

  /** The most people who can run one machine. */
  final int widest;

  final double[][] machineHours;
  final double[][] peopleHours;
  final double[] setUpH;
  final double[] changeH;
  final double[] roadKmh;
  final double[] homeKm;
  final double[][] km;

  final int[][] machine;
  final int[][] first;
  final int[][] last;
  final double[][] hours;
  final double[][][] value;

  /** Indices of the ways that a job's pin allows. */
  final int[][] ways;

  /** The job before; −1 for none. */
  final int[] before;

  final int[] least;
  final int[] most;

  /** Jobs that others wait for. */
  final boolean[] leads;

  final boolean follows;

  /** What each job's machine is fitted with, by number. */
  final int[] kit;

  final int[] keptMachine;
  final int[] keptStart;
  final boolean[] begun;

  /** The day a job must begin on; −1 for any. */
  final int[] pinDay;

  final boolean[] pinned;

  /** By job and way: whether it need not wait for the job before. */
  final boolean[][] free;

  Flat(WorkProblem problem) {
    this.problem = problem;
    days = problem.days();
    machines = problem.machines().size();
    people = problem.people().size();
    jobs = problem.jobs().size();
    runBy = runBy(problem);
    widest = Arrays.stream(runBy).mapToInt(r -> r.length).max().orElse(0);
    List<Machine> ms = problem.machines();
    machineHours = ms.stream().map(Machine::hours).toArray(double[][]::new);
    peopleHours = new double[days][people];
    for (int d = 0; d < days; d++) {
      for (int p = 0; p < people; p++) {
        peopleHours[d][p] = problem.people().get(p).hours()[d];
      }
    }
    changeH = ms.stream().mapToDouble(Machine::changeH).toArray();
    setUpH = ms.stream().mapToDouble(Machine::setUpH).toArray();
    roadKmh = ms.stream().mapToDouble(Machine::roadKmh).toArray();
    homeKm = new double[jobs];
    km = new double[jobs][jobs];
    machine = new int[jobs][];
    first = new int[jobs][];
    last = new int[jobs][];
    hours = new double[jobs][];
    free = new boolean[jobs][];
    value = new double[jobs][][];
    ways = new int[jobs][];
    before = new int[jobs];
    least = new int[jobs];
    most = new int[jobs];
    leads = new boolean[jobs];
    keptMachine = new int[jobs];
    List<String> kits = problem.jobs().stream().map(Job::kit).distinct().toList();
    kit = problem.jobs().stream().mapToInt(job -> kits.indexOf(job.kit())).toArray();
    keptStart = new int[jobs];
    begun = new boolean[jobs];
    pinDay = new int[jobs];
    pinned = new boolean[jobs];
    for (int j = 0; j < jobs; j++) {
      lay(j);
    }
    follows = Arrays.stream(before).anyMatch(b -> b >= 0);
  }

  private static int[][] runBy(WorkProblem problem) {
    int[] skills = new int[problem.people().size()];
    problem.machines().forEach(m -> m.runBy().forEach(p -> skills[p]++));
    return problem.machines().stream()
        .map(
            m ->
                m.runBy().stream()
                    .sorted(
                        Comparator.comparing((Integer p) -> skills[p])
                            .thenComparing(Comparator.naturalOrder()))
                    .mapToInt(Integer::intValue)
                    .toArray())
        .toArray(int[][]::new);
  }

  private void lay(int j) {
    Job job = problem.jobs().get(j);
    homeKm[j] = road(job.xKm(), job.yKm());
    for (int b = 0; b < jobs; b++) {
      Job other = problem.jobs().get(b);
      km[j][b] = road(job.xKm() - other.xKm(), job.yKm() - other.yKm());
    }
    List<Option> options = job.options();
    machine[j] = options.stream().mapToInt(Option::machine).toArray();
    first[j] = options.stream().mapToInt(Option::first).toArray();
    last[j] = options.stream().mapToInt(Option::last).toArray();
    hours[j] = options.stream().mapToDouble(Option::hours).toArray();
    free[j] = new boolean[options.size()];
    for (int o = 0; o < free[j].length; o++) {
      free[j][o] = options.get(o).free();
    }
    value[j] = options.stream().map(Option::value).toArray(double[][]::new);
    Pin pin = job.pin();
    pinned[j] = pin != null;
    pinDay[j] = pin == null ? -1 : pin.day();
    ways[j] =
        IntStream.range(0, options.size())
            .filter(o -> pin == null || pin.allows(options.get(o).machine()))
            .toArray();
    After after = job.after();
    before[j] = after == null ? -1 : after.job();
    if (after != null) {
      least[j] = after.least();
      most[j] = after.most();
      leads[after.job()] = true;
    }
    Kept kept = job.kept();
    keptMachine[j] = kept == null ? -1 : kept.machine();
    keptStart[j] = kept == null ? 0 : kept.start();
    begun[j] = kept != null && kept.begun();
  }

  /** Roads run along the sections: east and north are driven one after the other. */
  private static double road(double x, double y) {
    return Math.abs(x) + Math.abs(y);
  }

  /** Hours a job takes on a machine that comes from a place, −1 for the yard. */
  double asked(int job, int way, int from) {
    int m = machine[job][way];
    return wayKm(job, from) / roadKmh[m] + setUpH[m] + changed(job, way, from) + hours[job][way];
  }

  /** Hours of refitting a machine that comes from a job; it leaves the yard as it is needed. */
  double changed(int job, int way, int from) {
    boolean same = from < 0 || kit[from] == kit[job];
    return same ? 0 : changeH[machine[job][way]];
  }

  /** The job that one waits for when it is done in a way; −1 for none. */
  int before(int job, int way) {
    return free[job][way] ? -1 : before[job];
  }

  double wayKm(int job, int from) {
    return from < 0 ? homeKm[job] : km[from][job];
  }
}
