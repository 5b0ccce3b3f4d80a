package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is left of a cover once it is ended, way by way. */
class AfterEndingTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 25);

  private static CoverPlan plan(LocalDate endOn) {
    CoverPlan p = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 28), Farm.seed("cereal_rye", 78));
    return new CoverPlan(p.soil(), p.start(), p.cover(), p.method(), p.seedOn(), endOn, endOn);
  }

  private static AfterEnding after(EndingMethod way) {
    return AfterEnding.of(FORECASTER, plan(MAY), BEANS, way);
  }

  static List<EndingMethod> modelled() {
    return EndingMethods.all().stream().filter(EndingMethod::modelled).toList();
  }

  @ParameterizedTest
  @MethodSource("modelled")
  void everyWayGivesOrderedRangesFromItsOwnRuns(EndingMethod way) {
    AfterEnding a = after(way);
    assertThat(a.mulch()).as("weeks from 20 May to the end of July").hasSize(10);
    a.mulch().forEach(m -> assertThat(m.quantile(0.1)).isLessThanOrEqualTo(m.quantile(0.9)));
    assertThat(a.kill().quantile(0)).isBetween(0.0, 1.0);
    assertThat(a.fitAtPlanting()).isBetween(0, a.years());
    assertThat(a.waterTakenMm().median()).isPositive();
    assertThat(a.topSoilWetness().median()).isBetween(0.2, 1.3);
  }

  @Test
  void waitingLaysDownMoreAndTheRollerKillsMoreOfIt() {
    List<AfterEnding.OnDate> dates = after(Endings.ROLL_PLANT).byDate();
    assertThat(dates).hasSize(7);
    assertThat(dates.get(3).day()).isEqualTo(MAY);
    for (int i = 1; i < dates.size(); i++) {
      assertThat(dates.get(i).kill().median())
          .isGreaterThanOrEqualTo(dates.get(i - 1).kill().median());
    }
    assertThat(dates.get(6).mulch().median()).isGreaterThan(dates.get(0).mulch().median());
  }

  @Test
  void weeksAreToldAsFarAsTheSeasonIsRun() {
    LocalDate last = LocalDate.of(2027, 7, 31);
    AfterEnding on = AfterEnding.of(FORECASTER, plan(last.minusDays(70)), BEANS, Endings.TILL);
    assertThat(on.mulch()).as("its eleventh point is the last day").hasSize(11);
    assertThat(on.living()).hasSize(11);
    AfterEnding past = AfterEnding.of(FORECASTER, plan(last.minusDays(69)), BEANS, Endings.TILL);
    assertThat(past.mulch()).hasSize(10);
    AfterEnding early = AfterEnding.of(FORECASTER, plan(last.minusDays(90)), BEANS, Endings.TILL);
    assertThat(early.mulch()).as("no more than eleven").hasSize(11);
  }

  @Test
  void plantingBehindTheRunHasNothingAndNoFitGround() {
    CoverPlan p = plan(MAY);
    CoverPlan late =
        new CoverPlan(
            p.soil(),
            p.start(),
            p.cover(),
            p.method(),
            p.seedOn(),
            p.endOn(),
            LocalDate.of(2027, 8, 1));
    AfterEnding a = AfterEnding.of(FORECASTER, late, BEANS, Endings.ROLL_PLANT);
    assertThat(a.fitAtPlanting()).isZero();
    assertThat(a.mulchAtPlanting().median()).isZero();
    assertThat(a.topSoilWetness().median()).isZero();
  }

  @Test
  void mulchIsWhatLiesAndWhatIsStillDying() {
    AfterEnding sprayed = after(Endings.SPRAY_EARLY);
    assertThat(sprayed.mulch().get(0).median())
        .as("what was sprayed today counts as dead")
        .isGreaterThan(1);
  }

  @Test
  void waysDifferAsTheyDoInTheField() {
    AfterEnding rolled = after(Endings.ROLL_PLANT);
    AfterEnding both = after(Endings.ROLL_SPRAY);
    AfterEnding hay = after(Endings.HAY);
    AfterEnding tilled = after(Endings.TILL);
    assertThat(both.kill().median()).isGreaterThan(rolled.kill().median());
    assertThat(both.livingAtPlanting().median()).isLessThan(rolled.livingAtPlanting().median());
    assertThat(hay.mulchAtPlanting().median()).isLessThan(rolled.mulchAtPlanting().median());
    assertThat(tilled.mulchAtPlanting().median())
        .isLessThan(0.5 * rolled.mulchAtPlanting().median());
    assertThat(after(Endings.WINTER).byDate()).isEmpty();
    // Mulch on a hot June ground only goes one way.
    assertThat(rolled.mulch().get(9).median()).isLessThan(rolled.mulch().get(1).median());
  }

  @Test
  void anEarlyDeathLeavesTheSoilMoreWater() {
    LocalDate plantOn = MAY;
    CoverPlan base = plan(LocalDate.of(2027, 4, 20));
    CoverPlan early =
        new CoverPlan(
            base.soil(),
            base.start(),
            base.cover(),
            base.method(),
            base.seedOn(),
            base.endOn(),
            plantOn);
    AfterEnding brown = AfterEnding.of(FORECASTER, early, BEANS, Endings.SPRAY_EARLY);
    AfterEnding green = after(Endings.PLANT_GREEN_SPRAY);
    assertThat(brown.waterTakenMm().median()).isLessThan(green.waterTakenMm().median());
    assertThat(brown.mulchAtPlanting().median()).isLessThan(green.mulch().get(3).median());
    assertThat(brown.nitrogenKgPerHa().median()).isGreaterThan(green.nitrogenKgPerHa().median());
  }

  @Test
  void whatIsSeenNarrowsTheFan() {
    LocalDate april = LocalDate.of(2027, 4, 20);
    CoverPlan seen = plan(MAY).seeing(List.of(new Sighting.Cover(april, 2.5)));
    Outlook thought = FORECASTER.outlook(plan(MAY), BEANS);
    Outlook anchored = FORECASTER.outlook(seen, BEANS);
    int then = (int) java.time.temporal.ChronoUnit.DAYS.between(thought.start(), april) / 7 + 1;
    double wide = thought.high()[then] - thought.low()[then];
    double narrow = anchored.high()[then] - anchored.low()[then];
    assertThat(narrow).isLessThan(0.5 * wide);
    assertThat(anchored.middle()[then - 2]).isCloseTo(thought.middle()[then - 2], within(1e-12));
  }
}
