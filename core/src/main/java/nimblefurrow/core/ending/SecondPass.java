package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Reason;

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
  static final SecondPass SPRAY_SURVIVORS =
      new SecondPass(MachineWork.SPRAY, "spray what is still alive", 0, 7);

  /** What a roller laid down and stands up again is laid down again while its stems are ripe. */
  static final SecondPass ROLL_SURVIVORS =
      new SecondPass(MachineWork.ROLL, "roll what stands up again", 0, 10);

  /** Where nothing is sprayed, what is alive is cut before it sets seed. */
  static final SecondPass MOW_SURVIVORS =
      new SecondPass(MachineWork.MOW, "mow what is still alive", 0, 10);

  /** What tillage left is tilled again before it roots anew. */
  static final SecondPass TILL_SURVIVORS =
      new SecondPass(MachineWork.TILL, "till what is still alive", 0, 7);

  /** Weeds that came through the mulch, on a field where nothing is sprayed. */
  static final SecondPass RESCUE_BETWEEN_ROWS =
      new SecondPass(MachineWork.TILL, "rescue: cultivate between the rows", 0, 10);

  /** The same where something may be: what the label allows at the crop's stage. */
  static final SecondPass RESCUE_SPRAY =
      new SecondPass(MachineWork.SPRAY, "rescue: spray the weeds that came through", 0, 10);

  /**
   * {@return the rescue from weeds in a crop that is up, from the day of their rating on}
   *
   * @param organic whether nothing may be sprayed
   * @param rated day of the rating
   * @param plantOn planting of the crop; after some weeks its rows close
   */
  public static SecondPass rescue(boolean organic, LocalDate rated, LocalDate plantOn) {
    SecondPass usual = organic ? RESCUE_BETWEEN_ROWS : RESCUE_SPRAY;
    LocalDate closed = EndingMethod.of("cultivate").traits().lag().lastEnd(plantOn);
    long left = ChronoUnit.DAYS.between(rated, closed);
    return new SecondPass(
        usual.work(), usual.label(), usual.least(), (int) Math.min(usual.most(), left));
  }

  /**
   * {@return what is done about what a count found alive, from the day of the count on}
   *
   * @param ended how the cover was ended
   * @param organic whether nothing may be sprayed
   */
  public static SecondPass ofSurvivors(EndingMethod ended, boolean organic) {
    if (!organic) {
      return SPRAY_SURVIVORS;
    }
    if (ended.rolls()) {
      return ROLL_SURVIVORS;
    }
    return ended.stirs() ? TILL_SURVIVORS : MOW_SURVIVORS;
  }

  /**
   * {@return the work of a second pass by the way its job names; a spray where it names none}
   *
   * @param way of the job
   */
  public static MachineWork workOf(String way) {
    return Keyed.find(MachineWork.values(), way).orElse(MachineWork.SPRAY);
  }

  /**
   * {@return what can hurt someone at a second pass}
   *
   * @param way of its job
   */
  public static List<Reason> safety(String way) {
    return switch (workOf(way)) {
      case ROLL ->
          Stream.concat(
                  Dangers.ROLLING.stream(),
                  Stream.of(
                      Reason.of(
                          "look at the crop first: rolled between hook and cotyledon its stems snap")))
              .toList();
      case MOW, TILL -> Dangers.TURNING_SHAFTS;
      default -> Dangers.SPRAYING;
    };
  }

  /** Whether one pass seldom ends a species, as annual ryegrass. */
  static boolean hard(Species s) {
    return s.family() == Family.GRASS && s.advice().herbicide().startsWith("hard");
  }
}
