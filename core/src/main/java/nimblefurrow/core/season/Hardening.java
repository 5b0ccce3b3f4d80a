package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import nimblefurrow.core.cover.Hardiness;
import nimblefurrow.core.cover.Species;

/**
 * How hardened one species is and what frost does to it. Kill follows a logistic of the degrees
 * above the temperature at which half die; each cold counts only beyond the worst before it.
 */
final class Hardening {
  private static final double SURE_SURVIVAL = 4;
  private static final double LOGISTIC_AT_FOUR = 1 / (1 + Math.exp(SURE_SURVIVAL));

  /** Days of this mean harden, warmer ones soften, °C. */
  private static final double HARDENS_FROM = -2;

  private static final double HARDENS_UNTIL = 8;
  private static final double SOFTENS_FROM = 12;
  private static final double HARDENS_A_DAY = 0.035;
  private static final double SOFTENS_A_DAY = 0.03;

  /** Leaves burn at this share of the killing cold where less snow than this lies, mm. */
  private static final double BURNS_AT = 0.35;

  private static final double BURN_SNOW_MM = 5;
  private static final double BURNT_A_DAY = 0.01;

  private final Species.Winter winter;
  private final double softLt50;

  /** 0 soft to 1 fully hardened. */
  double level;

  /** Largest share killed by cold so far, 0..1. */
  double worst;

  Hardening(Species.Winter winter) {
    this.winter = winter;
    this.softLt50 =
        switch (winter.hardiness()) {
          case HARDY -> Math.min(-3, 0.3 * winter.lt50HardC());
          case HALF -> 0.8 * winter.lt50HardC();
          case SUMMER -> winter.lt50HardC();
        };
  }

  private Hardening(Hardening of) {
    winter = of.winter;
    softLt50 = of.softLt50;
    level = of.level;
    worst = of.worst;
  }

  Hardening copy() {
    return new Hardening(this);
  }

  void harden(double meanC) {
    if (winter.hardiness() == Hardiness.SUMMER) {
      return;
    }
    if (meanC >= HARDENS_FROM && meanC <= HARDENS_UNTIL) {
      level = Math.min(1, level + HARDENS_A_DAY);
    } else if (meanC > SOFTENS_FROM) {
      level = Math.max(0, level - SOFTENS_A_DAY);
    }
  }

  /** Share of the mass that a cold day burns. */
  double burnt(double tminC, double snowWaterMm) {
    return tminC < BURNS_AT * winter.lt50HardC() && snowWaterMm < BURN_SNOW_MM ? BURNT_A_DAY : 0;
  }

  /** Share of the plants there are that the cold of a day kills. */
  double killed(double tminC, double crownC) {
    double felt = winter.exposed() ? tminC : crownC;
    double above = felt - (softLt50 + level * (winter.lt50HardC() - softLt50));
    if (above >= SURE_SURVIVAL) {
      return 0;
    }
    double logistic = 1 / (1 + Math.exp(Math.max(above, -50)));
    double p = clamp((logistic - LOGISTIC_AT_FOUR) / (1 - LOGISTIC_AT_FOUR));
    if (p <= worst) {
      return 0;
    }
    double share = (p - worst) / (1 - worst);
    worst = p;
    return share;
  }
}
