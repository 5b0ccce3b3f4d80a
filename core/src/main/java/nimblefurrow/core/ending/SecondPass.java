package nimblefurrow.core.ending;

import java.util.Optional;

/**
 * The second pass of a way of ending that takes two. Days are working values: a herbicide wants
 * leaves that still take it up, so it follows the roller closely; the strips between sprayed row
 * zones are left to grow and ended before they shade the crop.
 *
 * @param work kind of work, as machines have it
 * @param label in a grower's words
 * @param least fewest days after the first pass
 * @param most most
 */
public record SecondPass(String work, String label, int least, int most) {
  /** The second pass of a way; nothing when one pass is all. */
  public static Optional<SecondPass> of(EndingWay way) {
    return switch (way) {
      case ROLL_SPRAY -> Optional.of(new SecondPass("spray", "spray behind the roller", 0, 4));
      case ROW_ZONE -> Optional.of(new SecondPass("spray", "spray between the rows", 10, 28));
      default -> Optional.empty();
    };
  }
}
