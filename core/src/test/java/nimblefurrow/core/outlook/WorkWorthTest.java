package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Test;

/** What a day's delay costs, from model runs. */
class WorkWorthTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);
  private static final LocalDate START = LocalDate.of(2026, 9, 1);
  private static final CoverPlan RYE =
      Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 20), Farm.seed("cereal_rye", 70));

  @Test
  void ryeSeededLaterSmothersLessAndNothingIsWorthAnythingOutsideItsWindow() {
    double[] worth =
        WorkWorth.seeding(
            FORECASTER,
            RYE,
            Seedings.DRILL,
            WHEAT,
            Purpose.SMOTHER_WEEDS,
            START,
            90,
            START.plusDays(10),
            START.plusDays(80));
    assertThat(worth[9]).isZero();
    assertThat(worth[81]).isZero();
    for (int d = 10; d <= 80; d++) {
      assertThat(worth[d]).isBetween(0.0, 1.0);
    }
    assertThat(worth[10]).isGreaterThan(worth[80] + 0.1);
  }

  @Test
  void aRollerTooEarlyKillsTooLittleToBeWorthMuch() {
    LocalDate april = LocalDate.of(2027, 4, 20);
    double[] worth =
        WorkWorth.ending(
            FORECASTER,
            RYE,
            WHEAT,
            Purpose.SMOTHER_WEEDS,
            Endings.ROLL_PLANT,
            april,
            50,
            april,
            april.plusDays(49));
    assertThat(worth[0]).isLessThan(0.1);
    assertThat(worth[45]).isGreaterThan(0.5);
  }
}
