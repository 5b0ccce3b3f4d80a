package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/** Rates worked out from what a machine puts out. All in kg/ha. */
public final class Rates {
  private static final double M2_PER_HA = 10_000;

  /** How far off the target a rate may be and still be called held. */
  private static final double BAND = 0.10;

  private Rates() {}

  /**
   * Catch test: seed caught under some openers over a distance.
   *
   * @param caughtKg mass caught
   * @param openers how many openers were caught
   * @param spacingM distance between openers
   * @param distanceM travelled, or wheel turns × circumference
   * @return 10 000 · kg / (distance × openers × spacing), kg/ha
   */
  public static double caught(double caughtKg, double openers, double spacingM, double distanceM) {
    Need.notNegative("caughtKg", "The mass caught", caughtKg);
    Need.positive("openers", "The number of openers", openers);
    Need.positive("spacingM", "The spacing of openers", spacingM);
    Need.positive("distanceM", "The distance", distanceM);
    return M2_PER_HA * caughtKg / (distanceM * openers * spacingM);
  }

  /**
   * Gate of a drone, aircraft or spinner.
   *
   * @param flowKgPerS flow, kg/s
   * @param speedMPerS speed, m/s
   * @param swathM width of a swath, m
   * @return 10 000 · flow / (speed × swath), kg/ha
   */
  public static double gate(double flowKgPerS, double speedMPerS, double swathM) {
    Need.notNegative("flowKgPerS", "The flow", flowKgPerS);
    Need.positive("speedMPerS", "The speed", speedMPerS);
    Need.positive("swathM", "The swath", swathM);
    return M2_PER_HA * flowKgPerS / (speedMPerS * swathM);
  }

  /**
   * A meter that runs at a constant flow: the rate moves with the speed of travel.
   *
   * @param rates rate at each speed
   * @param speedForTargetKmh speed that gives the target
   * @param speedBandKmh slowest and fastest speed that stay within 10 % of the target
   */
  public record Timed(List<AtSpeed> rates, double speedForTargetKmh, List<Double> speedBandKmh) {}

  /** A rate at a speed. */
  public record AtSpeed(double speedKmh, double rateKgPerHa) {}

  /**
   * Timed catch: rate = 600 · (kg/min) / (km/h × m).
   *
   * @param kgPerMin mass the meters give in a minute, all outlets
   * @param widthM working width
   * @param speedsKmh speeds to show
   * @param targetKgPerHa wanted rate
   * @return the rate, kg/ha
   */
  public static Timed timed(
      double kgPerMin, double widthM, List<Double> speedsKmh, double targetKgPerHa) {
    Need.positive("kgPerMin", "The mass a minute", kgPerMin);
    Need.positive("widthM", "The width", widthM);
    Need.positive("targetKgPerHa", "The target rate", targetKgPerHa);
    List<AtSpeed> rates = new ArrayList<>();
    for (int i = 0; i < speedsKmh.size(); i++) {
      double v = Need.positive("speedsKmh[" + i + "]", "A speed", speedsKmh.get(i));
      rates.add(new AtSpeed(v, 600 * kgPerMin / (v * widthM)));
    }
    double speed = 600 * kgPerMin / (targetKgPerHa * widthM);
    return new Timed(rates, speed, List.of(speed / (1 + BAND), speed / (1 - BAND)));
  }

  /**
   * What the hopper says after the first hectares.
   *
   * @param achievedKgPerHa what went out
   * @param offByFraction achieved over target, less 1
   * @param newSetting for the target
   * @param areaLeftHa what is left will do at the target
   * @param areaLeftUnchangedHa what is left will do if nothing is changed
   */
  public record Running(
      double achievedKgPerHa,
      double offByFraction,
      double newSetting,
      double areaLeftHa,
      double areaLeftUnchangedHa) {}

  /**
   * Running check. The new setting is in proportion: right where the meter's line goes through
   * zero.
   *
   * @param startKg in the hopper at the start, refills added
   * @param leftKg in the hopper now
   * @param areaHa done
   * @param targetKgPerHa wanted
   * @param setting now
   * @return the new setting and rate
   */
  public static Running running(
      double startKg, double leftKg, double areaHa, double targetKgPerHa, double setting) {
    Need.positive("startKg", "The seed at the start", startKg);
    Need.notNegative("leftKg", "The seed left", leftKg);
    Need.positive("areaHa", "The area done", areaHa);
    Need.positive("targetKgPerHa", "The target rate", targetKgPerHa);
    Need.number("setting", "The setting", setting);
    if (leftKg >= startKg) {
      throw new Refused(
          "leftKg", "No seed is gone: more is left than there was at the start. Was it refilled?");
    }
    double achieved = (startKg - leftKg) / areaHa;
    return new Running(
        achieved,
        achieved / targetKgPerHa - 1,
        setting * targetKgPerHa / achieved,
        leftKg / targetKgPerHa,
        leftKg / achieved);
  }

  /**
   * {@return the same where earlier tries tell how the rate follows the setting: the new setting
   * moves along their line, shifted to what was just achieved; with fewer than two it is in
   * proportion}
   *
   * @param startKg seed in the hopper at the beginning
   * @param leftKg seed left
   * @param areaHa area done
   * @param targetKgPerHa rate wanted
   * @param setting what was set; 1 where nobody knows
   * @param tries of an earlier fit
   */
  public static Running running(
      double startKg,
      double leftKg,
      double areaHa,
      double targetKgPerHa,
      double setting,
      List<SettingLine.Try> tries) {
    Running r = running(startKg, leftKg, areaHa, targetKgPerHa, setting);
    if (tries.size() < 2) {
      return r;
    }
    double slope = SettingLine.through(tries, targetKgPerHa).slope();
    return new Running(
        r.achievedKgPerHa(),
        r.offByFraction(),
        setting + (targetKgPerHa - r.achievedKgPerHa()) / slope,
        r.areaLeftHa(),
        r.areaLeftUnchangedHa());
  }
}
