package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Test;

/** The worth of a day: run every week of seeding and every five days of ending, lines between. */
class WorkWorthNumbersTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);
  private static final LocalDate START = LocalDate.of(2026, 9, 1);
  private static final CoverPlan RYE =
      Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 20), Farm.seed("cereal_rye", 70));

  private static double[] seeding(LocalDate opens, LocalDate closes) {
    return WorkWorth.seeding(
        FORECASTER, RYE, Seedings.DRILL, WHEAT, Purpose.SMOTHER_WEEDS, START, 60, opens, closes);
  }

  private static double seeded(LocalDate day) {
    CoverPlan on = RYE.seededOn(day);
    double target = Purpose.SMOTHER_WEEDS.target();
    return FORECASTER.runsFor(Purpose.SMOTHER_WEEDS, on, WHEAT).stream()
        .mapToDouble(r -> Math.min(1, Worth.measure(Purpose.SMOTHER_WEEDS, on, r) / target))
        .average()
        .orElseThrow();
  }

  @Test
  void seedingIsRunEverySevenDaysAndOnTheLast() {
    double[] worth = seeding(START.plusDays(30), START.plusDays(47));
    assertThat(worth[29]).isZero();
    assertThat(worth[48]).isZero();
    double first = seeded(START.plusDays(30));
    double second = seeded(START.plusDays(37));
    double third = seeded(START.plusDays(44));
    double last = seeded(START.plusDays(47));
    assertThat(worth[30]).isCloseTo(first, within(1e-9));
    assertThat(worth[37]).isCloseTo(second, within(1e-9));
    assertThat(worth[44]).isCloseTo(third, within(1e-9));
    assertThat(worth[47]).isCloseTo(last, within(1e-9));
    assertThat(worth[32]).isCloseTo(first + (second - first) * 2 / 7, within(1e-9));
    assertThat(worth[46]).isCloseTo(third + (last - third) * 2 / 3, within(1e-9));
  }

  @Test
  void aWindowThatIsPastOrBeyondTheDaysIsWorthNothing() {
    assertThat(seeding(START.minusDays(9), START.minusDays(1))).containsOnly(0);
    assertThat(seeding(START.plusDays(60), START.plusDays(70))).containsOnly(0);
    double[] open = seeding(START.minusDays(5), START.plusDays(99));
    assertThat(open[0]).isPositive();
    assertThat(open[59]).isPositive();
  }

  @Test
  void anEndingIsWorthHalfByTheKillAndAllWithTheGoal() {
    LocalDate april = LocalDate.of(2027, 5, 10);
    double[] worth =
        WorkWorth.ending(
            FORECASTER,
            RYE,
            WHEAT,
            Purpose.SMOTHER_WEEDS,
            Endings.ROLL_PLANT,
            april,
            30,
            april,
            april.plusDays(12));
    assertThat(worth[13]).isZero();
    double target = Purpose.SMOTHER_WEEDS.target();
    for (int d : new int[] {0, 5, 10, 12}) {
      LocalDate day = april.plusDays(d);
      CoverPlan on = RYE.ended(day, RYE.plantOn(), Endings.ROLL_PLANT.acts(day));
      var ended = FORECASTER.ended(on, WHEAT);
      double sum = 0;
      for (var run : ended) {
        double kill = 1;
        for (var e : run.effects()) {
          kill *= 1 - e.kill()[0];
        }
        double reached = Math.min(1, Worth.measure(Purpose.SMOTHER_WEEDS, on, run) / target);
        sum += 1 - kill >= 0.85 ? 0.5 + 0.5 * reached : 0;
      }
      assertThat(worth[d]).as("day %d", d).isCloseTo(sum / ended.size(), within(1e-9));
    }
    assertThat(worth[7]).isCloseTo(worth[5] + (worth[10] - worth[5]) * 2 / 5, within(1e-9));
  }
}
