package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Limits of seeding, each at the limit and a day or a step beyond it. */
class SeedingThresholdsTest {
  private static final LocalDate SEED = LocalDate.of(2026, 9, 20);
  private static final CarryOver RESIDUALS = CarryOver.shipped();

  private static List<Reason> risks(String group, int daysBefore, String... species) {
    return RESIDUALS.risks(
        List.of(new CarryOver.Sprayed(group, SEED.minusDays(daysBefore))),
        List.of(species).stream().map(Farm::species).toList(),
        SEED);
  }

  @ParameterizedTest
  @CsvSource({
    "amide, cereal_rye, 120",
    "amide, hairy_vetch, 60",
    "amide, radish, 90",
    "triazine, cereal_rye, 90",
    "triazine, hairy_vetch, 180",
    "triazine, radish, 240",
    "sulfonylurea, radish, 300",
    "sulfonylurea, hairy_vetch, 180",
    "bleacher, hairy_vetch, 300",
    "bleacher, radish, 300",
    "growthRegulator, hairy_vetch, 120",
  })
  void aResidualWaitsItsDaysForEachFamily(String group, String species, int wait) {
    assertThat(risks(group, wait, species)).as("after %d days", wait).isEmpty();
    List<Reason> fresh = risks(group, wait - 1, species);
    assertThat(fresh).hasSize(1);
    assertThat(fresh.get(0).say(UnitSystem.US))
        .startsWith(Farm.species(species).name() + " " + (wait - 1) + " days after a residual of")
        .contains(group + " group, which wants " + wait + " days")
        .endsWith("check the rotation section of the label");
  }

  @Test
  void eachSpeciesAndEachSprayIsSaidByItself() {
    assertThat(risks("amide", 10, "cereal_rye", "hairy_vetch", "radish")).hasSize(3);
    assertThat(risks("amide", 100, "cereal_rye", "hairy_vetch", "radish")).hasSize(1);
    assertThat(risks("bleacher", 10, "cereal_rye")).as("harmless to grasses").isEmpty();
    assertThat(risks("unheard-of", 1, "cereal_rye")).isEmpty();
    assertThat(
            RESIDUALS.risks(
                List.of(
                    new CarryOver.Sprayed("amide", SEED.minusDays(5)),
                    new CarryOver.Sprayed("triazine", SEED.minusDays(5))),
                List.of(Farm.species("cereal_rye")),
                SEED))
        .hasSize(2);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-09-19, is safe for the cover",
    "2026-09-20, is before the cover is up",
    "2026-09-27, is before the cover is up",
    "2026-09-28, would take the cover",
    "2026-10-05, would take the cover",
  })
  void aBurndownIsSafeUntilTheCoverIsUp(LocalDate on, String words) {
    Reason said = CarryOver.burndownAfterSeeding(on, SEED, LocalDate.of(2026, 9, 28));
    assertThat(said.say(UnitSystem.US)).contains(words);
  }

  private static CoverPlan plan(SeedingMethod method) {
    return Farm.plan(method, SEED, Farm.seed("cereal_rye", 60), Farm.seed("hairy_vetch", 20));
  }

  private static double share(String species) {
    Species.Seed seed = Farm.species(species).seed();
    return seed.surface().typical() / seed.drilled().typical();
  }

  @Test
  void ratesRiseForTheSurfaceAndFallForTheDrill() {
    CoverPlan drilled = plan(Seedings.DRILL);
    for (SeedingMethod other : SeedingMethods.all()) {
      List<CoverComponent> turned = drilled.coverFor(other);
      boolean surface = other.rateBasis() == RateBasis.SURFACE;
      assertThat(turned.get(0).rateKgPerHa())
          .as(other.key())
          .isCloseTo(surface ? 60 * share("cereal_rye") : 60, within(1e-9));
      assertThat(turned.get(1).rateKgPerHa())
          .as(other.key())
          .isCloseTo(surface ? 20 * share("hairy_vetch") : 20, within(1e-9));
    }
    List<CoverComponent> back = plan(Seedings.BROADCAST).coverFor(Seedings.DRILL);
    assertThat(back.get(0).rateKgPerHa()).isCloseTo(60 / share("cereal_rye"), within(1e-9));
    assertThat(back.get(0).germination()).isEqualTo(drilled.cover().get(0).germination());
    assertThat(back.get(0).purity()).isEqualTo(drilled.cover().get(0).purity());
  }

  @Test
  void aPlanChangesInOneRespectAtATime() {
    CoverPlan was = plan(Seedings.DRILL);
    LocalDate end = LocalDate.of(2027, 5, 3);
    LocalDate planting = LocalDate.of(2027, 5, 9);
    CoverPlan ended = was.ended(end, planting, Endings.ROLL_PLANT.acts(end));
    assertThat(ended.endOn()).isEqualTo(end);
    assertThat(ended.plantOn()).isEqualTo(planting);
    assertThat(ended.acts()).isEqualTo(Endings.ROLL_PLANT.acts(end));
    assertThat(ended.seedOn()).isEqualTo(SEED);
    assertThat(ended.method()).isEqualTo(Seedings.DRILL);
    Sighting seen = new Sighting.Cover(LocalDate.of(2026, 11, 1), 0.4);
    CoverPlan saw = ended.seeing(List.of(seen));
    assertThat(saw.seen()).containsExactly(seen);
    assertThat(saw.acts()).isEqualTo(ended.acts());
    CoverPlan later = saw.seededOn(SEED.plusDays(4));
    assertThat(later.seedOn()).isEqualTo(SEED.plusDays(4));
    assertThat(later.seen()).as("what was seen stays").containsExactly(seen);
    CoverPlan flown = saw.seeded(Seedings.DRONE, was.coverFor(Seedings.DRONE), SEED.minusDays(9));
    assertThat(flown.method()).isEqualTo(Seedings.DRONE);
    assertThat(flown.seen()).as("another seeding was not seen").isEmpty();
    assertThat(flown.seedOn()).isEqualTo(SEED.minusDays(9));
    assertThat(flown.endOn()).isEqualTo(end);
    assertThat(flown.acts()).isEqualTo(ended.acts());
  }

  @Test
  void aGrassInAMixIsSeen() {
    assertThat(plan(Seedings.DRILL).hasGrass()).isTrue();
    assertThat(Farm.plan(Seedings.DRILL, SEED, Farm.seed("hairy_vetch", 20)).hasGrass()).isFalse();
    assertThat(Farm.plan(Seedings.DRILL, SEED, Farm.seed("radish", 8)).hasGrass()).isFalse();
  }

  private static SeedingSite site(CashCrop crop) {
    return new SeedingSite(
        Farm.CLIMATE, Farm.seasons(crop), Soil.USUAL, List.of(Farm.species("cereal_rye")));
  }

  @Test
  void aSiteKnowsWhatStandsOnIt() {
    SeedingSite beans = site(Farm.SOYBEAN);
    assertThat(List.of(beans.rows(), beans.soybeans())).containsOnly(true);
    assertThat(List.of(beans.corn(), beans.silage(), beans.smallGrain())).containsOnly(false);
    SeedingSite bare = site(new CashCrop.None());
    assertThat(List.of(bare.rows(), bare.corn(), bare.soybeans(), bare.silage()))
        .containsOnly(false);
    Window.Edge off = bare.harvest("the crop is off about {day}");
    assertThat(off.reason().say(UnitSystem.US)).isEqualTo("nothing stands on the field");
    assertThat(off.day()).isEqualTo(bare.crop().ensemble().start().plusDays(WindowFinder.SUMMER));
  }

  @Test
  void harvestIsSaidWithItsRangeWhereThereIsOne() {
    for (CashCrop grown : List.of(Farm.SOYBEAN, Farm.CORN)) {
      SeedingSite site = site(grown);
      CropSeasons crop = site.crop();
      Window.Edge off = site.harvest("the crop is off about {day}");
      assertThat(off.day()).isEqualTo(crop.day(crop.harvest().median()));
      double spread = crop.harvest().quantile(0.9) - crop.harvest().quantile(0.1);
      String said = off.reason().say(UnitSystem.US);
      assertThat(said).startsWith("the crop is off about");
      assertThat(said.endsWith("in eight of ten")).as(said).isEqualTo(spread >= 3);
    }
  }

  @Test
  void betweenRowsOpensAndClosesByTheCrop() {
    SeedingSite beans = site(Farm.SOYBEAN);
    Window window =
        new WindowFinder(Farm.CLIMATE, beans.crop())
            .find(beans.cover(), Seedings.INTERSEEDER, Soil.USUAL);
    assertThat(window.opens().day())
        .isEqualTo(beans.crop().day(beans.crop().stageReached(21).median()));
    LocalDate closes = beans.crop().day(beans.crop().stageReached(32).median());
    LocalDate dark = beans.crop().day(beans.crop().lightFalls(0.40).median());
    assertThat(window.closes().day()).isEqualTo(closes.isBefore(dark) ? closes : dark);
    assertThat(window.cautions().stream().map(r -> r.say(UnitSystem.US)))
        .anyMatch(c -> c.contains("residual herbicides"))
        .anyMatch(c -> c.contains("cutter bar"));
    SeedingSite bare = site(new CashCrop.None());
    Window never =
        new WindowFinder(Farm.CLIMATE, bare.crop())
            .find(bare.cover(), Seedings.INTERSEEDER, Soil.USUAL);
    assertThat(never.possible()).isFalse();
  }
}
