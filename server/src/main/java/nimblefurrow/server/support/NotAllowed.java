package nimblefurrow.server.support;

/** Something this person may see but not do. */
public final class NotAllowed extends RuntimeException {
  private static final long serialVersionUID = 1;

  public NotAllowed(String sentence) {
    super(sentence);
  }
}
