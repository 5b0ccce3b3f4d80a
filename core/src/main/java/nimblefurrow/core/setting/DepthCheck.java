package nimblefurrow.core.setting;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Seeds dug up: how many lie at the wanted depth?
 *
 * @param meanMm mean depth
 * @param shareInside share between the limits, both counted in
 * @param low lower end of its 90 % interval, Wilson 1927
 * @param high upper end
 */
public record DepthCheck(double meanMm, double shareInside, double low, double high) {
  private static final double CONFIDENCE = 0.90;

  /**
   * {@return the depth check of depths in mm against the wanted limits}
   *
   * @param depthsMm depths dug, mm
   * @param lowMm shallowest useful, mm
   * @param highMm deepest useful, mm
   */
  public static DepthCheck of(List<Double> depthsMm, double lowMm, double highMm) {
    Need.notNegative("lowMm", "The shallowest depth", lowMm);
    if (depthsMm.isEmpty()) {
      throw new Refused("depthsMm", "Dig up some seeds: ten tell enough.");
    }
    if (!(highMm > lowMm)) {
      throw new Refused("highMm", "The deepest depth must be more than the shallowest.");
    }
    double sum = 0;
    int inside = 0;
    for (int i = 0; i < depthsMm.size(); i++) {
      double d = Need.notNegative("depthsMm[" + i + "]", "A depth", depthsMm.get(i));
      sum += d;
      inside += d >= lowMm && d <= highMm ? 1 : 0;
    }
    int n = depthsMm.size();
    Interval i = Interval.ofShare(inside, n, CONFIDENCE);
    return new DepthCheck(sum / n, (double) inside / n, i.low(), i.high());
  }
}
