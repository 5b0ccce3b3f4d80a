package nimblefurrow.core.outlook;

import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.units.Spread;

/**
 * What counts beside the odds, in shares of years, for covers and for endings alike. Working
 * values.
 */
final class Weighing {
  /** Where odds are alike, or all none, what comes nearer leads, not what is cheapest. */
  static final double NEAR_COUNTS = 0.3;

  private static final double CARE_COSTS = 0.1;

  /** Stirred ground gives up what a cover was grown for; only where nothing gentler does. */
  private static final double STIRRING_COSTS = 0.3;

  /** Money that weighs as much as one year in ten of the goal, US dollars per ha. */
  private static final double USD_PER_YEAR_IN_TEN = 100;

  private Weighing() {}

  /** Money per ha in shares of years. */
  static double money(double usdPerHa) {
    return 0.1 * usdPerHa / USD_PER_YEAR_IN_TEN;
  }

  /** How near the middle year comes to a target, 0..1; 0 where it cannot be told. */
  static double near(Spread measure, double target) {
    double middle = measure.median();
    return Double.isFinite(middle) ? Maths.clamp(middle / target) : 0;
  }

  /** What an ending costs beside money. */
  static double costs(EndingOption o) {
    double care = o.fit() == EndingOption.Fit.FITS ? 0 : CARE_COSTS;
    return care + (o.method().stirs() ? STIRRING_COSTS : 0);
  }
}
