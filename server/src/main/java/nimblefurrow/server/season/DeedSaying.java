package nimblefurrow.server.season;

import nimblefurrow.core.units.Keyed;

/** What somebody says of a deed that nothing is written down of. */
enum DeedSaying implements Keyed {
  AS_PLANNED("asPlanned"),
  ON_DAY("onDay"),
  NOT_DONE("notDone"),
  PARTLY("partly"),
  /** Takes back that it was not done. */
  OPEN("open");

  private final String key;

  DeedSaying(String key) {
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
