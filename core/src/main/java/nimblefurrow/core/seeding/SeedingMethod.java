package nimblefurrow.core.seeding;

import java.util.Arrays;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Refused;

/** The ways growers get cover seed into a field. */
public enum SeedingMethod {
  DRILL("drill", "drill after harvest", Placement.DRILL, When.AFTER_HARVEST),
  PRECISION_PLANTER(
      "precisionPlanter", "precision planter", Placement.PRECISION_PLANTER, When.AFTER_HARVEST),
  INTERSEEDER("interseeder", "interseeder with openers", Placement.INTERSEEDER, When.YOUNG_CROP),
  AIR_BOX("airBox", "air box without openers", Placement.HIGH_CLEARANCE, When.YOUNG_CROP),
  HIGH_CLEARANCE(
      "highClearance", "high-clearance spreader", Placement.HIGH_CLEARANCE, When.STANDING_CROP),
  AIRCRAFT("aircraft", "aircraft", Placement.AIR, When.STANDING_CROP),
  DRONE("drone", "drone", Placement.AIR, When.STANDING_CROP),
  COMBINE_HEAD(
      "combineHead", "seeder on the combine head", Placement.COMBINE_HEAD, When.AT_HARVEST),
  BROADCAST("broadcast", "broadcast after harvest", Placement.BROADCAST, When.AFTER_HARVEST),
  BROADCAST_INCORPORATED(
      "broadcastIncorporated",
      "broadcast and work in lightly",
      Placement.BROADCAST_INCORPORATED,
      When.AFTER_HARVEST),
  SLURRY("slurry", "slurry with seed", Placement.SLURRY, When.AFTER_HARVEST),
  FROST("frost", "frost seeding", Placement.FROST, When.LATE_WINTER),
  BY_HAND(
      "byHand",
      "till lightly and spread by hand",
      Placement.BROADCAST_INCORPORATED,
      When.AFTER_HARVEST);

  /** What must be on the field. */
  public enum When {
    /** The crop is off. */
    AFTER_HARVEST,
    /** The combine itself carries the seed. */
    AT_HARVEST,
    /** Between rows of a crop that still lets light through. */
    YOUNG_CROP,
    /** From above into a crop that drops its leaves. */
    STANDING_CROP,
    /** On frozen ground that thaws by day. */
    LATE_WINTER
  }

  private final String key;
  private final String label;
  private final Placement placement;
  private final When when;

  SeedingMethod(String key, String label, Placement placement, When when) {
    this.key = key;
    this.label = label;
    this.placement = placement;
    this.when = when;
  }

  /** The name on the wire. */
  public String key() {
    return key;
  }

  /** In a grower's words. */
  public String label() {
    return label;
  }

  /** What it does to the seed. */
  public Placement placement() {
    return placement;
  }

  /** What must be on the field. */
  public When when() {
    return when;
  }

  /** Whether seed lies on open ground and nothing works it in. */
  public boolean spreadAndLeft() {
    return this == BROADCAST || this == COMBINE_HEAD;
  }

  /** Whether seed ends in the soil, so that drilled rates apply. */
  public boolean buried() {
    return switch (placement) {
      case DRILL, PRECISION_PLANTER, INTERSEEDER -> true;
      default -> false;
    };
  }

  /**
   * The method of a wire name.
   *
   * @throws Refused when there is none
   */
  public static SeedingMethod of(String key) {
    return Arrays.stream(values())
        .filter(m -> m.key.equals(key))
        .findFirst()
        .orElseThrow(() -> new Refused("", "there is no way of seeding called “" + key + "”"));
  }
}
