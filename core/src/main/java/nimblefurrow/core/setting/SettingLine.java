package nimblefurrow.core.setting;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * The straight line through several tries of a setting (least squares), read backwards.
 *
 * @param intercept rate at setting 0, kg/ha
 * @param slope kg/ha a step of the setting
 * @param spreadKgPerHa residual standard deviation; null below three tries
 * @param tries what it rests on
 */
public record SettingLine(
    double intercept, double slope, @Nullable Double spreadKgPerHa, List<Try> tries) {
  private static final double CONFIDENCE = 0.90;

  /** A setting and the rate it gave. */
  public record Try(double setting, double rateKgPerHa) {}

  /**
   * What to set for a target.
   *
   * @param setting on the line
   * @param low lower end of the 90 % prediction interval; null below three tries
   * @param high upper end
   * @param extrapolated whether it lies outside the settings tried
   */
  public record Answer(
      double setting, @Nullable Double low, @Nullable Double high, boolean extrapolated) {}

  public SettingLine {
    tries = List.copyOf(tries);
  }

  /**
   * {@return the line through tries}
   *
   * @param tries settings tried and what they gave
   * @param targetKgPerHa rate wanted, kg/ha
   * @throws Refused when there are fewer than two, all at one setting, or the rate does not move
   */
  public static SettingLine through(List<Try> tries, double targetKgPerHa) {
    Need.positive("targetKgPerHa", "The target rate", targetKgPerHa);
    for (int i = 0; i < tries.size(); i++) {
      Need.notNegative("tries[" + i + "].rateKgPerHa", "A rate", tries.get(i).rateKgPerHa());
      Need.number("tries[" + i + "].setting", "A setting", tries.get(i).setting());
    }
    if (tries.isEmpty()) {
      throw new Refused("tries", "Make a try: set, catch, weigh.");
    }
    if (tries.size() == 1) {
      throw one(tries.get(0), targetKgPerHa);
    }
    int n = tries.size();
    double meanX = tries.stream().mapToDouble(Try::setting).average().orElse(0);
    double meanY = tries.stream().mapToDouble(Try::rateKgPerHa).average().orElse(0);
    double xx = 0;
    double xy = 0;
    for (Try t : tries) {
      xx += (t.setting() - meanX) * (t.setting() - meanX);
      xy += (t.setting() - meanX) * (t.rateKgPerHa() - meanY);
    }
    if (xx < 1e-12) {
      throw new Refused("tries", "All tries are at one setting; make one at another.");
    }
    double slope = xy / xx;
    if (Math.abs(slope) * Math.sqrt(xx) < 1e-9 * Math.max(1, meanY)) {
      throw new Refused("tries", "The rate does not move with the setting; is the gate stuck?");
    }
    double intercept = meanY - slope * meanX;
    Double spread = null;
    if (n > 2) {
      double rest = 0;
      for (Try t : tries) {
        double off = t.rateKgPerHa() - intercept - slope * t.setting();
        rest += off * off;
      }
      spread = Math.sqrt(rest / (n - 2));
    }
    return new SettingLine(intercept, slope, spread, tries);
  }

  private static Refused one(Try t, double target) {
    String hint =
        t.rateKgPerHa() > 0 && t.setting() > 0
            ? " In proportion to it, try setting %.1f next."
                .formatted(t.setting() * target / t.rateKgPerHa())
            : "";
    return new Refused("tries", "One try gives no line; make a second at another setting." + hint);
  }

  /**
   * {@return the setting for a rate with its 90 % prediction interval: Student's t × spread over
   * slope × √(1 + 1/n + (x − x̄)²/Sxx) either side (inverse prediction, Draper and Smith 1998)}
   *
   * @param targetKgPerHa rate wanted, kg/ha
   */
  public Answer forRate(double targetKgPerHa) {
    double setting = (targetKgPerHa - intercept) / slope;
    double lowest = tries.stream().mapToDouble(Try::setting).min().orElse(setting);
    double highest = tries.stream().mapToDouble(Try::setting).max().orElse(setting);
    boolean outside = setting < lowest - 1e-9 || setting > highest + 1e-9;
    if (spreadKgPerHa == null) {
      return new Answer(setting, null, null, outside);
    }
    int n = tries.size();
    double mean = tries.stream().mapToDouble(Try::setting).average().orElse(0);
    double xx = tries.stream().mapToDouble(t -> (t.setting() - mean) * (t.setting() - mean)).sum();
    double away = (setting - mean) * (setting - mean) / xx;
    double half =
        Interval.student(CONFIDENCE, n - 2)
            * spreadKgPerHa
            / Math.abs(slope)
            * Math.sqrt(1 + 1.0 / n + away);
    return new Answer(setting, setting - half, setting + half, outside);
  }
}
