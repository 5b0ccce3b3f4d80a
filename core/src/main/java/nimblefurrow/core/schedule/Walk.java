package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import org.jspecify.annotations.Nullable;

/**
 * Walks lists of jobs through the calendar, day by day and machine by machine. A machine takes its
 * jobs in order, drives, sets up, and works on one until it is done; each hour needs someone who
 * can run it and has hours left that day. What is not done by its last day fails and brings
 * nothing. So every walk keeps to hours, windows, order and lags by its making.
 *
 * <p>States at the beginning of each day are kept, so that a change is walked again only from the
 * day it touches.
 */
final class Walk {
  private static final double DONE = 1e-9;
  private static final int NEVER = Integer.MAX_VALUE / 4;

  final WorkProblem problem;
  private final int days;
  private final int machines;
  private final int[][] runBy;
  private final double[][] km;
  private final double[] homeKm;

  // By day and machine, at the beginning of the day.
  private final int[] next;
  private final int[] current;
  private final double[] remaining;
  private final int[] place;

  /** Day each job begins, or {@link #NEVER}. */
  final int[] start;

  /** Day each job ends, or {@link #NEVER}. */
  final int[] finish;

  private final double[] roadKm;

  /** Day on which a job fails, or {@link #NEVER}. */
  private final int[] failed;

  private final double[] left;
  private @Nullable List<List<WorkPlan.Segment>> segments;

  Walk(WorkProblem problem) {
    this.problem = problem;
    days = problem.days();
    machines = problem.machines().size();
    int n = problem.jobs().size();
    runBy = new int[machines][];
    int[] skills = new int[problem.people().size()];
    problem.machines().forEach(m -> m.runBy().forEach(p -> skills[p]++));
    for (int m = 0; m < machines; m++) {
      // Who can do least else is asked first.
      runBy[m] =
          problem.machines().get(m).runBy().stream()
              .sorted(Comparator.comparing((Integer p) -> skills[p]).thenComparing(p -> p))
              .mapToInt(Integer::intValue)
              .toArray();
    }
    km = new double[n][n];
    homeKm = new double[n];
    for (int a = 0; a < n; a++) {
      Job ja = problem.jobs().get(a);
      homeKm[a] = road(ja.xKm(), ja.yKm());
      for (int b = 0; b < n; b++) {
        Job jb = problem.jobs().get(b);
        km[a][b] = road(ja.xKm() - jb.xKm(), ja.yKm() - jb.yKm());
      }
    }
    next = new int[(days + 1) * machines];
    current = new int[(days + 1) * machines];
    remaining = new double[(days + 1) * machines];
    place = new int[(days + 1) * machines];
    Arrays.fill(current, -1);
    Arrays.fill(place, -1);
    start = new int[n];
    finish = new int[n];
    roadKm = new double[n];
    failed = new int[n];
    left = new double[problem.people().size()];
    reset(0);
  }

  /** Roads run along the sections: east and north are driven one after the other. */
  private static double road(double x, double y) {
    return Math.abs(x) + Math.abs(y);
  }

  void copyFrom(Walk other, int fromDay) {
    int states = (fromDay + 1) * machines;
    System.arraycopy(other.next, 0, next, 0, states);
    System.arraycopy(other.current, 0, current, 0, states);
    System.arraycopy(other.remaining, 0, remaining, 0, states);
    System.arraycopy(other.place, 0, place, 0, states);
    System.arraycopy(other.start, 0, start, 0, start.length);
    System.arraycopy(other.finish, 0, finish, 0, finish.length);
    System.arraycopy(other.roadKm, 0, roadKm, 0, roadKm.length);
    System.arraycopy(other.failed, 0, failed, 0, failed.length);
  }

  private void reset(int fromDay) {
    for (int j = 0; j < start.length; j++) {
      if (start[j] >= fromDay) {
        start[j] = NEVER;
        roadKm[j] = 0;
        failed[j] = NEVER;
        finish[j] = NEVER;
      } else {
        finish[j] = finish[j] >= fromDay ? NEVER : finish[j];
        failed[j] = failed[j] >= fromDay ? NEVER : failed[j];
      }
    }
  }

  /** The first day on which a position of a machine's list was looked at. */
  int reached(int machine, int position) {
    // The pointer only grows with the days.
    int low = 0;
    int high = days;
    while (low < high) {
      int middle = (low + high) / 2;
      if (next[(middle + 1) * machines + machine] >= position) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  /** Walks from the beginning of a day on, whose state must stand. */
  void run(Lists lists, int fromDay) {
    reset(fromDay);
    for (int d = fromDay; d < days; d++) {
      for (int p = 0; p < left.length; p++) {
        left[p] = problem.people().get(p).hours()[d];
      }
      for (int m = 0; m < machines; m++) {
        day(lists, m, d);
      }
    }
  }

  private void day(Lists lists, int m, int d) {
    int at = d * machines + m;
    int pointer = next[at];
    int job = current[at];
    double rest = remaining[at];
    int from = place[at];
    Machine machine = problem.machines().get(m);
    double hours = machine.hours()[d];
    while (true) {
      if (job < 0) {
        if (pointer >= lists.size[m]) {
          break;
        }
        int candidate = lists.jobs[m][pointer];
        Option o = problem.jobs().get(candidate).options().get(lists.option[candidate]);
        int opens = opens(candidate, o, lists);
        if (opens == NEVER || d > o.last()) {
          failed[candidate] = d;
          start[candidate] = d;
          finish[candidate] = NEVER;
          pointer++;
          continue;
        }
        if (d < opens || hours <= DONE || !anyone(m)) {
          break;
        }
        double way = from < 0 ? homeKm[candidate] : km[from][candidate];
        job = candidate;
        pointer++;
        start[job] = d;
        roadKm[job] = way;
        rest = way / machine.roadKmh() + machine.setUpH() + o.hours();
        from = job;
      }
      double got = work(m, d, job, Math.min(hours, rest));
      if (got <= DONE) {
        break;
      }
      rest -= got;
      hours -= got;
      if (rest <= DONE) {
        finish[job] = d;
        job = -1;
        rest = 0;
      }
    }
    if (job >= 0 && d >= lastDay(job, lists)) {
      failed[job] = d;
      finish[job] = NEVER;
      job = -1;
      rest = 0;
    }
    int tomorrow = at + machines;
    next[tomorrow] = pointer;
    current[tomorrow] = job;
    remaining[tomorrow] = rest;
    place[tomorrow] = from;
  }

  private int opens(int job, Option o, Lists lists) {
    int day = Math.max(o.first(), lists.notBefore[job]);
    After after = problem.jobs().get(job).after();
    if (after == null) {
      return day;
    }
    int before = after.job();
    if (finish[before] < NEVER) {
      return Math.max(day, finish[before] + after.least());
    }
    boolean hopeless = failed[before] < NEVER || lists.option[before] < 0;
    return hopeless ? NEVER : NEVER - 1;
  }

  private int lastDay(int job, Lists lists) {
    int last = problem.jobs().get(job).options().get(lists.option[job]).last();
    After after = problem.jobs().get(job).after();
    return after == null ? last : Math.min(last, finish[after.job()] + after.most());
  }

  /** Whether anybody who can run a machine has hours left that day. */
  private boolean anyone(int m) {
    boolean found = runBy[m].length == 0;
    for (int p : runBy[m]) {
      found |= left[p] > DONE;
    }
    return found;
  }

  private double work(int m, int d, int job, double wanted) {
    if (wanted <= DONE) {
      return 0;
    }
    if (runBy[m].length == 0) {
      segment(job, d, -1, wanted);
      return wanted;
    }
    double got = 0;
    for (int p : runBy[m]) {
      double take = Math.min(left[p], wanted - got);
      if (take > DONE) {
        left[p] -= take;
        got += take;
        segment(job, d, p, take);
      }
    }
    return got;
  }

  private void segment(int job, int day, int person, double hours) {
    if (segments != null) {
      List<WorkPlan.Segment> own = segments.get(job);
      WorkPlan.Segment last = own.isEmpty() ? null : own.get(own.size() - 1);
      if (last != null && last.day() == day && last.person() == person) {
        own.set(own.size() - 1, new WorkPlan.Segment(day, person, last.hours() + hours));
      } else {
        own.add(new WorkPlan.Segment(day, person, hours));
      }
    }
  }

  boolean done(int job) {
    return finish[job] < NEVER;
  }

  /** Money of all jobs done, less the road, less moves away from a kept plan. */
  double value(Lists lists) {
    double sum = 0;
    for (int j = 0; j < finish.length; j++) {
      Job job = problem.jobs().get(j);
      boolean done = finish[j] < NEVER;
      if (done) {
        sum += job.options().get(lists.option[j]).value()[finish[j]];
        sum -= roadKm[j] * problem.usdPerKm();
      } else if (start[j] < NEVER && failed[j] == NEVER) {
        sum -= roadKm[j] * problem.usdPerKm();
      }
      Kept kept = job.kept();
      if (kept != null && problem.usdPerMove() > 0) {
        boolean moved =
            !done
                || job.options().get(lists.option[j]).machine() != kept.machine()
                || Math.abs(start[j] - kept.start()) > 2;
        sum -= moved ? problem.usdPerMove() : 0;
      }
    }
    return sum;
  }

  /** Walks once more and writes down who does what; what fails is taken out of the lists first. */
  WorkPlan plan(Lists lists) {
    boolean clean = false;
    while (!clean) {
      run(lists, 0);
      clean = true;
      for (int m = 0; m < machines; m++) {
        for (int i = lists.size[m] - 1; i >= 0; i--) {
          if (!done(lists.jobs[m][i])) {
            lists.remove(m, i);
            clean = false;
          }
        }
      }
    }
    List<List<WorkPlan.Segment>> written = new ArrayList<>();
    problem.jobs().forEach(j -> written.add(new ArrayList<>()));
    segments = written;
    run(lists, 0);
    segments = null;
    List<WorkPlan.Placed> placed = new ArrayList<>();
    List<WorkPlan.Left> out = new ArrayList<>();
    double value = 0;
    double road = 0;
    for (int j = 0; j < finish.length; j++) {
      if (!done(j)) {
        out.add(new WorkPlan.Left(j, LeftOut.why(problem, this, j)));
        continue;
      }
      Option o = problem.jobs().get(j).options().get(lists.option[j]);
      Machine machine = problem.machines().get(o.machine());
      value += o.value()[finish[j]] - roadKm[j] * problem.usdPerKm();
      road += roadKm[j];
      placed.add(
          new WorkPlan.Placed(
              j,
              lists.option[j],
              o.machine(),
              start[j],
              finish[j],
              roadKm[j] / machine.roadKmh() + machine.setUpH(),
              o.value()[finish[j]],
              written.get(j)));
    }
    placed.sort(
        Comparator.comparing(WorkPlan.Placed::start).thenComparing(WorkPlan.Placed::machine));
    return new WorkPlan(placed, out, value, road);
  }
}
