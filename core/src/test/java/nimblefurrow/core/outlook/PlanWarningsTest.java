package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each warning on the day, the rate or the odds at which it begins to hold. */
class PlanWarningsTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate OCTOBER = LocalDate.of(2026, 10, 1);
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 20);

  private static Window window(CoverPlan plan) {
    return new WindowFinder(Farm.CLIMATE, BEANS)
        .find(
            plan.cover().stream().map(CoverComponent::species).toList(), plan.method(), Soil.USUAL);
  }

  private static List<String> of(CoverPlan plan, EndingMethod ending, Purpose purpose) {
    return PlanWarnings.of(
            plan,
            ending,
            window(plan),
            purpose,
            FORECASTER.outlook(plan, BEANS),
            BEANS,
            NextCrop.Kind.SOYBEAN)
        .stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .toList();
  }

  private static CoverPlan rye(LocalDate seedOn) {
    return Farm.plan(Seedings.DRILL, seedOn, Farm.seed("cereal_rye", 78));
  }

  private static CoverPlan ended(LocalDate on) {
    return rye(OCTOBER).ended(on, PLANT, List.of());
  }

  @ParameterizedTest
  @CsvSource({"14,29,true", "15,29,false", "15,30,false", "14,30,true", "0,1,true", "1,1,false"})
  void oddsBelowEvenArePoor(int met, int years, boolean poor) {
    assertThat(PlanWarnings.poor(met, years)).isEqualTo(poor);
  }

  @Test
  void poorOddsAreSaidWithTheirFigures() {
    CoverPlan late = rye(LocalDate.of(2026, 11, 25));
    int met =
        FORECASTER.outlook(late, BEANS).met(Purpose.SMOTHER_WEEDS, Purpose.SMOTHER_WEEDS.target());
    assertThat(of(late, Endings.SPRAY_EARLY, Purpose.SMOTHER_WEEDS))
        .anyMatch(w -> w.contains(" in " + met + " of 29 years"));
    // The same odds are said or not by the half alone, whatever the purpose.
    Outlook outlook = FORECASTER.outlook(rye(OCTOBER), BEANS);
    for (Purpose purpose : Purpose.values()) {
      boolean poor = PlanWarnings.poor(outlook.met(purpose, purpose.target()), outlook.years());
      assertThat(
              of(rye(OCTOBER), Endings.GRAZE, purpose).stream()
                  .anyMatch(w -> w.startsWith(purpose.measure() + " reaches ")))
          .as(purpose.key())
          .isEqualTo(poor);
    }
  }

  @Test
  void aDayOutsideTheWindowIsSaidWithWhatSetsIt() {
    Window window = window(rye(OCTOBER));
    LocalDate closes = window.closes().day();
    String last = window.closes().reason().say(UnitSystem.METRIC);
    assertThat(of(rye(closes), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL)).doesNotContain(last);
    assertThat(of(rye(closes.plusDays(1)), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL)).contains(last);
    LocalDate opens = window.opens().day();
    String first = window.opens().reason().say(UnitSystem.METRIC);
    assertThat(of(rye(opens), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL)).doesNotContain(first);
    assertThat(of(rye(opens.minusDays(1)), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL)).contains(first);
  }

  @Test
  void endingAndPlantingAsFarApartAsTheWayNeeds() {
    PlantingLag lag = Endings.SPRAY_EARLY.lag(rye(OCTOBER), NextCrop.Kind.SOYBEAN);
    assertThat(lags(PLANT.minusDays(lag.least()))).isEmpty();
    assertThat(lags(PLANT.minusDays(lag.most()))).isEmpty();
    assertThat(lags(PLANT.minusDays(lag.least() - 1L)))
        .singleElement()
        .asString()
        .contains("is " + (lag.least() - 1) + " days ahead of planting on 20 May")
        .contains("it goes " + lag.least() + " to " + lag.most() + " days ahead");
    assertThat(lags(PLANT.minusDays(lag.most() + 1L))).hasSize(1);
    assertThat(lags(PLANT.plusDays(3)))
        .singleElement()
        .asString()
        .contains("is 3 days after planting");
  }

  private static List<String> lags(LocalDate end) {
    return of(ended(end), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL).stream()
        .filter(w -> w.contains("planting on"))
        .toList();
  }

  @Test
  void winterNeedsNoDaysToPlanting() {
    assertThat(of(ended(PLANT.plusDays(90)), Endings.WINTER, Purpose.HOLD_SOIL))
        .noneMatch(w -> w.contains("planting on"));
  }

  @Test
  void aSpeciesThatTakesOverAMixIsCapped() {
    double cap = Farm.species("annual_ryegrass").seed().mixCapKgPerHa();
    double usual = CoverComponent.USUAL_GERMINATION * CoverComponent.USUAL_PURITY;
    assertThat(caps(cap, usual)).isEmpty();
    assertThat(caps(cap * 1.01, usual))
        .singleElement()
        .asString()
        .contains("Annual ryegrass at")
        .contains("takes over a mix");
    // Caps are for seed as it usually is: of poorer seed more may go in.
    assertThat(caps(cap * 1.01, usual * 0.9)).isEmpty();
    CoverPlan alone = Farm.plan(Seedings.DRILL, OCTOBER, Farm.seed("annual_ryegrass", 3 * cap));
    assertThat(of(alone, Endings.SPRAY_EARLY, Purpose.HOLD_SOIL))
        .noneMatch(w -> w.contains("takes over"));
  }

  private static List<String> caps(double rate, double live) {
    CoverComponent ryegrass =
        new CoverComponent(Farm.species("annual_ryegrass"), rate, live, 1, null);
    CoverPlan mix = Farm.plan(Seedings.DRILL, OCTOBER, Farm.seed("crimson_clover", 8), ryegrass);
    return of(mix, Endings.SPRAY_EARLY, Purpose.HOLD_SOIL).stream()
        .filter(w -> w.contains("takes over"))
        .toList();
  }

  @Test
  void whatFeedsNoCattleIsSaidWhereTheyAreToBeFed() {
    String said = "feeds no cattle";
    assertThat(of(rye(OCTOBER), Endings.SPRAY_EARLY, Purpose.FEED_CATTLE))
        .anyMatch(w -> w.contains(said));
    assertThat(of(rye(OCTOBER), EndingMethod.of("graze"), Purpose.FEED_CATTLE))
        .noneMatch(w -> w.contains(said));
    assertThat(of(rye(OCTOBER), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL))
        .noneMatch(w -> w.contains(said));
  }

  @Test
  void aRollerThatComesBeforeTheStandIsRipe() {
    double ripe =
        FORECASTER.outlook(rye(OCTOBER), BEANS).species().get(0).stages().stream()
            .filter(s -> s.name().equals("mid-anthesis"))
            .findFirst()
            .orElseThrow()
            .day()
            .median();
    LocalDate day = BEANS.day(ripe);
    assertThat(rolled(day)).isEmpty();
    assertThat(rolled(day.minusDays(1))).isEmpty();
    assertThat(rolled(day.minusDays(4)))
        .singleElement()
        .asString()
        .contains("before it is ripe in the middle year");
    // Only where a roller is to kill it.
    assertThat(of(ended(day.minusDays(20)), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL))
        .noneMatch(w -> w.contains("before it is ripe"));
  }

  private static List<String> rolled(LocalDate on) {
    return of(ended(on), Endings.ROLL_PLANT, Purpose.HOLD_SOIL).stream()
        .filter(w -> w.contains("before it is ripe"))
        .toList();
  }

  @Test
  void speciesThatRipenFarApartAndThoseThatStandUp() {
    CoverPlan apart =
        Farm.plan(
            Seedings.DRILL, OCTOBER, Farm.seed("cereal_rye", 50), Farm.seed("hairy_vetch", 15));
    Outlook outlook = FORECASTER.outlook(apart, BEANS);
    List<String> said = of(apart, Endings.ROLL_PLANT, Purpose.SMOTHER_WEEDS);
    boolean far = Math.abs(key(outlook, 0) - key(outlook, 1)) > 10;
    assertThat(said.stream().anyMatch(w -> w.contains("ripens"))).isEqualTo(far);
    assertThat(said).noneMatch(w -> w.contains("stands up again"));
    CoverPlan grass = Farm.plan(Seedings.DRILL, OCTOBER, Farm.seed("annual_ryegrass", 20));
    assertThat(of(grass, Endings.ROLL_PLANT, Purpose.HOLD_SOIL))
        .anyMatch(w -> w.equals("Annual ryegrass stands up again after the roller"));
  }

  private static double key(Outlook outlook, int species) {
    return outlook.species().get(species).stages().stream()
        .filter(s -> s.name().equals("mid-anthesis") || s.name().equals("full bloom"))
        .findFirst()
        .orElseThrow()
        .day()
        .median();
  }

  @Test
  void whatLivesThroughWinterIsNotEndedByIt() {
    assertThat(of(rye(OCTOBER), Endings.WINTER, Purpose.HOLD_SOIL))
        .anyMatch(w -> w.startsWith("Cereal rye lives through winter in "));
    assertThat(of(rye(OCTOBER), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL))
        .noneMatch(w -> w.contains("lives through winter"));
  }

  @Test
  void theMostCoverUpToADay() {
    Outlook outlook = FORECASTER.outlook(rye(OCTOBER), BEANS);
    LocalDate may = LocalDate.of(2027, 5, 10);
    assertThat(outlook.mostUntil(may)).isGreaterThanOrEqualTo(outlook.middleOn(may));
    assertThat(outlook.mostUntil(LocalDate.of(2026, 9, 1))).isZero();
    Outlook killed =
        FORECASTER.outlook(
            Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 20), Farm.seed("oats", 80)), BEANS);
    assertThat(killed.mostUntil(may)).isGreaterThan(killed.middleOn(may));
  }

  /** What is said of rolling two species that ripen on these days, ended on a day. */
  private static List<String> rolled(double rye, double vetch, LocalDate on) {
    CoverPlan mix =
        Farm.plan(
                Seedings.DRILL, OCTOBER, Farm.seed("cereal_rye", 30), Farm.seed("hairy_vetch", 10))
            .ended(on, on, Endings.ROLL_PLANT.acts(on));
    Outlook outlook =
        OutlookNumbersTest.with(
            99,
            0,
            10,
            OutlookNumbersTest.rye("mid-anthesis", rye, 10),
            new Outlook.SpeciesOutlook(
                "Hairy vetch",
                outlookOf(300),
                outlookOf(1),
                List.of(new Outlook.StageOdds("full bloom", 10, outlookOf(vetch)))));
    return PlanWarnings.of(
            mix,
            Endings.ROLL_PLANT,
            window(mix),
            Purpose.SMOTHER_WEEDS,
            outlook,
            BEANS,
            NextCrop.Kind.SOYBEAN)
        .stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .toList();
  }

  private static nimblefurrow.core.units.Spread outlookOf(double value) {
    return nimblefurrow.core.units.Spread.of(new double[] {value, value, value});
  }

  @Test
  void speciesThatRipenTooFarApartAreSaidInTheirOrder() {
    LocalDate on = LocalDate.of(2027, 6, 10);
    double day = BEANS.count(on);
    List<String> apart = rolled(day - 20, day, on);
    assertThat(apart)
        .anyMatch(w -> w.startsWith("Hairy vetch ripens 20 days after Cereal rye: roll"));
    assertThat(rolled(day, day - 20, on))
        .anyMatch(w -> w.startsWith("Cereal rye ripens 20 days after Hairy vetch: roll"));
    assertThat(rolled(day, day, on)).noneMatch(w -> w.contains("ripens"));
    assertThat(rolled(day - 20, Double.POSITIVE_INFINITY, on))
        .as("one never gets there")
        .noneMatch(w -> w.contains("ripens"));
  }

  @Test
  void rollingMoreThanTwoDaysBeforeTheLastIsRipeIsSaid() {
    LocalDate on = LocalDate.of(2027, 6, 1);
    double day = BEANS.count(on);
    assertThat(rolled(day, day + 2, on)).noneMatch(w -> w.contains("before it is ripe"));
    assertThat(rolled(day, day + 3, on))
        .anyMatch(w -> w.startsWith("rolling on 1 Jun is 3 days before it is ripe"));
    assertThat(rolled(day + 3, day, on))
        .anyMatch(w -> w.startsWith("rolling on 1 Jun is 3 days before it is ripe"));
  }

  @Test
  void aRateOverItsCapInAMixIsSaidByItsLiveSeed() {
    double cap = Farm.species("cereal_rye").seed().mixCapKgPerHa();
    // 0.9 germination and 0.98 purity of the test's seed, beside what seed usually has.
    double usual = CoverComponent.USUAL_GERMINATION * CoverComponent.USUAL_PURITY;
    double rate = cap * usual / (0.9 * 0.98);
    assertThat(mixed(rate * 1.0005)).noneMatch(w -> w.contains("takes over a mix"));
    assertThat(mixed(rate * 1.002)).anyMatch(w -> w.contains("takes over a mix"));
    assertThat(of(rye(OCTOBER), Endings.SPRAY_EARLY, Purpose.HOLD_SOIL))
        .as("alone it may be more")
        .noneMatch(w -> w.contains("takes over a mix"));
  }

  private static List<String> mixed(double ryeKgPerHa) {
    return of(
        Farm.plan(
            Seedings.DRILL,
            OCTOBER,
            Farm.seed("cereal_rye", ryeKgPerHa),
            Farm.seed("hairy_vetch", 10)),
        Endings.SPRAY_EARLY,
        Purpose.HOLD_SOIL);
  }
}
