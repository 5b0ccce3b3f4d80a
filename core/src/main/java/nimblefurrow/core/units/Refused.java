package nimblefurrow.core.units;

/**
 * Input that a rule cannot work with: what is wrong in a sentence, and where. Only this, and what a
 * server makes of it, is told to whoever asked; any other exception is a fault of the program.
 */
public class Refused extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final String where;

  /**
   * @param where name of the input, such as {@code germination} or {@code traysG[3]}
   * @param sentence what is wrong, in a sentence a grower understands
   */
  public Refused(String where, String sentence) {
    super(sentence);
    this.where = where;
  }

  /** {@return name of the input that is wrong} */
  public String where() {
    return where;
  }
}
