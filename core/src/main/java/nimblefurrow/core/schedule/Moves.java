package nimblefurrow.core.schedule;

import java.util.SplittableRandom;
import nimblefurrow.core.schedule.WorkProblem.Job;

/** Small changes of lists. Each says from which day on the walk is another, or −1 for no change. */
final class Moves {
  private final Flat flat;
  private final SplittableRandom random;
  private final int[] frozen;
  private final int[][] peak;

  Moves(Flat flat, SplittableRandom random) {
    this.flat = flat;
    this.random = random;
    frozen = new int[flat.machines];
    peak = new int[flat.jobs][];
    for (int j = 0; j < flat.jobs; j++) {
      Job job = flat.problem.jobs().get(j);
      peak[j] = job.options().stream().mapToInt(o -> Greedy.peak(job, o)).toArray();
      if (flat.begun[j]) {
        frozen[flat.keptMachine[j]]++;
      }
    }
  }

  int change(Lists lists, Walk walk) {
    int job = random.nextInt(flat.jobs);
    if (flat.begun[job] || flat.ways[job].length == 0) {
      return -1;
    }
    if (lists.option[job] < 0) {
      return putIn(lists, walk, job);
    }
    int kind = random.nextInt(100);
    if (kind < 34) {
      return elsewhere(lists, walk, job);
    }
    if (kind < 54) {
      return swap(lists, walk, job);
    }
    if (kind < 62) {
      return reverse(lists, walk, job);
    }
    if (kind < 76) {
      return otherWay(lists, walk, job);
    }
    if (kind < 94) {
      return wait(lists, walk, job);
    }
    return takeOut(lists, walk, job);
  }

  private int machine(Lists lists, int job) {
    return flat.machine[job][lists.option[job]];
  }

  private int putIn(Lists lists, Walk walk, int job) {
    int way = flat.ways[job][random.nextInt(flat.ways[job].length)];
    int m = flat.machine[job][way];
    int at = position(lists, walk, m, peak[job][way]);
    int from = walk.reached(m, at);
    lists.insert(m, at, job, way);
    lists.notBefore[job] = 0;
    return followed(job, from);
  }

  /** Whether a job is done at all matters from the first day on to what waits for it. */
  private int followed(int job, int from) {
    return flat.leads[job] ? 0 : from;
  }

  /** Half of the time about where its best day falls, else anywhere. */
  private int position(Lists lists, Walk walk, int m, int best) {
    int free = lists.size[m] - Math.min(frozen[m], lists.size[m]);
    int anywhere = lists.size[m] - (free == 0 ? 0 : random.nextInt(free + 1));
    if (random.nextInt(2) == 0) {
      return anywhere;
    }
    int at = Math.min(frozen[m], lists.size[m]);
    while (at < lists.size[m] && walk.start[lists.jobs[m][at]] < best) {
      at++;
    }
    return Math.max(
        Math.min(frozen[m], lists.size[m]), Math.min(lists.size[m], at + random.nextInt(5) - 2));
  }

  private int takeOut(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    lists.remove(m, at);
    return followed(job, from);
  }

  private int elsewhere(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int way = lists.option[job];
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    lists.remove(m, at);
    int to = position(lists, walk, m, peak[job][way]);
    lists.insert(m, to, job, way);
    return to == at ? -1 : Math.min(from, walk.reached(m, Math.min(to, at)));
  }

  private int swap(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int a = lists.indexOf(m, job);
    int free = lists.size[m] - frozen[m];
    if (free < 2 || a < frozen[m]) {
      return -1;
    }
    int b = random.nextInt(3) > 0 ? a + 1 + random.nextInt(3) : frozen[m] + random.nextInt(free);
    if (b == a || b >= lists.size[m]) {
      return -1;
    }
    int from = walk.reached(m, Math.min(a, b));
    int[] list = lists.jobs[m];
    int held = list[a];
    list[a] = list[b];
    list[b] = held;
    return from;
  }

  private int reverse(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int a = lists.indexOf(m, job);
    int b = Math.min(lists.size[m] - 1, a + 2 + random.nextInt(5));
    if (a < frozen[m] || b <= a) {
      return -1;
    }
    int from = walk.reached(m, a);
    int[] list = lists.jobs[m];
    for (int i = a, k = b; i < k; i++, k--) {
      int held = list[i];
      list[i] = list[k];
      list[k] = held;
    }
    return from;
  }

  private int otherWay(Lists lists, Walk walk, int job) {
    if (flat.ways[job].length < 2) {
      return -1;
    }
    int m = machine(lists, job);
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    lists.remove(m, at);
    int way = flat.ways[job][random.nextInt(flat.ways[job].length)];
    int to = flat.machine[job][way];
    int place = position(lists, walk, to, peak[job][way]);
    from = Math.min(from, walk.reached(to, to == m ? Math.min(place, at) : place));
    lists.insert(to, place, job, way);
    lists.notBefore[job] = 0;
    return from;
  }

  private int wait(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    int way = lists.option[job];
    int day;
    if (random.nextInt(3) == 0) {
      day = 0;
    } else if (random.nextInt(2) == 0) {
      day = peak[job][way] - random.nextInt(3);
    } else {
      int start = Math.min(flat.days, walk.start[job]);
      day = start - 3 + random.nextInt(9);
    }
    day = Math.max(0, Math.min(day, flat.last[job][way]));
    if (day == lists.notBefore[job]) {
      return -1;
    }
    lists.notBefore[job] = day;
    return from;
  }
}
