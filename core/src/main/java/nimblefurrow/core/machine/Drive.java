package nimblefurrow.core.machine;

import org.jspecify.annotations.Nullable;

/**
 * How a machine goes over a field.
 *
 * @param widthM its working width
 * @param provenSwathM even width by its last pattern test; null where none was made
 * @param speedKmh on the pass
 * @param efficiency share of the time at the field that it is at work, above 0 to 1
 * @param turnS a turn takes
 * @param roadKmh between fields
 */
public record Drive(
    double widthM,
    @Nullable Double provenSwathM,
    double speedKmh,
    double efficiency,
    double turnS,
    double roadKmh) {
  private static final double M_PER_S = 1 / 3.6;

  /** Width by speed in metres and km/h, as ha/h. */
  private static final double HA = 0.1;

  /** {@return what a pass covers, m: as its pattern was measured, else its width} */
  public double swathM() {
    return provenSwathM == null ? widthM : provenSwathM;
  }

  /** {@return area an hour at work, loads left out: width × speed × efficiency} */
  public double haPerHour() {
    return swathM() * speedKmh * HA * efficiency;
  }

  /**
   * {@return the same with hours so many times as long, by what was written down of them}
   *
   * @param times its hours against those reckoned
   */
  public Drive taking(double times) {
    return new Drive(widthM, provenSwathM, speedKmh, efficiency / times, turnS, roadKmh);
  }

  /** {@return speed on the pass, m/s} */
  public double speedMPerS() {
    return speedKmh * M_PER_S;
  }
}
