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
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** One goal, one measure, one number: and each measure says what a grower means by it. */
class WorthTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate AUGUST = LocalDate.of(2026, 8, 8);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 20);

  private static CoverPlan plan(LocalDate seedOn, EndingMethod way, CoverComponent... cover) {
    CoverPlan open = Farm.plan(Seedings.DRILL, seedOn, cover);
    return open.ended(MAY, MAY, way.acts(MAY));
  }

  private static Spread worth(Purpose purpose, CoverPlan plan, CropSeasons crop) {
    return FORECASTER.outlook(plan, crop).worth(purpose);
  }

  @Test
  void aRadishThatWinterKilledStillOpenedTheGroundAndAThinBarleyDidNot() {
    CoverPlan radish = plan(AUGUST, Endings.WINTER, Farm.seed("radish", 9));
    CoverPlan barley =
        plan(LocalDate.of(2026, 11, 1), Endings.SPRAY_EARLY, Farm.seed("winter_barley", 80));
    Spread opened = worth(Purpose.OPEN_TIGHT_GROUND, radish, WHEAT);
    Spread thin = worth(Purpose.OPEN_TIGHT_GROUND, barley, BEANS);
    assertThat(opened.median()).isGreaterThan(Purpose.OPEN_TIGHT_GROUND.target());
    assertThat(thin.quantile(0.9)).isLessThan(opened.median());
    assertThat(thin.atLeast(Purpose.OPEN_TIGHT_GROUND.target())).isLessThan(10);
  }

  @Test
  void whatCarriesThePlanterIsJudgedAgainstBareGroundBesideIt() {
    CoverPlan rye =
        plan(LocalDate.of(2026, 9, 28), Endings.SPRAY_EARLY, Farm.seed("cereal_rye", 78));
    List<SeasonRun> runs = FORECASTER.ended(rye, BEANS);
    int gained = 0;
    for (SeasonRun run : runs) {
      int at = run.columns().indexOf(MAY);
      int with = 0;
      int bare = 0;
      for (int i = at - 3; i <= at + 3; i++) {
        with += run.columns().trafficability()[i] == Trafficability.FIT ? 1 : 0;
        bare += run.columns().trafficabilityBare()[i] == Trafficability.FIT ? 1 : 0;
      }
      assertThat(Worth.measure(Purpose.CARRY_MACHINE, rye, run)).isEqualTo(with - bare);
      gained += with - bare >= 1 ? 1 : 0;
    }
    assertThat(worth(Purpose.CARRY_MACHINE, rye, BEANS).atLeast(1)).isEqualTo(gained);
    assertThat(worth(Purpose.CARRY_MACHINE, rye, BEANS).atMost(-1))
        .as("a mat keeps ground wet in some springs")
        .isPositive();
  }

  @ParameterizedTest
  @CsvSource({"graze,true", "hay,true", "sprayEarly,false", "rollPlant,false", "till,false"})
  void cattleAreFedByWhatIsGrazedOrBaledAlone(String way, boolean feeds) {
    CoverPlan triticale =
        plan(AUGUST.plusDays(30), EndingMethod.of(way), Farm.seed("triticale", 90));
    assertThat(worth(Purpose.FEED_CATTLE, triticale, WHEAT).median() > 1).isEqualTo(feeds);
    if (!feeds) {
      assertThat(worth(Purpose.FEED_CATTLE, triticale, WHEAT).quantile(1)).isZero();
    }
  }

  @Test
  void whatWinterKilledFreesHalfOfItsNitrogenByTheStageItDiedAt() {
    CoverPlan peas = plan(AUGUST, Endings.WINTER, Farm.seed("radish", 9));
    Spread freed = worth(Purpose.MAKE_NITROGEN, peas, WHEAT);
    assertThat(freed.median()).as("never exactly nothing").isGreaterThan(3);
    SeasonRun run = FORECASTER.runs(peas, WHEAT).get(0);
    int before = run.columns().indexOf(MAY);
    double mass = 0;
    double nitrogen = 0;
    for (int d = 1; d < before; d++) {
      double died = run.columns().coverMgPerHa()[0][d - 1] - run.columns().coverMgPerHa()[0][d];
      double stage = run.columns().stageFraction()[0][d - 1];
      mass += Math.max(0, died);
      nitrogen += Math.max(0, died) * 430 / Farm.species("radish").carbonToNitrogen().at(stage);
    }
    double percent = nitrogen / (10 * mass);
    assertThat(NitrogenInTops.fromWinterkill(peas.cover(), run.columns(), before))
        .isCloseTo(0.5 * nitrogen * Math.min(60, 24.5 * percent - 37) / 100, within(1e-9));
  }

  /** What a legume makes itself is not taken up: rye catches what the crop left, vetch does not. */
  @Test
  void aLegumeTakesUpAThirdOfWhatItHolds() {
    CoverPlan vetch = plan(AUGUST.plusDays(20), Endings.SPRAY_EARLY, Farm.seed("hairy_vetch", 22));
    SeasonRun run = FORECASTER.runs(vetch, WHEAT).get(3);
    int end = run.columns().indexOf(MAY);
    double held = NitrogenInTops.at(vetch.cover(), run.columns(), end).kgPerHa();
    assertThat(held).isPositive();
    assertThat(Worth.measure(Purpose.TAKE_UP_NITROGEN, vetch, run))
        .isCloseTo(0.33 * held, within(1e-9));
    CoverPlan rye = plan(AUGUST.plusDays(20), Endings.SPRAY_EARLY, Farm.seed("cereal_rye", 78));
    assertThat(worth(Purpose.TAKE_UP_NITROGEN, rye, WHEAT).median())
        .isGreaterThan(worth(Purpose.TAKE_UP_NITROGEN, vetch, WHEAT).median());
  }

  @Test
  void tillingLeavesNoMulchAndRollingAllOfIt() {
    CoverPlan rolled =
        plan(LocalDate.of(2026, 9, 25), Endings.ROLL_PLANT, Farm.seed("cereal_rye", 78));
    CoverPlan tilled = plan(LocalDate.of(2026, 9, 25), Endings.TILL, Farm.seed("cereal_rye", 78));
    assertThat(worth(Purpose.SMOTHER_WEEDS, tilled, BEANS).median())
        .isLessThan(0.4 * worth(Purpose.SMOTHER_WEEDS, rolled, BEANS).median());
  }

  /** The plan's own number on Season is the number of its row among the endings. */
  @ParameterizedTest
  @EnumSource(Purpose.class)
  void everyScreenCountsTheSameYears(Purpose purpose) {
    NextCrop soy = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 14));
    CoverPlan rye =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), Farm.seed("cereal_rye", 78));
    EndingSideBySide.Field field =
        new EndingSideBySide.Field(
            rye,
            BEANS,
            soy,
            false,
            purpose,
            purpose.target(),
            LocalDate.of(2026, 9, 12),
            null,
            Farm.BASIS);
    List<EndingSideBySide> rows = EndingSideBySide.of(FORECASTER, field);
    for (EndingSideBySide row : rows) {
      EndingMethod way = row.option().method();
      if (row.outcome() != null && way != Endings.ROW_ZONE) {
        CoverPlan same = rye.ended(row.endOn(), row.plantOn(), way.acts(row.endOn()));
        assertThat(row.outcome().met())
            .as("%s %s", purpose, way)
            .isEqualTo(FORECASTER.outlook(same, BEANS).met(purpose, purpose.target()));
        assertThat(Goal.of(purpose).met(FORECASTER, same, BEANS)).isEqualTo(row.outcome().met());
      }
    }
  }

  @Test
  void usefulThicknessIsARangeAndEachLevelHasItsOwnOdds() {
    List<Purpose.Level> levels = Purpose.SMOTHER_WEEDS.levels();
    assertThat(levels)
        .extracting(l -> Math.round(l.from() / 0.00112085))
        .containsExactly(5000L, 6000L, 7000L);
    CoverPlan rye =
        plan(LocalDate.of(2026, 9, 20), Endings.ROLL_PLANT, Farm.seed("cereal_rye", 78));
    Spread mulch = worth(Purpose.SMOTHER_WEEDS, rye, BEANS);
    assertThat(mulch.atLeast(levels.get(0).from()))
        .isGreaterThan(mulch.atLeast(levels.get(2).from()));
  }

  @Test
  void aLittleLessMulchHoldsALittleLessLong() {
    CoverPlan rye =
        plan(LocalDate.of(2026, 9, 25), Endings.ROLL_PLANT, Farm.seed("cereal_rye", 78));
    List<SeasonRun> ended = FORECASTER.runs(rye, BEANS, rye.acts(), SeasonColumns.Detail.FULL);
    List<SeasonRun> growing = FORECASTER.runs(rye, BEANS);
    double before = Double.MAX_VALUE;
    for (double limit = 1; limit < 14; limit += 0.25) {
      double weeks = 0;
      for (int y = 0; y < ended.size(); y++) {
        weeks +=
            EndingMeasure.of(rye, ended.get(y), growing.get(y), Purpose.SMOTHER_WEEDS, limit)
                    .weeksOfCover()
                / ended.size();
      }
      assertThat(weeks).isLessThanOrEqualTo(before);
      assertThat(before == Double.MAX_VALUE ? 0 : before - weeks)
          .as("no cliff at %s", limit)
          .isLessThan(2);
      before = weeks;
    }
    assertThat(before).isLessThan(3);
  }
}
