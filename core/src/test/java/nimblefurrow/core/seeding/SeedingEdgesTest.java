package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.OwnError;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What opens and closes each way of seeding, reckoned once more from the crop and the climate. */
class SeedingEdgesTest {
  private static final CashCrop SILAGE =
      new CashCrop.Corn(LocalDate.of(2026, 5, 4), 108, null, true, 20);

  private static Window find(SeedingMethod method, CashCrop crop, String... species) {
    return new WindowFinder(Farm.CLIMATE, Farm.seasons(crop))
        .find(Arrays.stream(species).map(Farm::species).toList(), method, Soil.USUAL);
  }

  private static String said(Reason reason) {
    return reason.say(UnitSystem.METRIC);
  }

  @ParameterizedTest
  @CsvSource({
    "combineHead, needs a standing crop",
    "aircraft, needs a standing crop",
    "drone, needs a standing crop",
    "highClearance, needs a standing crop",
    "interseeder, needs a standing crop",
    "airBox, needs a standing crop",
  })
  void nothingIsSeededUnderACropThatDoesNotStand(String method, String why) {
    Window window = find(SeedingMethod.of(method), new CashCrop.None(), "cereal_rye");
    assertThat(window.possible()).isFalse();
    assertThat(said(window.opens().reason())).contains(why);
  }

  @Test
  void theCombinesSeederGoesWhenTheCombineGoes() {
    CropSeasons corn = Farm.seasons(Farm.CORN);
    Window window = find(Seedings.COMBINE_HEAD, Farm.CORN, "cereal_rye");
    assertThat(window.opens().day()).isEqualTo(corn.day(corn.harvest().median()));
    assertThat(window.closes().day()).isBeforeOrEqualTo(corn.day(corn.harvest().quantile(0.9)));
    assertThat(find(Seedings.COMBINE_HEAD, SILAGE, "cereal_rye").possible())
        .as("a chopper has no such seeder")
        .isFalse();
    Window wheat = find(Seedings.COMBINE_HEAD, Farm.WHEAT, "radish");
    assertThat(said(wheat.opens().reason()))
        .as("small grains are combined")
        .doesNotContain("needs a standing crop");
  }

  @Test
  void cornIsInterseededFromOneLeafStageToAnother() {
    CropSeasons corn = Farm.seasons(Farm.CORN);
    LocalDate dark = corn.day(corn.lightFalls(0.40).median());
    Window openers = find(Seedings.INTERSEEDER, Farm.CORN, "annual_ryegrass");
    assertThat(openers.opens().day()).isEqualTo(corn.day(corn.stageReached(3).median()));
    LocalDate v7 = corn.day(corn.stageReached(8).median() - 1);
    assertThat(openers.closes().day()).isEqualTo(v7.isBefore(dark) ? v7 : dark);
    assertThat(said(openers.opens().reason())).contains("corn reaches V3");
    Window box = find(Seedings.AIR_BOX, Farm.CORN, "annual_ryegrass");
    assertThat(box.opens().day()).isEqualTo(corn.day(corn.stageReached(4).median()));
    LocalDate v6 = corn.day(corn.stageReached(7).median() - 1);
    assertThat(box.closes().day()).isEqualTo(v6.isBefore(dark) ? v6 : dark);
    assertThat(box.cautions().stream().map(SeedingEdgesTest::said))
        .noneMatch(c -> c.contains("cutter bar"));
  }

  @Test
  void frostBedsSmallHardyLegumesAfterHarvestOrIntoAGrain() {
    double begins = Farm.CLIMATE.freezeThawBegins().median();
    Window beans = find(Seedings.FROST, Farm.SOYBEAN, "red_clover");
    CropSeasons crop = Farm.seasons(Farm.SOYBEAN);
    assertThat(beans.possible()).isTrue();
    assertThat(beans.opens().day()).isEqualTo(crop.day(begins + 365));
    assertThat(beans.closes().day().getYear()).isEqualTo(2027);
    assertThat(said(beans.closes().reason())).contains("of days freeze and thaw the seed in");
    Window wheat = find(Seedings.FROST, Farm.WHEAT, "red_clover");
    assertThat(wheat.opens().day()).as("this very spring").isEqualTo(crop.day(begins));
    for (String unfit : List.of("cereal_rye", "field_pea", "hairy_vetch", "radish")) {
      if (Farm.SPECIES.find(unfit).isPresent()) {
        Window never = find(Seedings.FROST, Farm.SOYBEAN, "red_clover", unfit);
        assertThat(never.possible()).as(unfit).isFalse();
        assertThat(said(never.opens().reason()))
            .contains("small hardy seed")
            .contains(Farm.species(unfit).name());
      }
    }
  }

  @Test
  void slurryIsDoubtedOnCoarseGroundOnly() {
    assertThat(Seedings.SLURRY.carriesManure()).isTrue();
    assertThat(Seedings.DRILL.carriesManure()).isFalse();
    WindowFinder finder = new WindowFinder(Farm.CLIMATE, Farm.seasons(Farm.SOYBEAN));
    for (Texture texture : Texture.values()) {
      Soil soil = new Soil(texture, Soil.USUAL.drainage(), false);
      boolean doubted =
          finder
              .find(List.of(Farm.species("cereal_rye")), Seedings.SLURRY, soil)
              .cautions()
              .stream()
              .anyMatch(c -> said(c).contains("coarse, droughty"));
      assertThat(doubted)
          .as(texture.name())
          .isEqualTo(texture == Texture.SAND || texture == Texture.SANDY_LOAM);
    }
    Soil loam = new Soil(Texture.SILT_LOAM, Soil.USUAL.drainage(), false);
    assertThat(finder.find(List.of(Farm.species("cereal_rye")), Seedings.SLURRY, loam).cautions())
        .as("everywhere it wants stirring")
        .anyMatch(c -> said(c).contains("seed settles"));
    assertThat(Seedings.SLURRY.safety().stream().map(SeedingEdgesTest::said))
        .anyMatch(s -> s.contains("gases in tanks kill"));
  }

  @Test
  void aDayLiesInItsWindow() {
    Window w = find(Seedings.DRILL, Farm.SOYBEAN, "cereal_rye");
    assertThat(w.standing(w.opens().day().minusDays(1))).isEqualTo(Window.Standing.TOO_EARLY);
    assertThat(w.standing(w.opens().day())).isEqualTo(Window.Standing.BEST);
    assertThat(w.standing(w.bestUntil().day())).isEqualTo(Window.Standing.BEST);
    assertThat(w.standing(w.bestUntil().day().plusDays(1)))
        .isEqualTo(Window.Standing.LATE_BUT_USEFUL);
    assertThat(w.standing(w.closes().day())).isEqualTo(Window.Standing.LATE_BUT_USEFUL);
    assertThat(w.standing(w.closes().day().plusDays(1))).isEqualTo(Window.Standing.TOO_LATE);
    Window never = find(Seedings.AIRCRAFT, new CashCrop.None(), "cereal_rye");
    assertThat(never.standing(never.opens().day())).isEqualTo(Window.Standing.TOO_LATE);
  }

  @Test
  void doubtIsLessenedByWhatWasSeenAndGrowsBack() {
    LocalDate seen = LocalDate.of(2026, 11, 1);
    OwnErrors blind = new OwnErrors(List.of());
    OwnErrors weighed = new OwnErrors(List.of(new Sighting.Cover(seen, 0.5)));
    assertThat(weighed.growth(seen)).isEqualTo(new OwnError.Times(0));
    OwnError.Times before = (OwnError.Times) weighed.growth(seen.minusDays(1));
    OwnError.Times always = (OwnError.Times) blind.growth(seen);
    assertThat(before).as("not before it was seen").isEqualTo(always);
    OwnError.Times after = (OwnError.Times) weighed.growth(seen.plusDays(30));
    assertThat(after.toString()).isNotEqualTo(always.toString());
    assertThat(after).isNotEqualTo(new OwnError.Times(0));
    assertThat(weighed.light(seen)).isEqualTo(new OwnError.Light(0));
  }

  @Test
  void plantsThatWereCountedAreNotGuessed() {
    OwnErrors blind = new OwnErrors(List.of());
    OwnErrors counted =
        new OwnErrors(List.of(new Sighting.Plants(LocalDate.of(2026, 10, 20), 0, 180)));
    assertThat(blind.comingUp()).isInstanceOf(OwnError.Off.class);
    assertThat(counted.comingUp()).isEqualTo(OwnError.NONE);
    assertThat(counted.emerged(0, 250)).isEqualTo(OwnError.NONE);
    assertThat(counted.emerged(1, 250)).as("another species").isInstanceOf(OwnError.Odds.class);
    assertThat(OwnErrors.kill()).isInstanceOf(OwnError.Odds.class);
    assertThat(OwnErrors.hours()).isInstanceOf(OwnError.Times.class);
    assertThat(OwnErrors.of(Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 20))).comingUp())
        .isInstanceOf(OwnError.Off.class);
  }

  @Test
  void whatIsSpreadComesUpLessTheLaterItIsSpread() {
    SurfaceEmergence spread =
        new SurfaceEmergence(
            Farm.seasons(Farm.SOYBEAN),
            Farm.species("cereal_rye"),
            Seedings.BROADCAST.placement(),
            Soil.USUAL);
    LocalDate first = LocalDate.of(2026, 9, 25);
    LocalDate last = spread.lastDay(first);
    assertThat(last).isAfter(first);
    assertThat(spread.up(last).median()).isGreaterThanOrEqualTo(SurfaceEmergence.LEAST);
    if (last.isBefore(LocalDate.of(2026, 12, 31))) {
      assertThat(spread.up(last.plusDays(1)).median()).isLessThan(SurfaceEmergence.LEAST);
    }
    assertThat(spread.up(first).years()).isBetween(8, 15);
    assertThat(spread.up(first).median())
        .isGreaterThan(spread.up(LocalDate.of(2026, 12, 20)).median());
  }

  @Test
  void hiredAndMendingWaysAreKnown() {
    assertThat(SeedingMethods.forHire()).isNotEmpty().allMatch(SeedingMethod::forHire);
    assertThat(SeedingMethods.all().stream().filter(SeedingMethod::forHire))
        .containsExactlyElementsOf(SeedingMethods.forHire());
    assertThat(0.2).isCloseTo(SurfaceEmergence.LEAST, within(1e-12));
  }
}
