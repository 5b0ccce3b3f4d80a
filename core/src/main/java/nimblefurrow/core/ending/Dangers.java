package nimblefurrow.core.ending;

import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.units.Reason;

/**
 * What can hurt someone at a kind of work, as every sheet and page says it. The manual of the
 * machine, the label of the product and local rules decide; these are reminders.
 */
public final class Dangers {
  /** Drums and their frames. */
  public static final List<Reason> ROLLING =
      said(
          "keep hands and people off the drum; block folding frames before anyone goes under them",
          "water in the drum shifts balance and braking; know the steepest ground before going",
          "rye near flowering is pollen in the air: a mask for who reacts to it");

  /** Herbicides. */
  public static final List<Reason> SPRAYING =
      said(
          "the label is the law; a licensed applicator where required",
          "protective gear at the tank; mind drift, inversions, neighbours, water and bees",
          "keep people out until the label's re-entry time is over, and say so at the gate");

  /** What a power take-off drives. */
  public static final List<Reason> TURNING_SHAFTS =
      said("stop the power take-off and let it run out before clearing or greasing anything");

  /** What labels say of feed. */
  static final List<Reason> LABELS_OF_FEED =
      said(
          "every product used since seeding has a grazing interval on its label: check it first",
          "what grew from treated seed is grazed only as the seed's label allows");

  /** Cattle on a cover. */
  public static final List<Reason> GRAZING =
      Stream.concat(
              LABELS_OF_FEED.stream(),
              said("bloat, nitrate and grass tetany: hay first, and look at the herd daily")
                  .stream())
          .toList();

  /** The planter. */
  public static final List<Reason> PLANTING =
      said(
          "stop the fans and lower the bar before anyone reaches into a row unit",
          "treated seed: gloves, and its dust away from hives and water");

  /** The combine. */
  public static final List<Reason> HARVESTING =
      said("keep people off the header and out of the tank; dry chaff burns: blow off what is hot");

  /** Slurry and manure. */
  public static final List<Reason> MANURE =
      said(
          "stirred slurry gives off gas that kills within breaths: nobody in or over a pit, air it first",
          "keep off wells, water and slopes as local rules say; stop the power take-off before"
              + " clearing anything");

  /** On foot. */
  public static final List<Reason> LOOKING =
      said("ask what was sprayed and when people may go in again; say where you are");

  private Dangers() {}

  private static List<Reason> said(String... words) {
    return Stream.of(words).map(Reason::of).toList();
  }
}
