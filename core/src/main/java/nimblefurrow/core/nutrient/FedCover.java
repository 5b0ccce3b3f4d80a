package nimblefurrow.core.nutrient;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;

/**
 * A cover that is fed for more mulch, priced against what it buys.
 *
 * @param moreMgPerHa it grows more
 * @param usdPerHa product and pass
 * @param metBefore years that reach the goal without it
 * @param metAfter years that reach it with it
 * @param years how many there are
 */
public record FedCover(
    double moreMgPerHa, double usdPerHa, int metBefore, int metAfter, int years) {
  /**
   * Dry matter a cereal cover grows for a kilogram of nitrogen where it is short of it. Working
   * value in the range of spring top-dressing of rye, 10 to 25.
   */
  public static final double USUAL_KG_PER_KG = 15;

  /** More does not make more of it. Working value, kg/ha. */
  private static final double MOST_KG = 100;

  private static final double KG_PER_MG = 1000;

  /**
   * {@return what feeding brings}
   *
   * @param mulch what it grows to without it, in every year, Mg/ha
   * @param target that is wanted, Mg/ha
   * @param nitrogenKgPerHa that is brought out
   * @param kgPerKg dry matter grown for a kilogram of nitrogen
   * @param usdPerKg price of nitrogen
   * @param passUsdPerHa price of the pass
   * @throws Refused when a figure cannot be
   */
  public static FedCover of(
      Spread mulch,
      double target,
      double nitrogenKgPerHa,
      double kgPerKg,
      double usdPerKg,
      double passUsdPerHa) {
    Need.positive("nitrogenKgPerHa", "The nitrogen", nitrogenKgPerHa);
    if (nitrogenKgPerHa > MOST_KG) {
      throw new Refused(
          "nitrogenKgPerHa", "More than 90 lb/ac (100 kg/ha) grows no more cover; give less.");
    }
    Need.positive("kgPerKg", "What a kilogram of nitrogen grows", kgPerKg);
    Need.notNegative("usdPerKg", "The price of nitrogen", usdPerKg);
    Need.notNegative("passUsdPerHa", "The price of the pass", passUsdPerHa);
    Need.positive("target", "The target", target);
    double more = nitrogenKgPerHa * kgPerKg / KG_PER_MG;
    return new FedCover(
        more,
        nitrogenKgPerHa * usdPerKg + passUsdPerHa,
        mulch.atLeast(target),
        mulch.atLeast(target - more),
        mulch.years());
  }
}
