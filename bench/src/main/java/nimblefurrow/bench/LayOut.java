package nimblefurrow.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.schedule.Annealing;
import nimblefurrow.core.schedule.Bound;
import nimblefurrow.core.schedule.Greedy;
import nimblefurrow.core.schedule.MadeUpWork;
import nimblefurrow.core.schedule.PlanCheck;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkProblem;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * How good plans are after some seconds, against earliest-due-first and a proven upper bound, on
 * farms made up from fixed seeds; and how little is moved when a day rains out.
 */
public final class LayOut {
  private static final int BOUND_STEPS = 1000;
  private static final double USD_PER_MOVE = 150;
  private static final int RAINY_DAY = 20;

  private LayOut() {}

  public static void main(String[] args) {
    if (args.length > 1) {
      file(Path.of(args[0]), Path.of(args[1]), args.length > 2 ? Double.parseDouble(args[2]) : 10);
      return;
    }
    int seeds = args.length > 0 ? Integer.parseInt(args[0]) : 3;
    int[] seconds = {2, 10, 30};
    System.out.printf(
        Locale.ENGLISH,
        "value as %% of a Lagrangian bound, mean of %d seeds (lowest), rules broken%n",
        seeds);
    System.out.println("fields  first ms  due first     2 s          10 s         30 s     broken");
    for (int fields : new int[] {30, 120, 400}) {
      row(fields, seeds, seconds);
    }
    System.out.println("after a rainy day: share of jobs on another machine, value kept");
    for (int fields : new int[] {120, 400}) {
      rain(fields, seeds, fields == 120 ? 1 : 2);
    }
  }

  /**
   * What one file's plan came to: the plan, rules it breaks (none), its value counted anew, what is
   * due first by hand, and a proven upper bound.
   */
  record Answer(WorkPlan plan, List<String> broken, double value, double dueFirst, double bound) {}

  private static void file(Path in, Path out, double seconds) {
    JsonMapper json = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    WorkProblem problem = json.readValue(in.toFile(), WorkProblem.class);
    WorkPlan plan = plan(problem, 1, seconds);
    PlanCheck.Found found = PlanCheck.of(problem, plan);
    json.writeValue(
        out.toFile(),
        new Answer(
            plan,
            found.broken(),
            found.value(),
            Greedy.earliestDueFirst(problem).value(),
            Bound.of(problem, BOUND_STEPS)));
    System.out.printf(
        Locale.ENGLISH,
        "%d of %d jobs placed, value %.0f, rules broken %d; written to %s%n",
        plan.placed().size(),
        problem.jobs().size(),
        found.value(),
        found.broken().size(),
        out);
  }

  private static void row(int fields, int seeds, int[] seconds) {
    StringBuilder line = new StringBuilder();
    double first = 0;
    double hand = 0;
    int broken = 0;
    List<List<Double>> shares = new ArrayList<>();
    for (int ignored : seconds) {
      shares.add(new ArrayList<>());
    }
    for (int seed = 1; seed <= seeds; seed++) {
      WorkProblem farm = MadeUpWork.farm(seed, fields);
      double bound = Bound.of(farm, BOUND_STEPS);
      long began = System.nanoTime();
      plan(farm, seed, 0);
      first += (System.nanoTime() - began) / 1e6 / seeds;
      hand += Greedy.earliestDueFirst(farm).value() / bound / seeds;
      for (int i = 0; i < seconds.length; i++) {
        WorkPlan plan = plan(farm, seed, seconds[i]);
        broken += PlanCheck.of(farm, plan).broken().size();
        shares.get(i).add(100 * plan.value() / bound);
      }
    }
    line.append(String.format(Locale.ENGLISH, "%6d  %8.0f  %9.1f", fields, first, 100 * hand));
    for (List<Double> s : shares) {
      double mean = s.stream().mapToDouble(d -> d).average().orElse(0);
      double low = s.stream().mapToDouble(d -> d).min().orElse(0);
      line.append(String.format(Locale.ENGLISH, "  %5.1f (%4.1f)", mean, low));
    }
    System.out.println(line + String.format(Locale.ENGLISH, "  %6d", broken));
  }

  private static void rain(int fields, int seeds, int seconds) {
    for (int seed = 1; seed <= seeds; seed++) {
      WorkProblem farm = MadeUpWork.farm(seed, fields);
      WorkPlan kept = plan(farm, seed, 5);
      WorkProblem rained = MadeUpWork.rained(farm, kept, RAINY_DAY, USD_PER_MOVE);
      WorkPlan again = plan(rained, seed, seconds);
      long moved =
          again.placed().stream()
              .filter(p -> kept.of(p.job()) != null && kept.of(p.job()).machine() != p.machine())
              .count();
      System.out.printf(
          Locale.ENGLISH,
          "%6d  seed %d, %d s: %.1f %% moved, %.2f %% of the value, broken %d%n",
          fields,
          seed,
          seconds,
          100.0 * moved / kept.placed().size(),
          100 * again.value() / kept.value(),
          PlanCheck.of(rained, again).broken().size());
    }
  }

  private static WorkPlan plan(WorkProblem farm, long seed, double seconds) {
    long began = System.nanoTime();
    return new Annealing()
        .plan(
            farm,
            seed,
            () -> seconds <= 0 ? 1 : (System.nanoTime() - began) / 1e9 / seconds,
            better -> {});
  }
}
