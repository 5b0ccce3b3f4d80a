package nimblefurrow.core.record;

import nimblefurrow.core.units.Keyed;

/** How fertiliser or manure is brought out. */
public enum SpreadHow implements Keyed {
  BROADCAST("broadcast", "broadcast"),
  BANDED("banded", "in a band"),
  INJECTED("injected", "injected"),
  STARTER("starter", "with the planter"),
  SIDE_DRESS("sideDress", "beside the rows");

  private final String key;
  private final String label;

  SpreadHow(String key, String label) {
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

  /** {@return what it is, for a list} */
  public String label() {
    return label;
  }
}
