package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropColumns;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** What is drawn and told of a plan, counted anew from its years, point by point. */
class ForecasterReadTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final CoverPlan MIX =
      Farm.plan(
          Seedings.DRILL,
          LocalDate.of(2026, 10, 1),
          Farm.seed("cereal_rye", 60),
          Farm.seed("hairy_vetch", 20));
  private static final CoverPlan LATE =
      Farm.plan(
          Seedings.BROADCAST,
          LocalDate.of(2026, 11, 28),
          Farm.seed("oats", 60),
          Farm.seed("cereal_rye", 60));

  private static Spread each(List<SeasonRun> runs, ToDoubleFunction<SeasonRun> of) {
    return Spread.of(runs.stream().mapToDouble(of).toArray());
  }

  private static void same(double is, double wanted) {
    if (Double.isInfinite(wanted)) {
      assertThat(is).isEqualTo(wanted);
    } else {
      assertThat(is).isCloseTo(wanted, within(1e-9));
    }
  }

  @Test
  void everyPointIsTheMiddleOfItsYears() {
    Outlook o = FORECASTER.outlook(MIX, BEANS);
    List<SeasonRun> runs = FORECASTER.runs(MIX, BEANS);
    OwnErrors errors = OwnErrors.of(MIX);
    assertThat(o.years()).isEqualTo(runs.size());
    assertThat(o.start()).isEqualTo(LocalDate.of(2026, 7, 1));
    for (int p = 0; p < o.middle().length; p++) {
      LocalDate day = o.start().plusDays(7L * p);
      int of = BEANS.count(day);
      Spread cover =
          each(runs, r -> on(r.columns(), day, (c, i) -> c.totalCoverMgPerHa(i)))
              .with(errors.growth(day));
      same(o.low()[p], cover.quantile(0.1));
      same(o.middle()[p], cover.median());
      same(o.high()[p], cover.quantile(0.9));
      double[] stands = BEANS.years().stream().mapToDouble(c -> c.standing(of)).toArray();
      double[] green = BEANS.years().stream().mapToDouble(c -> c.greenCover(of)).toArray();
      same(o.cropStanding()[p], Spread.of(stands).median());
      same(o.cropGreen()[p], Spread.of(green).median());
      double fit =
          runs.stream()
              .filter(
                  r ->
                      on(
                              r.columns(),
                              day,
                              (c, i) -> c.trafficability()[i] == Trafficability.FIT ? 1 : 0)
                          > 0)
              .count();
      same(o.groundFit()[p], fit / runs.size());
    }
    assertThat(o.cropStanding()[0]).as("beans stand on 1 July").isPositive();
  }

  private interface OnDay {
    double of(SeasonColumns columns, int day);
  }

  private static double on(SeasonColumns c, LocalDate day, OnDay what) {
    int i = c.indexOf(day);
    return i >= 0 && i < c.days() ? what.of(c, i) : 0;
  }

  @Test
  void aMixIsUpWithItsSlowestSpeciesAndNeverWhereOneIsNot() {
    for (CoverPlan plan : List.of(MIX, LATE)) {
      Outlook o = FORECASTER.outlook(plan, BEANS);
      List<SeasonRun> runs = FORECASTER.runs(plan, BEANS);
      Spread up =
          each(
                  runs,
                  r ->
                      r.components().stream()
                          .mapToDouble(
                              c ->
                                  c.emergedOn() == null
                                      ? Double.POSITIVE_INFINITY
                                      : BEANS.count(c.emergedOn()))
                          .max()
                          .orElseThrow())
              .with(OwnErrors.of(plan).comingUp());
      for (double q : new double[] {0.1, 0.5, 0.9}) {
        same(o.emerged().quantile(q), up.quantile(q));
      }
    }
  }

  @Test
  void stagesCountTheYearsThatReachThem() {
    for (CoverPlan plan : List.of(MIX, LATE)) {
      Outlook o = FORECASTER.outlook(plan, BEANS);
      List<SeasonRun> runs = FORECASTER.runs(plan, BEANS);
      OwnErrors errors = OwnErrors.of(plan);
      for (int s = 0; s < plan.cover().size(); s++) {
        int species = s;
        Outlook.SpeciesOutlook told = o.species().get(s);
        same(
            told.winterSurvival().median(),
            each(runs, r -> r.components().get(species).winterSurvival()).median());
        same(
            told.plantsPerM2().median(),
            each(runs, r -> r.components().get(species).emergedPerM2())
                .with(errors.emerged(s, plan.cover().get(s).liveSeedsPerM2()))
                .median());
        for (Outlook.StageOdds stage : told.stages()) {
          long reached =
              runs.stream()
                  .filter(r -> r.components().get(species).stages().get(stage.name()) != null)
                  .count();
          assertThat(stage.years()).as(stage.name()).isEqualTo((int) reached);
          Spread days =
              each(
                      runs,
                      r -> {
                        LocalDate day = r.components().get(species).stages().get(stage.name());
                        return day == null ? Double.POSITIVE_INFINITY : BEANS.count(day);
                      })
                  .with(errors.stages(s, plan.endOn()));
          same(stage.day().median(), days.median());
        }
      }
    }
  }

  @Test
  void seedWaitsForTheCropOfItsYear() {
    Outlook o = FORECASTER.outlook(MIX, BEANS);
    int meant = BEANS.count(MIX.seedOn());
    double[] out =
        BEANS.years().stream()
            .mapToDouble((CropColumns c) -> Math.max(meant, c.harvestIndex()))
            .toArray();
    assertThat(o.seeded().median()).isEqualTo(Spread.of(out).median());
    assertThat(o.seeded().quantile(1)).isGreaterThanOrEqualTo(meant);
  }
}
