package nimblefurrow.core.seeding;

import java.util.List;

/** Covers to think of first where none is planned. */
final class Shortlist {
  /** Ids of species that suit most ways of seeding at or after harvest. */
  static final List<String> BEHIND_THE_COMBINE =
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
}
