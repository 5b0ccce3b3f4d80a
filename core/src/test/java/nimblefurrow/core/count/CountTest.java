package nimblefurrow.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Stand counts and green cover. */
class CountTest {

  @Test
  void aStandByHand() {
    // Mean 20 a quarter m²: 80 per m². Squares 8, and 0.77 of a usual frame, 20·(0.33 + 20·0.025)
    // = 16.6: a variance of 20.782/3.77, its error √(5.5125/4); t(0.95, 3.17) = 2.3028.
    StandCount s = StandCount.of(List.of(18., 20., 20., 22.), 0.25, 200., 0.9);
    assertThat(s.plantsPerM2()).isEqualTo(80);
    double half = 2.30279 * Math.sqrt(20.782 / 3.77 / 4) / 0.25;
    assertThat(s.low()).isCloseTo(80 - half, within(1e-2));
    assertThat(s.high()).isCloseTo(80 + half, within(1e-2));
    assertThat(s.shareOfLiveSeed()).isEqualTo(0.4);
  }

  @Test
  void oneFrameOrFramesAlikeStillHaveAWidth() {
    assertThat(StandCount.of(List.of(20.), 0.25, null, 0.9).low()).isLessThan(70);
    assertThat(StandCount.of(Collections.nCopies(6, 20.), 0.25, null, 0.9).high())
        .isGreaterThan(84);
    assertThat(StandCount.of(List.of(0., 0., 0.), 0.25, null, 0.9).high()).isGreaterThan(1);
    assertThatThrownBy(() -> StandCount.of(List.of(), 0.25, null, 0.9))
        .hasMessageContaining("at least one frame");
  }

  @Test
  void intervalsHoldTheTruthNineTimesInTen() {
    Random random = new Random(3);
    int held = 0;
    for (int n = 0; n < 4000; n++) {
      List<Double> counts =
          IntStream.range(0, 8).mapToObj(i -> Math.max(0, 30 + 7 * random.nextGaussian())).toList();
      StandCount s = StandCount.of(counts, 1, null, 0.9);
      held += s.low() <= 30 && 30 <= s.high() ? 1 : 0;
    }
    assertThat(held / 4000.0).isBetween(0.88, 0.93);
  }

  @Test
  void greenIsGreenOnSoilStrawAndInShade() {
    int soil = 0x6b4a2f;
    int straw = 0xd8c07a;
    int leaf = 0x4f8a2e;
    int shaded = 0x1e3a12;
    int grey = 0x808080;
    int[] picture = new int[1000];
    Arrays.fill(picture, 0, 400, soil);
    Arrays.fill(picture, 400, 600, straw);
    Arrays.fill(picture, 600, 800, leaf);
    Arrays.fill(picture, 800, 900, shaded);
    Arrays.fill(picture, 900, 1000, grey);
    assertThat(GreenCover.of(picture).cover()).isEqualTo(0.3);
    assertThat(GreenCover.of(new int[] {0, 0xffffff}).cover()).isZero();
  }
}
