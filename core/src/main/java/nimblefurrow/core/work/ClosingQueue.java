package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Fields that wait for the same machine, each with its closing date. A field closes for a grower
 * not on its own last day but when the machine must be there so that all that close later are still
 * reached: reckoned back from the last closing date, in the order of Jackson's rule (1955),
 * earliest due date first, which makes no field late that any order could save.
 */
public final class ClosingQueue {
  /** Hours a machine works on a day it is there. Working value. */
  public static final double USUAL_DAY_H = 10;

  /** So far back a latest day is looked for. */
  private static final int LONGEST_DAYS = 120;

  private static final double ALMOST_NONE_H = 1e-9;

  private final List<Task> tasks;
  private final ToDoubleFunction<LocalDate> hoursOn;

  /**
   * A field that waits.
   *
   * @param id of the field
   * @param closes last useful day
   * @param hours the machine takes for it, above 0
   */
  public record Task(String id, LocalDate closes, double hours) {}

  /**
   * A queue.
   *
   * @param tasks in any order
   * @param hoursOn hours of machines that are there on a day, all together; 0 on days without any
   */
  public ClosingQueue(List<Task> tasks, ToDoubleFunction<LocalDate> hoursOn) {
    this.tasks = tasks.stream().sorted(Comparator.comparing(Task::closes)).toList();
    this.hoursOn = hoursOn;
  }

  /**
   * The last day on which each may be begun, so that it and all that close later are done in time.
   *
   * @return by the task's id; a task is left out when the machine is not there before it closes
   */
  public Map<String, LocalDate> beginBy() {
    Map<String, LocalDate> by = new HashMap<>();
    LocalDate day = LocalDate.MAX;
    double left = 0;
    for (int i = tasks.size() - 1; i >= 0; i--) {
      Task task = tasks.get(i);
      if (task.closes().isBefore(day)) {
        day = task.closes();
        left = hoursOn.applyAsDouble(day);
      }
      double need = task.hours();
      LocalDate longest = task.closes().minusDays(LONGEST_DAYS);
      while (need > left + ALMOST_NONE_H && day.isAfter(longest)) {
        need -= left;
        day = day.minusDays(1);
        left = hoursOn.applyAsDouble(day);
      }
      if (need <= left + ALMOST_NONE_H) {
        left -= need;
        by.put(task.id(), day);
      }
    }
    return by;
  }

  /**
   * The first field, in the order of closing, that cannot be done before it closes.
   *
   * @param from first day of work
   * @return empty when all are reached
   */
  public Optional<Task> firstLate(LocalDate from) {
    double hours = 0;
    for (Task task : tasks) {
      hours += task.hours();
      if (hours > hours(from, task.closes()) + ALMOST_NONE_H) {
        return Optional.of(task);
      }
    }
    return Optional.empty();
  }

  /** {@return usual days that all tasks take one machine} */
  public double days() {
    return hours() / USUAL_DAY_H;
  }

  /** {@return hours of all tasks} */
  public double hours() {
    return tasks.stream().mapToDouble(Task::hours).sum();
  }

  private double hours(LocalDate from, LocalDate last) {
    return last.isBefore(from)
        ? 0
        : from.datesUntil(last.plusDays(1)).mapToDouble(hoursOn::applyAsDouble).sum();
  }
}
