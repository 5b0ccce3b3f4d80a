package nimblefurrow.server.support;

import nimblefurrow.core.units.Refused;

/** Something tried so often that it has to wait. */
public final class TooManyTries extends Refused {
  private static final long serialVersionUID = 1;

  public TooManyTries(String sentence) {
    super("", sentence);
  }
}
