package nimblefurrow.core.seeding;

import java.util.List;

/** Covers to think of first where none is planned, by what stands on the field. */
public final class Shortlist {
  private static final List<String> BEHIND_THE_COMBINE =
      List.of(
          "cereal_rye",
          "triticale",
          "oats",
          "radish",
          "hairy_vetch",
          "crimson_clover",
          "winter_pea",
          "annual_ryegrass");

  private Shortlist() {}

  /** Ids of species for a way of seeding. */
  public static List<String> of(SeedingMethod method) {
    return switch (method.when()) {
      case YOUNG_CROP -> Interseeded.lasting();
      case LATE_WINTER -> List.of("red_clover", "crimson_clover", "balansa_clover");
      case STANDING_CROP, AT_HARVEST, AFTER_HARVEST -> BEHIND_THE_COMBINE;
    };
  }
}
