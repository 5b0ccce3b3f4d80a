package nimblefurrow.core.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;

/** The work of a farm under the workable days of single years. */
public final class YearsOfWork {
  private static final double WHOLE_DAY_H = 24;

  private YearsOfWork() {}

  /**
   * {@return the same problem under the days of one year}
   *
   * @param work kind of work or work drawn up
   * @param year index of the year
   */
  public static WorkProblem under(FarmWork work, int year) {
    List<WorkProblem.Machine> machines = new ArrayList<>();
    for (int m = 0; m < work.doers().size(); m++) {
      machines.add(under(work, m, year));
    }
    return with(work.problem(), machines);
  }

  /**
   * {@return a problem with a machine's hours on one day made whole}
   *
   * @param work kind of work or work drawn up
   * @param under problem of one year
   * @param machine index of the machine
   * @param day day, as an index from the first
   */
  public static WorkProblem oneMoreDay(FarmWork work, WorkProblem under, int machine, int day) {
    List<WorkProblem.Machine> machines = new ArrayList<>(under.machines());
    double[] hours = machines.get(machine).hours().clone();
    hours[day] = work.weather().light()[day];
    machines.set(machine, with(machines.get(machine), hours));
    return with(under, machines);
  }

  private static WorkProblem.Machine under(FarmWork work, int m, int year) {
    WorkProblem.Machine machine = work.problem().machines().get(m);
    Doer doer = work.doers().get(m);
    boolean idle = Arrays.stream(machine.hours()).sum() == 0;
    if (doer.machine() == null || idle) {
      return machine;
    }
    // Work takes longer or shorter than reckoned: as if its machine had fewer hours, or more.
    double slower = OwnErrors.hours().at(1, Spread.point(year));
    double[] own = new double[work.problem().days()];
    for (int d = 0; d < own.length; d++) {
      boolean there = doer.there(work.problem().start().plusDays(d));
      own[d] = there ? Math.min(WHOLE_DAY_H, work.weather().hours(doer, year, d) / slower) : 0;
    }
    return with(machine, own);
  }

  private static WorkProblem.Machine with(WorkProblem.Machine m, double[] hours) {
    return new WorkProblem.Machine(
        m.id(), m.name(), hours, m.runBy(), m.setUpH(), m.changeH(), m.roadKmh());
  }

  private static WorkProblem with(WorkProblem p, List<WorkProblem.Machine> machines) {
    return new WorkProblem(p.start(), p.days(), p.people(), machines, p.jobs(), p.usdPerKm(), 0);
  }
}
