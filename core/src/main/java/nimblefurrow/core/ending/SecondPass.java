package nimblefurrow.core.ending;

import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.MachineWork;

/**
 * The second pass of a way of ending that takes two. Days are working values.
 *
 * @param work kind of work
 * @param label in a grower's words
 * @param least fewest days after the first pass
 * @param most most
 */
public record SecondPass(MachineWork work, String label, int least, int most) {
  /** What one herbicide pass missed is sprayed when it greens up. */
  static final SecondPass SPRAY_AGAIN =
      new SecondPass(MachineWork.SPRAY, "spray again what greens up", 14, 24);

  /**
   * What a count found alive is sprayed at once: survivors stand up and drink. Counted from the day
   * of the count.
   */
  public static final SecondPass SPRAY_SURVIVORS =
      new SecondPass(MachineWork.SPRAY, "spray what is still alive", 0, 7);

  /** Whether one pass seldom ends a species, as annual ryegrass. */
  static boolean hard(Species s) {
    return s.family() == Family.GRASS && s.advice().herbicide().startsWith("hard");
  }
}
