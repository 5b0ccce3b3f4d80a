package nimblefurrow.core.nutrient;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.nutrient.ManureNitrogen.Way;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ManureNitrogenTest {
  /** Between two rows the later one counts. */
  @ParameterizedTest
  @CsvSource({
    "INJECTED, , 0.05",
    "INJECTED, 9, 0.05",
    "SURFACE, 0, 0.7",
    "INCORPORATED, 0, 0.2",
    "INCORPORATED, 1, 0.2",
    "INCORPORATED, 1.01, 0.4",
    "INCORPORATED, 3, 0.4",
    "INCORPORATED, 4, 0.55",
    "INCORPORATED, 7, 0.55",
    "INCORPORATED, 7.5, 0.7",
    "INCORPORATED, , 0.7",
  })
  void whatIsLostHangsOnHowAndWhenItIsWorkedIn(Way way, Double days, double loss) {
    ManureNitrogen warm = ManureNitrogen.of(40, 2.4, 1.6, way, days, false, 0.35);
    assertThat(warm.lossShare()).isEqualTo(loss);
    assertThat(warm.availableNPerHa())
        .isCloseTo(40 * (2.4 * (1 - loss) + 1.6 * 0.35), within(1e-9));
    assertThat(ManureNitrogen.of(40, 2.4, 1.6, way, days, true, 0.35).lossShare())
        .isCloseTo(0.7 * loss, within(1e-12));
  }

  @Test
  void noMoreIsFreedThanThereWas() {
    ManureNitrogen all = ManureNitrogen.of(10, 1, 1, Way.INJECTED, null, true, 1);
    assertThat(all.availableNPerHa()).isLessThan(20);
    assertThat(ManureNitrogen.of(0, 1, 1, Way.SURFACE, null, false, 0).availableNPerHa()).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 1, 1, 1, 0.3, ratePerHa",
    "1, -1, 1, 1, 0.3, ammoniumPerUnit",
    "1, 1, -1, 1, 0.3, organicNPerUnit",
    "1, 1, 1, -1, 0.3, daysToIncorporation",
    "1, 1, 1, 1, 1.1, organicShare",
  })
  void nonsenseIsRefused(
      double rate, double ammonium, double organic, double days, double share, String where) {
    assertThatThrownBy(
            () -> ManureNitrogen.of(rate, ammonium, organic, Way.INCORPORATED, days, false, share))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }
}
