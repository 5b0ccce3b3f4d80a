package nimblefurrow.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.trial.BlockTrial.Strip;
import nimblefurrow.core.units.Refused;
import org.apache.commons.statistics.distribution.TDistribution;
import org.junit.jupiter.api.Test;

/** The analysis of strips in blocks. */
class BlockTrialTest {
  private static final String[] NAMES = {"check", "a", "b", "c", "d"};

  /** Failures among 100 soybean seeds, Snedecor and Cochran 1967, Statistical Methods, ch. 11. */
  private static final double[][] FAILURES = {
    {8, 10, 12, 13, 11}, {2, 6, 7, 11, 5}, {4, 10, 9, 8, 10}, {3, 5, 9, 10, 6}, {9, 7, 5, 5, 3}
  };

  private static List<Strip> strips(double[][] byTreatment) {
    List<Strip> all = new ArrayList<>();
    for (int block = 0; block < byTreatment[0].length; block++) {
      for (int t = 0; t < byTreatment.length; t++) {
        double value = byTreatment[t][block];
        String name = t < NAMES.length ? NAMES[t] : "t" + t;
        all.add(new Strip("" + (block + 1), name, Double.isNaN(value) ? null : value));
      }
    }
    return all;
  }

  @Test
  void soybeanSeedAsInTheTextbook() {
    BlockTrial t = BlockTrial.of(strips(FAILURES), 0.95);
    BlockTrial.Anova a = t.anova();
    assertThat(a.blockSs()).isCloseTo(49.84, within(1e-9));
    assertThat(a.treatmentSs()).isCloseTo(83.84, within(1e-9));
    assertThat(a.errorSs()).isCloseTo(86.56, within(1e-9));
    assertThat(List.of(a.blockDf(), a.treatmentDf(), a.errorDf())).containsExactly(4, 4, 16);
    assertThat(a.f()).isCloseTo(3.87, within(0.005));
    assertThat(a.p()).isBetween(0.01, 0.025);
    assertThat(t.treatments().get(0).mean()).isCloseTo(10.8, within(1e-9));
    assertThat(t.treatments().get(4).mean()).isCloseTo(5.8, within(1e-9));
    assertThat(t.treatments().get(0).standardError()).isCloseTo(Math.sqrt(5.41 / 5), within(1e-3));
    // t of 16 degrees of freedom, five in a hundred: 2.120.
    assertThat(t.lsd()).isCloseTo(2.120 * Math.sqrt(2 * 5.41 / 5), within(2e-3));
    assertThat(t.cv()).isCloseTo(Math.sqrt(5.41) / 7.52, within(1e-4));
    assertThat(t.differences()).hasSize(10);
    BlockTrial.Difference first = t.differences().get(0);
    assertThat(first.a() + " " + first.b()).isEqualTo("check a");
    assertThat(first.difference()).isCloseTo(4.6, within(1e-9));
    assertThat(first.high() - first.low()).isCloseTo(2 * t.lsd(), within(1e-9));
  }

  @Test
  void twoTreatmentsArePairs() {
    Random luck = new Random(20261127);
    for (int round = 0; round < 50; round++) {
      int n = 3 + luck.nextInt(5);
      double[][] values = new double[2][n];
      double sum = 0;
      double squares = 0;
      for (int i = 0; i < n; i++) {
        double block = 150 + 20 * luck.nextGaussian();
        values[0][i] = block + 3 * luck.nextGaussian();
        values[1][i] = block + 2 + 3 * luck.nextGaussian();
        double d = values[0][i] - values[1][i];
        sum += d;
        squares += d * d;
      }
      double mean = sum / n;
      double error = Math.sqrt((squares - n * mean * mean) / (n - 1) / n);
      BlockTrial.Difference d = BlockTrial.of(strips(values), 0.9).differences().get(0);
      double p = 2 * TDistribution.of(n - 1).survivalProbability(Math.abs(mean) / error);
      double reach = TDistribution.of(n - 1).inverseCumulativeProbability(0.95) * error;
      assertThat(d.difference()).isCloseTo(mean, within(1e-9));
      assertThat(d.p()).isCloseTo(p, within(1e-9));
      assertThat(d.low()).isCloseTo(mean - reach, within(1e-8));
      assertThat(d.high()).isCloseTo(mean + reach, within(1e-8));
    }
  }

  /** One lost strip: Yates' value in its place gives the means; Cochran and Cox 1957, ch. 4. */
  @Test
  void aLostStripIsNotThere() {
    double[][] values = {FAILURES[0].clone(), FAILURES[1].clone(), FAILURES[2].clone()};
    int t = 3;
    int b = 5;
    double[][] lost = {values[0].clone(), values[1].clone(), values[2].clone()};
    lost[1][2] = Double.NaN;
    double treatment = 2 + 6 + 11 + 5;
    double block = 12 + 9;
    double grand = 54 + treatment + 41;
    double missing = (t * treatment + b * block - grand) / ((t - 1.0) * (b - 1));
    BlockTrial trial = BlockTrial.of(strips(lost), 0.9);
    assertThat(trial.treatments().get(1).n()).isEqualTo(4);
    assertThat(trial.treatments().get(1).mean()).isCloseTo((treatment + missing) / b, within(1e-9));
    assertThat(trial.treatments().get(0).mean()).isCloseTo(10.8, within(1e-9));
    assertThat(trial.anova().errorDf()).isEqualTo(7);
    assertThat(trial.lsd()).isNull();
    BlockTrial.Difference d = trial.differences().get(0);
    double ms = trial.anova().errorSs() / 7;
    double error = Math.sqrt(ms * (2.0 / b + t / (b * (b - 1.0) * (t - 1))));
    double reach = TDistribution.of(7).inverseCumulativeProbability(0.95) * error;
    assertThat(d.high() - d.low()).isCloseTo(2 * reach, within(1e-9));
    BlockTrial.Difference whole = trial.differences().get(1);
    double usual = TDistribution.of(7).inverseCumulativeProbability(0.95) * Math.sqrt(ms * 2 / b);
    assertThat(whole.high() - whole.low()).isCloseTo(2 * usual, within(1e-9));
  }

  @Test
  void aBlockThatIsBetterMakesNoTreatmentBetter() {
    double[][] moved = new double[5][];
    for (int t = 0; t < 5; t++) {
      moved[t] = FAILURES[t].clone();
      moved[t][3] += 40;
    }
    BlockTrial was = BlockTrial.of(strips(FAILURES), 0.9);
    BlockTrial is = BlockTrial.of(strips(moved), 0.9);
    assertThat(is.anova().errorSs()).isCloseTo(was.anova().errorSs(), within(1e-8));
    assertThat(is.anova().treatmentSs()).isCloseTo(was.anova().treatmentSs(), within(1e-8));
    assertThat(is.anova().blockSs()).isGreaterThan(was.anova().blockSs() + 1000);
  }

  private static void refused(List<Strip> strips, String sentence) {
    assertThatThrownBy(() -> BlockTrial.of(strips, 0.9))
        .isInstanceOf(Refused.class)
        .hasMessageContaining(sentence);
  }

  @Test
  void tooFewStripsAreRefused() {
    refused(strips(new double[][] {{1}, {2}}), "two blocks");
    refused(strips(new double[][] {{1, 2, 3}}), "two treatments");
    refused(strips(new double[][] {{1, 2}, {2, Double.NaN}}), "nothing is left");
    refused(strips(new double[][] {{1, 2, 4}, {Double.NaN, Double.NaN, Double.NaN}}), "All strips");
    refused(strips(new double[][] {{1, 2, 3}, {2, 3, 4}}), "no chance to judge by");
    refused(
        List.of(new Strip("1", "a", 1.0), new Strip("1", "a", 2.0), new Strip("2", "a", 2.0)),
        "twice in block 1");
    refused(List.of(new Strip(" ", "a", 1.0)), "needs its block");
    assertThatThrownBy(() -> BlockTrial.of(strips(FAILURES), 1)).isInstanceOf(Refused.class);
  }

  @Test
  void treatmentsThatNeverMeetAreRefused() {
    double no = Double.NaN;
    double[][] apart = {
      {1, 2, no, no, 5, no}, {2, 3.5, no, no, 4, no}, {no, no, 4, 5, no, 3}, {no, no, 2, 7, no, 4}
    };
    refused(strips(apart), "never stand in a block together");
  }

  @Test
  void theSentenceSaysHowMuchHowSureAndHowOftenByChance() {
    double[][] beans = {{52, 55, 58, 54}, {47, 50, 49, 49}};
    BlockTrial trial = BlockTrial.of(strips(beans), 0.9);
    assertThat(Sentence.of(trial, 0.9))
        .matches(
            "check came to 6 more than a, between 3\\.\\d+ and 8\\.\\d+ nine times in ten; a"
                + " difference like that by chance: about one in \\d+\\.");
    double[][] turned = {beans[1], beans[0]};
    assertThat(Sentence.of(BlockTrial.of(strips(turned), 0.9), 0.9)).startsWith("a came to 6 more");
    double[][] alike = {{52, 55, 58, 54}, {54, 50, 60, 53}};
    assertThat(Sentence.of(BlockTrial.of(strips(alike), 0.95), 0.95))
        .contains("less to")
        .contains("19 times in 20")
        .endsWith("more likely than not.");
  }

  @Test
  void chanceIsSaidAsOneInSoMany() {
    assertThat(Sentence.chance(0.02)).isEqualTo("about one in 50");
    assertThat(Sentence.chance(0.5)).isEqualTo("about one in 2");
    assertThat(Sentence.chance(0.51)).isEqualTo("more likely than not");
    assertThat(Sentence.chance(0.0009)).isEqualTo("less than one in a thousand");
    assertThat(Sentence.chance(0.001)).isEqualTo("about one in 1000");
  }
}
