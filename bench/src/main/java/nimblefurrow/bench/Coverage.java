package nimblefurrow.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import nimblefurrow.core.count.FloweringCount;
import nimblefurrow.core.count.KillCount;
import nimblefurrow.core.count.StandCount;
import org.apache.commons.statistics.distribution.BetaDistribution;

/**
 * How often a 90 % range of each count holds the truth, where what stands together is alike: a
 * table over correlation, stops, share and plants a stop.
 */
public final class Coverage {
  private static final int RUNS = 2000;
  private static final double[] CORRELATIONS = {0, 0.1, 0.2};
  private static final int[] STOPS = {4, 6, 10, 20};
  private static final double[] SHARES = {0.5, 0.7, 0.8, 0.9, 0.95};
  private static final int[] EACH = {10, 20, 40};

  private Coverage() {}

  /** Prints the table. */
  public static void main(String[] arguments) {
    Random random = new Random(41);
    double[] sum = new double[3];
    double[] least = {1, 1, 1};
    int cells = 0;
    System.out.println("rho   stops  share  each   kill  flowering  stand   of 90 %");
    for (double rho : CORRELATIONS) {
      for (int stops : STOPS) {
        for (double share : SHARES) {
          for (int each : EACH) {
            double[] held = held(random, rho, stops, share, each);
            for (int k = 0; k < held.length; k++) {
              sum[k] += held[k];
              least[k] = Math.min(least[k], held[k]);
            }
            cells++;
            System.out.printf(
                Locale.ROOT,
                "%.1f  %5d  %5.2f  %4d  %5.1f  %9.1f  %5.1f%n",
                rho,
                stops,
                share,
                each,
                100 * held[0],
                100 * held[1],
                100 * held[2]);
          }
        }
      }
    }
    for (int k = 0; k < 3; k++) {
      System.out.printf(
          Locale.ROOT,
          "%s: mean %.1f, least %.1f%n",
          List.of("kill", "flowering", "stand").get(k),
          100 * sum[k] / cells,
          100 * least[k]);
    }
  }

  private static double[] held(Random random, double rho, int stops, double share, int each) {
    double[] held = new double[3];
    for (int r = 0; r < RUNS; r++) {
      List<KillCount.Frame> frames = new ArrayList<>();
      List<FloweringCount.Stop> heads = new ArrayList<>();
      List<Double> plants = new ArrayList<>();
      for (int s = 0; s < stops; s++) {
        int hits = stop(random, rho, share, each);
        frames.add(new KillCount.Frame(each, each - hits));
        heads.add(new FloweringCount.Stop(each, hits));
        plants.add((double) hits);
      }
      KillCount kill = KillCount.of(frames, 0.9);
      FloweringCount flowering = FloweringCount.of(heads, 0.8, 0.05, 0.1, 20);
      StandCount stand = StandCount.of(plants, 1, null, 0.9);
      held[0] += kill.low() <= share && share <= kill.high() ? 1.0 / RUNS : 0;
      held[1] += flowering.low() <= share && share <= flowering.high() ? 1.0 / RUNS : 0;
      held[2] += stand.low() <= share * each && share * each <= stand.high() ? 1.0 / RUNS : 0;
    }
    return held;
  }

  private static int stop(Random random, double rho, double share, int each) {
    double p = share;
    if (rho > 0) {
      double ab = 1 / rho - 1;
      p =
          BetaDistribution.of(share * ab, (1 - share) * ab)
              .inverseCumulativeProbability(random.nextDouble());
    }
    int hits = 0;
    for (int i = 0; i < each; i++) {
      hits += random.nextDouble() < p ? 1 : 0;
    }
    return hits;
  }
}
