package nimblefurrow.core.count;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.units.Spread;
import org.apache.commons.statistics.distribution.BetaDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ninety per cent is said where about ninety hold, also where what stands together is alike. */
class CoverageTest {
  private static final int RUNS = 1500;

  /** Shares of stops scattered about one with a correlation within stops. */
  private static int[] stops(Random random, double share, double rho, int stops, int each) {
    int[] hits = new int[stops];
    for (int s = 0; s < stops; s++) {
      double p = share;
      if (rho > 0) {
        double ab = 1 / rho - 1;
        p =
            BetaDistribution.of(share * ab, (1 - share) * ab)
                .inverseCumulativeProbability(random.nextDouble());
      }
      for (int i = 0; i < each; i++) {
        hits[s] += random.nextDouble() < p ? 1 : 0;
      }
    }
    return hits;
  }

  @ParameterizedTest
  @CsvSource({
    "0.95, 0.2, 4, 20",
    "0.95, 0.2, 10, 40",
    "0.95, 0.1, 4, 10",
    "0.8, 0.2, 4, 40",
    "0.8, 0.1, 8, 20",
    "0.5, 0.2, 5, 40",
    "0.5, 0, 4, 10",
    "0.9, 0, 10, 20"
  })
  void killFloweringAndStandsHoldWhatTheySay(double share, double rho, int stops, int each) {
    Random random = new Random(41);
    int kill = 0;
    int flowering = 0;
    int stand = 0;
    for (int r = 0; r < RUNS; r++) {
      int[] hits = stops(random, share, rho, stops, each);
      List<KillCount.Frame> frames = new ArrayList<>();
      List<FloweringCount.Stop> heads = new ArrayList<>();
      List<Double> plants = new ArrayList<>();
      for (int h : hits) {
        frames.add(new KillCount.Frame(each, each - h));
        heads.add(new FloweringCount.Stop(each, h));
        plants.add((double) h);
      }
      KillCount k = KillCount.of(frames, 0.9);
      kill += k.low() <= share && share <= k.high() ? 1 : 0;
      FloweringCount f = FloweringCount.of(heads, 0.8, 0.05, 0.1, 20);
      flowering += f.low() <= share && share <= f.high() ? 1 : 0;
      StandCount s = StandCount.of(plants, 1, null, 0.9);
      stand += s.low() <= share * each && share * each <= s.high() ? 1 : 0;
    }
    assertThat((double) kill / RUNS).as("kill").isGreaterThan(0.84);
    assertThat((double) flowering / RUNS).as("flowering").isGreaterThan(0.84);
    assertThat((double) stand / RUNS).as("stand").isGreaterThan(0.83);
  }

  @Test
  void whereNothingIsAlikeTheRangeIsNotMuchWiderThanItMustBe() {
    List<KillCount.Frame> frames = new ArrayList<>();
    Random random = new Random(3);
    for (int h : stops(random, 0.9, 0, 20, 40)) {
      frames.add(new KillCount.Frame(40, 40 - h));
    }
    KillCount k = KillCount.of(frames, 0.9);
    // By chance alone 800 stems give 3.5 points.
    assertThat(k.high() - k.low()).isBetween(0.035, 0.07);
  }

  /** Eight in ten of years held out lie between the tenth and the ninetieth. */
  @Test
  void yearsHeldOutLieInTheRangeAsOftenAsItSays() {
    Random random = new Random(5);
    int inside = 0;
    int all = 4000;
    for (int r = 0; r < all; r++) {
      double[] seen = random.doubles(29).map(u -> -Math.log(u)).toArray();
      double next = -Math.log(random.nextDouble());
      Spread spread = Spread.of(seen);
      inside += spread.quantile(0.1) <= next && next <= spread.quantile(0.9) ? 1 : 0;
    }
    assertThat((double) inside / all).isBetween(0.78, 0.84);
    Spread three = Spread.of(new double[] {1, 2, 3});
    assertThat(three.quantile(0.5)).isEqualTo(2);
    assertThat(three.quantile(0.01)).isEqualTo(1);
    assertThat(three.quantile(0.625)).isEqualTo(2.5);
  }
}
