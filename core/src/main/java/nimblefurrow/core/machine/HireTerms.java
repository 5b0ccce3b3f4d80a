package nimblefurrow.core.machine;

import nimblefurrow.core.units.Need;
import org.jspecify.annotations.Nullable;

/**
 * What a machine's work is charged by beside its prices.
 *
 * @param weightLimitKgPerHa the heaviest rate that goes by area, kg/ha, where both prices are said;
 *     null for any
 * @param leastUsd charged for a job at least, US dollars; 0 for none
 * @param wayKm charged for each job, km; 0 for none
 * @param usdPerKm price of the way, US dollars a km
 */
public record HireTerms(
    @Nullable Double weightLimitKgPerHa, double leastUsd, double wayKm, double usdPerKm) {
  /** Only the prices. */
  public static final HireTerms NONE = new HireTerms(null, 0, 0, 0);

  public HireTerms {
    if (weightLimitKgPerHa != null) {
      Need.notNegative("weightLimitKgPerHa", "The weight limit", weightLimitKgPerHa);
    }
    Need.notNegative("leastUsd", "The least for a job", leastUsd);
    Need.notNegative("wayKm", "The way there", wayKm);
    Need.notNegative("usdPerKm", "The price of the way", usdPerKm);
  }

  /** {@return the way of one job, US dollars} */
  public double wayUsd() {
    return wayKm * usdPerKm;
  }
}
