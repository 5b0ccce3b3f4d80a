package nimblefurrow.core.ending;

import java.util.List;
import java.util.stream.Stream;

/** All ways of ending a cover, in the order growers meet them in a season. */
public final class EndingMethods {
  private static final List<EndingMethod> SHIPPED =
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
          new Cultivate());

  private static volatile List<EndingMethod> all = SHIPPED;

  private EndingMethods() {}

  /** All of them. */
  public static List<EndingMethod> all() {
    return all;
  }

  /**
   * Adds a method for a while: how a method that does not ship is tried out.
   *
   * @param extra the method; its key must be new
   * @return takes it out again when closed
   */
  public static Added add(EndingMethod extra) {
    all = Stream.concat(SHIPPED.stream(), Stream.of(extra)).toList();
    return () -> all = SHIPPED;
  }

  /** A method that was added for a while. */
  @FunctionalInterface
  public interface Added extends AutoCloseable {
    @Override
    void close();
  }
}
