package nimblefurrow.core.record;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** What money of a cover is for, in the order of an account. */
public enum MoneyPart implements Keyed {
  SEED("seed", "seed"),
  SEEDING("seeding", "seeding"),
  ENDING("ending", "ending"),
  /** Saved ones count here too. */
  PASSES("passes", "other passes"),
  NITROGEN("nitrogen", "nitrogen"),
  YIELD("yield", "yield of the next crop"),
  FEED("feed", "feed"),
  PAYMENT("payment", "payments"),
  OTHER("other", "other");

  private final String key;
  private final String label;

  MoneyPart(String key, String label) {
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

  /** {@return in a grower's words} */
  public String label() {
    return label;
  }

  /**
   * {@return the part of a wire name}
   *
   * @param key the name
   * @throws Refused when there is none
   */
  public static MoneyPart of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("part", "An account has no part “" + key + "”."));
  }
}
