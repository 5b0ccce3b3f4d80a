package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** Which endings fit which cover, next crop and farm. */
class EndingAdviserTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final NextCrop CORN_IN_MAY =
      new NextCrop(NextCrop.Kind.CORN, LocalDate.of(2027, 5, 5));
  private static final NextCrop BEANS_IN_MAY =
      new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 20));

  private static Map<EndingWay, EndingOption> options(
      NextCrop next, boolean organic, CoverComponent... cover) {
    CoverPlan plan = Farm.plan(SeedingMethod.DRILL, LocalDate.of(2026, 9, 28), cover);
    List<EndingOption> options =
        new EndingAdviser(plan, BEANS, new Forecaster(Farm.MODEL).runs(plan, BEANS), next, organic)
            .options();
    for (EndingOption option : options) {
      assertThat(option.reasons()).as(option.way().label()).isNotEmpty();
      assertThat(option.from()).isBeforeOrEqualTo(option.to());
      option.reasons().forEach(r -> assertThat(r.say(UnitSystem.US)).doesNotContain("{", "NaN"));
    }
    assertThat(options).isSortedAccordingTo(java.util.Comparator.comparing(EndingOption::fit));
    return options.stream().collect(Collectors.toMap(EndingOption::way, Function.identity()));
  }

  private static String said(EndingOption option) {
    return option.reasons().stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .collect(Collectors.joining("; "));
  }

  @Test
  void winterTakesOatsButNotRye() {
    EndingOption oats = options(CORN_IN_MAY, false, Farm.seed("oats", 75)).get(EndingWay.WINTER);
    assertThat(oats.fit()).isEqualTo(EndingOption.Fit.FITS);
    assertThat(oats.yearsReady()).isGreaterThan(24);
    EndingOption rye =
        options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(EndingWay.WINTER);
    assertThat(rye.fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(said(rye)).contains("winter kills it in 0 of 29 years");
  }

  @Test
  void organicFieldsAreNotSprayed() {
    options(BEANS_IN_MAY, true, Farm.seed("cereal_rye", 70)).values().stream()
        .filter(o -> o.way().sprays())
        .forEach(
            o -> {
              assertThat(o.fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
              assertThat(said(o)).contains("organic");
            });
  }

  @Test
  void grassBeforeCornIsSprayedTwoWeeksAhead() {
    EndingOption early =
        options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(EndingWay.SPRAY_EARLY);
    assertThat(early.from()).isEqualTo(LocalDate.of(2027, 4, 21));
    assertThat(early.to()).isEqualTo(LocalDate.of(2027, 4, 25));
    assertThat(said(early)).contains("ties up nitrogen", "before boot");
    EndingOption green =
        options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(EndingWay.PLANT_GREEN_SPRAY);
    assertThat(green.fit()).isEqualTo(EndingOption.Fit.WITH_CARE);
  }

  @Test
  void grassKilledAtCornPlantingIsNeverWithoutCare() {
    Map<EndingWay, EndingOption> rye = options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(rye.get(EndingWay.TILL).fit()).isNotEqualTo(EndingOption.Fit.FITS);
    assertThat(said(rye.get(EndingWay.TILL))).contains("starter nitrogen", "seedling disease");
    assertThat(said(rye.get(EndingWay.SPRAY_EARLY))).doesNotContain("starter nitrogen");
    assertThat(said(options(CORN_IN_MAY, false, Farm.seed("hairy_vetch", 25)).get(EndingWay.TILL)))
        .doesNotContain("starter nitrogen");
  }

  @Test
  void aCropDoesNotWaitLongerThanFiveWeeksForItsCoverToRipen() {
    NextCrop early = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 4, 5));
    NextCrop later = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 5));
    EndingOption tooLong =
        options(early, false, Farm.seed("cereal_rye", 70)).get(EndingWay.ROLL_PLANT);
    assertThat(tooLong.fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(said(tooLong)).contains("would wait");
    EndingOption waits =
        options(later, false, Farm.seed("cereal_rye", 70)).get(EndingWay.ROLL_PLANT);
    assertThat(waits.fit()).isEqualTo(EndingOption.Fit.WITH_CARE);
    assertThat(said(waits)).contains("planting waits");
  }

  @Test
  void rollingWaitsForTheStageAndSaysHowLong() {
    Map<EndingWay, EndingOption> early = options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(early.get(EndingWay.ROLL_PLANT).yearsReady()).isZero();
    assertThat(said(early.get(EndingWay.ROLL_PLANT))).contains("planting waits");
    NextCrop late = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 6, 10));
    EndingOption ready =
        options(late, false, Farm.seed("cereal_rye", 70)).get(EndingWay.ROLL_PLANT);
    assertThat(ready.yearsReady()).isGreaterThan(20);
    assertThat(said(ready)).contains("ripe to roll by planting on 10 Jun in");
  }

  @Test
  void ryegrassStandsUpAgainAndIsHardToSpray() {
    Map<EndingWay, EndingOption> ways =
        options(BEANS_IN_MAY, false, Farm.seed("annual_ryegrass", 20));
    assertThat(ways.get(EndingWay.ROLL_PLANT).fit()).isEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(said(ways.get(EndingWay.ROLL_PLANT))).contains("stands up again");
    assertThat(ways.get(EndingWay.SPRAY_EARLY).fit()).isEqualTo(EndingOption.Fit.WITH_CARE);
    assertThat(said(ways.get(EndingWay.SPRAY_EARLY))).contains("hard");
  }

  @Test
  void aMixIsRolledByTheLastToRipenAndWarnsWhenTheyAreApart() {
    EndingOption alone =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(EndingWay.ROLL_PLANT);
    EndingOption mix =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 40), Farm.seed("hairy_vetch", 20))
            .get(EndingWay.ROLL_PLANT);
    assertThat(mix.from()).isAfter(alone.from());
  }

  @Test
  void onlySoybeansBearTheDrumAfterPlanting() {
    assertThat(
            options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70))
                .get(EndingWay.PLANT_GREEN_ROLL)
                .fit())
        .isEqualTo(EndingOption.Fit.DOES_NOT);
    EndingOption beans =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(EndingWay.PLANT_GREEN_ROLL);
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
        options(BEANS_IN_MAY, false, Farm.seed("annual_ryegrass", 25)).get(EndingWay.SPRAY_EARLY);
    assertThat(warned(ryegrass))
        .contains("second spray 14 to 24 days on", "below 54 °F", "at 41 °F a quarter fewer");
    EndingOption rye =
        options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70)).get(EndingWay.SPRAY_EARLY);
    assertThat(warned(rye)).doesNotContain("second spray");
  }

  @Test
  void mowingAndTillingSayWhatTheyLose() {
    Map<EndingWay, EndingOption> rye = options(BEANS_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(said(rye.get(EndingWay.MOW))).contains("still lies four weeks on");
    assertThat(said(rye.get(EndingWay.TILL))).contains("dries the ground by about 12 mm");
    Map<EndingWay, EndingOption> corn = options(CORN_IN_MAY, false, Farm.seed("cereal_rye", 70));
    assertThat(said(corn.get(EndingWay.TILL))).contains("ties up nitrogen under the corn");
    assertThat(warned(corn.get(EndingWay.GRAZE))).contains("grass tetany", "treated seed");
  }

  /** Oats that winter kills never ripen: nobody waits for them, however early the barley is. */
  @Test
  void whatWinterKillsIsNotWaitedFor() {
    EndingOption roll =
        options(BEANS_IN_MAY, false, Farm.seed("winter_barley", 45), Farm.seed("oats", 40))
            .get(EndingWay.ROLL_PLANT);
    assertThat(said(roll)).doesNotContain("Oats ripens");
  }
}
