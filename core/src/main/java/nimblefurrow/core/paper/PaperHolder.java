package nimblefurrow.core.paper;

import nimblefurrow.core.units.Keyed;

/** What papers are kept with. */
public enum PaperHolder implements Keyed {
  /** A seed lot. */
  LOT("lot"),
  /** A spray product. */
  PRODUCT("product"),
  /** A field. */
  FIELD("field"),
  /** The farm itself. */
  FARM("farm");

  private final String key;

  PaperHolder(String key) {
    this.key = key;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }
}
