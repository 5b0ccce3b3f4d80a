package nimblefurrow.core.work;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.HarvestLoss;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.work.FieldJob.Alternative;
import org.jspecify.annotations.Nullable;

/** The harvest of a field, and the cover that goes out with it. */
final class HarvestJobs {
  /** So long after it is ripe a crop is still looked at. */
  private static final int DAYS = 35;

  private static final double LEAST_H = 0.25;

  private final WorkFrame frame;
  private final JobList list;

  HarvestJobs(WorkFrame frame, JobList list) {
    this.frame = frame;
    this.list = list;
  }

  /** Adds it; −1 when it is not ours to do, done, or not in the plan's days. */
  int add(WorkField f) {
    int first = Math.max(0, frame.span().index(f.clear()));
    if (!f.hasCrop() || !f.standing().harvest().due() || first >= frame.span().days()) {
      return -1;
    }
    int last = frame.span().clamp(first + DAYS);
    double[] crop =
        JobWorth.harvest(f.areaHa(), HarvestLoss.of(f.cropKey()), frame.span().days(), first, last);
    MachineWork work = f.silage() ? MachineWork.CHOP : MachineWork.HARVEST;
    double rest = 1 - f.standing().harvest().share();
    List<Alternative> ways = new ArrayList<>();
    for (int m : frame.who(d -> d.does(work))) {
      double hours = Math.max(LEAST_H, frame.doers().get(m).hours(rest * f.areaHa()));
      WorkField.Covered cover = f.covered();
      if (cover != null && seedsWithIt(f)) {
        SeedingMethod method = cover.plan().method();
        double[] seeded =
            frame
                .shares()
                .seeding(f, method, frame.span(), frame.span().day(first), frame.span().day(last));
        ways.add(
            new Alternative(
                new Option(
                    m,
                    "combine, seeding as it cuts",
                    hours,
                    first,
                    last,
                    both(f, crop, seeded, first, last)),
                method.key(),
                seeded));
      }
      ways.add(
          new Alternative(
              new Option(m, work.label(), hours, first, last, crop), JobKind.HARVEST.key()));
    }
    return ways.isEmpty() ? -1 : list.add(f, JobKind.HARVEST.key(), work.label(), ways, null, null);
  }

  private double[] both(WorkField f, double[] crop, double[] seeded, int first, int last) {
    double[] both = crop.clone();
    for (int d = first; d <= last; d++) {
      both[d] += f.areaHa() * frame.goalUsdPerHa() * seeded[d];
    }
    return both;
  }

  /** Whether seed goes out with the combine: then it is one job with the harvest. */
  boolean seedsWithIt(WorkField f) {
    SeedingMethod method = method(f);
    return method != null
        && method.goesWithCombine()
        && !f.silage()
        && f.standing().seeding().open()
        && !frame.who(d -> d.seeds(method)).isEmpty();
  }

  private static @Nullable SeedingMethod method(WorkField f) {
    return f.covered() == null ? null : f.covered().plan().method();
  }
}
