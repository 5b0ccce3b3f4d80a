package nimblefurrow.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalInt;
import nimblefurrow.core.units.Refused;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;
import org.apache.commons.statistics.distribution.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many blocks a trial needs. */
class ReplicatesTest {
  /** The same chance by plain integration over the spread of the error. */
  private static double integrated(double t, double freedom, double away) {
    ChiSquaredDistribution chi = ChiSquaredDistribution.of(freedom);
    NormalDistribution normal = NormalDistribution.of(0, 1);
    int steps = 20_000;
    double sum = 0;
    for (int i = 0; i < steps; i++) {
      double q = chi.inverseCumulativeProbability((i + 0.5) / steps);
      sum += normal.cumulativeProbability(t * Math.sqrt(q / freedom) - away);
    }
    return sum / steps;
  }

  @ParameterizedTest
  @CsvSource({
    "2, 10, 1",
    "0.5, 4, 2",
    "3, 3, 3.5",
    "-1, 12, 0.7",
    "1.8, 20, -0.5",
    "0, 6, 1",
    "-2, 5, -3",
    "9, 2, 8"
  })
  void theNoncentralTIsWhatIntegrationGives(double t, double freedom, double away) {
    assertThat(NoncentralT.cumulative(t, freedom, away))
        .isCloseTo(integrated(t, freedom, away), within(2e-5));
  }

  @Test
  void withoutNoncentralityItIsStudents() {
    for (double t : new double[] {-3, -0.4, 0, 0.7, 2.5}) {
      assertThat(NoncentralT.cumulative(t, 7, 0))
          .isCloseTo(TDistribution.of(7).cumulativeProbability(t), within(1e-10));
    }
  }

  private static double power(int r, double away, int treatments, double risk) {
    double freedom = (treatments - 1) * (r - 1);
    double critical = TDistribution.of(freedom).inverseCumulativeProbability(1 - risk / 2);
    return 1 - integrated(critical, freedom, away) + integrated(-critical, freedom, away);
  }

  @ParameterizedTest
  @CsvSource({"10, 2", "5, 3", "8, 3", "15, 4", "4, 2"})
  void theFewestBlocksReachThePowerAndOneLessDoesNot(double percent, int treatments) {
    double mean = 180;
    double difference = mean * percent / 100;
    int r =
        Replicates.needed(new Replicates.Wanted(difference, 0.06, mean, treatments), 0.8, 0.1)
            .orElseThrow();
    double away = percent / 6 / Math.sqrt(2.0 / r);
    assertThat(power(r, away, treatments, 0.1)).isGreaterThanOrEqualTo(0.8 - 1e-4);
    if (r > 2) {
      double less = percent / 6 / Math.sqrt(2.0 / (r - 1));
      assertThat(power(r - 1, less, treatments, 0.1)).isLessThan(0.8);
    }
  }

  @Test
  void aBigDifferenceNeedsTwoAndATinyOneMoreThanFifty() {
    Replicates.Wanted big = new Replicates.Wanted(100, 0.02, 180, 4);
    assertThat(Replicates.needed(big, 0.8, 0.1)).isEqualTo(OptionalInt.of(2));
    Replicates.Wanted tiny = new Replicates.Wanted(1, 0.06, 180, 2);
    assertThat(Replicates.needed(tiny, 0.8, 0.1)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"2, 7", "3, 4", "4, 3", "7, 2", "8, 2"})
  void blocksThatLeaveSixDegreesOfFreedom(int treatments, int blocks) {
    assertThat(Replicates.toTellChance(treatments)).isEqualTo(blocks);
    assertThat((treatments - 1) * (blocks - 1)).isGreaterThanOrEqualTo(6);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Replicates.Wanted(0, 0.06, 180, 2)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Replicates.Wanted(3, 0, 180, 2)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Replicates.Wanted(3, 0.06, 0, 2)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Replicates.Wanted(3, 0.06, 9, 1)).isInstanceOf(Refused.class);
    Replicates.Wanted fine = new Replicates.Wanted(3, 0.06, 180, 2);
    assertThatThrownBy(() -> Replicates.needed(fine, 1, 0.1))
        .hasMessage("The power must lie between 0 and 1.");
    assertThatThrownBy(() -> Replicates.needed(fine, 0.8, 0))
        .hasMessage("The risk must lie between 0 and 1.");
  }
}
