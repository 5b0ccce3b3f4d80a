package nimblefurrow.core.load;

import nimblefurrow.core.units.Need;

/**
 * Seed stirred into manure.
 *
 * @param seedKgPerM3 of slurry
 * @param seedKgPerTank in a full tank
 * @param haPerTank a full tank does
 */
public record Slurry(double seedKgPerM3, double seedKgPerTank, double haPerTank) {

  /**
   * {@return seed for a rate of seed and a rate of slurry}
   *
   * @param rateKgPerHa bulk rate, kg/ha
   * @param slurryM3PerHa slurry, m³/ha
   * @param tankM3 tank, m³
   */
  public static Slurry of(double rateKgPerHa, double slurryM3PerHa, double tankM3) {
    Need.positive("rateKgPerHa", "The seeding rate", rateKgPerHa);
    Need.positive("slurryM3PerHa", "The slurry rate", slurryM3PerHa);
    Need.positive("tankM3", "The tank", tankM3);
    double perM3 = rateKgPerHa / slurryM3PerHa;
    return new Slurry(perM3, perM3 * tankM3, tankM3 / slurryM3PerHa);
  }
}
