package nimblefurrow.core.seeding;

import nimblefurrow.core.cover.Species;

/** Which of a species' seeding rates a method goes by. */
public enum RateBasis {
  /** Seed is put into the soil by openers. */
  DRILLED,
  /** Seed falls on the ground, worked in lightly or not: more of it is lost. */
  SURFACE;

  /**
   * {@return the rates of a species, kg/ha}
   *
   * @param species species in question
   */
  public Species.Rates of(Species species) {
    return this == DRILLED ? species.seed().drilled() : species.seed().surface();
  }
}
