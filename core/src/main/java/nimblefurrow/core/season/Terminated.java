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
 * @param weeksOfCover weeks until the mulch falls below 4 Mg/ha; null when not within the run
 * @param mulch28dMgPerHa mulch four weeks later; null when beyond the run
 * @param smallWeeds28d emergence of small-seeded summer annuals against bare ground
 * @param largeWeeds28d the same for large-seeded ones
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
    @Nullable Double largeWeeds28d) {}
