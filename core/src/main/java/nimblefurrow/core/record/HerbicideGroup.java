package nimblefurrow.core.record;

import nimblefurrow.core.units.Keyed;

/**
 * Groups of herbicides that stay in the soil, as the table of what outlasts a crop tells them
 * apart.
 */
public enum HerbicideGroup implements Keyed {
  AMIDE("amide", "amides"),
  TRIAZINE("triazine", "triazines"),
  SULFONYLUREA("sulfonylurea", "sulfonylureas"),
  BLEACHER("bleacher", "bleachers"),
  GROWTH_REGULATOR("growthRegulator", "growth regulators"),
  CELL_MEMBRANE("cellMembrane", "cell-membrane");

  private final String key;
  private final String label;

  HerbicideGroup(String key, String label) {
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
