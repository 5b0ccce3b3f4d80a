package nimblefurrow.core.trial;

import org.apache.commons.numbers.gamma.RegularizedBeta;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Student's t where the truth is not nought.
 *
 * <p>Source: Lenth 1989, Algorithm AS 243: Cumulative distribution function of the non-central t
 * distribution, Applied Statistics 38, 185-189.
 */
final class NoncentralT {
  private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
  private static final double EXACT = 1e-12;
  private static final int MOST_TERMS = 5000;

  private NoncentralT() {}

  /**
   * {@return the chance of a value up to one}
   *
   * @param t the value
   * @param freedom degrees of freedom, above 0
   * @param away noncentrality
   */
  static double cumulative(double t, double freedom, double away) {
    if (t < 0) {
      return 1 - upTo(-t, freedom, -away);
    }
    return upTo(t, freedom, away);
  }

  private static double upTo(double t, double freedom, double away) {
    double below = NORMAL.cumulativeProbability(-away);
    double x = t * t / (t * t + freedom);
    if (x <= 0) {
      return below;
    }
    double half = away * away / 2;
    double p = Math.exp(-half) / 2;
    double q = Math.sqrt(2 / Math.PI) * Math.exp(-half) * away / 2;
    double sum = 0;
    double left = 0.5 - p;
    for (int j = 0; j < MOST_TERMS; j++) {
      sum +=
          p * RegularizedBeta.value(x, j + 0.5, freedom / 2)
              + q * RegularizedBeta.value(x, j + 1.0, freedom / 2);
      if (left < EXACT && j > half) {
        break;
      }
      p *= half / (j + 1);
      q *= half / (j + 1.5);
      left -= p;
    }
    return Math.min(1, below + sum);
  }
}
