package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Option;

/** A kept plan walked again, in its order, under other hours; nothing is laid out anew. */
public final class Replay {
  private Replay() {}

  /**
   * {@return what a kept plan comes to under a problem's hours and windows}
   *
   * @param problem problem asked about
   */
  public static WorkPlan of(WorkProblem problem) {
    return WrittenPlan.of(new Flat(problem), Greedy.kept(problem));
  }

  /**
   * Hours asked of a machine or a crew and hours there are.
   *
   * @param asked by day
   * @param there by day
   */
  public record Lane(String name, double[] asked, double[] there) {}

  /**
   * {@return a lane for each machine, then one for each person}
   *
   * @param problem problem asked about
   * @param plan plan asked about
   */
  public static List<Lane> lanes(WorkProblem problem, WorkPlan plan) {
    double[][] machines = new double[problem.machines().size()][problem.days()];
    double[][] people = new double[problem.people().size()][problem.days()];
    for (WorkPlan.Placed p : plan.placed()) {
      for (WorkPlan.Segment s : p.segments()) {
        machines[p.machine()][s.day()] += s.hours();
        if (s.person() >= 0) {
          people[s.person()][s.day()] += s.hours();
        }
      }
    }
    List<Lane> lanes = new ArrayList<>();
    for (int m = 0; m < machines.length; m++) {
      WorkProblem.Machine machine = problem.machines().get(m);
      lanes.add(new Lane(machine.name(), machines[m], machine.hours()));
    }
    for (int p = 0; p < people.length; p++) {
      WorkProblem.Person person = problem.people().get(p);
      lanes.add(new Lane(person.name(), people[p], person.hours()));
    }
    return lanes;
  }

  /**
   * Where else a job could stand, all other jobs kept in their order.
   *
   * @param machine index
   * @param option index of the way
   * @param start day it would begin
   * @param value of the whole plan then, less its value now
   * @param pins whether all that is pinned elsewhere stays so
   */
  public record Elsewhere(int machine, int option, int start, double value, boolean pins) {}

  /**
   * Takes a job of a kept plan out and puts it back everywhere: the best place for each machine and
   * beginning day, best first. What is in the way shows in the value. The job's own pin is lifted.
   *
   * @param problem problem asked about
   * @param job index of the job
   * @return what was found, in order
   */
  public static List<Elsewhere> elsewhere(WorkProblem problem, int job) {
    Flat flat = new Flat(unpinned(problem, job));
    Lists lists = Greedy.kept(flat.problem);
    Walk walk = new Walk(flat);
    walk.run(lists);
    double now = walk.value(lists);
    int pins = walk.pinsKept();
    Job asked = problem.jobs().get(job);
    if (lists.option[job] >= 0) {
      int m = asked.options().get(lists.option[job]).machine();
      lists.remove(m, lists.indexOf(m, job));
    }
    List<Elsewhere> all = new ArrayList<>();
    for (int o = 0; o < asked.options().size(); o++) {
      Option option = asked.options().get(o);
      int m = option.machine();
      for (int at = 0; at <= lists.size[m]; at++) {
        lists.insert(m, at, job, o);
        lists.notBefore[job] = 0;
        walk.run(lists);
        if (walk.done(job)) {
          add(
              all,
              new Elsewhere(
                  m, o, walk.start[job], walk.value(lists) - now, walk.pinsKept() >= pins));
        }
        lists.remove(m, at);
      }
    }
    all.sort(Comparator.comparing(e -> -e.value()));
    return all;
  }

  private static WorkProblem unpinned(WorkProblem problem, int job) {
    List<Job> jobs = new ArrayList<>(problem.jobs());
    Job j = jobs.get(job);
    jobs.set(
        job,
        new Job(
            j.id(), j.name(), j.xKm(), j.yKm(), j.options(), j.after(), j.kept(), null, j.kit()));
    return new WorkProblem(
        problem.start(),
        problem.days(),
        problem.people(),
        problem.machines(),
        jobs,
        problem.usdPerKm(),
        problem.usdPerMove());
  }

  private static void add(List<Elsewhere> all, Elsewhere e) {
    for (int i = 0; i < all.size(); i++) {
      Elsewhere other = all.get(i);
      if (other.machine() == e.machine() && other.start() == e.start()) {
        if (e.value() > other.value()) {
          all.set(i, e);
        }
        return;
      }
    }
    all.add(e);
  }
}
