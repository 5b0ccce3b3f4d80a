package nimblefurrow.server.support;

/** Someone else saved the same thing first. */
public final class ChangedMeanwhile extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Object theirs;

  /**
   * @param sentence what happened
   * @param theirs what stands now
   */
  public ChangedMeanwhile(String sentence, Object theirs) {
    super(sentence);
    this.theirs = theirs;
  }

  /** What stands now. */
  public Object theirs() {
    return theirs;
  }
}
