package nimblefurrow.core.seeding;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** All ways of seeding a cover, those with openers first. */
public final class SeedingMethods {
  private static final List<SeedingMethod> SHIPPED =
      List.of(
          new Drill(),
          new PrecisionPlanter(),
          new Interseeder(),
          new AirBox(),
          new HighClearance(),
          new Aircraft(),
          new Drone(),
          new CombineHead(),
          new Broadcast(),
          new BroadcastIncorporated(),
          new Slurry(),
          new FrostSeeding(),
          new ByHand());

  private static volatile List<SeedingMethod> all = SHIPPED;

  private SeedingMethods() {}

  /** All of them. */
  public static List<SeedingMethod> all() {
    return all;
  }

  /** The method of a wire name; empty where it is not one. */
  public static Optional<SeedingMethod> find(String key) {
    return all.stream().filter(m -> m.key().equals(key)).findFirst();
  }

  /** Those that can be had where a shed is empty. */
  public static List<SeedingMethod> forHire() {
    return all.stream().filter(SeedingMethod::forHire).toList();
  }

  /** How a thin stand is seeded again. */
  public static SeedingMethod mending() {
    return all.stream().filter(SeedingMethod::mends).findFirst().orElseThrow();
  }

  /**
   * Adds a method for a while: how a method that does not ship is tried out.
   *
   * @param extra the method; its key must be new
   * @return takes it out again when closed
   */
  public static Added add(SeedingMethod extra) {
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
