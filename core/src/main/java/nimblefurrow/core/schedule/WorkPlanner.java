package nimblefurrow.core.schedule;

import java.util.function.Consumer;

/** Lays out work. The port behind which the search stands. */
public interface WorkPlanner {

  /**
   * {@return a good plan for a problem, better the more of its budget is used}
   *
   * @param problem problem asked about
   * @param seed the same seed, problem and budget steps give the same search
   * @param budget when to stop
   * @param better told of each better plan's value, from any thread
   */
  WorkPlan plan(WorkProblem problem, long seed, Budget budget, Consumer<Double> better);

  /** How much of what may be spent is spent; at 1 or more the search stops. */
  interface Budget {
    double used();
  }
}
