package nimblefurrow.core.setting;

import java.util.List;
import java.util.Locale;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Where to begin after what a machine was set to before with the same seed: the line through its
 * tries, or in proportion to a single one.
 *
 * @param setting to begin with; null when the tries do not tell
 * @param note what to beware of; null when the setting lies among the tries
 */
public record SettingMemory(@Nullable Double setting, @Nullable Reason note) {
  /** How far from a single try its proportion is still believed. */
  private static final double NEAR = 0.10;

  /**
   * {@return what tries say of a target, newest first; at least one}
   *
   * @param tries settings tried and what they gave
   * @param targetKgPerHa rate wanted, kg/ha
   */
  public static SettingMemory of(List<SettingLine.Try> tries, double targetKgPerHa) {
    double lowest = tries.stream().mapToDouble(SettingLine.Try::setting).min().orElseThrow();
    double highest = tries.stream().mapToDouble(SettingLine.Try::setting).max().orElseThrow();
    if (highest - lowest < 1e-9) {
      SettingLine.Try only = tries.get(0);
      if (!(only.rateKgPerHa() > 0)) {
        return new SettingMemory(null, Reason.of("the one try gave nothing: make another"));
      }
      double setting = only.setting() * targetKgPerHa / only.rateKgPerHa();
      boolean near = Math.abs(setting - only.setting()) <= NEAR * Math.abs(only.setting());
      return new SettingMemory(
          setting, near ? null : beyond(setting, only.setting(), "the one try"));
    }
    try {
      double setting = SettingLine.through(tries, targetKgPerHa).forRate(targetKgPerHa).setting();
      if (setting < lowest) {
        return new SettingMemory(setting, beyond(setting, lowest, "the lowest try"));
      }
      return new SettingMemory(
          setting, setting > highest ? beyond(setting, highest, "the highest try") : null);
    } catch (Refused e) {
      return new SettingMemory(
          null, Reason.of("the rate did not move between the tries: try again"));
    }
  }

  private static Reason beyond(double setting, double edge, String which) {
    return Reason.of("{setting} is {off} {side} {which}, {edge}: a guess until it is tried")
        .with("setting", figure(setting))
        .with("off", figure(Math.abs(setting - edge)))
        .with("side", setting > edge ? "above" : "below")
        .with("which", which)
        .with("edge", figure(edge));
  }

  /** A number on a machine has no unit. */
  private static String figure(double value) {
    String text = String.format(Locale.ENGLISH, "%.1f", value);
    return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
  }
}
