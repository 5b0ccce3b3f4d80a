package nimblefurrow.core.ending;

import java.util.Locale;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Need;

/**
 * Whether a tractor holds its roller on a slope: the pull the roller asks against the grip that is
 * left. Rolling resistance and grip of a tractor on firm, on tilled and on covered wet ground are
 * working values in the range of ASABE D497 (2011).
 *
 * @param pullKN asked on the slope
 * @param gripKN the tractor has left for it
 * @param share of the grip that is used; above 1 it slides
 */
public record RollerPull(double pullKN, double gripKN, double share) {
  private static final double G = 9.81;

  /** What the wheels stand on. */
  public enum Footing implements Keyed {
    FIRM(0.08, 0.50),
    COVERED(0.12, 0.40),
    WET(0.18, 0.28);

    private final double resistance;
    private final double grip;

    Footing(double resistance, double grip) {
      this.resistance = resistance;
      this.grip = grip;
    }

    @Override
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String toString() {
      return key();
    }
  }

  /**
   * @param rollerKg with water
   * @param tractorKg with ballast
   * @param slopePercent steepest
   * @param footing what the tractor stands on
   * @return the roller pull
   */
  public static RollerPull of(
      double rollerKg, double tractorKg, double slopePercent, Footing footing) {
    Need.positive("rollerKg", "The roller's mass", rollerKg);
    Need.positive("tractorKg", "The tractor's mass", tractorKg);
    Need.notNegative("slopePercent", "The slope", slopePercent);
    double angle = Math.atan(slopePercent / 100);
    double pull = rollerKg * G * (Math.sin(angle) + footing.resistance * Math.cos(angle)) / 1000;
    double own = tractorKg * G * (Math.sin(angle) + footing.resistance * Math.cos(angle)) / 1000;
    double grip = Math.max(0, tractorKg * G * footing.grip * Math.cos(angle) / 1000 - own);
    return new RollerPull(pull, grip, grip > 0 ? pull / grip : Double.MAX_VALUE);
  }
}
