package nimblefurrow.server.support;

import nimblefurrow.core.units.Refused;

/** Something that is not there, or not for this person to see. */
public final class NotFound extends Refused {
  private static final long serialVersionUID = 1;

  public NotFound(String sentence) {
    super("", sentence);
  }
}
