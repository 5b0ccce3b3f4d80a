package nimblefurrow.core.seeding;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.units.Registry;

/** All ways of seeding a cover, those with openers first. */
public final class SeedingMethods {
  private static final Registry<SeedingMethod> SHIPPED =
      new Registry<>(
          SeedingMethod::key,
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
              new ByHand()));

  private SeedingMethods() {}

  /** {@return all of them} */
  public static List<SeedingMethod> all() {
    return SHIPPED.all();
  }

  /**
   * {@return the method of a wire name; empty where it is not one}
   *
   * @param key name on the wire
   */
  public static Optional<SeedingMethod> find(String key) {
    return SHIPPED.find(key);
  }

  /** {@return those that can be had where a shed is empty} */
  public static List<SeedingMethod> forHire() {
    return all().stream().filter(SeedingMethod::forHire).toList();
  }

  /** {@return how a thin stand is seeded again} */
  public static SeedingMethod mending() {
    return all().stream().filter(SeedingMethod::mends).findFirst().orElseThrow();
  }

  /**
   * Adds a method for a while: how a method that does not ship is tried out.
   *
   * @param extra the method; its key must be new
   * @return takes it out again when closed
   */
  public static Registry.Added add(SeedingMethod extra) {
    return SHIPPED.add(extra);
  }
}
