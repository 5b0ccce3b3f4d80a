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

  private static final int MOST_CLOSED = 4;

  public MeterLimits {
    waysOut = List.copyOf(waysOut);
  }

  /**
   * Judges a target against a meter's tries.
   *
   * @param tries settings tried and what they gave
   * @param targetKgPerHa rate wanted, kg/ha
   * @return the meter limits
   */
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
      // Rows so much wider: what stays open must still be a rate the meter was seen to hold.
      for (int open = 2; open <= MOST_CLOSED; open++) {
        double each = targetKgPerHa * open;
        if (each >= low && each <= high) {
          ways.add(
              Reason.of("open only one outlet in {open}, rows that much wider, set for {rate}")
                  .with("open", open, Unit.COUNT)
                  .with("rate", each, Unit.KG_PER_HA));
          break;
        }
      }
    } else if (targetKgPerHa > high) {
      int passes = (int) Math.ceil(targetKgPerHa / high);
      double each = targetKgPerHa / passes;
      if (each >= low) {
        ways.add(
            Reason.of("drive {passes} times, {rate} a pass, each between the ones before")
                .with("passes", passes, Unit.COUNT)
                .with("rate", each, Unit.KG_PER_HA));
      }
      ways.add(Reason.of("take the faster gear, wider rollers or a slower speed, and try again"));
    }
    return new MeterLimits(low, high, ways.isEmpty(), ways);
  }
}
