package nimblefurrow.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.learn.Correction.Pair;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CorrectionTest {
  private static Correction of(List<Pair> pairs) {
    return Correction.of(pairs, Correction.USUAL_PRIOR_SD, Correction.USUAL_NOISE_SD);
  }

  /** By hand: n/σ² = 4/0.09, 1/τ² = 16; m = ln 0.8 · 44.44/60.44, sd = 1/√60.44. */
  @Test
  void fourRecordsOfEightTenthsAreDrawnTowardNone() {
    Pair p = new Pair(10, 8);
    Correction c = of(List.of(p, p, p, p));
    double weight = 4 / 0.09 + 16;
    double m = Math.log(0.8) * (4 / 0.09) / weight;
    assertThat(c.n()).isEqualTo(4);
    assertThat(c.factor()).isCloseTo(Math.exp(m), within(1e-12));
    assertThat(c.factor()).isCloseTo(0.84868, within(1e-5));
    assertThat(c.low()).isCloseTo(Math.exp(m - 1.645 / Math.sqrt(weight)), within(1e-12));
    assertThat(c.high()).isCloseTo(Math.exp(m + 1.645 / Math.sqrt(weight)), within(1e-12));
  }

  @Test
  void withoutRecordsNothingIsCorrectedAndTheRangeIsThatOfFarms() {
    Correction none = of(List.of());
    assertThat(none.factor()).isEqualTo(1);
    assertThat(none.high()).isCloseTo(Math.exp(1.645 * 0.25), within(1e-12));
    assertThat(none.low() * none.high()).isCloseTo(1, within(1e-12));
    assertThat(none.applied()).isFalse();
  }

  @Test
  void itIsAppliedFromThreeRecordsOn() {
    Pair p = new Pair(1, 1.1);
    assertThat(of(List.of(p, p)).applied()).isFalse();
    assertThat(of(List.of(p, p, p)).applied()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"0, 1, pairs[0].predicted", "-1, 1, pairs[0].predicted", "1, 0, pairs[0].actual"})
  void figuresAreAboveZero(double predicted, double actual, String where) {
    assertThatThrownBy(() -> of(List.of(new Pair(predicted, actual))))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -0.1, 5.0001, Double.NaN})
  void spreadsMakeSense(double sd) {
    assertThatThrownBy(() -> Correction.of(List.of(), sd, 0.3)).hasMessageContaining("farms");
    assertThatThrownBy(() -> Correction.of(List.of(), 0.25, sd)).hasMessageContaining("records");
    assertThat(Correction.of(List.of(), 5, 5).factor()).isEqualTo(1);
  }

  /** Farms whose growth, hours and chart are off: after ten records the truth is seldom outside. */
  @ParameterizedTest
  @ValueSource(doubles = {0.8, 1.2, 0.86})
  void afterTenRecordsTheRangeHoldsTheTruth(double truth) {
    Random luck = new Random(7);
    int held = 0;
    int before = 0;
    int farms = 400;
    double off = 0;
    for (int f = 0; f < farms; f++) {
      List<Pair> pairs = new ArrayList<>();
      for (int i = 0; i < 10; i++) {
        pairs.add(new Pair(5, 5 * truth * Math.exp(0.3 * luck.nextGaussian())));
      }
      Correction c = of(pairs);
      held += c.low() <= truth && truth <= c.high() ? 1 : 0;
      before += Math.abs(Math.log(truth)) < 0.05 ? 1 : 0;
      off += Math.abs(Math.log(c.factor() / truth)) / farms;
    }
    assertThat(held / (double) farms).isBetween(0.80, 0.97);
    assertThat(before).as("uncorrected forecasts are off on all of them").isZero();
    assertThat(off).isLessThan(Math.abs(Math.log(truth)));
  }
}
