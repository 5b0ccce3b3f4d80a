package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.units.Reason;

/** An aircraft from a strip. */
final class Aircraft extends Flown {
  Aircraft() {
    super("aircraft", 21);
  }

  @Override
  public List<Reason> safety() {
    return List.of(
        Reason.of(
            "aircraft: stay out of the loading arc; show the pilot lines and towers on the map"));
  }
}
