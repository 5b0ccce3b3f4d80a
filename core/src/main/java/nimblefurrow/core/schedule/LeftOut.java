package nimblefurrow.core.schedule;

import java.util.Arrays;
import nimblefurrow.core.schedule.WorkPlan.Why;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Pin;

/** Says why a job stands in no list. */
final class LeftOut {
  private LeftOut() {}

  static Why why(WorkProblem problem, Walk walk, int j) {
    Job job = problem.jobs().get(j);
    if (job.options().isEmpty()) {
      return Why.NO_MACHINE;
    }
    Pin pin = job.pin();
    if (pin != null && pinned(problem, job, pin)) {
      return Why.PINS;
    }
    if (job.options().stream().noneMatch(o -> staffed(problem, o))) {
      return Why.NOBODY;
    }
    if (job.options().stream().noneMatch(o -> fits(problem, o))) {
      return Why.NO_TIME;
    }
    WorkProblem.After after = job.after();
    if (after != null
        && job.options().stream().noneMatch(Option::free)
        && !walk.done(after.job())) {
      return Why.NOT_BEFORE;
    }
    boolean pays =
        job.options().stream()
            .filter(o -> fits(problem, o))
            .anyMatch(
                o -> Arrays.stream(o.value(), first(o), last(problem, o) + 1).anyMatch(v -> v > 0));
    return pays ? Why.CROWDED : Why.NOT_WORTH;
  }

  /** Whether without its pin there would be a way, and with it there is none. */
  private static boolean pinned(WorkProblem problem, Job job, Pin pin) {
    return job.options().stream().anyMatch(o -> staffed(problem, o) && fits(problem, o))
        && job.options().stream()
            .noneMatch(
                o ->
                    pin.allows(o.machine())
                        && staffed(problem, o)
                        && fits(problem, from(o, pin.day())));
  }

  private static Option from(Option o, int day) {
    int first = day < 0 ? o.first() : day < o.first() ? o.last() + 1 : day;
    return new Option(o.machine(), o.label(), o.hours(), first, o.last(), o.value());
  }

  private static boolean staffed(WorkProblem problem, Option o) {
    Machine machine = problem.machines().get(o.machine());
    return machine.runBy().isEmpty()
        || machine.runBy().stream()
            .anyMatch(p -> Arrays.stream(problem.people().get(p).hours()).anyMatch(h -> h > 0));
  }

  private static boolean fits(WorkProblem problem, Option o) {
    double hours = 0;
    for (int d = first(o); d <= last(problem, o); d++) {
      hours += problem.machines().get(o.machine()).hours()[d];
    }
    return hours >= o.hours();
  }

  private static int first(Option o) {
    return Math.max(0, o.first());
  }

  private static int last(WorkProblem problem, Option o) {
    return Math.max(first(o) - 1, Math.min(problem.days() - 1, o.last()));
  }
}
