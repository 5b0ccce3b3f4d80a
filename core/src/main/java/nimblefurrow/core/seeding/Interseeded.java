package nimblefurrow.core.seeding;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.units.Reason;

/**
 * What lasts between the rows of a crop that closes over it: what bears shade and heat, and a
 * little of what grows fast behind the combine. Winter cereals and large legumes come up well and
 * are gone by harvest. After field experience of growers who interseed corn at V4 to V6; working
 * list.
 */
public final class Interseeded {
  private static final List<String> LASTS =
      List.of(
          "annual_ryegrass",
          "crimson_clover",
          "red_clover",
          "balansa_clover",
          "berseem_clover",
          "radish",
          "turnip",
          "rapeseed");
  private static final List<String> IN_SMALL_SHARES = List.of("radish", "turnip", "rapeseed");

  private Interseeded() {}

  /** {@return ids of species, best first} */
  public static List<String> lasting() {
    return LASTS;
  }

  /**
   * {@return whether a species is one that lasts}
   *
   * @param species species in question
   */
  public static boolean lasts(Species species) {
    return LASTS.contains(species.id());
  }

  /**
   * {@return what a grower should know of a species before interseeding it; nothing when it simply
   * suits}
   *
   * @param species species in question
   */
  public static Optional<Reason> say(Species species) {
    if (!lasts(species)) {
      return Optional.of(
          Reason.of(
                  "{species} seldom lasts between the rows: annual ryegrass, clovers and a little"
                      + " radish or rapeseed do")
              .with("species", species.name()));
    }
    if (IN_SMALL_SHARES.contains(species.id())) {
      return Optional.of(
          Reason.of("{species} in small shares only: it smothers what comes up beside it")
              .with("species", species.name()));
    }
    return Optional.empty();
  }
}
