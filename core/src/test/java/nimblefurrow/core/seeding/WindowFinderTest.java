package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Windows at Quillon Flats, where the killing frost comes about 20 October. */
class WindowFinderTest {
  private static final CropSeasons CORN = Farm.seasons(Farm.CORN);

  private static Window window(CropSeasons crop, SeedingMethod method, String species) {
    return new WindowFinder(Farm.CLIMATE, crop)
        .find(List.of(Farm.species(species)), method, Soil.USUAL);
  }

  @ParameterizedTest
  @EnumSource(SeedingMethod.class)
  void everyEdgeHasAReasonWithoutLooseEnds(SeedingMethod method) {
    Window window = window(CORN, method, "cereal_rye");
    for (Window.Edge edge : List.of(window.opens(), window.bestUntil(), window.closes())) {
      for (UnitSystem system : UnitSystem.values()) {
        assertThat(edge.reason().say(system)).isNotBlank().doesNotContain("{", "}", "NaN");
      }
    }
    if (window.possible()) {
      assertThat(window.opens().day()).isBeforeOrEqualTo(window.closes().day());
      assertThat(window.bestUntil().day()).isBeforeOrEqualTo(window.closes().day());
    }
  }

  @Test
  void drillingWaitsForHarvestAndEndsWithTheSpeciesWarmth() {
    Window rye = window(CORN, SeedingMethod.DRILL, "cereal_rye");
    Window vetch = window(CORN, SeedingMethod.DRILL, "hairy_vetch");
    assertThat(rye.opens().day()).isEqualTo(CORN.day(CORN.harvest().median()));
    // Vetch is last useful two weeks before the frost, rye four weeks after it.
    long weeks =
        java.time.temporal.ChronoUnit.DAYS.between(vetch.closes().day(), rye.closes().day());
    assertThat(weeks).isEqualTo(42);
    assertThat(rye.bestUntil().day()).isBefore(rye.closes().day());
  }

  @Test
  void surfaceSeedEndsTenDaysBeforeDrilledSeed() {
    LocalDate drilled = window(CORN, SeedingMethod.DRILL, "cereal_rye").closes().day();
    assertThat(window(CORN, SeedingMethod.BROADCAST, "cereal_rye").closes().day())
        .isEqualTo(drilled.minusDays(10));
    assertThat(window(CORN, SeedingMethod.SLURRY, "cereal_rye").closes().day())
        .isEqualTo(drilled.minusDays(5));
  }

  @Test
  void theMostDemandingSpeciesOfAMixSetsTheEnd() {
    Window mix =
        new WindowFinder(Farm.CLIMATE, CORN)
            .find(
                List.of(Farm.species("cereal_rye"), Farm.species("hairy_vetch")),
                SeedingMethod.DRILL,
                Soil.USUAL);
    assertThat(mix.closes().day())
        .isEqualTo(window(CORN, SeedingMethod.DRILL, "hairy_vetch").closes().day());
    assertThat(mix.closes().reason().say(UnitSystem.METRIC)).contains("Hairy vetch needs it");
  }

  @Test
  void interseedingFollowsTheLeavesOfCorn() {
    Window window = window(CORN, SeedingMethod.INTERSEEDER, "annual_ryegrass");
    assertThat(window.opens().day()).isEqualTo(CORN.day(CORN.stageReached(3).median()));
    assertThat(window.closes().day())
        .isBeforeOrEqualTo(CORN.day(CORN.stageReached(8).median() - 1));
    assertThat(window.cautions()).anySatisfy(c -> assertThat(c.text()).contains("residual"));
  }

  @Test
  void standingCropsLetSeedInAsLeavesFallUntilEachMachinesLimit() {
    LocalDate harvest = CORN.day(CORN.harvest().median());
    assertThat(window(CORN, SeedingMethod.AIRCRAFT, "cereal_rye").closes().day())
        .isEqualTo(harvest.minusDays(21));
    assertThat(window(CORN, SeedingMethod.DRONE, "cereal_rye").closes().day())
        .isEqualTo(harvest.minusDays(10));
    CropSeasons beans = Farm.seasons(Farm.SOYBEAN);
    assertThat(window(beans, SeedingMethod.AIRCRAFT, "cereal_rye").closes().day())
        .as("half of the leaves are down two days after R7")
        .isEqualTo(beans.day(beans.mature().median() + 2));
  }

  @Test
  void afterWheatTheSpeciesItselfSaysWhenItIsNotTooEarly() {
    CropSeasons wheat = Farm.seasons(Farm.WHEAT);
    Window rye = window(wheat, SeedingMethod.DRILL, "cereal_rye");
    assertThat(rye.opens().day()).isAfter(LocalDate.of(2026, 8, 20));
    assertThat(rye.standing(LocalDate.of(2026, 8, 1))).isEqualTo(Window.Standing.TOO_EARLY);
    assertThat(rye.standing(rye.opens().day())).isEqualTo(Window.Standing.BEST);
    assertThat(rye.standing(rye.closes().day())).isEqualTo(Window.Standing.LATE_BUT_USEFUL);
    assertThat(rye.standing(rye.closes().day().plusDays(1))).isEqualTo(Window.Standing.TOO_LATE);
    Window between = window(wheat, SeedingMethod.INTERSEEDER, "cereal_rye");
    assertThat(between.possible()).isFalse();
    assertThat(between.closes().reason().text()).contains("needs a standing crop");
  }

  @Test
  void aCoverBehindACoverWaitsForItsEnd() {
    WindowFinder finder = new WindowFinder(Farm.CLIMATE, Farm.seasons(Farm.WHEAT));
    List<nimblefurrow.core.cover.Species> rye = List.of(Farm.species("cereal_rye"));
    LocalDate ended = LocalDate.of(2026, 10, 10);
    Window window = finder.findAfter(ended, rye, SeedingMethod.DRILL, Soil.USUAL);
    assertThat(window.opens().day()).isEqualTo(ended);
    assertThat(window.opens().reason().say(UnitSystem.US)).contains("cover before it ends 10 Oct");
    LocalDate never = LocalDate.of(2026, 12, 10);
    assertThat(finder.findAfter(never, rye, SeedingMethod.DRILL, Soil.USUAL).possible()).isFalse();
  }

  @Test
  void coarseGroundWarnsOfSlurry() {
    Window window =
        new WindowFinder(Farm.CLIMATE, CORN)
            .find(
                List.of(Farm.species("cereal_rye")),
                SeedingMethod.SLURRY,
                new Soil(Texture.SAND, Drainage.WELL, false));
    assertThat(window.cautions()).anySatisfy(c -> assertThat(c.text()).contains("droughty"));
  }

  @Test
  void laterMaturityMovesEverythingThatHangsOnHarvest() {
    CropSeasons late =
        Farm.seasons(new CashCrop.Corn(LocalDate.of(2026, 5, 4), 114, null, false, 20));
    for (SeedingMethod method : List.of(SeedingMethod.DRILL, SeedingMethod.DRONE)) {
      assertThat(window(late, method, "cereal_rye").opens().day())
          .isAfter(window(CORN, method, "cereal_rye").opens().day());
    }
  }
}
