package nimblefurrow.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What forms begin with is round where it is read, and said once. */
class UsualTest {
  private static Usual usual(String key) {
    return Usual.all().stream().filter(u -> u.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void aNewMachineIsRoundInBothSystems() {
    Usual speed = usual("machineSpeed");
    assertThat(UnitSystem.US.convert(speed.us(), speed.unit())).isCloseTo(5, within(1e-12));
    assertThat(speed.metric()).isEqualTo(8);
    Usual hopper = usual("machineHopper");
    assertThat(UnitSystem.US.convert(hopper.us(), hopper.unit())).isCloseTo(70, within(1e-12));
    assertThat(hopper.us()).isCloseTo(1.982, within(1e-3));
  }

  @Test
  void sharesAreSharesAndOneValueServesBothWhereUnitsDoNotMatter() {
    assertThat(usual("goodOdds").us()).isCloseTo(0.7, within(1e-12));
    assertThat(usual("goodOdds").us()).isEqualTo(usual("goodOdds").metric());
    assertThat(usual("cattleHead").us()).isEqualTo(40);
    assertThat(usual("cropPlants").us()).isEqualTo(8);
  }

  @Test
  void everyValueIsSaidOnceAndBothAreNearEachOther() {
    Set<String> keys = new HashSet<>();
    for (Usual u : Usual.all()) {
      assertThat(keys.add(u.key())).as(u.key()).isTrue();
      assertThat(u.of()).as(u.key()).isNotBlank();
      assertThat(u.us() / u.metric()).as(u.key()).isBetween(0.7, 1.4);
    }
    assertThat(keys).hasSizeGreaterThan(60);
  }
}
