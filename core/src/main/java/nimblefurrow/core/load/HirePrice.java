package nimblefurrow.core.load;

import nimblefurrow.core.units.Need;

/**
 * The price of seeding for someone else.
 *
 * @param basis what is charged by
 * @param hours of work
 * @param work area or hours times their price
 * @param ferry the way there
 * @param charge the larger of work and minimum, plus ferry
 * @param minimumApplied whether the minimum was the larger
 * @param breakEvenHaPerHour area an hour at which both prices bring the same
 */
public record HirePrice(
    Basis basis,
    double hours,
    double work,
    double ferry,
    double charge,
    boolean minimumApplied,
    double breakEvenHaPerHour) {

  /** What is charged by. */
  public enum Basis {
    AREA,
    HOUR
  }

  /**
   * @param pricePerHa up to the weight limit
   * @param pricePerHour above it
   * @param weightLimitKgPerHa heaviest rate that is charged by area
   * @param minimumCharge for a job
   * @param ferryKm charged distance
   * @param pricePerKm of it
   */
  public record Tariff(
      double pricePerHa,
      double pricePerHour,
      double weightLimitKgPerHa,
      double minimumCharge,
      double ferryKm,
      double pricePerKm) {}

  /**
   * {@return the price of one job}
   *
   * @param areaHa area, ha
   * @param rateKgPerHa bulk rate, kg/ha
   * @param haPerHour area an hour, ha
   * @param t prices
   */
  public static HirePrice of(double areaHa, double rateKgPerHa, double haPerHour, Tariff t) {
    Need.positive("areaHa", "The area", areaHa);
    Need.positive("rateKgPerHa", "The rate", rateKgPerHa);
    Need.positive("haPerHour", "The area an hour", haPerHour);
    Need.positive("pricePerHa", "The price by area", t.pricePerHa());
    Need.positive("pricePerHour", "The price by the hour", t.pricePerHour());
    Need.notNegative("weightLimitKgPerHa", "The weight limit", t.weightLimitKgPerHa());
    Need.notNegative("minimumCharge", "The minimum charge", t.minimumCharge());
    Need.notNegative("ferryKm", "The ferry distance", t.ferryKm());
    Need.notNegative("pricePerKm", "The price of distance", t.pricePerKm());
    Basis basis = rateKgPerHa <= t.weightLimitKgPerHa() ? Basis.AREA : Basis.HOUR;
    double hours = areaHa / haPerHour;
    double work = basis == Basis.AREA ? areaHa * t.pricePerHa() : hours * t.pricePerHour();
    double ferry = t.ferryKm() * t.pricePerKm();
    return new HirePrice(
        basis,
        hours,
        work,
        ferry,
        Math.max(t.minimumCharge(), work) + ferry,
        work < t.minimumCharge(),
        t.pricePerHour() / t.pricePerHa());
  }
}
