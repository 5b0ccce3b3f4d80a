package nimblefurrow.server.support;

/** Something tried so often that it has to wait. */
public final class TooManyTries extends RuntimeException {
  private static final long serialVersionUID = 1;

  public TooManyTries(String sentence) {
    super(sentence);
  }
}
