package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Test;

/** Light at the ground week by week: under a crop, a cover, its mulch. */
class ShadedWeeksTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);

  private static ShadedWeeks weeks(double... light) {
    return new ShadedWeeks(2026, light);
  }

  private static int week(LocalDate day) {
    return (int) java.time.temporal.ChronoUnit.DAYS.between(LocalDate.of(2026, 7, 1), day) / 7;
  }

  @Test
  void aFifthOfDaylightIsNotDarkYet() {
    assertThat(weeks(0.199, 0.2, 0.201).dark()).isEqualTo(1);
    assertThat(weeks(0.1, 0.1).open()).isEmpty();
  }

  @Test
  void openStretchesHaveTheirFirstAndLastDay() {
    assertThat(weeks(0.5, 0.5, 0.1, 0.9).open())
        .containsExactly(
            new Chain.Gap(LocalDate.of(2026, 7, 1), LocalDate.of(2026, 7, 14)),
            new Chain.Gap(LocalDate.of(2026, 7, 22), LocalDate.of(2026, 7, 28)));
  }

  @Test
  void beansShadeInAugustAndNothingDoesInWinter() {
    ShadedWeeks bare =
        ShadedWeeks.of(FORECASTER, 2026, List.of(new ShadedWeeks.Grown(null, BEANS)));
    assertThat(bare.weeks()).isEqualTo(52);
    assertThat(bare.light()[week(LocalDate.of(2026, 8, 15))]).isLessThan(0.2);
    assertThat(bare.light()[week(LocalDate.of(2027, 1, 15))]).isEqualTo(1);
    assertThat(bare.dark()).isBetween(5, 14);
  }

  @Test
  void ryeAndItsMulchShadeOnWhereBareGroundLiesOpen() {
    LocalDate end = LocalDate.of(2027, 5, 28);
    CoverPlan rye =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), Farm.seed("cereal_rye", 110))
            .ended(end, end, Endings.ROLL_PLANT.acts(end));
    ShadedWeeks under =
        ShadedWeeks.of(FORECASTER, 2026, List.of(new ShadedWeeks.Grown(rye, BEANS)));
    ShadedWeeks bare =
        ShadedWeeks.of(FORECASTER, 2026, List.of(new ShadedWeeks.Grown(null, BEANS)));
    assertThat(under.dark()).isGreaterThan(bare.dark() + 3);
    assertThat(under.light()[week(LocalDate.of(2027, 6, 12))]).isLessThan(0.5);
    for (int w = 0; w < 52; w++) {
      assertThat(under.light()[w]).isLessThanOrEqualTo(bare.light()[w]);
    }
  }

  @Test
  void twoCoversAreDarkWhereEitherIs() {
    LocalDate end = LocalDate.of(2027, 5, 28);
    CoverPlan rye =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), Farm.seed("cereal_rye", 110))
            .ended(end, end, Endings.ROLL_PLANT.acts(end));
    ShadedWeeks one = ShadedWeeks.of(FORECASTER, 2026, List.of(new ShadedWeeks.Grown(rye, BEANS)));
    ShadedWeeks both =
        ShadedWeeks.of(
            FORECASTER,
            2026,
            List.of(new ShadedWeeks.Grown(null, BEANS), new ShadedWeeks.Grown(rye, BEANS)));
    assertThat(Arrays.equals(one.light(), both.light())).isTrue();
  }

  @Test
  void lightIsWhatCropCoverAndMulchLeaveOfItInTheMiddleYear() {
    LocalDate end = LocalDate.of(2027, 5, 28);
    CoverPlan rye =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), Farm.seed("cereal_rye", 110))
            .ended(end, end, Endings.ROLL_PLANT.acts(end));
    var runs = FORECASTER.ended(rye, BEANS);
    double[] light =
        ShadedWeeks.of(FORECASTER, 2026, List.of(new ShadedWeeks.Grown(rye, BEANS))).light();
    for (int w : new int[] {5, 14, 20, 40, 45, 48}) {
      LocalDate middle = LocalDate.of(2026, 7, 1).plusDays(7L * w + 3);
      double[] each = new double[runs.size()];
      for (int y = 0; y < each.length; y++) {
        each[y] = BEANS.years().get(y).lightAtGround(BEANS.count(middle));
        var c = runs.get(y).columns();
        int i = c.indexOf(middle);
        if (i >= 0 && i < c.days()) {
          double mulch = c.mulchMgPerHa()[i] + c.dyingMgPerHa()[i];
          each[y] *= (1 - c.lightCaught()[i]) * Math.exp(-0.4 * mulch);
        }
      }
      assertThat(light[w])
          .as("week %d", w)
          .isCloseTo(
              nimblefurrow.core.units.Spread.of(each).median(),
              org.assertj.core.api.Assertions.within(1e-12));
    }
  }
}
