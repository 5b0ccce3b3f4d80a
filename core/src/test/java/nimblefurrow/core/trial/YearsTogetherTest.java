package nimblefurrow.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.trial.YearsTogether.Year;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

/** One question over several years. */
class YearsTogetherTest {
  @Test
  void theSurerYearWeighsMore() {
    YearsTogether y = YearsTogether.of(List.of(new Year(4, 1), new Year(1, 2)));
    assertThat(y.difference()).isCloseTo(3.4, within(1e-12));
    assertThat(y.low()).isCloseTo(3.4 - 1.644854 * Math.sqrt(0.8), within(1e-5));
    assertThat(y.high()).isCloseTo(3.4 + 1.644854 * Math.sqrt(0.8), within(1e-5));
    assertThat(y.heterogeneity().q()).isCloseTo(1.8, within(1e-12));
    assertThat(y.heterogeneity().p()).isCloseTo(0.1797, within(1e-4));
    assertThat(y.heterogeneity().i2()).isCloseTo(0.8 / 1.8, within(1e-12));
  }

  /**
   * Six studies, Borenstein, Hedges, Higgins and Rothstein 2009, Introduction to Meta-Analysis, ch.
   * 14: 0.41, Q 12.0, p 0.035, I² 58 %; their variances are printed to three places.
   */
  @Test
  void sixStudiesAsInTheTextbook() {
    double[][] printed = {
      {0.095, 0.033}, {0.277, 0.031}, {0.367, 0.050}, {0.664, 0.011}, {0.462, 0.043}, {0.185, 0.023}
    };
    List<Year> years = new ArrayList<>();
    for (double[] s : printed) {
      years.add(new Year(s[0], Math.sqrt(s[1])));
    }
    YearsTogether y = YearsTogether.of(years);
    assertThat(y.difference()).isCloseTo(0.41, within(0.01));
    assertThat(y.heterogeneity().q()).isCloseTo(12, within(0.6));
    assertThat(y.heterogeneity().p()).isCloseTo(0.035, within(0.01));
    assertThat(y.heterogeneity().i2()).isCloseTo(0.58, within(0.02));
  }

  @Test
  void oneYearIsItself() {
    YearsTogether y = YearsTogether.of(List.of(new Year(-2, 0.5)));
    assertThat(y.difference()).isEqualTo(-2);
    assertThat(y.heterogeneity()).isEqualTo(new YearsTogether.Heterogeneity(0, 1, 0));
  }

  @Test
  void yearsThatAgreeAreNotApart() {
    YearsTogether y = YearsTogether.of(List.of(new Year(2, 1), new Year(2.1, 1)));
    assertThat(y.heterogeneity().i2()).isZero();
    assertThat(y.high() - y.low()).isCloseTo(2 * 1.644854 / Math.sqrt(2), within(1e-5));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> YearsTogether.of(List.of())).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> YearsTogether.of(List.of(new Year(1, 0)))).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> YearsTogether.of(List.of(new Year(Double.NaN, 1))))
        .isInstanceOf(Refused.class);
  }
}
