package nimblefurrow.core.count;

import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Maths;

/**
 * A share counted at several stops, where what stands together is alike: plants of one frame, heads
 * of one stop. Wilson's interval (1927) on as many as they are worth, that is all of them over 1 +
 * (m − 1)·ρ (Kish 1965), with ρ from the stops (analysis of variance, Donner 1986) drawn towards a
 * usual one, the more the fewer the stops and the nearer the share is to none or all: stops that
 * all say the same say nothing of how they differ. Usual ρ, weight and degrees of freedom were set
 * by simulation, so that 90 % is nowhere under 85 % and 88 to 93 % on the mean, wherever ρ is up to
 * 0.2 ({@code scripts/bench coverage}).
 */
final class ClusteredShare {
  private static final double USUAL_CORRELATION = 0.17;
  private static final double USUAL_WEIGHT_STOPS = 0.22;
  private static final double MORE_DEGREES = 2;

  private ClusteredShare() {}

  /**
   * The interval.
   *
   * @param hits at each stop; more than tried counts as all
   * @param tried at each stop; stops of none are left out
   * @param confidence wanted, 0..1
   */
  static Interval of(double[] hits, double[] tried, double confidence) {
    double all = 0;
    double hit = 0;
    double squares = 0;
    int n = 0;
    for (int s = 0; s < tried.length; s++) {
      all += tried[s];
      hit += Math.min(hits[s], tried[s]);
      squares += tried[s] * tried[s];
      n += tried[s] > 0 ? 1 : 0;
    }
    double share = hit / all;
    double worth = all / (1 + (all / n - 1) * correlation(hits, tried, share, all, squares, n));
    double z = Interval.student(confidence, Math.max(0, n - 1) + MORE_DEGREES);
    double z2 = z * z / worth;
    double middle = (share + z2 / 2) / (1 + z2);
    double half = z * Math.sqrt(share * (1 - share) / worth + z2 / (4 * worth)) / (1 + z2);
    return new Interval(Maths.clamp(middle - half), Maths.clamp(middle + half));
  }

  private static double correlation(
      double[] hits, double[] tried, double share, double all, double squares, int n) {
    if (n < 2 || all <= n) {
      return USUAL_CORRELATION;
    }
    double between = 0;
    double within = 0;
    for (int s = 0; s < tried.length; s++) {
      if (tried[s] > 0) {
        double p = Math.min(hits[s], tried[s]) / tried[s];
        between += tried[s] * (p - share) * (p - share);
        within += tried[s] * p * (1 - p);
      }
    }
    double msb = between / (n - 1);
    double msw = within / (all - n);
    double m0 = (all - squares / all) / (n - 1);
    double sum = msb + (m0 - 1) * msw;
    double seen = sum > 0 ? Maths.clamp((msb - msw) / sum, 0, 0.9) : USUAL_CORRELATION;
    double told = (n - 1) * Math.min(1, 4 * share * (1 - share));
    return (USUAL_CORRELATION * USUAL_WEIGHT_STOPS + seen * told) / (USUAL_WEIGHT_STOPS + told);
  }
}
