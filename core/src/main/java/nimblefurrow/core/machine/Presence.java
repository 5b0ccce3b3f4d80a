package nimblefurrow.core.machine;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * When a machine is on the farm and runs.
 *
 * @param weekdays days of the week it is there
 * @param onlyDays the only days it is there, for call-outs; empty for any
 * @param out when it stands; null when it runs
 */
public record Presence(Set<DayOfWeek> weekdays, Set<LocalDate> onlyDays, @Nullable Out out) {
  /** There on every day. */
  public static final Presence ALWAYS = new Presence(Set.of(DayOfWeek.values()), Set.of(), null);

  public Presence {
    weekdays = Set.copyOf(weekdays);
    onlyDays = Set.copyOf(onlyDays);
  }

  /**
   * Days on which it stands: broken, lent, at the dealer's.
   *
   * @param until last of them
   */
  public record Out(LocalDate from, LocalDate until) {}

  /**
   * {@return whether it is there and runs on a day}
   *
   * @param day day asked for
   */
  public boolean on(LocalDate day) {
    boolean stands = out != null && !day.isBefore(out.from()) && !day.isAfter(out.until());
    return weekdays.contains(day.getDayOfWeek())
        && (onlyDays.isEmpty() || onlyDays.contains(day))
        && !stands;
  }

  /**
   * {@return whether it is called out only on days outside a span}
   *
   * @param first first day
   * @param last last day
   */
  public boolean onlyOutside(LocalDate first, LocalDate last) {
    return !onlyDays.isEmpty()
        && onlyDays.stream().allMatch(d -> d.isBefore(first) || d.isAfter(last));
  }
}
