package nimblefurrow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FeedTest {
  private static GrazingDays graze(double standing, double leave) {
    return GrazingDays.of(new GrazingDays.Standing(standing, leave, 0.6, 20), 60, 550, 0.026);
  }

  /** By hand: 2,000 · 0.6 · 20 = 24,000 kg; an animal eats 14.3 kg a day. */
  @Test
  void whatStandsOverWhatMustStayFeedsTheHerd() {
    GrazingDays g = graze(3200, 1200);
    assertThat(g.feedKg()).isCloseTo(24_000, within(1e-9));
    assertThat(g.animalDays()).isCloseTo(24_000 / 14.3, within(1e-9));
    assertThat(g.weeks()).isCloseTo(24_000 / 14.3 / 420, within(1e-9));
    assertThat(g.hectaresPerHeadWeek()).isCloseTo(20 / (60 * g.weeks()), within(1e-12));
  }

  @Test
  void belowWhatMustStayThereIsNothingToGraze() {
    assertThat(graze(1200, 1200)).isEqualTo(new GrazingDays(0, 0, 0, null));
    assertThat(graze(800, 1200).feedKg()).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 0, 0.6, 20, 60, 550, 0.026, standingKgPerHa",
    "1, -1, 0.6, 20, 60, 550, 0.026, leaveKgPerHa",
    "1, 0, 1.1, 20, 60, 550, 0.026, useShare",
    "1, 0, 0.6, 0, 60, 550, 0.026, areaHa",
    "1, 0, 0.6, 20, 0, 550, 0.026, head",
    "1, 0, 0.6, 20, 60, 0, 0.026, headKg",
    "1, 0, 0.6, 20, 60, 550, 0, intakeShare",
    "1, 0, 0.6, 20, 60, 550, 1.5, intakeShare",
  })
  void nonsenseIsRefused(
      double standing,
      double leave,
      double use,
      double area,
      double head,
      double headKg,
      double intake,
      String where) {
    GrazingDays.Standing s = new GrazingDays.Standing(standing, leave, use, area);
    assertThatThrownBy(() -> GrazingDays.of(s, head, headKg, intake))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }

  /** By hand: 30,000 kg dry, 26,400 kept, 425 a bale: 62.1, so 63. */
  @Test
  void aLastBaleThatIsNotFullIsABaleToo() {
    assertThat(Bales.of(3000, 10, 0.85, 500, 0.12)).isEqualTo(new Bales(63, 425, 3600));
    assertThat(Bales.of(425, 10, 0.85, 500, 0).bales()).as("ten full ones").isEqualTo(10);
    assertThat(Bales.of(0, 10, 0.85, 500, 0.1).bales()).isZero();
    assertThat(Bales.of(100, 10, 0.85, 500, 1).bales()).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 10, 0.85, 500, 0.1, cutKgPerHa",
    "1, 0, 0.85, 500, 0.1, areaHa",
    "1, 10, 0, 500, 0.1, dryMatter",
    "1, 10, 1.01, 500, 0.1, dryMatter",
    "1, 10, 0.85, 0, 0.1, baleKg",
    "1, 10, 0.85, 500, 1.01, lossShare",
  })
  void baleNonsenseIsRefused(
      double cut, double area, double dry, double bale, double loss, String where) {
    assertThatThrownBy(() -> Bales.of(cut, area, dry, bale, loss))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }
}
