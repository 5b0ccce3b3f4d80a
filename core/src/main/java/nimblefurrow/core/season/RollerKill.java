package nimblefurrow.core.season;

/**
 * Share of a stand a roller kills: the single-plant curve averaged over the stand's spread of
 * stages, then taken down by stems, ground, mass and height.
 *
 * <p>Shaped on Ashford and Reeves 2003, Mirsky et al. 2009 and Mischler et al. 2010.
 */
final class RollerKill {
  private static final int STEPS = 20;
  private static final double STEP = 0.25;
  private static final double[] WEIGHTS = new double[STEPS + 1];
  private static final double WEIGHT_SUM;

  static {
    double sum = 0;
    for (int s = 0; s <= STEPS; s++) {
      double z = -2.5 + STEP * s;
      WEIGHTS[s] = Math.exp(-z * z / 2);
      sum += WEIGHTS[s];
    }
    WEIGHT_SUM = sum;
  }

  private RollerKill() {}

  static double of(ComponentState c, Ending.Roll roll, double standHeightCm) {
    double spread = c.stageSpreadPtu();
    double sum = 0;
    for (int s = 0; s <= STEPS; s++) {
      double z = -2.5 + STEP * s;
      sum += WEIGHTS[s] * c.species.rollerKill().at((c.ptu + z * spread) / c.need);
    }
    double stand = sum / WEIGHT_SUM;
    double height = standHeightCm < 30 ? 0.3 : standHeightCm < 60 ? 0.7 : 1.0;
    double once =
        stand
            * roll.stems().factor()
            * roll.ground().factor()
            * massFactor(roll.rollerKgPerM())
            * height;
    return 1 - Math.pow(1 - once, roll.passes());
  }

  static double massFactor(double kgPerM) {
    return Math.min(1, 0.6 + 0.4 * kgPerM / 450);
  }
}
