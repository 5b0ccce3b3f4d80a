package nimblefurrow.core;

import nimblefurrow.core.seeding.SeedingMethod;

/** The ways of seeding by name, for tests. */
public final class Seedings {
  public static final SeedingMethod DRILL = SeedingMethod.of("drill");
  public static final SeedingMethod INTERSEEDER = SeedingMethod.of("interseeder");
  public static final SeedingMethod AIR_BOX = SeedingMethod.of("airBox");
  public static final SeedingMethod HIGH_CLEARANCE = SeedingMethod.of("highClearance");
  public static final SeedingMethod AIRCRAFT = SeedingMethod.of("aircraft");
  public static final SeedingMethod DRONE = SeedingMethod.of("drone");
  public static final SeedingMethod COMBINE_HEAD = SeedingMethod.of("combineHead");
  public static final SeedingMethod BROADCAST = SeedingMethod.of("broadcast");
  public static final SeedingMethod SLURRY = SeedingMethod.of("slurry");
  public static final SeedingMethod FROST = SeedingMethod.of("frost");

  private Seedings() {}
}
