package nimblefurrow.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Ranges and odds with the model's own error around each year. */
class SpreadTest {
  private static final Spread FIVE = Spread.of(new double[] {5, 5, 5, 5, 5});

  @Test
  void oneValueIsNeverAPointWhileTheModelMayBeOff() {
    Spread growth = FIVE.with(new OwnError.Times(0.2));
    assertThat(growth.median()).isEqualTo(5);
    assertThat(growth.quantile(0.1)).isBetween(3.5, 4.2);
    assertThat(growth.quantile(0.9)).isBetween(6.0, 7.0);
    assertThat(FIVE.with(new OwnError.Times(0)).quantile(0.9)).isEqualTo(5);
  }

  @Test
  void oddsAreSmoothWhereAThresholdLiesAmongThem() {
    Spread growth = FIVE.with(new OwnError.Times(0.2));
    assertThat(growth.atLeast(4.0)).isEqualTo(4);
    assertThat(growth.atLeast(5.01)).isEqualTo(2);
    assertThat(growth.atLeast(6.9)).isZero();
    assertThat(growth.atMost(4.9)).isEqualTo(2);
    assertThat(FIVE.atLeast(5.01)).isZero();
  }

  @Test
  void sharesStaySharesAndNoneAndAllStay() {
    OwnError odds = new OwnError.Odds(0.5, 1);
    assertThat(odds.at(0, 2)).isZero();
    assertThat(odds.at(1, -2)).isEqualTo(1);
    assertThat(odds.at(0.5, 1)).isCloseTo(1 / (1 + Math.exp(-0.5)), within(1e-12));
    assertThat(new OwnError.Odds(0.35, 200).at(100, 0)).isEqualTo(100);
    assertThat(new OwnError.Light(0.2).at(0.3, 0)).isCloseTo(0.3, within(1e-12));
    assertThat(new OwnError.Light(0.2).at(0.3, 3)).isBetween(0.3, 1.0);
    assertThat(new OwnError.Off(3).at(Double.POSITIVE_INFINITY, -1)).isInfinite();
  }

  /** Years that are walked once each see all nine points, both sides alike. */
  @Test
  void yearsTakeTheNinePointsInTurn() {
    double sum = 0;
    double widest = 0;
    for (int year = 0; year < 9; year++) {
      sum += Spread.point(year);
      widest = Math.max(widest, Spread.point(year));
    }
    assertThat(sum).isCloseTo(0, within(1e-12));
    assertThat(widest).isCloseTo(1.593, within(0.001));
    assertThat(Spread.point(12)).isEqualTo(Spread.point(3));
  }

  /** Made-up truth that has the error in it lies in the 10-90 range about as often as is said. */
  @Test
  void yearsHeldOutLieInTheRangeWhenTheTruthHasTheErrorToo() {
    Random random = new Random(4);
    int inside = 0;
    int all = 4000;
    for (int n = 0; n < all; n++) {
      double[] years = IntStream.range(0, 30).mapToDouble(y -> 4 + random.nextGaussian()).toArray();
      double truth = (4 + random.nextGaussian()) * Math.exp(0.2 * random.nextGaussian());
      Spread spread = Spread.of(years).with(new OwnError.Times(0.2));
      inside += truth >= spread.quantile(0.1) && truth <= spread.quantile(0.9) ? 1 : 0;
    }
    assertThat((double) inside / all).isBetween(0.78, 0.84);
  }
}
