package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What a count of plants is worth, beside what drilling the usual rate brings. */
class StandTest {
  private static CoverComponent usual(String id) {
    Species s = Farm.species(id);
    return CoverComponent.of(s, s.seed().drilled().typical());
  }

  @Test
  void aUsualStandIsFourFifthsOfTheLiveSeedOfTheUsualRate() {
    CoverComponent rye = usual("cereal_rye");
    assertThat(Stand.usualPlantsPerM2(List.of(rye)))
        .isCloseTo(0.8 * rye.liveSeedsPerM2(), within(1e-9));
    CoverComponent twice = Farm.seed("cereal_rye", 2 * rye.rateKgPerHa());
    assertThat(Stand.usualPlantsPerM2(List.of(twice)))
        .as("whatever the rate")
        .isCloseTo(0.8 * rye.liveSeedsPerM2(), within(1e-9));
  }

  @Test
  void ofAMixEachSpeciesCountsByItsShareOfAFullRate() {
    CoverComponent rye = usual("cereal_rye");
    CoverComponent vetch = usual("hairy_vetch");
    CoverComponent half = Farm.seed("cereal_rye", rye.rateKgPerHa() / 2);
    double wanted = 0.8 * (rye.liveSeedsPerM2() * 0.5 + vetch.liveSeedsPerM2()) / 1.5;
    assertThat(Stand.usualPlantsPerM2(List.of(half, vetch))).isCloseTo(wanted, within(1e-9));
  }

  @Test
  void halfIsGoodAQuarterOfAGrassTillersAndLessIsReseeded() {
    List<CoverComponent> rye = List.of(usual("cereal_rye"));
    double whole = Stand.usualPlantsPerM2(rye);
    assertThat(Stand.judge(rye, 0.5001 * whole).verdict()).isEqualTo(Stand.Verdict.GOOD);
    assertThat(Stand.judge(rye, 0.4999 * whole).verdict())
        .isEqualTo(Stand.Verdict.THIN_BUT_TILLERS);
    assertThat(Stand.judge(rye, 0.2501 * whole).verdict())
        .isEqualTo(Stand.Verdict.THIN_BUT_TILLERS);
    assertThat(Stand.judge(rye, 0.2499 * whole).verdict()).isEqualTo(Stand.Verdict.RESEED);
    List<CoverComponent> vetch = List.of(usual("hairy_vetch"));
    double vetches = Stand.usualPlantsPerM2(vetch);
    assertThat(Stand.judge(vetch, 0.4 * vetches).verdict())
        .as("a legume cannot make up for it")
        .isEqualTo(Stand.Verdict.RESEED);
    assertThat(Stand.judge(vetch, 0.6 * vetches).verdict()).isEqualTo(Stand.Verdict.GOOD);
  }

  @Test
  void theVerdictSaysItsNumbers() {
    List<CoverComponent> rye = List.of(usual("cereal_rye"));
    double whole = Stand.usualPlantsPerM2(rye);
    Stand.Judged good = Stand.judge(rye, 0.75 * whole);
    assertThat(good.reason().say(UnitSystem.METRIC)).contains("75 %", "good");
    assertThat(good.reason().figures()).containsKeys("plants", "share", "usual");
    assertThat(Stand.judge(rye, 0.3 * whole).reason().say(UnitSystem.US))
        .contains("30 %", "tiller");
    assertThat(Stand.judge(rye, 0.1 * whole).reason().say(UnitSystem.US))
        .contains("10 %", "too thin to close");
  }

  @Test
  void aRunIsGoodFromHalfOfAUsualStandOn() {
    CropSeasons beans = Farm.seasons(Farm.SOYBEAN);
    Forecaster forecaster = new Forecaster(Farm.MODEL);
    boolean some = false;
    boolean none = false;
    for (double rate : List.of(15.0, 30.0, 45.0, 90.0)) {
      var plan =
          Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), Farm.seed("cereal_rye", rate));
      for (SeasonRun run : forecaster.runs(plan, beans)) {
        double came = run.components().get(0).emergedPerM2();
        boolean good = came >= 0.5 * Stand.usualPlantsPerM2(plan.cover());
        assertThat(Stand.good(plan.cover(), run)).isEqualTo(good);
        some |= good;
        none |= !good;
      }
    }
    assertThat(some && none).as("both happen").isTrue();
  }
}
