package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;

/**
 * What rates a meter holds, from its tries.
 *
 * @param lowestKgPerHa least that was tried
 * @param highestKgPerHa most that was tried
 * @param holds whether the target lies between
 * @param waysOut what can be done when it does not
 */
public record MeterLimits(
    double lowestKgPerHa, double highestKgPerHa, boolean holds, List<Reason> waysOut) {

  public MeterLimits {
    waysOut = List.copyOf(waysOut);
  }

  /** Judges a target against a meter's tries. */
  public static MeterLimits of(List<SettingLine.Try> tries, double targetKgPerHa) {
    Need.positive("targetKgPerHa", "The target rate", targetKgPerHa);
    if (tries.isEmpty()) {
      throw new Refused("tries", "Make tries at the smallest and the widest setting first.");
    }
    double low = tries.stream().mapToDouble(SettingLine.Try::rateKgPerHa).min().orElse(0);
    double high = tries.stream().mapToDouble(SettingLine.Try::rateKgPerHa).max().orElse(0);
    List<Reason> ways = new ArrayList<>();
    if (targetKgPerHa < low) {
      double filler = low / targetKgPerHa - 1;
      ways.add(
          Reason.of("mix in filler such as cracked grain: {share} of the seed's mass")
              .with("share", filler, Unit.SHARE));
      ways.add(Reason.of("take the slower gear or smaller rollers, and try again"));
      ways.add(
          Reason.of("close every other outlet and drive half-width spacing, {rate} a pass")
              .with("rate", low, Unit.KG_PER_HA));
    } else if (targetKgPerHa > high) {
      ways.add(
          Reason.of("drive twice, {rate} a pass, the second between the first")
              .with("rate", targetKgPerHa / 2, Unit.KG_PER_HA));
      ways.add(Reason.of("take the faster gear, wider rollers or a slower speed, and try again"));
    }
    return new MeterLimits(low, high, ways.isEmpty(), ways);
  }
}
