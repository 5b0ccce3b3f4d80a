package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** What is left after an ending and what nitrogen it holds, read off the runs once more. */
class EndingFiguresTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 15);
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 22);
  private static final CoverPlan MIX =
      Farm.plan(
              Seedings.DRILL,
              LocalDate.of(2026, 9, 25),
              Farm.seed("cereal_rye", 50),
              Farm.seed("hairy_vetch", 18))
          .ended(MAY, PLANT, Endings.ROLL_PLANT.acts(MAY));

  private static List<SeasonRun> runs(CoverPlan plan) {
    return FORECASTER.runs(plan, BEANS, plan.acts(), SeasonColumns.Detail.FULL);
  }

  @Test
  void weeksAfterAnEndingAreReadOffAllYears() {
    List<SeasonRun> runs = runs(MIX);
    AfterEnding after = AfterEnding.of(FORECASTER, MIX, BEANS, Endings.ROLL_PLANT);
    assertThat(after.years()).isEqualTo(runs.size());
    for (int w = 0; w < after.mulch().size(); w++) {
      LocalDate day = MAY.plusDays(7L * w);
      double[] dead = new double[runs.size()];
      double[] alive = new double[runs.size()];
      for (int y = 0; y < dead.length; y++) {
        SeasonColumns c = runs.get(y).columns();
        int i = c.indexOf(day);
        dead[y] = c.mulchMgPerHa()[i] + c.dyingMgPerHa()[i];
        alive[y] = c.totalCoverMgPerHa(i);
      }
      var error = OwnErrors.of(MIX).growth(MAY);
      assertThat(after.mulch().get(w).median()).isEqualTo(Spread.of(dead).with(error).median());
      assertThat(after.living().get(w).median()).isEqualTo(Spread.of(alive).with(error).median());
    }
    long fit =
        runs.stream()
            .map(SeasonRun::columns)
            .filter(c -> c.trafficability()[c.indexOf(PLANT)] == Trafficability.FIT)
            .count();
    assertThat((long) after.fitAtPlanting()).isEqualTo(fit);
    assertThat(fit).as("some years fit, some not").isBetween(1L, runs.size() - 1L);
  }

  @Test
  void nitrogenInTheTopsIsCarbonOverTheRatioOfEachStage() {
    SeasonColumns c = runs(MIX).get(4).columns();
    int day = c.indexOf(LocalDate.of(2027, 5, 10));
    double mass = 0;
    double held = 0;
    double own = 0;
    for (int s = 0; s < 2; s++) {
      CoverComponent part = MIX.cover().get(s);
      double one = c.coverMgPerHa()[s][day];
      double n = 430 * one / part.species().carbonToNitrogen().at(c.stageFraction()[s][day]);
      mass += one;
      held += n;
      own += part.species().legume() ? 0.33 * n : n;
    }
    NitrogenInTops n = NitrogenInTops.at(MIX.cover(), c, day);
    assertThat(n.kgPerHa()).isCloseTo(held, within(1e-9));
    assertThat(n.carbonToNitrogen()).isCloseTo(430 * mass / held, within(1e-9));
    double percent = held / (10 * mass);
    double freed = held * Math.min(60, 24.5 * percent - 37) / 100;
    assertThat(n.availableKgPerHa()).isCloseTo(freed, within(1e-9));
    assertThat(NitrogenInTops.takenUp(MIX.cover(), c, day)).isCloseTo(own, within(1e-9));
    assertThat(NitrogenInTops.at(MIX.cover(), c, 0))
        .isEqualTo(new NitrogenInTops(0, 0, Double.NaN));
  }

  @Test
  void whatWinterKillsFreesHalfOfWhatItHeldOnTheDaysItDied() {
    CoverPlan oats = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 20), Farm.seed("oats", 80));
    SeasonColumns c = FORECASTER.runs(oats, BEANS).get(1).columns();
    int april = c.indexOf(LocalDate.of(2027, 4, 15));
    double mass = 0;
    double held = 0;
    for (int d = 1; d < april; d++) {
      double died = Math.max(0, c.coverMgPerHa()[0][d - 1] - c.coverMgPerHa()[0][d]);
      mass += died;
      held += 430 * died / Farm.species("oats").carbonToNitrogen().at(c.stageFraction()[0][d - 1]);
    }
    double percent = held / (10 * mass);
    double freed = 0.5 * held * Math.min(60, 24.5 * percent - 37) / 100;
    assertThat(mass).isPositive();
    assertThat(NitrogenInTops.fromWinterkill(oats.cover(), c, april))
        .isCloseTo(freed, within(1e-9));
    assertThat(NitrogenInTops.fromWinterkill(oats.cover(), c, 1)).isZero();
    assertThat(NitrogenInTops.fromWinterkill(oats.cover(), c, 0)).isZero();
  }

  @Test
  void fitDaysAreCountedInTheWeekRoundADay() {
    SeasonColumns c = runs(MIX).get(0).columns();
    int days = c.trafficability().length;
    int may = c.indexOf(PLANT);
    for (int middle : new int[] {0, 2, 3, 200, may, days - 2, days - 1}) {
      int fit = 0;
      for (int d = middle - 3; d <= middle + 3; d++) {
        fit += fit(c.trafficability(), d) - fit(c.trafficabilityBare(), d);
      }
      LocalDate day = PLANT.plusDays(middle - may);
      assertThat(Worth.fitDaysAdded(c, day)).isEqualTo(fit);
    }
    double some = 0;
    for (SeasonRun r : runs(MIX)) {
      some += Math.abs(Worth.fitDaysAdded(r.columns(), PLANT));
    }
    assertThat(some).as("the cover changes the ground").isPositive();
  }

  private static int fit(Trafficability[] days, int day) {
    return day >= 0 && day < days.length && days[day] == Trafficability.FIT ? 1 : 0;
  }

  @Test
  void theBestIsTheFirstThatFitsIsReckonedAndFeedsWhereItIsForFeed() {
    NextCrop soy = new NextCrop(NextCrop.Kind.SOYBEAN, PLANT);
    EndingSideBySide.Field field =
        new EndingSideBySide.Field(
            MIX,
            BEANS,
            soy,
            false,
            Purpose.FEED_CATTLE,
            Purpose.FEED_CATTLE.target(),
            LocalDate.of(2027, 4, 1),
            null,
            Farm.BASIS);
    List<EndingSideBySide> rows = EndingSideBySide.of(FORECASTER, field);
    EndingSideBySide feeds = EndingSideBySide.best(rows, Purpose.FEED_CATTLE).orElseThrow();
    assertThat(feeds.option().method().feeds()).isTrue();
    assertThat(feeds.barred()).isNull();
    assertThat(feeds.outcome()).isNotNull();
    List<EndingSideBySide> dry = rows.stream().filter(r -> !r.option().method().feeds()).toList();
    assertThat(EndingSideBySide.best(dry, Purpose.FEED_CATTLE)).isEmpty();
    EndingSideBySide other = EndingSideBySide.best(dry, Purpose.SMOTHER_WEEDS).orElseThrow();
    assertThat(other)
        .isEqualTo(
            dry.stream()
                .filter(r -> r.barred() == null && r.outcome() != null)
                .findFirst()
                .orElseThrow());
    List<EndingSideBySide> barred = rows.stream().filter(r -> r.barred() != null).toList();
    assertThat(EndingSideBySide.best(barred, Purpose.SMOTHER_WEEDS)).isEmpty();
    List<EndingSideBySide> unreckoned = rows.stream().filter(r -> r.outcome() == null).toList();
    assertThat(EndingSideBySide.best(unreckoned, Purpose.SMOTHER_WEEDS)).isEmpty();
  }

  @Test
  void whatIsOfItselfOrPlantedAlreadyLeavesThePlantingAlone() {
    NextCrop soy = new NextCrop(NextCrop.Kind.SOYBEAN, PLANT);
    LocalDate late = PLANT.minusDays(1);
    for (EndingSideBySide row :
        EndingSideBySide.of(
            FORECASTER,
            new EndingSideBySide.Field(
                MIX,
                BEANS,
                soy,
                false,
                Purpose.SMOTHER_WEEDS,
                Purpose.SMOTHER_WEEDS.target(),
                late,
                null,
                Farm.BASIS))) {
      EndingMethod way = row.option().method();
      EndingDays planted = EndingDays.of(row.option(), MIX, soy, true, late);
      EndingDays open = EndingDays.of(row.option(), MIX, soy, false, late);
      assertThat(planted.plantOn()).isEqualTo(PLANT);
      assertThat(open.plantOn())
          .as(way.key())
          .isEqualTo(
              way.ofItself() ? PLANT : way.lag(MIX, soy.kind()).plantOn(open.endOn(), PLANT));
      if (!way.ofItself()) {
        assertThat(open.endOn()).isAfterOrEqualTo(late);
      }
    }
  }
}
