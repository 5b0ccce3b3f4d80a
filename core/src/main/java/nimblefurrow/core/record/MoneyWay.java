package nimblefurrow.core.record;

import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** Which way the money of a bill or payment goes. */
public enum MoneyWay implements Keyed {
  /** To somebody else. */
  PAYS("pays", "the farm pays"),
  /** From somebody else. */
  IS_PAID("isPaid", "the farm is paid");

  private final String key;
  private final String label;

  MoneyWay(String key, String label) {
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

  /**
   * {@return the one of a stored name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static MoneyWay of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("names.way", "Money does not go “" + key + "”."));
  }

  /** {@return what it is, for a list} */
  public String label() {
    return label;
  }
}
