package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Registry;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The ways of seeding, each by its own definition. */
class SeedingMethodsTest {
  private static final CropSeasons CORN = Farm.seasons(Farm.CORN);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);

  @Test
  void everyRowHasItsMethodAndEveryMethodItsRowAndSource() {
    List<CSVRecord> rows = CsvTable.shipped("seedingmethods.csv");
    assertThat(rows.stream().map(r -> r.get("key")))
        .containsExactlyElementsOf(SeedingMethods.all().stream().map(SeedingMethod::key).toList());
    assertThat(rows).allSatisfy(r -> assertThat(r.get("source")).isNotBlank());
    assertThatThrownBy(() -> SeedingMethod.of("cannon"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("“cannon”");
    assertThat(SeedingMethods.find("harvest")).isEmpty();
    assertThatThrownBy(() -> SeedingTraits.shipped("cannon")).hasMessageContaining("no row");
  }

  @ParameterizedTest
  @CsvSource({
    "drill, DRILLED, 0, behind+warmth+hire+mends+",
    "precisionPlanter, DRILLED, 5, behind+warmth+",
    "interseeder, DRILLED, 0, under+",
    "airBox, SURFACE, 10, under+rain+",
    "highClearance, SURFACE, 10, warmth+rain+",
    "aircraft, SURFACE, 10, flies+warmth+rain+",
    "drone, SURFACE, 10, flies+warmth+rain+",
    "combineHead, SURFACE, 10, combine+warmth+left+rain+",
    "broadcast, SURFACE, 10, behind+warmth+left+rain+hire+",
    "broadcastIncorporated, SURFACE, 10, behind+warmth+rain+",
    "slurry, SURFACE, 5, behind+warmth+rain+",
    "frost, SURFACE, 10, ''",
    "byHand, SURFACE, 10, behind+warmth+rain+"
  })
  void whatEachIsSaidOnce(String key, RateBasis basis, int earlier, String traits) {
    SeedingMethod m = SeedingMethod.of(key);
    assertThat(m.rateBasis()).isEqualTo(basis);
    assertThat(m.traits().earlierDays()).isEqualTo(earlier);
    assertThat(
            trait(m, "behind", SeedingMethod::waitsForHarvest)
                + trait(m, "combine", SeedingMethod::goesWithCombine)
                + trait(m, "under", SeedingMethod::underCrop)
                + trait(m, "flies", SeedingMethod::flies)
                + trait(m, "warmth", SeedingMethod::hangsOnWarmth)
                + trait(m, "left", SeedingMethod::spreadAndLeft)
                + trait(m, "rain", SeedingMethod::needsRain)
                + trait(m, "hire", SeedingMethod::forHire)
                + trait(m, "mends", SeedingMethod::mends))
        .isEqualTo(traits);
    assertThat(m.safety()).isNotEmpty();
    assertThat(m).hasToString(key);
  }

  private static String trait(SeedingMethod m, String name, Predicate<SeedingMethod> has) {
    return has.test(m) ? name + "+" : "";
  }

  @ParameterizedTest
  @CsvSource({"interseeder, 3, 8", "airBox, 4, 7"})
  void betweenRowsOpensAndClosesWithTheLeavesOfCorn(String key, int from, int past) {
    Window w = window(CORN, SeedingMethod.of(key), "annual_ryegrass");
    assertThat(w.opens().day()).isEqualTo(CORN.day(CORN.stageReached(from).median()));
    assertThat(w.closes().day()).isBeforeOrEqualTo(CORN.day(CORN.stageReached(past).median() - 1));
    assertThat(w.closes().day()).isBeforeOrEqualTo(CORN.day(CORN.lightFalls(0.40).median()));
  }

  @ParameterizedTest
  @CsvSource({"aircraft, 21", "drone, 10", "highClearance, 14"})
  void fromAboveClosesDaysAheadOfTheCornHarvest(String key, int before) {
    Window w = window(CORN, SeedingMethod.of(key), "cereal_rye");
    LocalDate early = CORN.day(CORN.harvest().median() - before);
    assertThat(w.closes().day()).isBeforeOrEqualTo(early);
    assertThat(w.opens().day()).isEqualTo(CORN.day(CORN.lightRises(0.25).median()));
  }

  @Test
  void flownSeedMustFallUnderTheLeavesOfSoybeans() {
    LocalDate leaves = BEANS.day(BEANS.mature().median() + 2);
    assertThat(window(BEANS, Seedings.DRONE, "cereal_rye").closes().day())
        .isBeforeOrEqualTo(leaves);
    assertThat(window(BEANS, Seedings.HIGH_CLEARANCE, "cereal_rye").closes().reason().text())
        .doesNotContain("leaves");
  }

  @Test
  void headsOfChoppersCarryNoSeeder() {
    CropSeasons silage =
        Farm.seasons(new CashCrop.Corn(LocalDate.of(2026, 5, 4), 108, null, true, 20));
    Window w = window(silage, Seedings.COMBINE_HEAD, "cereal_rye");
    assertThat(w.possible()).isFalse();
    assertThat(w.opens().reason().text()).contains("chopper");
  }

  @Test
  void cautionsBelongToTheMethod() {
    assertThat(Seedings.DRONE.safety().toString()).contains("airspace").doesNotContain("augers");
    assertThat(Seedings.AIRCRAFT.safety().toString()).contains("loading arc");
    assertThat(Seedings.SLURRY.safety().toString()).contains("gases in tanks", "wet ground");
    assertThat(Seedings.HIGH_CLEARANCE.safety().toString())
        .contains("augers")
        .doesNotContain("wet ground");
  }

  @ParameterizedTest
  @CsvSource({
    "false, false, false, ''",
    "false, true, false, grazing",
    "false, false, true, ''",
    "true, false, false, ''",
    "true, true, false, grazing+no treated seed",
    "true, false, true, certifier",
    "true, true, true, grazing+certifier+no treated seed"
  })
  void cautionsOfTheSeedHangOnTheFieldAndTheLots(
      boolean organic, boolean treated, boolean conventional, String said) {
    String all = SeedCautions.of(Seedings.DRILL, organic, treated, conventional, false).toString();
    for (String word : List.of("grazing", "certifier", "no treated seed")) {
      assertThat(all.contains(word)).as(word).isEqualTo(said.contains(word));
    }
    assertThat(all).contains("augers", "confirm insurance");
  }

  @Test
  void aMethodOfItsOwnFindsItsWindowWithoutAnotherChange() {
    TriedSeeding cannon = new TriedSeeding();
    try (Registry.Added added = SeedingMethods.add(cannon)) {
      assertThat(SeedingMethod.of("cannon")).isSameAs(cannon);
      Window w = window(BEANS, cannon, "cereal_rye");
      assertThat(w.possible()).isTrue();
      assertThat(w.opens().day())
          .isEqualTo(window(BEANS, Seedings.DRILL, "cereal_rye").opens().day());
      assertThat(w.closes().day()).isBeforeOrEqualTo(LocalDate.of(2026, 11, 11));
    }
    assertThat(SeedingMethods.find("cannon")).isEmpty();
  }

  private static Window window(CropSeasons crop, SeedingMethod method, String species) {
    return new WindowFinder(Farm.CLIMATE, crop)
        .find(List.of(Farm.species(species)), method, Soil.USUAL);
  }
}
