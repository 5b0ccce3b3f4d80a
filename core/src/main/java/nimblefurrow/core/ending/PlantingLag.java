package nimblefurrow.core.ending;

import java.time.LocalDate;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.seeding.CoverPlan;

/**
 * How planting hangs on the ending: days from ending to planting. Negative days plant first.
 *
 * @param least fewest
 * @param most most
 * @param usual what is planned when nothing else is said
 */
public record PlantingLag(int least, int most, int usual) {

  /** The lag of a way; a grass before corn may not be ended later than ten days ahead. */
  public static PlantingLag of(EndingWay way, CoverPlan plan, NextCrop.Kind next) {
    boolean grassBeforeCorn =
        next == NextCrop.Kind.CORN
            && plan.cover().stream().anyMatch(c -> c.species().family() == Family.GRASS);
    return switch (way) {
      case WINTER, BETWEEN_ROWS, CULTIVATE -> new PlantingLag(-60, 365, 0);
      case SPRAY_EARLY ->
          grassBeforeCorn ? new PlantingLag(10, 14, 14) : new PlantingLag(10, 21, 14);
      case PLANT_GREEN_SPRAY -> new PlantingLag(-3, 0, -2);
      case ROLL_PLANT -> new PlantingLag(0, 1, 0);
      case PLANT_GREEN_ROLL -> new PlantingLag(-28, -14, -21);
      case SPRAY_STANDING -> new PlantingLag(-3, 3, 0);
      case ROLL_SPRAY -> new PlantingLag(-2, 1, 0);
      case ROW_ZONE -> new PlantingLag(-3, 14, 0);
      case GRAZE -> new PlantingLag(10, 40, 10);
      case HAY -> new PlantingLag(5, 20, 5);
      case MOW -> new PlantingLag(0, 7, 1);
      case TILL -> new PlantingLag(2, 14, 7);
    };
  }

  /** The first day on which the crop may be planted when the cover ends on a day. */
  public LocalDate plantOn(LocalDate endOn, LocalDate wish) {
    LocalDate first = endOn.plusDays(least);
    return wish.isBefore(first) ? first : wish;
  }

  /** Whether both days stand as this way needs them. */
  public boolean holds(LocalDate endOn, LocalDate plantOn) {
    long days = java.time.temporal.ChronoUnit.DAYS.between(endOn, plantOn);
    return days >= least && days <= most;
  }
}
