package nimblefurrow.core.seed;

import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Pure live seed: what of a bag can make a plant.
 *
 * @param plsFraction purity × germination
 * @param bulkRateKgPerHa what must go through the machine, kg/ha
 */
public record PureLiveSeed(double plsFraction, double bulkRateKgPerHa) {

  /**
   * {@return bulk rate for a rate of pure live seed}
   *
   * @param purity share of the bulk that is this seed, above 0 to 1
   * @param germination share of pure seed that germinates, hard seed counted if it is to count
   * @param plsRateKgPerHa wanted rate of pure live seed, kg/ha
   * @throws Refused naming what is out of range
   */
  public static PureLiveSeed of(double purity, double germination, double plsRateKgPerHa) {
    Need.share("purity", "Purity", purity);
    Need.share("germination", "Germination", germination);
    Need.notNegative("plsRateKgPerHa", "The rate of pure live seed", plsRateKgPerHa);
    double fraction = purity * germination;
    return new PureLiveSeed(fraction, plsRateKgPerHa / fraction);
  }

  /**
   * Germination from a count-out: seeds on a wet towel.
   *
   * @param germination share that germinated
   * @param low lower end of its interval, Wilson 1927
   * @param high upper end
   */
  public record CountOut(double germination, double low, double high) {

    /**
     * @param germinated seeds that came
     * @param tested seeds laid out
     * @param confidence of the interval
     * @return the pure live seed
     * @throws Refused when no seed was tested, or more came than were laid out
     */
    public static CountOut of(int germinated, int tested, double confidence) {
      Need.positive("tested", "The number of seeds tested", tested);
      Need.notNegative("germinated", "The number of seeds that germinated", germinated);
      Need.confidence(confidence);
      if (germinated > tested) {
        throw new Refused(
            "germinated",
            "%d seeds cannot have germinated of %d that were laid out."
                .formatted(germinated, tested));
      }
      Interval i = Interval.ofShare(germinated, tested, confidence);
      return new CountOut((double) germinated / tested, i.low(), i.high());
    }
  }
}
