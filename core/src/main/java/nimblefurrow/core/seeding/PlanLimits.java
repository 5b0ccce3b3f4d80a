package nimblefurrow.core.seeding;

import nimblefurrow.core.cover.Species;

/** What can be seeded at all: beyond it a figure is a slip of the pen. */
public final class PlanLimits {
  /** Boxes and blends hold no more kinds than this. */
  public static final int MOST_SPECIES = 12;

  private static final double LEAST_OF_LOWEST = 0.02;
  private static final double MOST_OF_HIGHEST = 5;

  private PlanLimits() {}

  /**
   * {@return the least that can be seeded of a species, a trace in a mix, kg/ha}
   *
   * @param species species asked about
   */
  public static double leastKgPerHa(Species species) {
    return LEAST_OF_LOWEST * species.seed().drilled().low();
  }

  /**
   * {@return the most that can be seeded of a species, kg/ha}
   *
   * @param species species asked about
   */
  public static double mostKgPerHa(Species species) {
    return MOST_OF_HIGHEST * species.seed().surface().high();
  }
}
