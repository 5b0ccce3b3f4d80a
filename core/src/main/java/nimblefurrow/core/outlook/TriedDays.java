package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.standing.CoverDays;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;

/**
 * A planned cover whose days are tried while all else of its plan stays: what a phone holds of a
 * field to reckon by itself.
 *
 * @param known what is known of the field, without its cover and the days of kept work
 * @param kept those
 * @param cover the cover; its days are the ones meant
 * @param ending how it is to be ended, or was
 * @param closes the last day of its window; null where it cannot be seeded at all
 * @param purpose what it is for
 */
public record TriedDays(
    FieldStanding.Known known,
    Map<Deed, KeptDay> kept,
    CoverPlan cover,
    EndingMethod ending,
    @Nullable LocalDate closes,
    Purpose purpose) {
  public TriedDays {
    kept = Map.copyOf(kept);
  }

  /**
   * {@return the cover as it counts when other days are meant; nothing where it could not be seeded
   * any more}
   *
   * @param seedOn the day meant for seeding
   * @param endOn the day meant for its ending
   */
  public Optional<CoverPlan> on(LocalDate seedOn, LocalDate endOn) {
    FieldStanding.Cover tried =
        new FieldStanding.Cover(cover.method(), seedOn, closes, ending, endOn);
    FieldStanding.Known k =
        new FieldStanding.Known(
            known.today(),
            known.harvestLikely(),
            tried,
            known.plantOn(),
            known.logged(),
            KeptDay.holding(kept, tried),
            known.said(),
            known.seededShare());
    FieldStanding standing = FieldStanding.of(k);
    if (!standing.hasCover()) {
      return Optional.empty();
    }
    CoverDays days = CoverDays.of(standing, endOn, cover.plantOn(), known.today());
    return Optional.of(
        cover
            .seededOn(days.seedOn())
            .ended(days.endOn(), days.plantOn(), ending.acts(days.endOn())));
  }

  /**
   * {@return what changes when other days are meant, as {@link PlanDifference} says it; nothing
   * where there is no cover with the one or the other}
   *
   * @param forecaster reads off ranges and odds
   * @param crop the crop it is seeded into or behind, grown under every sky
   * @param seedOn the day tried for seeding
   * @param endOn the day tried for its ending
   */
  public List<Reason> changes(
      Forecaster forecaster, CropSeasons crop, LocalDate seedOn, LocalDate endOn) {
    Optional<CoverPlan> was = on(cover.seedOn(), cover.endOn());
    Optional<CoverPlan> is = on(seedOn, endOn);
    if (was.isEmpty() || is.isEmpty()) {
      return List.of();
    }
    return PlanDifference.between(
        was.get(),
        forecaster.outlook(was.get(), crop),
        is.get(),
        forecaster.outlook(is.get(), crop),
        purpose);
  }
}
