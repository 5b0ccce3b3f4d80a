package nimblefurrow.core.schedule;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Simulated annealing (Kirkpatrick et al. 1983) over ordered lists, each change walked through the
 * calendar. Two searches run beside each other and go on from the better of both now and then.
 */
public final class Annealing implements WorkPlanner {
  private static final int SEARCHES = 2;
  private static final int ROUNDS = 12;
  private static final int LOOK_EVERY = 64;
  private static final double FIRST_HEAT = 0.12;
  private static final double LAST_HEAT = 0.0005;
  private static final double PIN_KEPT = 1e7;

  /** A plan that is kept is only mended: hot, it would be thrown about first. */
  private static final double MENDING_HEAT = 0.004;

  @Override
  public WorkPlan plan(WorkProblem problem, long seed, Budget budget, Consumer<Double> better) {
    Flat flat = new Flat(problem);
    Lists first = Greedy.mostForItsHours(flat);
    Walk walk = new Walk(flat);
    walk.run(first);
    double[] best = {walk.value(first)};
    better.accept(best[0]);
    if (problem.jobs().isEmpty() || problem.machines().isEmpty()) {
      return WrittenPlan.of(flat, first);
    }
    double typical = typical(problem);
    boolean mending = problem.jobs().stream().anyMatch(j -> j.kept() != null);
    double hot = mending ? MENDING_HEAT : FIRST_HEAT;
    Search[] searches =
        IntStream.range(0, SEARCHES)
            .mapToObj(i -> new Search(flat, first, new SplittableRandom(seed + i)))
            .toArray(Search[]::new);
    for (int round = 0; round < ROUNDS && budget.used() < 1; round++) {
      double until = (round + 1.0) / ROUNDS;
      Arrays.stream(searches).parallel().forEach(s -> s.go(budget, until, typical, hot));
      Search leads = searches[0].bestValue >= searches[1].bestValue ? searches[0] : searches[1];
      if (leads.bestMoney > best[0]) {
        best[0] = leads.bestMoney;
        better.accept(best[0]);
      }
      for (Search s : searches) {
        s.goOnFrom(leads);
      }
    }
    Search leads = searches[0].bestValue >= searches[1].bestValue ? searches[0] : searches[1];
    return WrittenPlan.of(flat, leads.best);
  }

  private static double typical(WorkProblem problem) {
    return Math.max(
        1e-6,
        problem.jobs().stream()
            .flatMap(j -> j.options().stream())
            .mapToDouble(o -> Arrays.stream(o.value()).max().orElse(0))
            .average()
            .orElse(1));
  }

  /** Heat at a share of the budget, in money. */
  static double heat(double used, double typical, double first) {
    return typical * first * Math.pow(LAST_HEAT / first, Math.min(1, used));
  }

  /** One search: where it is, what it tries, and the best it found. */
  private static final class Search {
    private final Moves moves;
    private final SplittableRandom random;
    private Lists now;
    private Walk walk;
    private Lists spare;
    private Walk spareWalk;

    /** Days up to whose beginning both walks are the same. */
    private int alike;

    private double value;
    private final Lists best;
    private double bestValue;
    private double bestMoney;

    Search(Flat flat, Lists first, SplittableRandom random) {
      this.random = random;
      moves = new Moves(flat, random);
      now = new Lists(flat.machines, flat.jobs);
      spare = new Lists(flat.machines, flat.jobs);
      best = new Lists(flat.machines, flat.jobs);
      walk = new Walk(flat);
      spareWalk = new Walk(flat);
      best.copyFrom(first);
      again();
      bestValue = value;
      bestMoney = walk.value(now);
    }

    /** Goes on from the best. */
    private void again() {
      now.copyFrom(best);
      walk.run(now);
      value = worth(walk, now);
      alike = 0;
    }

    /** A pin kept is worth more than any money: what is pinned is settled. */
    private static double worth(Walk walk, Lists lists) {
      return walk.value(lists) + PIN_KEPT * walk.pinsKept();
    }

    void go(Budget budget, double until, double typical, double hot) {
      double used = budget.used();
      double heat = heat(used, typical, hot);
      for (long step = 0; used < until; step++) {
        if (step % LOOK_EVERY == 0) {
          used = budget.used();
          heat = heat(used, typical, hot);
        }
        spare.copyFrom(now);
        int fromDay = moves.change(spare, walk);
        if (fromDay < 0) {
          continue;
        }
        spareWalk.run(spare, now, walk, alike, fromDay);
        alike = fromDay;
        double changed = worth(spareWalk, spare);
        double gain = changed - value;
        if (gain >= 0 || random.nextDouble() < Math.exp(gain / heat)) {
          swap();
          value = changed;
          if (value > bestValue + 1e-9) {
            bestValue = value;
            bestMoney = walk.value(now);
            best.copyFrom(now);
          }
        }
      }
    }

    private void swap() {
      Lists lists = now;
      now = spare;
      spare = lists;
      Walk w = walk;
      walk = spareWalk;
      spareWalk = w;
    }

    void goOnFrom(Search leads) {
      if (leads != this && leads.bestValue > bestValue) {
        best.copyFrom(leads.best);
        bestValue = leads.bestValue;
        bestMoney = leads.bestMoney;
      }
      again();
    }
  }
}
