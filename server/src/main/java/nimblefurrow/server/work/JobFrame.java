package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import nimblefurrow.core.ending.EndingRules;

/**
 * What jobs are drawn up against.
 *
 * @param worths shares of goals by day
 * @param start day of index 0
 * @param goalUsdPerHa what a goal reached is worth
 */
record JobFrame(
    Worths worths,
    List<Doer> doers,
    LocalDate start,
    int days,
    double goalUsdPerHa,
    EndingRules rules) {

  int index(LocalDate day) {
    return (int) ChronoUnit.DAYS.between(start, day);
  }

  LocalDate day(int index) {
    return start.plusDays(index);
  }

  /** Keeps an index within the plan. */
  int clamp(int index) {
    return Math.max(0, Math.min(days - 1, index));
  }

  /** Indices of those who can. */
  List<Integer> who(Predicate<Doer> can) {
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < doers.size(); i++) {
      if (can.test(doers.get(i))) {
        all.add(i);
      }
    }
    return all;
  }
}
