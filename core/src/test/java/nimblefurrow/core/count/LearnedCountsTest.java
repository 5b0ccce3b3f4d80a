package nimblefurrow.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Stages from shares, mulch from height and shade, and digs behind the planter. */
class LearnedCountsTest {
  private static final StageScale CEREAL = Farm.species("cereal_rye").clock().scale();
  private static final StageScale BROADLEAF = Farm.species("hairy_vetch").clock().scale();

  @ParameterizedTest
  @CsvSource({
    "ANTHERS, 0.5, mid-anthesis",
    "ANTHERS, 0.1, first anthers",
    "ANTHERS, 0.95, end of anthesis",
    "MILK, 0.6, milk",
    "DOUGH, 0.5, soft dough"
  })
  void aCerealsShareNamesItsStage(StageSeen.Look look, double share, String stage) {
    assertThat(StageSeen.of(CEREAL, look, share).stage()).isEqualTo(stage);
  }

  @Test
  void moreThatShowItIsLaterAndNoShareIsBeyondSense() {
    double before = 0;
    for (double share = 0; share <= 1; share += 0.05) {
      double fraction = StageSeen.of(BROADLEAF, StageSeen.Look.BLOOM, share).fraction();
      assertThat(fraction).isGreaterThanOrEqualTo(before).isBetween(0.7, 1.1);
      before = fraction;
    }
    assertThatThrownBy(() -> StageSeen.of(BROADLEAF, StageSeen.Look.ANTHERS, 0.5))
        .isInstanceOf(Refused.class);
  }

  @Test
  void theLineLearnsFromPairsAndItsRangeNarrows() {
    HeightCover first = HeightCover.of(List.of(), 100, 0.9, 0.9);
    assertThat(first.mgPerHa()).isCloseTo(90 * 0.065, within(1e-9));
    List<HeightCover.Pair> pairs = new ArrayList<>();
    Random random = new Random(5);
    for (int i = 0; i < 30; i++) {
      double x = 40 + 80 * random.nextDouble();
      pairs.add(new HeightCover.Pair(x, 0.9, 0.1 * x * 0.9 * (1 + 0.1 * random.nextGaussian())));
    }
    HeightCover later = HeightCover.of(pairs, 100, 0.9, 0.9);
    assertThat(later.slope()).isBetween(0.09, 0.105);
    assertThat((later.high() - later.low()) / later.mgPerHa())
        .isLessThan((first.high() - first.low()) / first.mgPerHa());
  }

  @Test
  void itsRangeHoldsNineTimesInTen() {
    Random random = new Random(7);
    int inside = 0;
    int tries = 2000;
    for (int t = 0; t < tries; t++) {
      List<HeightCover.Pair> pairs = new ArrayList<>();
      double slope = 0.065 * (1 + 0.2 * random.nextGaussian());
      for (int i = 0; i < 12; i++) {
        pairs.add(
            new HeightCover.Pair(
                100, 0.9, Math.max(0, slope * 90 * (1 + 0.3 * random.nextGaussian()))));
      }
      double truth = slope * 90 * (1 + 0.3 * random.nextGaussian());
      HeightCover h = HeightCover.of(pairs, 100, 0.9, 0.9);
      inside += truth >= h.low() && truth <= h.high() ? 1 : 0;
    }
    assertThat((double) inside / tries).isBetween(0.86, 0.96);
  }

  @Test
  void aDigNamesWhatToChangeFirst() {
    assertThat(DigCheck.of(10, 0, 0, 0).verdict().say(UnitSystem.US)).contains("good");
    assertThat(DigCheck.of(10, 3, 2, 1).verdict().say(UnitSystem.US)).contains("pressed into 20 %");
    assertThat(DigCheck.of(10, 3, 0, 4).verdict().say(UnitSystem.US)).contains("70 % of slots");
    assertThat(DigCheck.of(10, 0, 0, 4).verdict().say(UnitSystem.US)).contains("60 % lie at");
    assertThat(DigCheck.of(10, 0, 0, 0).closedLow()).isBetween(0.7, 0.9);
    assertThatThrownBy(() -> DigCheck.of(5, 6, 0, 0)).hasMessageContaining("no more than 5");
  }
}
