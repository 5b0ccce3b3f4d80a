package nimblefurrow.core.standing;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** What a season does to a field, in its order. */
public enum Deed implements Keyed {
  HARVEST(LogKind.HARVESTED, true),
  SEEDING(LogKind.SEEDED, false),
  ENDING(LogKind.ENDED, false),
  PLANTING(LogKind.PLANTED, true);

  private final LogKind logKind;
  private final boolean cropOwn;

  Deed(LogKind logKind, boolean cropOwn) {
    this.logKind = logKind;
    this.cropOwn = cropOwn;
  }

  @Override
  public String key() {
    return logKind.key();
  }

  @Override
  public String toString() {
    return key();
  }

  /** {@return the kind of log entry that says it is done} */
  public LogKind logKind() {
    return logKind;
  }

  /**
   * {@return whether it is done to the cash crop, which does not wait for anyone to write it down}
   */
  public boolean cropOwn() {
    return cropOwn;
  }

  /**
   * {@return the deed of a log kind}
   *
   * @param logKind kind of log entry
   * @throws Refused when there is none
   */
  public static Deed of(String logKind) {
    return Arrays.stream(values())
        .filter(d -> d.key().equals(logKind))
        .findFirst()
        .orElseThrow(() -> new Refused("deed", "There is no deed called “" + logKind + "”."));
  }

  /**
   * {@return the deed a log entry of a kind speaks of, if it speaks of one}
   *
   * @param logKind kind of log entry
   */
  public static Optional<Deed> ofLog(LogKind logKind) {
    return Arrays.stream(values()).filter(d -> d.logKind == logKind).findFirst();
  }
}
