package nimblefurrow.core.season;

import nimblefurrow.core.units.Maths;

/**
 * Share of a species a herbicide kills and how fast it browns: working values by kind of plant and
 * stage, taken down in the cold. A label or a later count of the kill replaces them.
 */
public final class SprayKill {
  /** Mean of three days from which leaves take up all of it, °C. */
  public static final double WARM_C = 12;

  /** And at which a quarter fewer die, °C. */
  public static final double COLD_C = 5;

  private static final double LEFT_IN_COLD = 0.75;
  private static final double RYEGRASS_COOL = 0.60;
  private static final double SLOWER_WHEN_COOL = 1.5;
  private static final double CONTACT_DAYS = 5;

  private SprayKill() {}

  /**
   * Share killed, 0..1.
   *
   * @param meanC mean temperature of the three days around
   */
  static double of(
      ComponentState c, Ending.Spray spray, ModelParameters p, double heightCm, double meanC) {
    if (spray.kill() != null) {
      return spray.kill();
    }
    String kind = c.species.sprayKind();
    double base = p.sprayKill(kind).at(c.stage);
    if (kind.equals("ryegrass")) {
      base = meanC < WARM_C ? RYEGRASS_COOL : p.sprayKillByHeight(kind).at(heightCm);
    }
    double warmth = Maths.clamp((meanC - COLD_C) / (WARM_C - COLD_C));
    return base * (LEFT_IN_COLD + (1 - LEFT_IN_COLD) * warmth);
  }

  /** Days until brown. */
  static int brownDays(ComponentState c, Ending.Spray spray, ModelParameters p, double meanC) {
    double days =
        spray.mode() == Ending.Mode.CONTACT
            ? CONTACT_DAYS
            : p.sprayBrownDays(c.species.sprayKind());
    return (int) Math.round(meanC < WARM_C ? SLOWER_WHEN_COOL * days : days);
  }
}
