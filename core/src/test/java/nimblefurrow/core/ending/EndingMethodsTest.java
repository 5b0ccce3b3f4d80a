package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.EndingSideBySide;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Registry;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The ways of ending, each by its own definition. */
class EndingMethodsTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate SEEDED = LocalDate.of(2026, 9, 28);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 10);

  static List<EndingMethod> all() {
    return EndingMethods.all();
  }

  private static CoverPlan plan(CoverComponent... cover) {
    return Farm.plan(Seedings.DRILL, SEEDED, cover);
  }

  private static WatchList.Ended ended(EndingMethod method) {
    return new WatchList.Ended(
        method,
        MAY,
        MAY.plusDays(2),
        NextCrop.Kind.SOYBEAN,
        List.of(Farm.species("hairy_vetch")),
        1,
        null,
        10,
        false);
  }

  @Test
  void everyRowHasItsMethodAndEveryMethodItsRowAndSource() {
    List<CSVRecord> rows = CsvTable.shipped("endingmethods.csv");
    assertThat(rows.stream().map(r -> r.get("key")))
        .containsExactlyElementsOf(EndingMethods.all().stream().map(EndingMethod::key).toList());
    assertThat(rows).allSatisfy(r -> assertThat(r.get("source")).isNotBlank());
    assertThatThrownBy(() -> EndingMethod.of("burn"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("“burn”");
    assertThatThrownBy(() -> EndingTraits.shipped("burn")).hasMessageContaining("no row");
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyMethodIsWhole(EndingMethod method) {
    PlantingLag lag = method.traits().lag();
    assertThat(lag.usual()).isBetween(lag.least(), lag.most());
    assertThat(method.label()).isNotBlank();
    assertThat(method.traits().usdPerHa()).isNotNegative();
    assertThat(method.acts(MAY).isEmpty()).isEqualTo(method.ofItself() || method.rescues());
    assertThat(method.acts(MAY)).allSatisfy(a -> assertThat(a.on()).isBeforeOrEqualTo(MAY));
    WatchList.Item item = WatchList.of(ended(method)).get(0);
    assertThat(item.from()).isBeforeOrEqualTo(item.to());
    assertThat(method).hasToString(method.key());
  }

  @ParameterizedTest
  @CsvSource({
    "winter, , ofItself",
    "sprayEarly, spray, sprays",
    "plantGreenSpray, spray, sprays",
    "rollPlant, roll, rolls",
    "plantGreenRoll, roll, rolls",
    "sprayStanding, spray, sprays",
    "rollSpray, roll, rolls+sprays",
    "graze, , feeds",
    "hay, mow, feeds",
    "mow, mow, ",
    "till, till, stirs",
    "rowZone, spray, sprays",
    "betweenRows, , rescues",
    "cultivate, , rescues+stirs"
  })
  void whatEachIsSaidOnce(String key, String work, String traits) {
    EndingMethod m = EndingMethod.of(key);
    assertThat(m.traits().work()).isEqualTo(work == null ? null : MachineWork.of(work));
    String said =
        trait(m, "ofItself", EndingMethod::ofItself)
            + trait(m, "rolls", EndingMethod::rolls)
            + trait(m, "rescues", EndingMethod::rescues)
            + trait(m, "feeds", EndingMethod::feeds)
            + trait(m, "sprays", EndingMethod::sprays)
            + trait(m, "stirs", EndingMethod::stirs);
    assertThat(said).isEqualTo(traits == null ? "" : traits + "+");
    assertThat(m.modelled()).isEqualTo(!m.rescues());
    assertThat(m.plantsGreen())
        .isEqualTo(
            Set.of("rollPlant", "rollSpray", "plantGreenSpray", "plantGreenRoll", "sprayStanding")
                .contains(key));
  }

  private static String trait(EndingMethod m, String name, Predicate<EndingMethod> has) {
    return has.test(m) ? name + "+" : "";
  }

  @Test
  void grassBeforeCornIsSprayedNoMoreThanTwoWeeksAhead() {
    PlantingLag rye =
        Endings.SPRAY_EARLY.lag(plan(Farm.seed("cereal_rye", 70)), NextCrop.Kind.CORN);
    assertThat(rye).isEqualTo(new PlantingLag(10, 14, 14));
    assertThat(Endings.SPRAY_EARLY.lag(plan(Farm.seed("cereal_rye", 70)), NextCrop.Kind.SOYBEAN))
        .isEqualTo(new PlantingLag(10, 21, 14));
    assertThat(Endings.SPRAY_EARLY.lag(plan(Farm.seed("hairy_vetch", 20)), NextCrop.Kind.CORN))
        .isEqualTo(new PlantingLag(10, 21, 14));
  }

  @Test
  void lagsSayWhichDaysHold() {
    PlantingLag lag = new PlantingLag(10, 21, 14);
    assertThat(lag.firstEnd(MAY)).isEqualTo(MAY.minusDays(21));
    assertThat(lag.lastEnd(MAY)).isEqualTo(MAY.minusDays(10));
    assertThat(lag.holds(MAY.minusDays(10), MAY)).isTrue();
    assertThat(lag.holds(MAY.minusDays(9), MAY)).isFalse();
    assertThat(lag.holds(MAY.minusDays(21), MAY)).isTrue();
    assertThat(lag.holds(MAY.minusDays(22), MAY)).isFalse();
    assertThat(lag.plantOn(MAY, MAY)).isEqualTo(MAY.plusDays(10));
    assertThat(lag.plantOn(MAY, MAY.plusDays(11))).isEqualTo(MAY.plusDays(11));
    assertThat(lag.plantsFirst()).isFalse();
    assertThat(Endings.PLANT_GREEN_SPRAY.traits().lag().plantsFirst()).isTrue();
  }

  @Test
  void actsAreDatedAsTheyAreDone() {
    assertThat(Endings.GRAZE.acts(MAY))
        .singleElement()
        .isEqualTo(Ending.Graze.usual(MAY.minusDays(20), MAY));
    assertThat(Endings.ROLL_SPRAY.acts(MAY))
        .containsExactly(Ending.Roll.usual(MAY), Ending.Spray.usual(MAY));
    assertThat(Endings.HAY.acts(MAY)).containsExactly(new Ending.Cut(MAY, 8, true));
    assertThat(Endings.MOW.acts(MAY)).containsExactly(new Ending.Cut(MAY, 10, false));
  }

  @Test
  void rowsAreBaredTwoWeeksAheadOnAThirdOfTheWidth() {
    EndingMethod.EarlyStrips strips = Endings.ROW_ZONE.earlyStrips().orElseThrow();
    assertThat(strips.daysAhead()).isEqualTo(14);
    assertThat(strips.share()).isEqualTo(1.0 / 3);
    assertThat(Endings.SPRAY_EARLY.earlyStrips()).isEmpty();
  }

  @Test
  void aMethodOfItsOwnIsAdvisedReckonedAndWatchedWithoutAnotherChange() {
    TriedEnding steam = new TriedEnding();
    NextCrop next = new NextCrop(NextCrop.Kind.SOYBEAN, MAY);
    CoverPlan plan = plan(Farm.seed("cereal_rye", 70));
    try (Registry.Added added = EndingMethods.add(steam)) {
      assertThat(EndingMethod.of("steam")).isSameAs(steam);
      assertThat(EndingRules.shipped().cost(steam).usdPerHa()).isEqualTo(210);
      Forecaster forecaster = new Forecaster(Farm.MODEL);
      EndingOption option =
          EndingAdviser.options(
                  new EndingField(plan, BEANS, forecaster.runs(plan, BEANS), next, false))
              .stream()
              .filter(o -> o.method() == steam)
              .findFirst()
              .orElseThrow();
      assertThat(option.fit()).isEqualTo(EndingOption.Fit.FITS);
      assertThat(option.from()).isEqualTo(MAY.minusDays(9));
      EndingSideBySide row =
          EndingSideBySide.of(
                  forecaster,
                  new EndingSideBySide.Field(
                      plan, BEANS, next, true, Purpose.SMOTHER_WEEDS, 3, SEEDED, null, Farm.BASIS))
              .stream()
              .filter(r -> r.option().method() == steam)
              .findFirst()
              .orElseThrow();
      assertThat(row.endOn()).isEqualTo(MAY.minusDays(6));
      assertThat(row.outcome().mulch().median()).isPositive();
      assertThat(WatchList.of(ended(steam))).extracting(WatchList.Item::key).contains("steamed");
    }
    assertThat(EndingMethods.all()).doesNotContain(steam);
  }
}
