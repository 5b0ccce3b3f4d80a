package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.schedule.WorkPlan.Placed;
import nimblefurrow.core.schedule.WorkPlan.Segment;

/** Writes lists down as a plan: who does what when, and why the rest is left out. */
final class WrittenPlan {
  private WrittenPlan() {}

  /** The plan of some lists; what fails is taken out of them first. */
  static WorkPlan of(Flat flat, Lists lists) {
    Walk walk = new Walk(flat);
    boolean clean = false;
    while (!clean) {
      walk.run(lists);
      clean = true;
      for (int m = 0; m < flat.machines; m++) {
        for (int i = lists.size[m] - 1; i >= 0; i--) {
          if (!walk.done(lists.jobs[m][i])) {
            lists.remove(m, i);
            clean = false;
          }
        }
      }
    }
    List<List<Segment>> written = new ArrayList<>();
    flat.problem.jobs().forEach(j -> written.add(new ArrayList<>()));
    walk.run(lists, (job, day, person, hours) -> add(written.get(job), day, person, hours));
    List<Placed> placed = new ArrayList<>();
    List<WorkPlan.Left> out = new ArrayList<>();
    double value = 0;
    double road = 0;
    for (int j = 0; j < flat.jobs; j++) {
      if (!walk.done(j)) {
        out.add(new WorkPlan.Left(j, LeftOut.why(flat.problem, walk, j)));
      }
    }
    // In each machine's own order: jobs of one day say by it which came first.
    for (int m = 0; m < flat.machines; m++) {
      for (int i = 0; i < lists.size[m]; i++) {
        int j = lists.jobs[m][i];
        Placed p = placed(flat, lists, walk, j, written.get(j));
        value += p.value() - walk.roadKm[j] * flat.problem.usdPerKm();
        road += walk.roadKm[j];
        placed.add(p);
      }
    }
    placed.sort(Comparator.comparing(Placed::start).thenComparing(Placed::machine));
    return new WorkPlan(placed, out, value, road);
  }

  private static Placed placed(Flat flat, Lists lists, Walk walk, int j, List<Segment> segments) {
    int way = lists.option[j];
    int m = flat.machine[j][way];
    return new Placed(
        j,
        way,
        m,
        walk.start[j],
        walk.finish[j],
        walk.roadKm[j] / flat.roadKmh[m] + flat.setUpH[m] + walk.changeH[j],
        flat.value[j][way][walk.finish[j]],
        segments);
  }

  private static void add(List<Segment> own, int day, int person, double hours) {
    Segment last = own.isEmpty() ? null : own.get(own.size() - 1);
    if (last != null && last.day() == day && last.person() == person) {
      own.set(own.size() - 1, new Segment(day, person, last.hours() + hours));
    } else {
      own.add(new Segment(day, person, hours));
    }
  }
}
