package nimblefurrow.core.work;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ending.Dangers;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** Work of a farm that no cover asks for, and that takes people and machines all the same. */
public enum OwnWork implements Keyed {
  HAY("hay", "make hay", MachineWork.MOW, LogKind.MOWED, false),
  SILAGE("silage", "chop silage", MachineWork.CHOP, LogKind.NOTE, false),
  MANURE("manure", "spread manure", null, LogKind.MANURED, true),
  FERTILISER("fertiliser", "spread fertiliser", null, LogKind.FERTILISED, false),
  TILLAGE("tillage", "till", MachineWork.TILL, LogKind.TILLED, true),
  OTHER("other", "other work", null, LogKind.NOTE, false);

  private final String key;
  private final String label;
  private final @Nullable MachineWork work;
  private final LogKind logKind;
  private final boolean clear;

  /**
   * @param work what a machine has to do; null where no kind of machine does just that
   * @param logKind what is written down of it
   * @param clear whether the crop must be off
   */
  OwnWork(String key, String label, @Nullable MachineWork work, LogKind logKind, boolean clear) {
    this.key = key;
    this.label = label;
    this.work = work;
    this.logKind = logKind;
    this.clear = clear;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return its name in a grower's words} */
  public String label() {
    return label;
  }

  /** {@return what a machine of the shed has to do for it, where there is such a kind} */
  public Optional<MachineWork> work() {
    return Optional.ofNullable(work);
  }

  /** {@return what can hurt someone at it} */
  List<Reason> safety() {
    return this == MANURE ? Dangers.MANURE : Dangers.TURNING_SHAFTS;
  }

  /** {@return what is written down of it} */
  public LogKind logKind() {
    return logKind;
  }

  /** {@return whether it waits until the crop is off its field} */
  public boolean waitsForHarvest() {
    return clear;
  }

  /**
   * {@return the work of a key}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static OwnWork of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(
            () -> new Refused("work", "There is no work of one's own called “" + key + "”."));
  }
}
