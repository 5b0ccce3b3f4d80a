package nimblefurrow.core.season;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * The cover as it was just before it was ended, and what came of it. Arrays have one value a
 * component.
 *
 * @param on the day
 * @param coverMgPerHa dry matter before
 * @param kill share of each component killed
 * @param carbonToNitrogen of the tops as a whole; null without cover
 * @param nitrogenInTopsKgPerHa nitrogen in the tops
 * @param availableNitrogenKgPerHa released in 8-10 weeks; negative is tie-up
 * @param coverTranspirationMm water taken by the cover up to this day
 * @param stageFraction stages
 * @param mulchMgPerHa mulch just after
 * @param heightCm heights
 * @param weeksOfCover weeks until the mulch falls below 4 Mg/ha, or until the run ends; null where
 *     not every day was kept
 * @param mulch28dMgPerHa mulch four weeks later, or at the run's end; null likewise
 * @param smallWeeds28d emergence of small-seeded summer annuals against bare ground
 * @param largeWeeds28d the same for large-seeded ones
 * @param cutShort whether the run, and so the weeks or the four weeks, end on 31 July or sooner
 */
public record Terminated(
    LocalDate on,
    double coverMgPerHa,
    double[] kill,
    @Nullable Double carbonToNitrogen,
    double nitrogenInTopsKgPerHa,
    double availableNitrogenKgPerHa,
    double coverTranspirationMm,
    double[] stageFraction,
    double mulchMgPerHa,
    double[] heightCm,
    @Nullable Double weeksOfCover,
    @Nullable Double mulch28dMgPerHa,
    @Nullable Double smallWeeds28d,
    @Nullable Double largeWeeds28d,
    boolean cutShort) {
  /** The same with the mulch that lay just after. */
  Terminated withMulch(double mulch) {
    return with(mulch, null, null, false);
  }

  /**
   * The same with what came later; weeds after Teasdale and Mohler 2000.
   *
   * @param weeks weeks until the mulch no longer holds weeds
   * @param mulch28d mulch four weeks later
   * @param cutShort whether the run ended first
   */
  Terminated withFollowUp(double weeks, double mulch28d, boolean cutShort) {
    return with(mulchMgPerHa, weeks, mulch28d, cutShort);
  }

  private Terminated with(
      double mulch, @Nullable Double weeks, @Nullable Double later, boolean ended) {
    return new Terminated(
        on,
        coverMgPerHa,
        kill,
        carbonToNitrogen,
        nitrogenInTopsKgPerHa,
        availableNitrogenKgPerHa,
        coverTranspirationMm,
        stageFraction,
        mulch,
        heightCm,
        weeks,
        later,
        later == null ? null : Math.exp(-0.40 * later),
        later == null ? null : Math.exp(-0.18 * later),
        ended);
  }
}
