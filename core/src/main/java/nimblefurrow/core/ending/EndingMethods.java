package nimblefurrow.core.ending;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.units.Registry;

/** All ways of ending a cover, in the order growers meet them in a season. */
public final class EndingMethods {
  private static final Registry<EndingMethod> SHIPPED =
      new Registry<>(
          EndingMethod::key,
          List.of(
              new WinterKill(),
              new SprayEarly(),
              new PlantGreenSpray(),
              new RollPlant(),
              new PlantGreenRoll(),
              new SprayStanding(),
              new RollSpray(),
              new Graze(),
              new Hay(),
              new Mow(),
              new Till(),
              new RowZones(),
              new RollBetweenRows(),
              new Cultivate()));

  private EndingMethods() {}

  /** {@return all of them} */
  public static List<EndingMethod> all() {
    return SHIPPED.all();
  }

  /**
   * {@return the method of a wire name; empty where it is not one}
   *
   * @param key name on the wire
   */
  public static Optional<EndingMethod> find(String key) {
    return SHIPPED.find(key);
  }

  /**
   * Adds a method for a while: how a method that does not ship is tried out.
   *
   * @param extra the method; its key must be new
   * @return takes it out again when closed
   */
  public static Registry.Added add(EndingMethod extra) {
    return SHIPPED.add(extra);
  }
}
