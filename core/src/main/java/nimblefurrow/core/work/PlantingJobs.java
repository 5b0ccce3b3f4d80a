package nimblefurrow.core.work;

import java.util.List;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.work.FieldJob.Alternative;
import org.jspecify.annotations.Nullable;

/** Planting the next crop, by the farm's own curve of what lateness costs. */
final class PlantingJobs {
  private static final int EARLIER_DAYS = 7;
  private static final int LATER_DAYS = 10;

  private final WorkFrame frame;
  private final JobList list;

  PlantingJobs(WorkFrame frame, JobList list) {
    this.frame = frame;
    this.list = list;
  }

  /**
   * Adds it.
   *
   * @param soonest first day the cover's ending leaves
   */
  int add(WorkField f, int soonest, @Nullable After after) {
    WorkSpan span = frame.span();
    LatePlanting curve = frame.rules().late(f.next().kind());
    int wish = span.index(f.standing().planting().day());
    int latest = span.index(curve.lastOn().atYear(f.next().plantOn().getYear()));
    int first = Math.max(soonest, wish - EARLIER_DAYS);
    int last = Math.min(span.days() - 1, Math.max(wish + LATER_DAYS, latest));
    String words = "plant " + f.next().kind().label();
    double[] value = JobWorth.planting(f.areaHa(), curve, span.start(), span.days(), first, last);
    List<Alternative> ways =
        frame.who(d -> d.does(MachineWork.PLANT)).stream()
            .map(
                d ->
                    new Alternative(
                        new Option(
                            d, words, frame.doers().get(d).hours(f.areaHa()), first, last, value),
                        JobKind.PLANT.key()))
            .toList();
    return list.add(f, JobKind.PLANT.key(), words, ways, after, null);
  }
}
