package nimblefurrow.server.support;

/** Something that is not there, or not for this person to see. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1;

  public NotFound(String sentence) {
    super(sentence);
  }
}
