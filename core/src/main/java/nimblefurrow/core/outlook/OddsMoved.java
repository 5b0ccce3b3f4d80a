package nimblefurrow.core.outlook;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;

/**
 * How the odds of a plan moved, what is known being all that is different.
 *
 * @param before years in which it reached its goal by what was known before
 * @param now the same by what is known now
 * @param years all years
 * @param why what moved with them, in words
 */
public record OddsMoved(int before, int now, int years, List<Reason> why) {
  public OddsMoved {
    why = List.copyOf(why);
  }

  /**
   * {@return how the odds moved; nothing when they did not}
   *
   * @param plan the plan, the same before and now
   * @param was its outlook before
   * @param is its outlook now
   * @param purpose what the cover is for
   */
  public static Optional<OddsMoved> of(CoverPlan plan, Outlook was, Outlook is, Purpose purpose) {
    int before = was.met(purpose, purpose.target());
    int now = is.met(purpose, purpose.target());
    if (before == now) {
      return Optional.empty();
    }
    List<Reason> all = PlanDifference.between(plan, was, plan, is, purpose);
    // The last of them tells the odds themselves.
    return Optional.of(new OddsMoved(before, now, is.years(), all.subList(0, all.size() - 1)));
  }
}
