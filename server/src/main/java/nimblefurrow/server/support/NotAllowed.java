package nimblefurrow.server.support;

import nimblefurrow.core.units.Refused;

/** Something this person may see but not do. */
public final class NotAllowed extends Refused {
  private static final long serialVersionUID = 1;

  public NotAllowed(String sentence) {
    super("", sentence);
  }
}
