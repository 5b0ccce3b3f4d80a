package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Windows at Quillon Flats, where the killing frost comes about 20 October. */
class WindowFinderTest {
  private static final CropSeasons CORN = Farm.seasons(Farm.CORN);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);

  private static Window window(CropSeasons crop, SeedingMethod method, String species) {
    return new WindowFinder(Farm.CLIMATE, crop)
        .find(List.of(Farm.species(species)), method, Soil.USUAL);
  }

  static List<SeedingMethod> methods() {
    return SeedingMethods.all();
  }

  @ParameterizedTest
  @MethodSource("methods")
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
    Window rye = window(CORN, Seedings.DRILL, "cereal_rye");
    Window vetch = window(CORN, Seedings.DRILL, "hairy_vetch");
    assertThat(rye.opens().day()).isEqualTo(CORN.day(CORN.harvest().median()));
    // Vetch is last useful two weeks before the frost, rye four weeks after it.
    long weeks =
        java.time.temporal.ChronoUnit.DAYS.between(vetch.closes().day(), rye.closes().day());
    assertThat(weeks).isEqualTo(42);
    assertThat(rye.bestUntil().day()).isBefore(rye.closes().day());
  }

  @ParameterizedTest
  @CsvSource({"cereal_rye", "annual_ryegrass", "oats"})
  void whatIsSpreadAndLeftClosesWhereAFifthOfItStillComesUpByMay(String species) {
    Window spread = window(BEANS, Seedings.BROADCAST, species);
    SurfaceEmergence model =
        new SurfaceEmergence(
            BEANS, Farm.species(species), Seedings.BROADCAST.placement(), Soil.USUAL);
    LocalDate last = spread.closes().day();
    if (spread.possible()) {
      assertThat(model.up(last).median()).isGreaterThanOrEqualTo(0.2);
    }
    assertThat(spread.possible()).isEqualTo(species.equals("cereal_rye"));
    assertThat(model.up(last.plusDays(1)).median()).isLessThan(0.2);
    assertThat(spread.closes().reason().say(UnitSystem.US))
        .contains("under 20 % of", "is up by May");
    assertThat(spread.bestUntil().day()).isBeforeOrEqualTo(last);
  }

  /** What a finder remembers of one mix, way and ground must not be said of another. */
  @Test
  void aFinderThatWasAskedMuchAnswersAsAFreshOne() {
    WindowFinder asked = new WindowFinder(Farm.CLIMATE, BEANS);
    List<SeedingMethod> left = methods().stream().filter(SeedingMethod::spreadAndLeft).toList();
    assertThat(left).hasSizeGreaterThan(1);
    Soil clay = new Soil(Texture.CLAY, Drainage.POOR, false);
    for (String species : List.of("cereal_rye", "oats")) {
      List<Species> cover = List.of(Farm.species(species));
      for (SeedingMethod method : left) {
        for (Soil soil : List.of(Soil.USUAL, clay)) {
          Window fresh = new WindowFinder(Farm.CLIMATE, BEANS).find(cover, method, soil);
          assertThat(asked.find(cover, method, soil)).isEqualTo(fresh);
          assertThat(asked.find(cover, method, soil)).as("from memory").isEqualTo(fresh);
        }
      }
    }
  }

  @Test
  void frostSeedingStaysOpenWhileMoreThanTwoDaysInFiveFreezeAndThaw() {
    Window clover = window(CORN, Seedings.FROST, "red_clover");
    assertThat(clover.possible()).isTrue();
    int last = Farm.CLIMATE.freezeThawUntil(0.4);
    assertThat(clover.closes().day()).isEqualTo(LocalDate.of(2027, 1, 1).plusDays(last));
    assertThat(swings(last)).isGreaterThan(0.4);
    assertThat(swings(last + 1)).isLessThanOrEqualTo(0.4);
    assertThat(Farm.CLIMATE.freezeThawUntil(0.5)).isLessThanOrEqualTo(last);
  }

  /** Share of the seven days round a day that freeze by night and thaw by day, counted anew. */
  private static double swings(int dayOfYear) {
    int swings = 0;
    int days = 0;
    LocalDate end = Farm.RECORD.end();
    for (int year = Farm.RECORD.start().getYear(); year <= end.getYear(); year++) {
      LocalDate january = LocalDate.of(year, 1, 1);
      if (january.isBefore(Farm.RECORD.start()) || january.plusDays(364).isAfter(end)) {
        continue;
      }
      for (int d = dayOfYear - 3; d <= dayOfYear + 3; d++) {
        int i = Farm.RECORD.indexOf(january.plusDays(d));
        swings += Farm.RECORD.tminC(i) < -2 && Farm.RECORD.tmaxC(i) > 2 ? 1 : 0;
        days++;
      }
    }
    return (double) swings / days;
  }

  @ParameterizedTest
  @CsvSource({
    "cereal_rye,seldom lasts",
    "hairy_vetch,seldom lasts",
    "radish,small shares",
    "annual_ryegrass,",
    "crimson_clover,"
  })
  void whatIsInterseededIsJudgedByWhatLasts(String species, String said) {
    String cautions =
        window(CORN, Seedings.INTERSEEDER, species).cautions().stream()
            .map(c -> c.say(UnitSystem.US))
            .reduce("", (a, b) -> a + " " + b);
    if (said == null) {
      assertThat(cautions).doesNotContain("seldom", "shares");
    } else {
      assertThat(cautions).contains(said);
    }
    assertThat(window(CORN, Seedings.DRILL, species).cautions().toString())
        .doesNotContain("seldom lasts");
  }

  @ParameterizedTest
  @MethodSource("methods")
  void theShortlistOfEveryWayIsKnownAndFitsIt(SeedingMethod method) {
    assertThat(method.shortlist()).isNotEmpty();
    for (String id : method.shortlist()) {
      Window window = window(BEANS, method, id);
      boolean lasts = Interseeded.lasts(Farm.species(id));
      assertThat(!method.underCrop() || lasts).isTrue();
      assertThat(window.opens().reason().say(UnitSystem.METRIC))
          .doesNotContain("is for small hardy");
    }
  }

  @Test
  void slurryEndsFiveDaysBeforeDrilledSeed() {
    LocalDate drilled = window(CORN, Seedings.DRILL, "cereal_rye").closes().day();
    assertThat(window(CORN, Seedings.SLURRY, "cereal_rye").closes().day())
        .isEqualTo(drilled.minusDays(5));
  }

  @Test
  void theMostDemandingSpeciesOfAMixSetsTheEnd() {
    Window mix =
        new WindowFinder(Farm.CLIMATE, CORN)
            .find(
                List.of(Farm.species("cereal_rye"), Farm.species("hairy_vetch")),
                Seedings.DRILL,
                Soil.USUAL);
    assertThat(mix.closes().day())
        .isEqualTo(window(CORN, Seedings.DRILL, "hairy_vetch").closes().day());
    assertThat(mix.closes().reason().say(UnitSystem.METRIC))
        .matches("on 13 Oct \\d\\d % of the warmth Hairy vetch needs is left");
  }

  @Test
  void interseedingFollowsTheLeavesOfCorn() {
    Window window = window(CORN, Seedings.INTERSEEDER, "annual_ryegrass");
    assertThat(window.opens().day()).isEqualTo(CORN.day(CORN.stageReached(3).median()));
    assertThat(window.closes().day())
        .isBeforeOrEqualTo(CORN.day(CORN.stageReached(8).median() - 1));
    assertThat(window.cautions()).anySatisfy(c -> assertThat(c.text()).contains("residual"));
  }

  @Test
  void standingCropsLetSeedInAsLeavesFallUntilEachMachinesLimit() {
    LocalDate harvest = CORN.day(CORN.harvest().median());
    assertThat(window(CORN, Seedings.AIRCRAFT, "cereal_rye").closes().day())
        .isEqualTo(harvest.minusDays(21));
    assertThat(window(CORN, Seedings.DRONE, "cereal_rye").closes().day())
        .isEqualTo(harvest.minusDays(10));
    CropSeasons beans = Farm.seasons(Farm.SOYBEAN);
    assertThat(window(beans, Seedings.AIRCRAFT, "cereal_rye").closes().day())
        .as("half of the leaves are down two days after R7")
        .isEqualTo(beans.day(beans.mature().median() + 2));
  }

  @Test
  void afterWheatTheSpeciesItselfSaysWhenItIsNotTooEarly() {
    CropSeasons wheat = Farm.seasons(Farm.WHEAT);
    Window rye = window(wheat, Seedings.DRILL, "cereal_rye");
    assertThat(rye.opens().day()).isAfter(LocalDate.of(2026, 8, 20));
    assertThat(rye.standing(LocalDate.of(2026, 8, 1))).isEqualTo(Window.Standing.TOO_EARLY);
    assertThat(rye.standing(rye.opens().day())).isEqualTo(Window.Standing.BEST);
    assertThat(rye.standing(rye.closes().day())).isEqualTo(Window.Standing.LATE_BUT_USEFUL);
    assertThat(rye.standing(rye.closes().day().plusDays(1))).isEqualTo(Window.Standing.TOO_LATE);
    Window between = window(wheat, Seedings.INTERSEEDER, "cereal_rye");
    assertThat(between.possible()).isFalse();
    assertThat(between.closes().reason().text()).contains("needs a standing crop");
  }

  @Test
  void coarseGroundWarnsOfSlurry() {
    Window window =
        new WindowFinder(Farm.CLIMATE, CORN)
            .find(
                List.of(Farm.species("cereal_rye")),
                Seedings.SLURRY,
                new Soil(Texture.SAND, Drainage.WELL, false));
    assertThat(window.cautions()).anySatisfy(c -> assertThat(c.text()).contains("droughty"));
  }

  @Test
  void laterMaturityMovesEverythingThatHangsOnHarvest() {
    CropSeasons late =
        Farm.seasons(new CashCrop.Corn(LocalDate.of(2026, 5, 4), 114, null, false, 20));
    for (SeedingMethod method : List.of(Seedings.DRILL, Seedings.DRONE)) {
      assertThat(window(late, method, "cereal_rye").opens().day())
          .isAfter(window(CORN, method, "cereal_rye").opens().day());
    }
  }
}
