package nimblefurrow.core.work;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import nimblefurrow.core.ending.EndingRules;

/**
 * What jobs are drawn up against.
 *
 * @param shares shares of goals by day
 * @param doers machines, then people on foot
 * @param span the days
 * @param goalUsdPerHa what a goal reached is worth
 * @param rules of the farm
 */
public record WorkFrame(
    GoalShares shares, List<Doer> doers, WorkSpan span, double goalUsdPerHa, EndingRules rules) {
  public WorkFrame {
    doers = List.copyOf(doers);
  }

  /** Indices of those who can. */
  List<Integer> who(Predicate<Doer> can) {
    return IntStream.range(0, doers.size()).filter(i -> can.test(doers.get(i))).boxed().toList();
  }
}
