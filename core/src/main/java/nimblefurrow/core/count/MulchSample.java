package nimblefurrow.core.count;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * Cover clipped in hoops and weighed wet.
 *
 * @param mgPerHa mean dry matter
 * @param low lower end of its interval (Student's t over the hoops)
 * @param high upper end
 * @param samplesFor15Percent hoops in all for an interval of ± 15 %
 * @param oddsAboveTarget chance that the field's mean is above the target
 */
public record MulchSample(
    double mgPerHa, double low, double high, int samplesFor15Percent, double oddsAboveTarget) {
  /** Spread between hoops when they cannot tell it themselves, as a share of the mean. */
  private static final double USUAL_CV = 0.30;

  private static final double MG_PER_HA_OF_KG_PER_M2 = 10;
  private static final int MOST_SAMPLES = 500;

  /** One hoop: wet mass and its area. */
  public record Hoop(double wetKg, double frameM2) {}

  /**
   * @param samples hoops
   * @param dryMatterFraction dry over wet mass, above 0 to 1
   * @param targetMgPerHa wanted
   * @param confidence of the interval
   * @return the mulch sample
   */
  public static MulchSample of(
      List<Hoop> samples, double dryMatterFraction, double targetMgPerHa, double confidence) {
    Need.share("dryMatterFraction", "The share of dry matter", dryMatterFraction);
    Need.notNegative("targetMgPerHa", "The target", targetMgPerHa);
    Need.confidence(confidence);
    if (samples.isEmpty()) {
      throw new Refused("samples", "Clip at least one hoop.");
    }
    int n = samples.size();
    double[] each = new double[n];
    double mean = 0;
    for (int i = 0; i < n; i++) {
      Hoop h = samples.get(i);
      Need.notNegative("samples[" + i + "].wetKg", "The wet mass", h.wetKg());
      Need.positive("samples[" + i + "].frameM2", "The hoop's area", h.frameM2());
      each[i] = h.wetKg() / h.frameM2() * dryMatterFraction * MG_PER_HA_OF_KG_PER_M2;
      mean += each[i] / n;
    }
    double squares = 0;
    for (double e : each) {
      squares += (e - mean) * (e - mean);
    }
    boolean told = n > 1 && squares > 0;
    double sd = told ? Math.sqrt(squares / (n - 1)) : USUAL_CV * mean;
    int freedom = told ? n - 1 : 9;
    double error = sd / Math.sqrt(n);
    double half = Interval.student(confidence, freedom) * error;
    double odds =
        error > 0
            ? TDistribution.of(freedom).cumulativeProbability((mean - targetMgPerHa) / error)
            : mean > targetMgPerHa ? 1 : 0;
    return new MulchSample(
        mean, Math.max(0, mean - half), mean + half, needed(mean, sd, confidence), odds);
  }

  private static int needed(double mean, double sd, double confidence) {
    for (int n = 2; n < MOST_SAMPLES && mean > 0; n++) {
      if (Interval.student(confidence, n - 1) * sd / Math.sqrt(n) <= 0.15 * mean) {
        return n;
      }
    }
    return mean > 0 ? MOST_SAMPLES : 0;
  }
}
