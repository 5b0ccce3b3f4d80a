package nimblefurrow.server.work;

import nimblefurrow.core.units.Keyed;

/** How a laying-out stands. */
enum RunState implements Keyed {
  WAITING,
  RUNNING,
  /** Found out, and nothing of it kept yet. */
  DONE,
  /** Stopped by someone; what it had found is shown. */
  STOPPED,
  FAILED;

  @Override
  public String key() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }

  @Override
  public String toString() {
    return key();
  }
}
