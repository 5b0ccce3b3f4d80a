package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.schedule.WorkPlan.Placed;
import nimblefurrow.core.schedule.WorkPlan.Segment;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Pin;

/**
 * Recomputes every rule and the total of a plan from its segments. Knows the rules and nothing of
 * how plans are made.
 */
public final class PlanCheck {
  private static final double ROUNDING = 1e-6;

  private final WorkProblem problem;
  private final List<String> broken = new ArrayList<>();

  private PlanCheck(WorkProblem problem) {
    this.problem = problem;
  }

  /**
   * What a plan was found to be.
   *
   * @param broken rules it breaks, in words; none in a sound plan
   * @param value its money, counted anew
   */
  public record Found(List<String> broken, double value) {
    public Found {
      broken = List.copyOf(broken);
    }
  }

  /**
   * Checks a plan.
   *
   * @param problem problem asked about
   * @param plan plan asked about
   * @return the found
   */
  public static Found of(WorkProblem problem, WorkPlan plan) {
    return new PlanCheck(problem).check(plan);
  }

  private Found check(WorkPlan plan) {
    double[][] machine = new double[problem.machines().size()][problem.days()];
    double[][] people = new double[problem.people().size()][problem.days()];
    boolean[] seen = new boolean[problem.jobs().size()];
    double value = 0;
    for (Placed p : plan.placed()) {
      Job job = problem.jobs().get(p.job());
      if (seen[p.job()]) {
        broken.add(job.name() + " is done twice");
      }
      seen[p.job()] = true;
      Option o = job.options().get(p.option());
      window(job, o, p);
      pin(job, p);
      hours(job, o, p, machine, people);
      order(plan, job, o, p);
      value += o.value()[p.finish()];
    }
    for (int m = 0; m < machine.length; m++) {
      value -= roads(plan, m) * problem.usdPerKm();
      over(
          "machine " + problem.machines().get(m).name(),
          machine[m],
          problem.machines().get(m).hours());
    }
    for (int p = 0; p < people.length; p++) {
      over(problem.people().get(p).name(), people[p], problem.people().get(p).hours());
    }
    return new Found(broken, value);
  }

  private void window(Job job, Option o, Placed p) {
    if (p.machine() != o.machine()) {
      broken.add(job.name() + " is on a machine its way does not use");
    }
    if (p.start() < o.first() || p.finish() > o.last() || p.finish() < p.start()) {
      broken.add(
          "%s from day %d to %d is outside %d to %d"
              .formatted(job.name(), p.start(), p.finish(), o.first(), o.last()));
    }
  }

  private void pin(Job job, Placed p) {
    Pin pin = job.pin();
    if (pin != null && (!pin.allows(p.machine()) || pin.day() >= 0 && pin.day() != p.start())) {
      broken.add(job.name() + " is not as its pin says");
    }
  }

  private void hours(Job job, Option o, Placed p, double[][] machine, double[][] people) {
    double worked = 0;
    for (Segment s : p.segments()) {
      if (s.day() < p.start() || s.day() > p.finish()) {
        broken.add(job.name() + " is worked on outside its days");
        continue;
      }
      Machine m = problem.machines().get(p.machine());
      if (s.person() < 0 ? !m.runBy().isEmpty() : !m.runBy().contains(s.person())) {
        broken.add(job.name() + " is run by someone who cannot");
      }
      machine[p.machine()][s.day()] += s.hours();
      if (s.person() >= 0) {
        people[s.person()][s.day()] += s.hours();
      }
      worked += s.hours();
    }
    double asked = o.hours() + p.roadH();
    boolean settled = job.pin() != null && job.pin().day() >= 0;
    double first =
        p.segments().stream().filter(s -> s.day() == p.start()).mapToDouble(Segment::hours).sum();
    if (!settled && first < Math.min(WorkProblem.LEAST_STINT_H, asked) - ROUNDING) {
      broken.add("%s begins with a stint of %.2f h".formatted(job.name(), first));
    }
    if (Math.abs(worked - asked) > ROUNDING) {
      broken.add("%s takes %.3f h, %.3f h are worked".formatted(job.name(), asked, worked));
    }
  }

  private void order(WorkPlan plan, Job job, Option o, Placed p) {
    After after = job.after();
    if (after == null || o.free()) {
      return;
    }
    Placed before = plan.of(after.job());
    if (before == null) {
      broken.add(job.name() + " is done without what must come before it");
    } else if (p.start() < before.finish() + after.least()
        || p.finish() > before.finish() + after.most()) {
      broken.add(job.name() + " is not the right days after what comes before it");
    }
  }

  /** Kilometres one machine drives from the yard on, job by job as the plan lists them. */
  private double roads(WorkPlan plan, int m) {
    Machine machine = problem.machines().get(m);
    List<Placed> own =
        plan.placed().stream()
            .filter(p -> p.machine() == m)
            .sorted(Comparator.comparing(Placed::start).thenComparing(Placed::finish))
            .toList();
    double x = 0;
    double y = 0;
    double all = 0;
    int free = 0;
    Job last = null;
    for (Placed next : own) {
      Job job = problem.jobs().get(next.job());
      double km = Math.abs(job.xKm() - x) + Math.abs(job.yKm() - y);
      double refit = last == null || last.kit().equals(job.kit()) ? 0 : machine.changeH();
      double roadH = km / machine.roadKmh() + machine.setUpH() + refit;
      if (Math.abs(roadH - next.roadH()) > ROUNDING) {
        broken.add(job.name() + " has other hours on the road than its way takes");
      }
      if (next.start() < free) {
        broken.add(machine.name() + " works on two jobs at once");
      }
      free = next.finish();
      all += km;
      x = job.xKm();
      y = job.yKm();
      last = job;
    }
    return all;
  }

  private void over(String name, double[] used, double[] there) {
    for (int d = 0; d < used.length; d++) {
      if (used[d] > there[d] + ROUNDING) {
        broken.add("%s works %.2f h on day %d and has %.2f".formatted(name, used[d], d, there[d]));
      }
    }
  }
}
