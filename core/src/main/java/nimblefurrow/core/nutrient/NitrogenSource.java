package nimblefurrow.core.nutrient;

import nimblefurrow.core.units.Keyed;

/** Where nitrogen of a ledger comes from, in the order it is read. */
public enum NitrogenSource implements Keyed {
  SOIL("soil", "in the soil"),
  MANURE("manure", "manure"),
  FERTILISER("fertiliser", "fertiliser"),
  TAKEN_UP("takenUp", "taken up by the cover"),
  COVER("cover", "freed by the cover");

  private final String key;
  private final String label;

  NitrogenSource(String key, String label) {
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
}
