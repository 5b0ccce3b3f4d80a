package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.WindowFinder;
import org.junit.jupiter.api.Test;

/** By which day a cover must be seeded to do its job. */
class DateOddsTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 1);

  private static List<DateOdds> odds(double targetMgPerHa, LocalDate today) {
    CoverPlan plan =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 28), Farm.seed("cereal_rye", 70));
    return DateOdds.of(
        new Forecaster(Farm.MODEL),
        new WindowFinder(Farm.CLIMATE, BEANS),
        plan,
        BEANS,
        today,
        new Goal(new Goal.Of(Purpose.SMOTHER_WEEDS), targetMgPerHa, 0.7));
  }

  private static DateOdds method(List<DateOdds> all, SeedingMethod method) {
    return thickness(all, method, 1);
  }

  private static DateOdds thickness(List<DateOdds> all, SeedingMethod method, double thickness) {
    return all.stream()
        .filter(d -> d.method() == method && d.thickness() == thickness)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void oddsFallAsSeedingIsPutOffAndTheLatestDayIsTheLastThatStillDoes() {
    DateOdds drill = method(odds(3, TODAY), Seedings.DRILL);
    List<DateOdds.Point> points = drill.points();
    assertThat(points.get(0).met()).isGreaterThan(points.get(points.size() - 1).met());
    assertThat(drill.latest()).isNotNull();
    for (DateOdds.Point point : points) {
      if (point.day().isAfter(drill.latest())) {
        assertThat(point.met()).isLessThan((int) Math.ceil(0.7 * BEANS.ensemble().years()));
      }
    }
  }

  @Test
  void moreThanAnyYearBringsHasNoLatestDay() {
    assertThat(odds(30, TODAY)).allSatisfy(d -> assertThat(d.latest()).isNull());
  }

  @Test
  void surfaceMethodsCarryTheirOwnRatesAndCost() {
    List<DateOdds> all = odds(3, TODAY);
    double drilled = method(all, Seedings.DRILL).seedUsdPerHa();
    assertThat(drilled).isCloseTo(70 * 0.75, within(1e-9));
    assertThat(method(all, Seedings.BROADCAST).seedUsdPerHa())
        .as("100 kg on the surface for 70 in the soil")
        .isCloseTo(drilled * 100 / 70, within(1e-9));
  }

  @Test
  void whatIsOverIsNotAsked() {
    List<DateOdds> october = odds(3, LocalDate.of(2026, 10, 20));
    assertThat(october).noneMatch(d -> d.method() == Seedings.DRONE);
    assertThat(method(october, Seedings.DRILL).points().get(0).day())
        .isEqualTo(LocalDate.of(2026, 10, 20));
  }

  @Test
  void moreSeedCostsMoreAndIsNeverLaterToAct() {
    List<DateOdds> all = odds(3, TODAY);
    DateOdds thin = thickness(all, Seedings.DRILL, 0.7);
    DateOdds thick = thickness(all, Seedings.DRILL, 1.4);
    assertThat(thick.seedUsdPerHa()).isCloseTo(2 * thin.seedUsdPerHa(), within(1e-9));
    for (int i = 0; i < thin.points().size(); i++) {
      assertThat(thick.points().get(i).met()).isGreaterThanOrEqualTo(thin.points().get(i).met());
    }
    assertThat(thick.latest()).isAfterOrEqualTo(thin.latest());
  }

  @Test
  void aGrowersOwnGoalIsAskedOnItsOwnDayAndAsSurelyAsHeSays() {
    LocalDate may = LocalDate.of(2027, 5, 25);
    CoverPlan plan =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 28), Farm.seed("cereal_rye", 70));
    Forecaster forecaster = new Forecaster(Farm.MODEL);
    int half = new Goal(new Goal.CoverOn(may), 5, 0.5).met(forecaster, plan, BEANS);
    assertThat(new Goal(new Goal.CoverOn(may.minusDays(30)), 5, 0.5).met(forecaster, plan, BEANS))
        .isLessThan(half);
    assertThat(new Goal(new Goal.CoverOn(may), 7, 0.5).met(forecaster, plan, BEANS))
        .isLessThan(half);
    assertThat(
            new Goal(new Goal.CoverOn(LocalDate.of(2030, 1, 1)), 1, 0.5)
                .met(forecaster, plan, BEANS))
        .isZero();
    LocalDate december = LocalDate.of(2026, 12, 1);
    assertThat(
            new Goal(new Goal.GroundOn(december), Purpose.HOLD_SOIL.target(), 0.7)
                .met(forecaster, plan, BEANS))
        .isEqualTo(Goal.of(Purpose.HOLD_SOIL).met(forecaster, plan, BEANS));
    assertThat(new Goal(new Goal.CoverOn(may), 5, 0.7).wanted(10)).isEqualTo(7);
    assertThat(new Goal(new Goal.CoverOn(may), 5, 0.7).wanted(29)).isEqualTo(21);
    assertThatThrownBy(() -> new Goal(new Goal.CoverOn(may), 5, 1.2)).hasMessageContaining("1.2");
  }
}
