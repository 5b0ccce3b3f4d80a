package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Option;

/** First plans that a person might draw up by hand. */
public final class Greedy {
  private Greedy() {}

  /**
   * {@return what is begun goes on; what is due first is put first, on its first way}
   *
   * @param problem problem asked about
   */
  public static WorkPlan earliestDueFirst(WorkProblem problem) {
    Lists lists = kept(problem, Greedy::begun);
    List<int[]> all = open(problem, lists);
    all.sort(Comparator.comparing(x -> option(problem, x).last()));
    for (int[] x : all) {
      if (lists.option[x[0]] < 0) {
        int m = option(problem, x).machine();
        lists.insert(m, lists.size[m], x[0], x[1]);
      }
    }
    return WrittenPlan.of(new Flat(problem), lists);
  }

  /**
   * A plan to search from: what is pinned is put in first, then what brings most for its hours,
   * where it brings most.
   */
  static Lists mostForItsHours(Flat flat) {
    WorkProblem problem = flat.problem;
    Lists lists = kept(problem);
    Walk walk = new Walk(flat);
    walk.run(lists);
    List<int[]> all = open(problem, lists);
    all.sort(
        Comparator.comparing((int[] x) -> !flat.pinned[x[0]])
            .thenComparing(x -> -best(problem, option(problem, x)) / option(problem, x).hours()));
    for (int round = 0; round < 2; round++) {
      for (int[] x : all) {
        int job = x[0];
        if (lists.option[job] >= 0) {
          continue;
        }
        int m = option(problem, x).machine();
        double before = walk.value(lists);
        int pins = walk.pinsKept();
        int at = byPeak(problem, lists, m, x);
        lists.insert(m, at, job, x[1]);
        walk.run(lists);
        boolean better = walk.pinsKept() > pins || walk.value(lists) > before;
        if (walk.pinsKept() < pins || !better) {
          lists.remove(m, at);
          walk.run(lists);
        }
      }
    }
    return lists;
  }

  /** Behind all whose best day is earlier. */
  private static int byPeak(WorkProblem problem, Lists lists, int m, int[] x) {
    int peak = peak(problem.jobs().get(x[0]), option(problem, x));
    int at = 0;
    for (int i = 0; i < lists.size[m]; i++) {
      int other = lists.jobs[m][i];
      Option o = problem.jobs().get(other).options().get(lists.option[other]);
      Kept kept = problem.jobs().get(other).kept();
      if (peak(problem.jobs().get(other), o) <= peak || kept != null && kept.begun()) {
        at = i + 1;
      }
    }
    return at;
  }

  /** The day a job is best begun about: its pin's, or that of the most value. */
  static int peak(Job job, Option o) {
    return job.pin() != null && job.pin().day() >= 0 ? job.pin().day() : peak(o);
  }

  private static int peak(Option o) {
    int best = Math.max(0, o.first());
    for (int d = best; d <= Math.min(o.last(), o.value().length - 1); d++) {
      best = o.value()[d] > o.value()[best] ? d : best;
    }
    return best;
  }

  private static double best(WorkProblem problem, Option o) {
    return o.first() < problem.days() && o.last() >= 0
        ? o.value()[Math.min(problem.days() - 1, peak(o))]
        : 0;
  }

  /** Jobs of a kept plan on their machines in its order, begun ones first. */
  static Lists kept(WorkProblem problem) {
    return kept(problem, job -> true);
  }

  private static Lists kept(WorkProblem problem, Predicate<Job> wanted) {
    Lists lists = new Lists(problem.machines().size(), problem.jobs().size());
    List<Integer> order = new ArrayList<>();
    for (int j = 0; j < problem.jobs().size(); j++) {
      Job job = problem.jobs().get(j);
      if (job.kept() != null && wanted.test(job)) {
        order.add(j);
      }
    }
    order.sort(
        Comparator.comparing((Integer j) -> !begun(problem.jobs().get(j)))
            .thenComparing(j -> start(problem.jobs().get(j)))
            // Of two that begin on one day the shorter came first: the other lasts beyond it.
            .thenComparing(j -> keptHours(problem.jobs().get(j))));
    for (int j : order) {
      Kept kept = problem.jobs().get(j).kept();
      List<Option> options = problem.jobs().get(j).options();
      for (int o = 0; o < options.size() && lists.option[j] < 0; o++) {
        if (kept != null
            && options.get(o).machine() == kept.machine()
            && allowed(problem.jobs().get(j), o)) {
          lists.insert(kept.machine(), lists.size[kept.machine()], j, o);
          lists.notBefore[j] = kept.start();
        }
      }
    }
    return lists;
  }

  private static double keptHours(Job job) {
    Kept kept = job.kept();
    return job.options().stream()
        .filter(o -> kept != null && o.machine() == kept.machine())
        .mapToDouble(Option::hours)
        .findFirst()
        .orElse(0);
  }

  static boolean begun(Job job) {
    return job.kept() != null && job.kept().begun();
  }

  private static int start(Job job) {
    return job.kept() == null ? 0 : job.kept().start();
  }

  private static List<int[]> open(WorkProblem problem, Lists lists) {
    List<int[]> all = new ArrayList<>();
    for (int j = 0; j < problem.jobs().size(); j++) {
      for (int o = 0; o < problem.jobs().get(j).options().size() && lists.option[j] < 0; o++) {
        if (allowed(problem.jobs().get(j), o)) {
          all.add(new int[] {j, o});
        }
      }
    }
    return all;
  }

  private static boolean allowed(Job job, int o) {
    return job.pin() == null || job.pin().allows(job.options().get(o).machine());
  }

  private static Option option(WorkProblem problem, int[] x) {
    return problem.jobs().get(x[0]).options().get(x[1]);
  }
}
