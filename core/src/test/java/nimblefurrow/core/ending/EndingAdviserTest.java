package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** Which endings fit which cover, next crop and farm. */
class EndingAdviserTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final NextCrop CORN_IN_MAY =
      new NextCrop(NextCrop.Kind.CORN, LocalDate.of(2027, 5, 5));
  private static final NextCrop BEANS_IN_MAY =
      new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 20));

  private static Map<EndingMethod, EndingOption> options(
      NextCrop next, boolean organic, CoverComponent... cover) {
    CoverPlan plan = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 28), cover);
    List<EndingOption> options =
        EndingAdviser.options(
            new EndingField(
                plan, BEANS, new Forecaster(Farm.MODEL).runs(plan, BEANS), next, organic));
    for (EndingOption option : options) {
      assertThat(option.reasons()).as(option.method().label()).isNotEmpty();
      assertThat(option.from()).isBeforeOrEqualTo(option.to());
      option.reasons().forEach(r -> assertThat(r.say(UnitSystem.US)).doesNotContain("{", "NaN"));
    }
    assertThat(options).isSortedAccordingTo(java.util.Comparator.comparing(EndingOption::fit));
    return options.stream().collect(Collectors.toMap(EndingOption::method, Function.identity()));
  }

  private static String said(EndingOption option) {
    return option.reasons().stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .collect(Collectors.joining("; "));
  }

  @Test
  void winterTakesOatsButNotRye() {
    EndingOption oats = options(CORN_IN_MAY, false, Farm.seed("oats", 75)).get(Endings.WINTER);
    assertThat(oats.fit()).isEqualTo(EndingOption.Fit.FITS);
    assertThat(oats.yearsReady()).isGreaterThan(24);
    EndingOption rye = options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(Endings.WINTER);
    assertThat(rye.fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(said(rye)).contains("winter kills it in 0 of 29 years");
  }

  @Test
  void whatIsSeededLightIsSaidWhereItIsToBeRolled() {
    String light =
        said(options(BEANS_IN_MAY, true, Farm.seed("cereal_rye", 69.9)).get(Endings.ROLL_PLANT));
    assertThat(light)
        .contains("at 70 kg/ha it is seeded light", "Cereal rye goes out at 70 kg/ha to 110 kg/ha")
        .contains("yellow from below", "ruts and wheel tracks");
    assertThat(
            said(options(BEANS_IN_MAY, true, Farm.seed("cereal_rye", 70)).get(Endings.ROLL_PLANT)))
        .doesNotContain("seeded light");
    String vetch =
        said(options(BEANS_IN_MAY, true, Farm.seed("hairy_vetch", 20)).get(Endings.ROLL_PLANT));
    assertThat(vetch).contains("seeded light").doesNotContain("yellow from below");
    assertThat(
            said(
                options(
                        BEANS_IN_MAY,
                        true,
                        Farm.seed("cereal_rye", 30),
                        Farm.seed("hairy_vetch", 15))
                    .get(Endings.ROLL_PLANT)))
        .as("in a mix others fill the gaps")
        .doesNotContain("seeded light");
  }

  @Test
  void organicFieldsAreNotSprayed() {
    options(BEANS_IN_MAY, true, Farm.seed("cereal_rye", 70)).values().stream()
        .filter(o -> o.method().sprays())
        .forEach(
            o -> {
              assertThat(o.fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
              assertThat(said(o)).contains("organic");
            });
  }

  @Test
  void grassBeforeCornIsSprayedTwoWeeksAhead() {
    EndingOption early =
        options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(Endings.SPRAY_EARLY);
    assertThat(early.from()).isEqualTo(LocalDate.of(2027, 4, 21));
    assertThat(early.to()).isEqualTo(LocalDate.of(2027, 4, 25));
    assertThat(said(early)).contains("ties up nitrogen", "before boot");
    EndingOption green =
        options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(Endings.PLANT_GREEN_SPRAY);
    assertThat(green.fit()).isEqualTo(EndingOption.Fit.WITH_CARE);
  }

  @Test
  void grassKilledAtCornPlantingIsNeverWithoutCare() {
    Map<EndingMethod, EndingOption> rye = options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(rye.get(Endings.TILL).fit()).isNotEqualTo(EndingOption.Fit.FITS);
    assertThat(said(rye.get(Endings.TILL))).contains("starter nitrogen", "seedling disease");
    assertThat(said(rye.get(Endings.SPRAY_EARLY))).doesNotContain("starter nitrogen");
    assertThat(said(options(CORN_IN_MAY, false, Farm.seed("hairy_vetch", 25)).get(Endings.TILL)))
        .doesNotContain("starter nitrogen");
  }

  @Test
  void aCropDoesNotWaitLongerThanFiveWeeksForItsCoverToRipen() {
    NextCrop early = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 4, 5));
    NextCrop later = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 5));
    EndingOption tooLong =
        options(early, false, Farm.seed("cereal_rye", 70)).get(Endings.ROLL_PLANT);
    assertThat(tooLong.fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(said(tooLong)).contains("would wait");
    EndingOption waits = options(later, false, Farm.seed("cereal_rye", 70)).get(Endings.ROLL_PLANT);
    assertThat(waits.fit()).isEqualTo(EndingOption.Fit.WITH_CARE);
    assertThat(said(waits)).contains("planting waits");
  }

  @Test
  void rollingWaitsForTheStageAndSaysHowLong() {
    Map<EndingMethod, EndingOption> early =
        options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(early.get(Endings.ROLL_PLANT).yearsReady()).isZero();
    assertThat(said(early.get(Endings.ROLL_PLANT))).contains("planting waits");
    NextCrop late = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 6, 10));
    EndingOption ready = options(late, false, Farm.seed("cereal_rye", 70)).get(Endings.ROLL_PLANT);
    assertThat(ready.yearsReady()).isGreaterThan(20);
    assertThat(said(ready)).contains("ripe to roll by planting on 10 Jun in");
  }

  @Test
  void ryegrassStandsUpAgainAndIsHardToSpray() {
    Map<EndingMethod, EndingOption> ways =
        options(BEANS_IN_MAY, false, Farm.seed("annual_ryegrass", 20));
    assertThat(ways.get(Endings.ROLL_PLANT).fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(said(ways.get(Endings.ROLL_PLANT))).contains("stands up again");
    assertThat(ways.get(Endings.SPRAY_EARLY).fit()).isEqualTo(EndingOption.Fit.WITH_CARE);
    assertThat(said(ways.get(Endings.SPRAY_EARLY))).contains("hard");
  }

  @Test
  void aMixIsRolledByTheLastToRipenAndWarnsWhenTheyAreApart() {
    EndingOption alone =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(Endings.ROLL_PLANT);
    EndingOption mix =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 40), Farm.seed("hairy_vetch", 20))
            .get(Endings.ROLL_PLANT);
    assertThat(mix.from()).isAfter(alone.from());
  }

  @Test
  void onlySoybeansBearTheDrumAfterPlanting() {
    assertThat(
            options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70))
                .get(Endings.PLANT_GREEN_ROLL)
                .fit())
        .isEqualTo(EndingOption.Fit.DOES_NOT);
    EndingOption beans =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(Endings.PLANT_GREEN_ROLL);
    assertThat(beans.from()).isEqualTo(LocalDate.of(2027, 6, 3));
    assertThat(beans.cautions()).anySatisfy(c -> assertThat(c.text()).contains("stems snap"));
  }

  private static String warned(EndingOption option) {
    return option.cautions().stream()
        .map(r -> r.say(UnitSystem.US))
        .collect(Collectors.joining("; "));
  }

  @Test
  void ryegrassIsToldOfItsSecondSprayAndTheCold() {
    EndingOption ryegrass =
        options(BEANS_IN_MAY, false, Farm.seed("annual_ryegrass", 25)).get(Endings.SPRAY_EARLY);
    assertThat(warned(ryegrass))
        .contains("second spray 14 to 24 days on", "below 54 °F", "at 41 °F a quarter fewer");
    EndingOption rye =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(Endings.SPRAY_EARLY);
    assertThat(warned(rye)).doesNotContain("second spray");
  }

  @Test
  void mowingAndTillingSayWhatTheyLose() {
    Map<EndingMethod, EndingOption> rye = options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(said(rye.get(Endings.MOW))).contains("still lies four weeks on");
    assertThat(said(rye.get(Endings.TILL))).contains("dries the ground by about 12 mm");
    Map<EndingMethod, EndingOption> corn = options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(said(corn.get(Endings.TILL))).contains("ties up nitrogen under the corn");
    assertThat(warned(corn.get(Endings.GRAZE))).contains("grass tetany", "treated seed");
  }

  /** Oats that winter kills never ripen: nobody waits for them, however early the barley is. */
  @Test
  void whatWinterKillsIsNotWaitedFor() {
    EndingOption roll =
        options(BEANS_IN_MAY, false, Farm.seed("winter_barley", 45), Farm.seed("oats", 40))
            .get(Endings.ROLL_PLANT);
    assertThat(said(roll)).doesNotContain("Oats ripens");
  }
}
