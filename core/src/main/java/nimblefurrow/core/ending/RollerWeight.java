package nimblefurrow.core.ending;

import nimblefurrow.core.units.Need;

/**
 * A roller's mass on the ground.
 *
 * @param kgPerM mass per metre of width, water counted at 1 kg/L
 * @param weightFactor share of the kill that this mass brings, as the season model reckons
 */
public record RollerWeight(double kgPerM, double weightFactor) {
  private static final double FULL_KG_PER_M = 450;

  /**
   * {@return the roller weight of a roller with water in it}
   *
   * @param emptyKg mass empty, kg
   * @param widthM width, m
   * @param waterL water in it, L
   */
  public static RollerWeight of(double emptyKg, double widthM, double waterL) {
    Need.positive("emptyKg", "The roller's mass", emptyKg);
    Need.positive("widthM", "The roller's width", widthM);
    Need.notNegative("waterL", "The water", waterL);
    double kgPerM = (emptyKg + waterL) / widthM;
    return new RollerWeight(kgPerM, Math.min(1, 0.6 + 0.4 * kgPerM / FULL_KG_PER_M));
  }
}
