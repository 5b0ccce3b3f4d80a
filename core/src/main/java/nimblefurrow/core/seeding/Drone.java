package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.units.Reason;

/** A drone from the field's edge. */
final class Drone extends Flown {
  Drone() {
    super("drone", 10);
  }

  @Override
  public List<Reason> safety() {
    return List.of(
        Reason.of(
            "drone: the aviation authority's certificate and airspace come first; keep people,"
                + " roads, lines and other aircraft clear; watch take-off mass, batteries and the"
                + " generator"));
  }
}
