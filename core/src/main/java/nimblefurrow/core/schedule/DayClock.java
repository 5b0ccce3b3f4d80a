package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A day of a plan on the clock: each machine takes what it did not finish first, then what it can
 * finish, last what goes on tomorrow; nobody runs two machines at once.
 */
public final class DayClock {
  private DayClock() {}

  /**
   * Hours on one day.
   *
   * @param key of the job
   * @param machine that works
   * @param person who runs it; null for its own crew
   * @param hours how many
   * @param carriedOver whether the job was begun before
   * @param goesOn whether it goes on the day after
   * @param notBefore first hour of the day on which such work goes, 0..24
   */
  public record Stint(
      String key,
      String machine,
      @Nullable String person,
      double hours,
      boolean carriedOver,
      boolean goesOn,
      double notBefore) {
    private int rank() {
      return carriedOver ? 0 : goesOn ? 2 : 1;
    }
  }

  /** A stint with the hours of the day it begins and ends on. */
  public record Timed(Stint stint, double from, double to) {}

  /**
   * {@return in the order of the clock; of equals, in the order given}
   *
   * @param stints work of the day, in order
   */
  public static List<Timed> of(List<Stint> stints) {
    List<Stint> left = new ArrayList<>(stints);
    left.sort(Comparator.comparingInt(Stint::rank));
    Map<String, Double> free = new HashMap<>();
    List<Timed> day = new ArrayList<>();
    while (!left.isEmpty()) {
      Stint next = left.get(0);
      for (Stint s : left) {
        // A later job of the same machine does not overtake one that waits for its driver.
        boolean mayOvertake =
            !s.machine().equals(next.machine()) && begins(s, free) < begins(next, free);
        boolean firstOfItsMachine =
            left.stream().filter(o -> o.machine().equals(s.machine())).findFirst().orElseThrow()
                == s;
        next = mayOvertake && firstOfItsMachine ? s : next;
      }
      left.remove(next);
      double from = begins(next, free);
      double to = from + next.hours();
      free.put("machine " + next.machine(), to);
      if (next.person() != null) {
        free.put("person " + next.person(), to);
      }
      day.add(new Timed(next, from, to));
    }
    return day;
  }

  private static double begins(Stint s, Map<String, Double> free) {
    double machine = free.getOrDefault("machine " + s.machine(), 0.0);
    double person = s.person() == null ? 0 : free.getOrDefault("person " + s.person(), 0.0);
    return Math.max(s.notBefore(), Math.max(machine, person));
  }
}
