package nimblefurrow.core.machine;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** Kinds of work a machine does. */
public enum MachineWork implements Keyed {
  SEED("seed", "seed"),
  PLANT("plant", "plant"),
  ROLL("roll", "roll"),
  SPRAY("spray", "spray"),
  MOW("mow", "mow"),
  TILL("till", "till"),
  HARVEST("harvest", "combine"),
  CHOP("chop", "chop");

  private final String key;
  private final String label;

  MachineWork(String key, String label) {
    this.key = key;
    this.label = label;
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

  /**
   * {@return the kind of a wire name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static MachineWork of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("work", "There is no kind of work called “" + key + "”."));
  }
}
