package nimblefurrow.core.ending;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;

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
  /**
   * The second pass of a way on a cover; nothing when one pass is all. Grass that one herbicide
   * pass seldom ends, as annual ryegrass, is sprayed again when what it missed greens up.
   */
  public static Optional<SecondPass> of(EndingWay way, List<Species> cover) {
    Optional<SecondPass> own = of(way);
    boolean again = own.isEmpty() && way.sprays() && cover.stream().anyMatch(SecondPass::hard);
    return again ? Optional.of(new SecondPass("spray", "spray again what greens up", 14, 24)) : own;
  }

  /** Whether one pass seldom ends a species. */
  static boolean hard(Species s) {
    return s.family() == Family.GRASS && s.advice().herbicide().startsWith("hard");
  }

  private static Optional<SecondPass> of(EndingWay way) {
    return switch (way) {
      case ROLL_SPRAY -> Optional.of(new SecondPass("spray", "spray behind the roller", 0, 4));
      case ROW_ZONE -> Optional.of(new SecondPass("spray", "spray between the rows", 10, 28));
      default -> Optional.empty();
    };
  }
}
