package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.units.Refused;

/** What each way of ending does to the cover, as dated acts of the season model. */
public final class WayActs {
  private static final int GRAZING_DAYS = 21;
  private static final double HAY_STUBBLE_CM = 8;
  private static final double MOWN_STUBBLE_CM = 10;

  private WayActs() {}

  /** The same, and none where the model does not know the way. */
  public static List<Ending> known(EndingWay way, LocalDate on) {
    return way.modelled() ? of(way, on) : List.of();
  }

  /**
   * The usual acts of a way; none where winter does it.
   *
   * @param on the day the cover is ended; the last day of grazing
   */
  public static List<Ending> of(EndingWay way, LocalDate on) {
    return switch (way) {
      case WINTER -> List.of();
      case SPRAY_EARLY, PLANT_GREEN_SPRAY, SPRAY_STANDING -> List.of(Ending.Spray.usual(on));
      case ROLL_PLANT, PLANT_GREEN_ROLL -> List.of(Ending.Roll.usual(on));
      case ROLL_SPRAY -> List.of(Ending.Roll.usual(on), Ending.Spray.usual(on));
      case GRAZE -> List.of(Ending.Graze.usual(on.minusDays(GRAZING_DAYS - 1), on));
      case HAY -> List.of(new Ending.Cut(on, HAY_STUBBLE_CM, true));
      case MOW -> List.of(new Ending.Cut(on, MOWN_STUBBLE_CM, false));
      case TILL -> List.of(Ending.Till.usual(on));
      case ROW_ZONE -> List.of(Ending.Spray.usual(on));
      case BETWEEN_ROWS, CULTIVATE ->
          throw new Refused("", "the model does not know what " + way + " does");
    };
  }
}
