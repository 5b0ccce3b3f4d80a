package nimblefurrow.core.count;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Heads in flower, counted stop by stop along a field, with a rule that says after each stop
 * whether to go on.
 *
 * <p>Heads of one stop are alike, so they count for less than their number: the variance is that of
 * a binomial times 1 + (m − 1)·ρ (Kish 1965), with ρ from the stops (analysis of variance, Donner
 * 1986) drawn towards 0.1. The rule looks after every stop from the fourth on: it says roll once
 * the share stands clear of target − 0.10, and wait once it stands clear below target + 0.05; clear
 * means a t quantile at a part of the risk, because it looks many times (in the manner of Pocock
 * 1977). The part was set by simulation, with ρ up to 0.2.
 *
 * @param share of all heads seen
 * @param low lower end of its 90 % interval: {@link ClusteredShare}
 * @param high upper end
 * @param decision what to do now
 * @param stopsLeft how many may still be made; 0 once decided
 * @param correlation within stops, as reckoned with
 */
public record FloweringCount(
    double share, double low, double high, Decision decision, int stopsLeft, double correlation) {
  /** Stops before any verdict. */
  public static final int FIRST_VERDICT = 4;

  private static final double TOO_EARLY_BY = 0.10;
  private static final double RIPE_BY = 0.05;
  private static final double PRIOR = 0.1;
  private static final double PRIOR_STOPS = 4;
  private static final double CONFIDENCE = 0.90;

  /** Part of a risk that each look may spend. */
  private static final double LOOKS = 4.5;

  /** What to do. */
  public enum Decision {
    ROLL,
    WAIT,
    ANOTHER
  }

  /** Heads looked at and heads in flower at one stop. */
  public record Stop(int heads, int flowering) {}

  /**
   * {@return the verdict after some stops}
   *
   * @param stops so far
   * @param target share in flower from which rolling works
   * @param riskTooEarly of saying roll though the share is target − 0.10 or less
   * @param riskTooLate of saying wait though it is target + 0.05 or more
   * @param maxStops after which it says wait
   */
  public static FloweringCount of(
      List<Stop> stops, double target, double riskTooEarly, double riskTooLate, int maxStops) {
    check(stops, target, riskTooEarly, riskTooLate, maxStops);
    int n = stops.size();
    double heads = stops.stream().mapToInt(Stop::heads).sum();
    double flowering = stops.stream().mapToInt(Stop::flowering).sum();
    double share = flowering / heads;
    double rho = correlation(stops, share, heads);
    double m = heads / n;
    double inflation = 1 + (m - 1) * rho;
    Interval range =
        ClusteredShare.of(
            stops.stream().mapToDouble(Stop::flowering).toArray(),
            stops.stream().mapToDouble(Stop::heads).toArray(),
            CONFIDENCE);
    Decision decision =
        decide(n, share, heads, inflation, target, riskTooEarly, riskTooLate, maxStops);
    int left = decision == Decision.ANOTHER ? maxStops - n : 0;
    return new FloweringCount(share, range.low(), range.high(), decision, left, rho);
  }

  private static Decision decide(
      int n,
      double share,
      double heads,
      double inflation,
      double target,
      double riskTooEarly,
      double riskTooLate,
      int maxStops) {
    if (n >= Math.min(FIRST_VERDICT, maxStops)) {
      double tooEarly = target - TOO_EARLY_BY;
      double ripe = Math.min(0.995, target + RIPE_BY);
      if ((share - tooEarly) / spread(tooEarly, heads, inflation) > limit(riskTooEarly, n)) {
        return Decision.ROLL;
      }
      if ((ripe - share) / spread(ripe, heads, inflation) > limit(riskTooLate, n)) {
        return Decision.WAIT;
      }
    }
    return n >= maxStops ? Decision.WAIT : Decision.ANOTHER;
  }

  private static double spread(double p, double heads, double inflation) {
    return Math.sqrt(p * (1 - p) / heads * inflation);
  }

  private static double limit(double risk, int n) {
    return Interval.student(1 - 2 * risk / LOOKS, Math.max(1, n - 1));
  }

  /** Within-stop correlation by analysis of variance, drawn towards the prior. */
  private static double correlation(List<Stop> stops, double share, double heads) {
    int n = stops.size();
    if (n < 2 || heads <= n) {
      return PRIOR;
    }
    double between = 0;
    double within = 0;
    double squares = 0;
    for (Stop s : stops) {
      double p = (double) s.flowering() / s.heads();
      between += s.heads() * (p - share) * (p - share);
      within += s.heads() * p * (1 - p);
      squares += (double) s.heads() * s.heads();
    }
    double msb = between / (n - 1);
    double msw = within / (heads - n);
    double m0 = (heads - squares / heads) / (n - 1);
    double all = msb + (m0 - 1) * msw;
    double seen = all > 0 ? Maths.clamp((msb - msw) / all, 0, 0.9) : PRIOR;
    return (PRIOR * PRIOR_STOPS + seen * (n - 1)) / (PRIOR_STOPS + n - 1);
  }

  private static void check(
      List<Stop> stops, double target, double early, double late, int maxStops) {
    if (!(target > 0.15 && target < 1)) {
      throw new Refused("target", "The target share must be above 15 and below 100 %.");
    }
    if (!(early > 0 && early < 0.5)) {
      throw new Refused("riskTooEarly", "The risk of rolling too early is between 0 and 50 %.");
    }
    if (!(late > 0 && late < 0.5)) {
      throw new Refused("riskTooLate", "The risk of waiting too long is between 0 and 50 %.");
    }
    if (maxStops < 1 || maxStops > 200) {
      throw new Refused("maxStops", "Stops are 1 to 200.");
    }
    if (stops.isEmpty()) {
      throw new Refused("stops", "Count a first stop: ten heads, how many show anthers?");
    }
    for (int i = 0; i < stops.size(); i++) {
      Stop s = stops.get(i);
      Need.positive("stops[" + i + "].heads", "The number of heads", s.heads());
      Need.notNegative("stops[" + i + "].flowering", "The number in flower", s.flowering());
      if (s.flowering() > s.heads()) {
        throw new Refused(
            "stops[" + i + "].flowering",
            "%d of %d heads cannot be in flower.".formatted(s.flowering(), s.heads()));
      }
    }
  }
}
