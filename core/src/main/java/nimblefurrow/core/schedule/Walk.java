package nimblefurrow.core.schedule;

import java.util.Arrays;

/**
 * Walks lists of jobs through the calendar, day by day and machine by machine. A machine takes its
 * jobs in order, drives, sets up, and works on one until it is done; each hour needs someone who
 * can run it and has hours left that day. What is not done by its last day fails and brings
 * nothing. So every walk keeps to hours, windows, order and lags by its making.
 *
 * <p>States at the beginning of each day are kept, so that {@link ChangedWalk} need not walk again
 * what is the same.
 */
final class Walk {
  private static final double DONE = 1e-9;

  /** A day sooner is worth so little that it only decides between equals. */
  private static final double SOONER_USD = 0.2;

  static final int NEVER = Integer.MAX_VALUE / 4;

  /** Opens some day after what comes before it, which is not done yet. */
  private static final int UNKNOWN = NEVER - 1;

  private final Flat flat;
  private final int machines;
  final int widest;

  // By day and machine, at the beginning of the day.
  final int[] next;
  final int[] current;
  final double[] remaining;
  final int[] place;

  /** Hours each of those who run a machine gave it, by day and machine. */
  final double[] given;

  /** Day each job begins, or {@link #NEVER}. */
  final int[] start;

  /** Day each job ends, or {@link #NEVER}. */
  final int[] finish;

  final double[] roadKm;

  /** Hours of refitting before each job. */
  final double[] changeH;

  /** Day on which a job fails, or {@link #NEVER}. */
  final int[] failed;

  /** Hours that people have left on the day that is walked. */
  final double[] left;

  private final double[] morning;
  private final ChangedWalk changed;
  private Worked worked = (job, day, person, hours) -> {};

  /** Told of hours as they are worked. */
  interface Worked {
    void on(int job, int day, int person, double hours);
  }

  Walk(Flat flat) {
    this.flat = flat;
    machines = flat.machines;
    widest = Math.max(1, flat.widest);
    int states = (flat.days + 1) * machines;
    next = new int[states];
    current = new int[states];
    remaining = new double[states];
    place = new int[states];
    given = new double[states * widest];
    Arrays.fill(current, -1);
    Arrays.fill(place, -1);
    start = new int[flat.jobs];
    finish = new int[flat.jobs];
    roadKm = new double[flat.jobs];
    changeH = new double[flat.jobs];
    failed = new int[flat.jobs];
    left = new double[flat.people];
    morning = new double[flat.people];
    Arrays.fill(start, NEVER);
    Arrays.fill(finish, NEVER);
    Arrays.fill(failed, NEVER);
    changed = new ChangedWalk(this, flat);
  }

  /** The first day on which a position of a machine's list was looked at. */
  int reached(int machine, int position) {
    // The pointer only grows with the days.
    int low = 0;
    int high = flat.days;
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

  /** Walks the whole calendar, telling who works when. */
  void run(Lists lists, Worked told) {
    worked = told;
    run(lists);
    worked = (job, day, person, hours) -> {};
  }

  /**
   * Walks a changed list, taking from the walk before what is the same.
   *
   * @param known days up to whose beginning the states already are those of the walk before
   * @param fromDay the day on which the change is first looked at
   */
  void run(Lists lists, Lists was, Walk old, int known, int fromDay) {
    changed.run(lists, was, old, known, fromDay);
  }

  /** Walks the whole calendar. */
  void run(Lists lists) {
    Arrays.fill(start, NEVER);
    Arrays.fill(finish, NEVER);
    Arrays.fill(failed, NEVER);
    Arrays.fill(roadKm, 0);
    Arrays.fill(changeH, 0);
    for (int d = 0; d < flat.days; d++) {
      System.arraycopy(flat.peopleHours[d], 0, left, 0, left.length);
      for (int m = 0; m < machines; m++) {
        day(lists, m, d);
      }
    }
  }

  /** Walks one machine through one day. */
  void day(Lists lists, int m, int d) {
    int at = d * machines + m;
    int pointer = next[at];
    int job = current[at];
    double rest = remaining[at];
    int from = place[at];
    double hours = flat.machineHours[m][d];
    int[] runBy = flat.runBy[m];
    for (int k = 0; k < runBy.length; k++) {
      morning[k] = left[runBy[k]];
    }
    while (true) {
      if (job < 0) {
        if (pointer >= lists.size[m]) {
          break;
        }
        int candidate = lists.jobs[m][pointer];
        int way = lists.option[candidate];
        int opens = opens(candidate, way, lists, m, d);
        int pin = flat.pinDay[candidate];
        int closes = opens < UNKNOWN ? lastDay(candidate, lists) : flat.last[candidate][way];
        if (opens == NEVER || d > closes || pin >= 0 && d > pin) {
          failed[candidate] = d;
          start[candidate] = d;
          finish[candidate] = NEVER;
          pointer++;
          continue;
        }
        double asked = flat.asked(candidate, way, from);
        double least = pin >= 0 ? DONE : Math.min(WorkProblem.LEAST_STINT_H, asked) - DONE;
        if (d < opens || hours < least || !someoneFor(m, least)) {
          break;
        }
        job = candidate;
        pointer++;
        start[job] = d;
        finish[job] = NEVER;
        failed[job] = NEVER;
        roadKm[job] = flat.wayKm(job, from);
        changeH[job] = flat.changed(job, way, from);
        rest = asked;
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
    for (int k = 0; k < runBy.length; k++) {
      double used = morning[k] - left[runBy[k]];
      given[at * widest + k] = used;
      // The same subtraction as on a day that is taken over, to the last bit.
      left[runBy[k]] = morning[k] - used;
    }
    int tomorrow = at + machines;
    next[tomorrow] = pointer;
    current[tomorrow] = job;
    remaining[tomorrow] = rest;
    place[tomorrow] = from;
  }

  private int opens(int job, int way, Lists lists, int m, int d) {
    int day = Math.max(flat.first[job][way], Math.max(lists.notBefore[job], flat.pinDay[job]));
    int before = flat.before(job, way);
    if (before < 0) {
      return day;
    }
    if (lists.option[before] < 0) {
      return NEVER;
    }
    // What a later machine does on the same day is not known yet.
    int other = flat.machine[before][lists.option[before]];
    if (known(finish[before], other, m, d)) {
      return Math.max(day, finish[before] + flat.least[job]);
    }
    return known(failed[before], other, m, d) ? NEVER : UNKNOWN;
  }

  private static boolean known(int day, int other, int m, int d) {
    return day < d || day == d && other <= m;
  }

  private int lastDay(int job, Lists lists) {
    int last = flat.last[job][lists.option[job]];
    int before = flat.before(job, lists.option[job]);
    return before < 0 ? last : Math.min(last, finish[before] + flat.most[job]);
  }

  /** Whether those who can run a machine have so many hours left that day. */
  private boolean someoneFor(int m, double hours) {
    if (flat.runBy[m].length == 0) {
      return true;
    }
    double found = 0;
    for (int p : flat.runBy[m]) {
      found += left[p];
    }
    return found >= hours && found > DONE;
  }

  private double work(int m, int d, int job, double wanted) {
    if (wanted <= DONE) {
      return 0;
    }
    if (flat.runBy[m].length == 0) {
      worked.on(job, d, -1, wanted);
      return wanted;
    }
    double got = 0;
    for (int p : flat.runBy[m]) {
      double take = Math.min(left[p], wanted - got);
      if (take > DONE) {
        left[p] -= take;
        got += take;
        worked.on(job, d, p, take);
      }
    }
    return got;
  }

  boolean done(int job) {
    return finish[job] < NEVER;
  }

  /**
   * What plans are compared by: money of all jobs done, less the road, less moves away from a kept
   * plan; of what brings the same, the sooner.
   */
  double value(Lists lists) {
    double usdPerKm = flat.problem.usdPerKm();
    double usdPerMove = flat.problem.usdPerMove();
    double sum = 0;
    for (int j = 0; j < finish.length; j++) {
      boolean done = finish[j] < NEVER;
      if (done) {
        sum += flat.value[j][lists.option[j]][finish[j]] - roadKm[j] * usdPerKm;
        sum -= SOONER_USD * finish[j];
      } else if (start[j] < NEVER && failed[j] == NEVER) {
        sum -= roadKm[j] * usdPerKm;
      }
      if (flat.keptMachine[j] >= 0 && usdPerMove > 0) {
        boolean moved =
            !done
                || flat.machine[j][lists.option[j]] != flat.keptMachine[j]
                || Math.abs(start[j] - flat.keptStart[j]) > 2;
        sum -= moved ? usdPerMove : 0;
      }
    }
    return sum;
  }

  /** How many pinned jobs are done, which is as their pins say. */
  int pinsKept() {
    int kept = 0;
    for (int j = 0; j < finish.length; j++) {
      kept += flat.pinned[j] && finish[j] < NEVER ? 1 : 0;
    }
    return kept;
  }
}
