package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.SeasonColumns.Detail;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Test;

/**
 * All years of a plan left to grow, and its endings that go on from them, against runs of their
 * own.
 */
class GrowingYearsTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons CORN = Farm.seasons(Farm.CORN);
  private static final LocalDate END = LocalDate.of(2027, 5, 12);
  private static final CoverPlan RYE =
      Farm.plan(Seedings.DRILL, LocalDate.of(2026, 10, 1), Farm.seed("cereal_rye", 70))
          .ended(END, END, Endings.ROLL_PLANT.acts(END));

  private static void same(List<SeasonRun> some, List<SeasonRun> others) {
    assertThat(some)
        .usingRecursiveFieldByFieldElementComparatorIgnoringFields("columns.beside")
        .isEqualTo(others);
  }

  @Test
  void eachEndingIsTheRunItWouldBeByItself() {
    GrowingYears growing = FORECASTER.growing(RYE, CORN, Detail.FULL, END.minusDays(20));
    same(growing.runs(), FORECASTER.runs(RYE, CORN, List.of(), Detail.FULL));
    for (int days : new int[] {-40, -20, -9, 0, 30}) {
      List<Ending> acts = List.of(new Ending.Kill(END.plusDays(days)));
      same(growing.ended(acts), FORECASTER.runs(RYE, CORN, acts, Detail.FULL));
    }
  }

  @Test
  void aPurposeReadsWhatItHangsOn() {
    GrowingYears growing = FORECASTER.growing(RYE, CORN);
    same(growing.runsFor(Purpose.SMOTHER_WEEDS, RYE.acts()), FORECASTER.ended(RYE, CORN));
    same(growing.runsFor(Purpose.HOLD_SOIL, RYE.acts()), FORECASTER.runs(RYE, CORN));
    CoverPlan open = RYE.ended(END, END, List.of());
    assertThat(FORECASTER.growing(open, CORN).ended(open.acts()))
        .hasSize(CORN.years().size())
        .allSatisfy(run -> assertThat(run.effects()).isEmpty());
  }

  @Test
  void whereSeedWentOutAfterItThereIsNothingToEnd() {
    LocalDate early = LocalDate.of(2026, 10, 6);
    List<Ending> acts = List.of(new Ending.Kill(early));
    GrowingYears growing = FORECASTER.growing(RYE, CORN, Detail.ODDS, early);
    List<SeasonRun> ended = growing.ended(acts);
    int late = 0;
    for (int y = 0; y < ended.size(); y++) {
      boolean after = early.isAfter(growing.seededOn().get(y));
      assertThat(ended.get(y).effects()).hasSize(after ? 1 : 0);
      late += after ? 0 : 1;
    }
    assertThat(late).isPositive().isLessThan(ended.size());
  }
}
