package nimblefurrow.server.support;

import java.util.Objects;
import java.util.function.Supplier;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** Someone else saved the same thing first. */
public final class ChangedMeanwhile extends Refused {
  private static final long serialVersionUID = 1;

  private final transient Object theirs;

  /**
   * @param sentence what happened
   * @param theirs what stands now
   */
  public ChangedMeanwhile(String sentence, Object theirs) {
    super("", sentence);
    this.theirs = theirs;
  }

  /**
   * Refuses to write over what someone else saved since it was read.
   *
   * @param stored version that stands
   * @param sent version that was read
   * @param what it is, in a sentence: “Someone else changed … while you did.”
   * @param theirs what stands now, asked for only when it is needed
   */
  public static void unless(
      @Nullable Long stored, @Nullable Long sent, String what, Supplier<?> theirs) {
    if (!Objects.equals(stored, sent)) {
      throw new ChangedMeanwhile(
          "Someone else changed %s while you did.".formatted(what), theirs.get());
    }
  }

  /** What stands now. */
  public Object theirs() {
    return theirs;
  }
}
