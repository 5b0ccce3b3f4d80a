package nimblefurrow.core.setting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What can be done about a rate a meter does not hold: each way reaches it, by hand. */
class MeterLimitsTest {
  private static String ways(double low, double high, double target) {
    List<SettingLine.Try> tries =
        List.of(new SettingLine.Try(10, low), new SettingLine.Try(40, high));
    return MeterLimits.of(tries, target).waysOut().stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .collect(Collectors.joining("; "));
  }

  @Test
  void betweenTheTriesNothingIsNeeded() {
    assertThat(ways(60, 120, 60)).isEmpty();
    assertThat(ways(60, 120, 120)).isEmpty();
  }

  @Test
  void asManyPassesAsReachTheRate() {
    assertThat(ways(60, 120, 122)).contains("drive 2 times, 61 kg/ha");
    assertThat(ways(60, 120, 250)).contains("drive 3 times, 83 kg/ha");
    // Half of 110 is less than this meter was seen to hold.
    assertThat(ways(100, 105, 110)).doesNotContain("drive").contains("faster gear");
  }

  @Test
  void aThinRateGoesThroughFewerOutletsOrWithFiller() {
    assertThat(ways(60, 120, 25)).contains("one outlet in 3", "75 kg/ha", "140 %");
    assertThat(ways(60, 120, 15)).contains("one outlet in 4", "60 kg/ha");
    assertThat(ways(60, 120, 14)).doesNotContain("outlet").contains("slower gear");
  }
}
