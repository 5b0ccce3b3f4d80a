package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.outlook.SoilAtRisk.Rank;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

class SoilAtRiskTest {
  private static SoilAtRisk silt(double slope) {
    return SoilAtRisk.of(Texture.SILT_LOAM, slope, false);
  }

  @Test
  void theEquationsOwnPlotsLoseOne() {
    assertThat(silt(9).loss()).isCloseTo(1, within(0.005));
    assertThat(silt(0).loss()).isCloseTo(0.065, within(1e-9));
    // Wischmeier and Smith 1978, equation 4, by hand: 65.41 × 0.04993762² + 4.56 × 0.04993762 +
    // 0.065.
    assertThat(silt(5).loss()).isCloseTo(0.4558, within(1e-4));
  }

  @Test
  void steeperGroundAndSiltLoseMore() {
    for (int slope = 0; slope < 20; slope++) {
      assertThat(silt(slope + 1).loss()).isGreaterThan(silt(slope).loss());
    }
    assertThat(SoilAtRisk.of(Texture.SANDY_LOAM, 9, false).loss())
        .isCloseTo(0.24 / 0.42, within(0.003));
    assertThat(SoilAtRisk.of(Texture.SAND, 9, false).loss()).isCloseTo(0.03 / 0.42, within(0.001));
    assertThat(SoilAtRisk.of(Texture.CLAY, 9, false).loss()).isCloseTo(0.5, within(0.003));
    assertThat(SoilAtRisk.of(Texture.CLAY_LOAM, 9, false).loss()).isBetween(0.59, 0.6);
    assertThat(SoilAtRisk.of(Texture.LOAM, 9, false).loss()).isBetween(0.8, 0.815);
  }

  @Test
  void ranksTurnWhereTheySay() {
    assertThat(silt(2).rank()).isEqualTo(Rank.LITTLE);
    assertThat(silt(2.2).rank()).isEqualTo(Rank.LITTLE);
    assertThat(silt(2.3).rank()).isEqualTo(Rank.SOME);
    assertThat(silt(5.3).rank()).isEqualTo(Rank.SOME);
    assertThat(silt(5.5).rank()).isEqualTo(Rank.MUCH);
    assertThat(SoilAtRisk.of(Texture.SILT_LOAM, 1, true).rank())
        .as("listed ground is held first")
        .isEqualTo(Rank.MUCH);
  }

  @Test
  void saysHowMuchMoreThanOnTheLevel() {
    assertThat(silt(9).why().say(UnitSystem.US))
        .isEqualTo("9 % slope: bare, 15 times the soil of level ground goes");
    assertThat(SoilAtRisk.of(Texture.CLAY, 4, true).why().say(UnitSystem.METRIC))
        .isEqualTo("4 % slope, listed as erodible: bare, 5 times the soil of level ground goes");
    assertThatThrownBy(() -> silt(-1)).hasMessageContaining("The slope");
  }
}
