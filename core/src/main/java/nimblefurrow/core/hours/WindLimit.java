package nimblefurrow.core.hours;

import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;

/** Mean wind up to which work goes, and up to which it goes with care: for hours and days alike. */
public enum WindLimit {
  /** Herbicide; usual advice on drift, 10 and 13 mph. Labels may be stricter. */
  SPRAYING(10, 13),
  /** Seed from the air; usual practice, 10 and 15 mph. */
  FLYING(10, 15);

  private final double go;
  private final double marginal;

  WindLimit(double goMph, double marginalMph) {
    go = UnitSystem.US.toSi(goMph, Unit.M_PER_S);
    marginal = UnitSystem.US.toSi(marginalMph, Unit.M_PER_S);
  }

  /**
   * {@return the wind limit of a mean wind, m/s; wind that is not known hinders nothing}
   *
   * @param windMPerS mean wind, m/s
   */
  public WorkHours.Verdict judge(double windMPerS) {
    if (windMPerS > marginal) {
      return WorkHours.Verdict.NO;
    }
    return windMPerS > go ? WorkHours.Verdict.MARGINAL : WorkHours.Verdict.GO;
  }
}
