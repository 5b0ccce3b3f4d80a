package nimblefurrow.server.work;

import nimblefurrow.core.units.Keyed;

/** What a proposal does to a job of the kept plan. */
enum ItemChange implements Keyed {
  NEW,
  MOVED,
  SAME;

  @Override
  public String key() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  @Override
  public String toString() {
    return key();
  }
}
