package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;

/** A crop or a cover on a piece of ground, from the day it is seeded to the day it is gone. */
public sealed interface Link {
  /** {@return what tells it from others} */
  String id();

  /** {@return in a grower's words} */
  String name();

  /** {@return the day it is seeded or planted} */
  LocalDate from();

  /** {@return the day it is harvested, killed or gone} */
  LocalDate until();

  /**
   * {@return whether it is on the ground at the end of a day}
   *
   * @param day day asked about
   */
  default boolean standsOn(LocalDate day) {
    return !day.isBefore(from()) && day.isBefore(until());
  }

  /** Kinds of crops that rules tell apart. */
  enum CropClass {
    CORN,
    SOYBEAN,
    SMALL_GRAIN,
    OTHER
  }

  /**
   * A cash crop.
   *
   * @param id what tells it from others
   * @param name in a grower's words
   * @param kind what rules tell apart
   * @param from planted
   * @param until harvested
   */
  record Crop(String id, String name, CropClass kind, LocalDate from, LocalDate until)
      implements Link {}

  /**
   * A cover.
   *
   * @param id what tells it from others
   * @param name in a grower's words
   * @param season the season it is planned in, by its year
   * @param species what it is made of
   * @param method how it is seeded
   * @param from seeded
   * @param until ended
   * @param ending how it ends
   * @param treatedSeed whether treated seed went into it, or is meant to
   */
  record Cover(
      String id,
      String name,
      int season,
      List<Species> species,
      SeedingMethod method,
      LocalDate from,
      LocalDate until,
      EndingMethod ending,
      boolean treatedSeed)
      implements Link {
    public Cover {
      species = List.copyOf(species);
    }

    /** {@return whether a grass is in it} */
    public boolean hasGrass() {
      return species.stream().anyMatch(s -> s.family() == Family.GRASS);
    }
  }
}
