package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.seeding.CoverPlan;

/**
 * A cover that was seen ripe for the drum: from mid-anthesis or full bloom of its last species on
 * its stems stay down, until its seed is viable.
 *
 * @param on the day the last species was seen so far
 * @param until the last day to roll it
 */
public record RipeSeen(LocalDate on, LocalDate until) {
  /** From mid-anthesis to soft dough, or full bloom to late pod. Working value. */
  static final int RIPE_DAYS = 10;

  /** What was seen at soft dough or late pod is rolled at once. Working value. */
  static final int LATE_DAYS = 2;

  /**
   * {@return what sightings of a cover's stages say; nothing where a species was not seen ripe, or
   * the way does not roll}
   *
   * @param plan the cover with what was seen of it
   * @param ending how it is ended
   */
  public static Optional<RipeSeen> of(CoverPlan plan, EndingMethod ending) {
    if (!ending.rolls()) {
      return Optional.empty();
    }
    LocalDate on = null;
    boolean late = false;
    for (int c = 0; c < plan.cover().size(); c++) {
      Species species = plan.cover().get(c).species();
      Sighting.Stage seen = last(plan, c);
      if (seen == null || seen.fraction() < RollMethod.ripe().applyAsDouble(species)) {
        return Optional.empty();
      }
      late |= seen.fraction() >= RollMethod.late().applyAsDouble(species);
      on = on == null || seen.on().isAfter(on) ? seen.on() : on;
    }
    return on == null
        ? Optional.empty()
        : Optional.of(new RipeSeen(on, on.plusDays(late ? LATE_DAYS : RIPE_DAYS)));
  }

  private static Sighting.@org.jspecify.annotations.Nullable Stage last(CoverPlan plan, int c) {
    Sighting.Stage last = null;
    for (Sighting s : plan.seen()) {
      if (s instanceof Sighting.Stage stage
          && stage.component() == c
          && (last == null || !stage.on().isBefore(last.on()))) {
        last = stage;
      }
    }
    return last;
  }
}
