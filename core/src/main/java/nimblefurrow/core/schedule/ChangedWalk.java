package nimblefurrow.core.schedule;

/**
 * Walks a changed list of jobs from the day the change touches, and then only by machines whose
 * state, rest of the list or people's hours are other than in the walk before: all others did the
 * same that day, to the last bit.
 */
final class ChangedWalk {
  private final Walk walk;
  private final Flat flat;
  private final int machines;
  private final int widest;

  // The walk's own columns.
  private final int[] next;
  private final int[] current;
  private final double[] remaining;
  private final int[] place;
  private final double[] given;
  private final int[] start;
  private final int[] finish;
  private final int[] failed;
  private final double[] roadKm;
  private final double[] changeH;
  private final double[] left;

  /** Hours that people had left at the same moment of the walk before. */
  private final double[] leftBefore;

  /** How many jobs at the end of each machine's list are as before. */
  private final int[] sameTail;

  /** Machines that do other than before. */
  private final boolean[] opened;

  /** Whether what others wait for is done on other days than before. */
  private boolean ordersDiffer;

  ChangedWalk(Walk walk, Flat flat) {
    this.walk = walk;
    this.flat = flat;
    machines = flat.machines;
    widest = walk.widest;
    next = walk.next;
    current = walk.current;
    remaining = walk.remaining;
    place = walk.place;
    given = walk.given;
    start = walk.start;
    finish = walk.finish;
    failed = walk.failed;
    roadKm = walk.roadKm;
    changeH = walk.changeH;
    left = walk.left;
    leftBefore = new double[flat.people];
    sameTail = new int[machines];
    opened = new boolean[machines];
  }

  /**
   * Walks a changed list, taking from the walk before what is the same.
   *
   * @param known days up to whose beginning the states already are those of the walk before
   * @param fromDay the day on which the change is first looked at
   */
  void run(Lists lists, Lists was, Walk old, int known, int fromDay) {
    if (known < fromDay) {
      states(old, known, fromDay);
    }
    System.arraycopy(old.start, 0, start, 0, start.length);
    System.arraycopy(old.finish, 0, finish, 0, finish.length);
    System.arraycopy(old.roadKm, 0, roadKm, 0, roadKm.length);
    System.arraycopy(old.changeH, 0, changeH, 0, changeH.length);
    System.arraycopy(old.failed, 0, failed, 0, failed.length);
    ordersDiffer = false;
    for (int j = 0; j < flat.jobs; j++) {
      ordersDiffer |= flat.leads[j] && lists.option[j] != was.option[j];
      if (lists.option[j] < 0 && was.option[j] >= 0) {
        forget(j);
      }
    }
    for (int m = 0; m < machines; m++) {
      sameTail[m] = sameTail(lists, was, m);
      opened[m] = false;
    }
    for (int d = fromDay; d < flat.days; d++) {
      System.arraycopy(flat.peopleHours[d], 0, left, 0, left.length);
      System.arraycopy(left, 0, leftBefore, 0, left.length);
      boolean all = true;
      for (int m = 0; m < machines; m++) {
        int shift = lists.size[m] - was.size[m];
        if (same(lists, old, m, d, shift)) {
          sameDay(old, m, d, shift);
        } else {
          otherDay(lists, was, old, m, d);
        }
        all &= !opened[m];
      }
      ordersDiffer &= !all || leadersDiffer(old);
      if (all && !ordersDiffer && tails(lists, was, old, d + 1)) {
        rest(lists, was, old, d + 1);
        return;
      }
    }
  }

  private void states(Walk old, int from, int to) {
    int a = from * machines;
    int n = (to + 1) * machines - a;
    System.arraycopy(old.next, a, next, a, n);
    System.arraycopy(old.current, a, current, a, n);
    System.arraycopy(old.remaining, a, remaining, a, n);
    System.arraycopy(old.place, a, place, a, n);
    System.arraycopy(old.given, a * widest, given, a * widest, n * widest);
  }

  /** Takes all from a day on, whose beginning is the same, from the walk before. */
  private void rest(Lists lists, Lists was, Walk old, int day) {
    int a = (day + 1) * machines;
    for (int m = 0; m < machines; m++) {
      int shift = lists.size[m] - was.size[m];
      for (int i = a + m; i < next.length; i += machines) {
        next[i] = old.next[i] + shift;
      }
    }
    int n = Math.max(0, next.length - a);
    System.arraycopy(old.current, next.length - n, current, next.length - n, n);
    System.arraycopy(old.remaining, next.length - n, remaining, next.length - n, n);
    System.arraycopy(old.place, next.length - n, place, next.length - n, n);
    int g = day * machines * widest;
    System.arraycopy(old.given, g, given, g, given.length - g);
  }

  private int sameTail(Lists lists, Lists was, int m) {
    int[] a = lists.jobs[m];
    int[] b = was.jobs[m];
    int i = lists.size[m] - 1;
    int k = was.size[m] - 1;
    int tail = 0;
    while (i >= 0
        && k >= 0
        && a[i] == b[k]
        && lists.option[a[i]] == was.option[a[i]]
        && lists.notBefore[a[i]] == was.notBefore[a[i]]) {
      tail++;
      i--;
      k--;
    }
    return i < 0 && k < 0 ? Integer.MAX_VALUE : tail;
  }

  /** Whether what lies before each machine from a day on is what lay before it. */
  private boolean tails(Lists lists, Lists was, Walk old, int d) {
    for (int m = 0; m < machines; m++) {
      int at = d * machines + m;
      int rest = lists.size[m] - next[at];
      if (rest > sameTail[m] || rest != was.size[m] - old.next[at]) {
        return false;
      }
    }
    return true;
  }

  private boolean same(Lists lists, Walk old, int m, int d, int shift) {
    int at = d * machines + m;
    boolean sameRest = next[at] == old.next[at] + shift && lists.size[m] - next[at] <= sameTail[m];
    if (opened[m] || !sameRest) {
      return false;
    }
    if (ordersDiffer && lists.size[m] > 0) {
      return false;
    }
    for (int p : flat.runBy[m]) {
      if (left[p] != leftBefore[p]) {
        return false;
      }
    }
    return true;
  }

  private void sameDay(Walk old, int m, int d, int shift) {
    int at = d * machines + m;
    int tomorrow = at + machines;
    next[tomorrow] = old.next[tomorrow] + shift;
    current[tomorrow] = old.current[tomorrow];
    remaining[tomorrow] = old.remaining[tomorrow];
    place[tomorrow] = old.place[tomorrow];
    int[] runBy = flat.runBy[m];
    for (int k = 0; k < runBy.length; k++) {
      double hours = old.given[at * widest + k];
      given[at * widest + k] = hours;
      left[runBy[k]] -= hours;
      leftBefore[runBy[k]] -= hours;
    }
  }

  private void otherDay(Lists lists, Lists was, Walk old, int m, int d) {
    int at = d * machines + m;
    int tomorrow = at + machines;
    if (!opened[m]) {
      opened[m] = true;
      for (int i = next[at]; i < lists.size[m]; i++) {
        forget(lists.jobs[m][i]);
      }
      if (current[at] >= 0) {
        finish[current[at]] = Walk.NEVER;
        failed[current[at]] = Walk.NEVER;
      }
    }
    walk.day(lists, m, d);
    int[] runBy = flat.runBy[m];
    for (int k = 0; k < runBy.length; k++) {
      leftBefore[runBy[k]] -= old.given[at * widest + k];
    }
    ordersDiffer |= flat.follows;
    boolean again =
        current[tomorrow] == old.current[tomorrow]
            && remaining[tomorrow] == old.remaining[tomorrow]
            && place[tomorrow] == old.place[tomorrow]
            && lists.size[m] - next[tomorrow] == was.size[m] - old.next[tomorrow]
            && lists.size[m] - next[tomorrow] <= sameTail[m]
            && (current[tomorrow] < 0 || begunAlike(old, current[tomorrow]));
    if (again) {
      opened[m] = false;
      for (int i = next[tomorrow]; i < lists.size[m]; i++) {
        recall(old, lists.jobs[m][i]);
      }
      if (current[tomorrow] >= 0) {
        recall(old, current[tomorrow]);
      }
    }
  }

  private boolean begunAlike(Walk old, int job) {
    return start[job] == old.start[job]
        && roadKm[job] == old.roadKm[job]
        && changeH[job] == old.changeH[job];
  }

  private void forget(int job) {
    start[job] = Walk.NEVER;
    finish[job] = Walk.NEVER;
    failed[job] = Walk.NEVER;
    roadKm[job] = 0;
    changeH[job] = 0;
  }

  private void recall(Walk old, int job) {
    start[job] = old.start[job];
    finish[job] = old.finish[job];
    failed[job] = old.failed[job];
    roadKm[job] = old.roadKm[job];
    changeH[job] = old.changeH[job];
  }

  private boolean leadersDiffer(Walk old) {
    for (int j = 0; j < flat.jobs; j++) {
      if (flat.leads[j] && (finish[j] != old.finish[j] || failed[j] != old.failed[j])) {
        return true;
      }
    }
    return false;
  }
}
