package nimblefurrow.core.work;

import java.util.List;
import nimblefurrow.core.ending.Dangers;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Reason;

/** What can hurt someone at a job, for the sheet of whoever does it. */
public final class JobCautions {
  private JobCautions() {}

  /**
   * {@return what is to be said at a job, most pressing first; nothing where nobody does anything}
   *
   * @param kind of job
   * @param way how it is seeded or ended, what its second pass does, or which work of one's own;
   *     not read for other kinds
   */
  public static List<Reason> of(JobKind kind, String way) {
    return switch (kind) {
      case SEED -> SeedingMethod.of(way).safety();
      case END -> EndingMethod.of(way).safety();
      case SECOND -> SecondPass.safety(way);
      case HARVEST -> Dangers.HARVESTING;
      case PLANT -> Dangers.PLANTING;
      case LOOK -> Dangers.LOOKING;
      case OWN -> OwnWork.of(way).safety();
    };
  }
}
