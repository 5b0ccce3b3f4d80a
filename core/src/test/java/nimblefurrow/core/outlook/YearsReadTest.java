package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** Odds and years as they are read off runs of the model, each read here once more by itself. */
class YearsReadTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate END = LocalDate.of(2027, 5, 20);
  private static final CoverPlan MIX =
      Farm.plan(
              Seedings.DRILL,
              LocalDate.of(2026, 9, 25),
              Farm.seed("cereal_rye", 60),
              Farm.seed("hairy_vetch", 15))
          .ended(END, END, Endings.ROLL_PLANT.acts(END));

  private static List<SeasonRun> runs() {
    return FORECASTER.runs(MIX, BEANS);
  }

  @Test
  void eachPointOfTheFanIsReadOffAllYears() {
    List<SeasonRun> runs = runs();
    Outlook o = FORECASTER.outlook(MIX, BEANS);
    OwnErrors errors = OwnErrors.of(MIX);
    assertThat(o.years()).isEqualTo(runs.size());
    assertThat(o.start()).isEqualTo(LocalDate.of(2026, 7, 1));
    assertThat(o.middle()).hasSize(57);
    for (int p = 0; p < 57; p += 4) {
      LocalDate day = o.start().plusDays(7L * p);
      double[] cover = new double[runs.size()];
      double[] standing = new double[runs.size()];
      double[] green = new double[runs.size()];
      int fit = 0;
      for (int y = 0; y < cover.length; y++) {
        SeasonColumns c = runs.get(y).columns();
        int i = c.indexOf(day);
        boolean inside = i >= 0 && i < c.days();
        cover[y] = inside ? c.totalCoverMgPerHa(i) : 0;
        fit += inside && c.trafficability()[i] == Trafficability.FIT ? 1 : 0;
        standing[y] = BEANS.years().get(y).standing(BEANS.count(day));
        green[y] = BEANS.years().get(y).greenCover(BEANS.count(day));
      }
      Spread spread = Spread.of(cover).with(errors.growth(day));
      assertThat(o.low()[p]).isEqualTo(spread.quantile(0.1));
      assertThat(o.middle()[p]).isEqualTo(spread.median());
      assertThat(o.high()[p]).isEqualTo(spread.quantile(0.9));
      assertThat(o.groundFit()[p]).isCloseTo((double) fit / runs.size(), within(1e-12));
      assertThat(o.cropStanding()[p]).isEqualTo(Spread.of(standing).median());
      assertThat(o.cropGreen()[p]).isEqualTo(Spread.of(green).median());
    }
  }

  @Test
  void whatBecomesOfEachSpeciesIsReadOffAllYears() {
    List<SeasonRun> runs = runs();
    Outlook o = FORECASTER.outlook(MIX, BEANS);
    OwnErrors errors = OwnErrors.of(MIX);
    assertThat(o.species())
        .extracting(Outlook.SpeciesOutlook::name)
        .containsExactly("Cereal rye", "Hairy vetch");
    double[] up = new double[runs.size()];
    for (int c = 0; c < 2; c++) {
      int index = c;
      Outlook.SpeciesOutlook s = o.species().get(c);
      double[] plants =
          runs.stream().mapToDouble(r -> r.components().get(index).emergedPerM2()).toArray();
      Spread came = Spread.of(plants).with(errors.emerged(c, MIX.cover().get(c).liveSeedsPerM2()));
      assertThat(s.plantsPerM2().median()).isEqualTo(came.median());
      assertThat(s.plantsPerM2().quantile(0.1)).isEqualTo(came.quantile(0.1));
      double[] survived =
          runs.stream().mapToDouble(r -> r.components().get(index).winterSurvival()).toArray();
      assertThat(s.winterSurvival().quantile(0.1)).isEqualTo(Spread.of(survived).quantile(0.1));
      for (Outlook.StageOdds stage : s.stages()) {
        List<LocalDate> days =
            runs.stream()
                .map(r -> r.components().get(index).stages().get(stage.name()))
                .filter(Objects::nonNull)
                .toList();
        assertThat(stage.years()).as(stage.name()).isEqualTo(days.size());
        double[] all = new double[runs.size()];
        for (int y = 0; y < all.length; y++) {
          LocalDate day = runs.get(y).components().get(c).stages().get(stage.name());
          all[y] = day == null ? Double.POSITIVE_INFINITY : BEANS.count(day);
        }
        Spread spread = Spread.of(all).with(errors.stages(c, END));
        assertThat(stage.day().median()).as(stage.name()).isEqualTo(spread.median());
      }
    }
    for (int y = 0; y < up.length; y++) {
      for (SeasonRun.Component c : runs.get(y).components()) {
        LocalDate day = c.emergedOn();
        up[y] = Math.max(up[y], day == null ? Double.POSITIVE_INFINITY : BEANS.count(day));
      }
    }
    assertThat(o.emerged().median()).isEqualTo(Spread.of(up).with(errors.comingUp()).median());
  }

  @Test
  void theYearsBehindOddsSayWhatLedToThem() {
    List<SeasonRun> runs = runs();
    List<SeasonRun> ended = FORECASTER.ended(MIX, BEANS);
    for (Purpose purpose : List.of(Purpose.SMOTHER_WEEDS, Purpose.HOLD_SOIL)) {
      List<YearByYear> years = YearByYear.of(FORECASTER, MIX, BEANS, purpose);
      assertThat(years).hasSize(runs.size());
      for (int y = 0; y < runs.size(); y += 5) {
        SeasonRun run = runs.get(y);
        YearByYear year = years.get(y);
        SeasonRun read = purpose.hangsOnEnding() ? ended.get(y) : run;
        assertThat(year.measure()).isEqualTo(Worth.measure(purpose, MIX, read));
        assertThat(year.met()).isEqualTo(year.measure() >= purpose.target());
        assertThat(year.pastYear()).isEqualTo(BEANS.ensemble().pastYear(y));
        assertThat(year.harvestedOn()).isEqualTo(run.cashCropHarvestedOn());
        assertThat(year.seededOn())
            .as("after harvest, or as meant")
            .isEqualTo(
                run.cashCropHarvestedOn().isAfter(MIX.seedOn())
                    ? run.cashCropHarvestedOn()
                    : MIX.seedOn());
        SeasonRun.Component rye = run.components().get(0);
        SeasonRun.Component vetch = run.components().get(1);
        assertThat(year.emergedShare())
            .isCloseTo(
                (rye.emergedPerM2() + vetch.emergedPerM2())
                    / (rye.liveSeedsPerM2() + vetch.liveSeedsPerM2()),
                within(1e-12));
        assertThat(year.winterSurvival())
            .isEqualTo(Math.min(rye.winterSurvival(), vetch.winterSurvival()));
        LocalDate a = rye.emergedOn();
        LocalDate b = vetch.emergedOn();
        assertThat(year.emergedOn())
            .isEqualTo(a == null || b == null ? null : a.isAfter(b) ? a : b);
        SeasonColumns c = run.columns();
        assertThat(year.coverMgPerHa()).isEqualTo(c.totalCoverMgPerHa(c.indexOf(END)));
      }
    }
  }

  @Test
  void anEndingIsMeasuredOnItsDays() {
    SeasonRun run = FORECASTER.runs(MIX, BEANS, MIX.acts(), SeasonColumns.Detail.FULL).get(3);
    SeasonRun growing = runs().get(3);
    SeasonColumns c = run.columns();
    int end = c.indexOf(END);
    EndingMeasure m = EndingMeasure.of(MIX, run, growing, Purpose.SMOTHER_WEEDS, 6);
    double water = 0;
    for (double[] layer : c.soilWaterMm()) {
      water += layer[end];
    }
    assertThat(m.soilWaterMm()).isCloseTo(water, within(1e-9));
    assertThat(m.waterTakenMm()).isEqualTo(run.water().coverTranspirationMm());
    assertThat(m.mulchMgPerHa()).isEqualTo(c.mulchMgPerHa()[end] + c.dyingMgPerHa()[end]);
    assertThat(m.livingMgPerHa()).isEqualTo(c.totalCoverMgPerHa(end));
    assertThat(m.takenOffMgPerHa()).isZero();
    assertThat(m.groundFit()).isEqualTo(c.trafficability()[end] == Trafficability.FIT ? 1 : 0);
    assertThat(m.nitrogenKgPerHa()).isEqualTo(Worth.measure(Purpose.MAKE_NITROGEN, MIX, growing));
    assertThat(m.nitrogenInTopsKgPerHa()).isEqualTo(run.termination().nitrogenInTopsKgPerHa());
    double least = 1;
    for (int s = 0; s < 2; s++) {
      double left = 1;
      for (var e : run.effects()) {
        left *= 1 - e.kill()[s];
      }
      least = Math.min(least, 1 - left);
    }
    assertThat(m.kill()).isEqualTo(least);
    double days = 0;
    for (int d = end; d < c.days(); d++) {
      double share = (c.mulchMgPerHa()[d] + c.dyingMgPerHa()[d]) / 6;
      days += Math.max(0, Math.min(1, (share - 0.5) / 0.5));
    }
    assertThat(m.weeksOfCover()).isCloseTo(days / 7, within(1e-9));
    assertThat(m.weeksOfCover()).as("a mat of rye holds some weeks").isBetween(0.5, 12.0);
    assertThat(EndingMeasure.of(MIX, run, growing, Purpose.SMOTHER_WEEDS, 0).weeksOfCover())
        .isZero();
  }

  @Test
  void whatWinterLeavesIsTheKillOfACoverThatIsNotEnded() {
    CoverPlan oats = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), Farm.seed("oats", 70));
    SeasonRun run = FORECASTER.runs(oats, BEANS).get(0);
    double survived = run.components().get(0).winterSurvival();
    assertThat(survived).isLessThan(0.5);
    assertThat(EndingMeasure.kill(run)).isCloseTo(1 - survived, within(1e-12));
    SeasonRun mix = runs().get(0);
    assertThat(EndingMeasure.kill(mix))
        .as("of the one that lives on best")
        .isCloseTo(
            1
                - Math.max(
                    mix.components().get(0).winterSurvival(),
                    mix.components().get(1).winterSurvival()),
            within(1e-12));
  }

  @Test
  void twoZonesAreMixedByTheirShares() {
    EndingMeasure rows = new EndingMeasure(0.9, 1, 2, 100, 40, 30, -10, 0.5, 2, 1, 3);
    EndingMeasure between = new EndingMeasure(0.7, 5, 6, 200, 80, 70, 30, 1.5, 6, 0, 7);
    EndingMeasure both = rows.mixed(between, 0.25);
    assertThat(both).isEqualTo(new EndingMeasure(0.7, 2, 3, 125, 50, 40, 0, 0.75, 3, 0, 4));
    assertThat(rows.mixed(between, 0))
        .isEqualTo(new EndingMeasure(0.7, 1, 2, 100, 40, 30, -10, 0.5, 2, 0, 3));
  }

  @Test
  void rootsAreAShareOfTheTopsByFamilyAndTheMostCounts() {
    SeasonRun run = runs().get(2);
    SeasonColumns c = run.columns();
    int last = c.indexOf(END);
    double most = 0;
    for (int d = 0; d <= last; d++) {
      double roots = 0.18 * c.coverMgPerHa()[0][d] + 0.20 * c.coverMgPerHa()[1][d];
      most = Math.max(most, roots * Math.min(1, c.rootsM()[d] / 0.8));
    }
    assertThat(RootsGrown.until(MIX.cover(), c, last)).isCloseTo(most, within(1e-12));
    assertThat(RootsGrown.until(MIX.cover(), c, 0)).isZero();
    CoverPlan radish = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 8, 20), Farm.seed("radish", 9));
    SeasonColumns tap = FORECASTER.runs(radish, Farm.seasons(Farm.WHEAT)).get(0).columns();
    int christmas = tap.indexOf(LocalDate.of(2026, 12, 24));
    double full = 0;
    for (int d = 0; d <= christmas; d++) {
      full = Math.max(full, 0.40 * tap.coverMgPerHa()[0][d] * Math.min(1, tap.rootsM()[d] / 0.8));
    }
    assertThat(RootsGrown.until(radish.cover(), tap, christmas)).isCloseTo(full, within(1e-12));
    assertThat(full).isGreaterThan(0.05);
  }
}
