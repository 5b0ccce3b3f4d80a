package nimblefurrow.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.trial.StripWidth.Machines;
import nimblefurrow.core.trial.StripWidth.Passes;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

/** How wide strips are. */
class StripWidthTest {
  private static final double FEET = 0.3048;

  private static StripWidth of(double harvest, double guard, double tolerance, double... widths) {
    return StripWidth.of(
        new Machines(java.util.Arrays.stream(widths).boxed().toList(), harvest, guard, tolerance),
        3,
        4,
        400);
  }

  @Test
  void theSmallestWholeNumberOfPassesOfAll() {
    // 30 ft planter, 15 ft drill, 40 ft roller: 120 ft.
    StripWidth s = of(30 * FEET, 0, 0.05, 30 * FEET, 15 * FEET, 40 * FEET);
    assertThat(s.stripWidthM()).isCloseTo(120 * FEET, within(1e-9));
    assertThat(s.passes()).extracting(Passes::passes).containsExactly(4, 8, 3);
    assertThat(s.harvestPasses()).isEqualTo(4);
    // 400 m hold 10 of them, three treatments three times.
    assertThat(s.stripsThatFit()).isEqualTo(10);
    assertThat(s.replicatesThatFit()).isEqualTo(3);
    assertThat(s.fits()).isFalse();
  }

  @Test
  void aFullPassOfTheCombineStandsBetweenTheGuards() {
    assertThat(of(9, 0, 0.05, 9).stripWidthM()).isEqualTo(9);
    assertThat(of(9, 0.5, 0.05, 9).stripWidthM()).isEqualTo(18);
    assertThat(of(9, 4.5, 0.05, 9).stripWidthM()).isEqualTo(18);
    assertThat(of(9, 4.6, 0.05, 9).stripWidthM()).isEqualTo(27);
    assertThat(of(9, 4.6, 0.05, 9).harvestPasses()).isEqualTo(1);
  }

  @Test
  void passesMayMissByTheTolerance() {
    assertThat(of(4, 0, 0.05, 6, 5.95).stripWidthM()).isEqualTo(6);
    assertThat(of(4, 0, 0.04, 6, 3).stripWidthM()).isEqualTo(6);
    // 6 and 5.96 meet at 894 m, and here within a hand's breadth of each other.
    assertThat(of(4, 0, 0.05, 6, 5.96).stripWidthM()).isEqualTo(6);
    assertThat(of(4, 0, 0.05, 6, 4).stripWidthM()).isEqualTo(12);
    assertThat(of(4, 0, 2, 6, 4).stripWidthM()).isEqualTo(6);
  }

  @Test
  void widthsThatNeverMeetAreNamed() {
    assertThatThrownBy(() -> of(4, 0, 0, 6, 4.1, 3))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("4.1 m")
        .hasMessageNotContaining("3.0 m");
    assertThatThrownBy(() -> of(400, 0, 0.05, 6)).hasMessageContaining("no full pass");
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> of(4, 0, 0.05)).hasMessageContaining("planter");
    assertThatThrownBy(() -> of(4, 0, 0.05, 6, -1)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> of(0, 0, 0.05, 6)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> of(4, -1, 0.05, 6)).isInstanceOf(Refused.class);
    Machines six = new Machines(List.of(6.0), 6, 0, 0.05);
    assertThatThrownBy(() -> StripWidth.of(six, 1, 4, 400)).hasMessageContaining("two treatments");
    assertThatThrownBy(() -> StripWidth.of(six, 2, 0, 400)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> StripWidth.of(six, 2, 4, 0)).isInstanceOf(Refused.class);
    assertThat(StripWidth.of(six, 2, 4, 48).fits()).isTrue();
    assertThat(StripWidth.of(six, 2, 4, 47.9).fits()).isFalse();
  }
}
