package nimblefurrow.core.season;

import nimblefurrow.core.units.Refused;

/** Where and how seed is laid, as far as the model can tell methods apart. */
public enum Placement {
  PRECISION_PLANTER("precisionPlanter"),
  DRILL("drill"),
  INTERSEEDER("interseeder"),
  BROADCAST_INCORPORATED("broadcastIncorporated"),
  SLURRY("slurry"),
  FROST("frost"),
  COMBINE_HEAD("combineHead"),
  HIGH_CLEARANCE("highClearance"),
  AIR("air"),
  BROADCAST("broadcast");

  private final String key;

  Placement(String key) {
    this.key = key;
  }

  /** {@return the name in data files and on the wire} */
  public String key() {
    return key;
  }

  /**
   * {@return the placement of a wire name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static Placement of(String key) {
    for (Placement placement : values()) {
      if (placement.key.equals(key)) {
        return placement;
      }
    }
    throw new Refused("", "there is no placement “" + key + "”");
  }
}
