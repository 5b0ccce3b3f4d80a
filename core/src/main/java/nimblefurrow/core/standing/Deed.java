package nimblefurrow.core.standing;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.units.Refused;

/** What a season does to a field, in its order. */
public enum Deed {
  HARVEST("harvested", "harvest", true),
  SEEDING("seeded", "seed", false),
  ENDING("ended", "end", false),
  PLANTING("planted", "plant", true);

  private final String logKind;
  private final String jobKind;
  private final boolean cropOwn;

  Deed(String logKind, String jobKind, boolean cropOwn) {
    this.logKind = logKind;
    this.jobKind = jobKind;
    this.cropOwn = cropOwn;
  }

  /** The kind of log entry that says it is done. */
  public String logKind() {
    return logKind;
  }

  /** The kind of job that does it. */
  public String jobKind() {
    return jobKind;
  }

  /** Whether it is done to the cash crop, which does not wait for anyone to write it down. */
  public boolean cropOwn() {
    return cropOwn;
  }

  /**
   * The deed of a log kind.
   *
   * @throws Refused when there is none
   */
  public static Deed of(String logKind) {
    return ofLog(logKind)
        .orElseThrow(() -> new Refused("deed", "There is no deed called “" + logKind + "”."));
  }

  /** The deed a log entry of a kind speaks of, if it speaks of one. */
  public static Optional<Deed> ofLog(String logKind) {
    return Arrays.stream(values()).filter(d -> d.logKind.equals(logKind)).findFirst();
  }

  /** The deed a job of a kind does, if it is one. */
  public static Optional<Deed> ofJob(String jobKind) {
    return Arrays.stream(values()).filter(d -> d.jobKind.equals(jobKind)).findFirst();
  }
}
