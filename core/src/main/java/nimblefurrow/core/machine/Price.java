package nimblefurrow.core.machine;

import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.units.Need;
import org.jspecify.annotations.Nullable;

/**
 * What a machine costs at work, its operator counted: the one price that plan, work, quote, bill
 * and account ask.
 *
 * @param usdPerHour own cost or hire; null where none is said
 * @param usdPerHa hire by area; null where none is said
 * @param hired whether it brings its own crew
 * @param terms what else is charged
 */
public record Price(
    @Nullable Double usdPerHour, @Nullable Double usdPerHa, boolean hired, HireTerms terms) {
  public Price {
    if (usdPerHour != null) {
      Need.notNegative("usdPerHour", "The price of an hour", usdPerHour);
    }
    if (usdPerHa != null) {
      Need.notNegative("usdPerHa", "The price by area", usdPerHa);
    }
  }

  /**
   * Prices with nothing else charged.
   *
   * @param usdPerHour own cost or hire; null where none is said
   * @param usdPerHa hire by area; null where none is said
   * @param hired whether it brings its own crew
   */
  public Price(@Nullable Double usdPerHour, @Nullable Double usdPerHa, boolean hired) {
    this(usdPerHour, usdPerHa, hired, HireTerms.NONE);
  }

  /**
   * {@return what a job is charged by: by area first, but by the hour where both are said and the
   * rate is above the weight limit; null without any price}
   *
   * @param rateKgPerHa bulk rate of what goes out, kg/ha; 0 for work that brings nothing out
   */
  public HirePrice.@Nullable Basis basis(double rateKgPerHa) {
    Double limit = terms.weightLimitKgPerHa();
    if (usdPerHa != null && (usdPerHour == null || limit == null || rateKgPerHa <= limit)) {
      return HirePrice.Basis.AREA;
    }
    return usdPerHour == null ? null : HirePrice.Basis.HOUR;
  }

  /**
   * {@return money for one job, US dollars; nothing without any price}
   *
   * @param areaHa area, ha
   * @param hours hours at work
   * @param rateKgPerHa bulk rate of what goes out, kg/ha; 0 for work that brings nothing out
   */
  public double usd(double areaHa, double hours, double rateKgPerHa) {
    HirePrice.Basis basis = basis(rateKgPerHa);
    if (basis == null) {
      return 0;
    }
    double work =
        basis == HirePrice.Basis.AREA && usdPerHa != null
            ? usdPerHa * areaHa
            : usdPerHour == null ? 0 : usdPerHour * hours;
    return Math.max(terms.leastUsd(), work) + terms.wayUsd();
  }
}
