package nimblefurrow.core.schedule;

import java.util.List;
import java.util.SplittableRandom;
import nimblefurrow.core.schedule.WorkProblem.Option;

/** Small changes of lists. Each says from which day on the walk is another, or −1 for no change. */
final class Moves {
  private final WorkProblem problem;
  private final SplittableRandom random;
  private final int jobs;
  private final int[] frozen;

  Moves(WorkProblem problem, SplittableRandom random) {
    this.problem = problem;
    this.random = random;
    jobs = problem.jobs().size();
    frozen = new int[problem.machines().size()];
    problem.jobs().stream()
        .filter(Greedy::begun)
        .forEach(
            j -> {
              if (j.kept() != null) {
                frozen[j.kept().machine()]++;
              }
            });
  }

  int change(Lists lists, Walk walk) {
    int job = random.nextInt(jobs);
    if (Greedy.begun(problem.jobs().get(job)) || problem.jobs().get(job).options().isEmpty()) {
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
    return problem.jobs().get(job).options().get(lists.option[job]).machine();
  }

  private int putIn(Lists lists, Walk walk, int job) {
    List<Option> options = problem.jobs().get(job).options();
    int way = random.nextInt(options.size());
    int m = options.get(way).machine();
    int at = position(lists, walk, m, options.get(way));
    int from = walk.reached(m, at);
    lists.insert(m, at, job, way);
    lists.notBefore[job] = 0;
    return from;
  }

  /** Half of the time about where its best day falls, else anywhere. */
  private int position(Lists lists, Walk walk, int m, Option o) {
    int free = lists.size[m] - Math.min(frozen[m], lists.size[m]);
    int anywhere = lists.size[m] - (free == 0 ? 0 : random.nextInt(free + 1));
    if (random.nextInt(2) == 0) {
      return anywhere;
    }
    int peak = Greedy.peak(o);
    int at = Math.min(frozen[m], lists.size[m]);
    while (at < lists.size[m] && walk.start[lists.jobs[m][at]] < peak) {
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
    return from;
  }

  private int elsewhere(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int way = lists.option[job];
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    lists.remove(m, at);
    int to = position(lists, walk, m, problem.jobs().get(job).options().get(way));
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
    List<Option> options = problem.jobs().get(job).options();
    if (options.size() < 2) {
      return -1;
    }
    int m = machine(lists, job);
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    lists.remove(m, at);
    int way = random.nextInt(options.size());
    int to = options.get(way).machine();
    int place = position(lists, walk, to, options.get(way));
    from = Math.min(from, walk.reached(to, to == m ? Math.min(place, at) : place));
    lists.insert(to, place, job, way);
    lists.notBefore[job] = 0;
    return from;
  }

  private int wait(Lists lists, Walk walk, int job) {
    int m = machine(lists, job);
    int at = lists.indexOf(m, job);
    int from = walk.reached(m, at);
    Option o = problem.jobs().get(job).options().get(lists.option[job]);
    int day;
    if (random.nextInt(3) == 0) {
      day = 0;
    } else if (random.nextInt(2) == 0) {
      day = Greedy.peak(o) - random.nextInt(3);
    } else {
      int start = Math.min(problem.days(), walk.start[job]);
      day = start - 3 + random.nextInt(9);
    }
    day = Math.max(0, Math.min(day, o.last()));
    if (day == lists.notBefore[job]) {
      return -1;
    }
    lists.notBefore[job] = day;
    return from;
  }
}
