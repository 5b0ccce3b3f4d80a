package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.nutrient.NitrogenKnown.Clipped;
import nimblefurrow.core.nutrient.NitrogenKnown.CoverNitrogen;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/** A cover's nitrogen over all ways its season may go, as a ledger takes it. */
public final class CoverNitrogenYears {
  private CoverNitrogenYears() {}

  /**
   * {@return the nitrogen of a cover}
   *
   * @param forecaster runs the model
   * @param plan the cover
   * @param crop cash crop of the field, grown under every sky
   * @param way how it is ended; one the model knows
   * @param clipped a sample of the tops with its analysis; null for none
   */
  public static CoverNitrogen of(
      Forecaster forecaster,
      CoverPlan plan,
      CropSeasons crop,
      EndingMethod way,
      @Nullable Clipped clipped) {
    LocalDate on = plan.endOn();
    List<SeasonRun> runs =
        forecaster.growing(plan, crop, SeasonColumns.Detail.FULL, on.minusDays(1)).runs();
    AfterEnding after = AfterEnding.of(forecaster, plan, crop, way);
    return new CoverNitrogen(
        on,
        middle(runs, c -> NitrogenInTops.at(plan.cover(), c, c.indexOf(on)).kgPerHa()),
        middle(runs, c -> NitrogenInTops.takenUp(plan.cover(), c, c.indexOf(on))),
        after.nitrogenKgPerHa(),
        after.mulch().stream().map(Spread::median).toList(),
        clipped);
  }

  private static double middle(List<SeasonRun> runs, ToDoubleFunction<SeasonColumns> of) {
    return Spread.of(runs.stream().map(SeasonRun::columns).mapToDouble(of).toArray()).median();
  }
}
