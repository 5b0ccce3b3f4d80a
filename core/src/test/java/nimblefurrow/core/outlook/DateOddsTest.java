package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
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
        Farm.plan(SeedingMethod.DRILL, LocalDate.of(2026, 9, 28), Farm.seed("cereal_rye", 70));
    return DateOdds.of(
        new Forecaster(Farm.MODEL),
        new WindowFinder(Farm.CLIMATE, BEANS),
        plan,
        BEANS,
        today,
        Purpose.FEED_CATTLE,
        targetMgPerHa,
        0.7);
  }

  private static DateOdds method(List<DateOdds> all, SeedingMethod method) {
    return all.stream().filter(d -> d.method() == method).findFirst().orElseThrow();
  }

  @Test
  void oddsFallAsSeedingIsPutOffAndTheLatestDayIsTheLastThatStillDoes() {
    DateOdds drill = method(odds(3, TODAY), SeedingMethod.DRILL);
    List<DateOdds.Point> points = drill.points();
    assertThat(points.get(0).met()).isGreaterThan(points.get(points.size() - 1).met());
    assertThat(drill.latest()).isNotNull();
    for (DateOdds.Point point : points) {
      if (point.day().isAfter(drill.latest())) {
        assertThat(point.met()).isLessThan((int) Math.ceil(0.7 * BEANS.skies().years()));
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
    double drilled = method(all, SeedingMethod.DRILL).seedUsdPerHa();
    assertThat(drilled).isCloseTo(70 * 0.75, within(1e-9));
    assertThat(method(all, SeedingMethod.BROADCAST).seedUsdPerHa())
        .as("100 kg on the surface for 70 in the soil")
        .isCloseTo(drilled * 100 / 70, within(1e-9));
  }

  @Test
  void whatIsOverIsNotAsked() {
    List<DateOdds> october = odds(3, LocalDate.of(2026, 10, 20));
    assertThat(october).noneMatch(d -> d.method() == SeedingMethod.DRONE);
    assertThat(method(october, SeedingMethod.DRILL).points().get(0).day())
        .isEqualTo(LocalDate.of(2026, 10, 20));
  }
}
