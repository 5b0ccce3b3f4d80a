package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherEnsemble;
import org.junit.jupiter.api.Test;

/** Odds and ranges of plans, what is next and what may go wrong. */
class OutlookTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final LocalDate OCTOBER = LocalDate.of(2026, 10, 1);

  private static Outlook rye(LocalDate seedOn) {
    return FORECASTER.outlook(
        Farm.plan(Seedings.DRILL, seedOn, Farm.seed("cereal_rye", 78)), BEANS);
  }

  @Test
  void rangesAreInOrderAndEarlierSeedGrowsMore() {
    Outlook early = rye(OCTOBER);
    Outlook late = rye(LocalDate.of(2026, 11, 5));
    for (int p = 0; p < early.middle().length; p++) {
      assertThat(early.low()[p]).isLessThanOrEqualTo(early.middle()[p]);
      assertThat(early.middle()[p]).isLessThanOrEqualTo(early.high()[p]);
    }
    for (Purpose purpose : List.of(Purpose.SMOTHER_WEEDS, Purpose.HOLD_SOIL)) {
      assertThat(early.worth(purpose).median()).isGreaterThan(late.worth(purpose).median());
    }
    assertThat(early.met(Purpose.FEED_CATTLE, 0)).isEqualTo(early.years());
    assertThat(early.met(Purpose.FEED_CATTLE, 99)).isZero();
  }

  @Test
  void seedThatNeedsAClearFieldWaitsForHarvest() {
    Outlook tooSoon = rye(LocalDate.of(2026, 9, 1));
    assertThat(tooSoon.seeded().quantile(0)).isEqualTo(BEANS.harvest().quantile(0));
    Outlook atHarvest =
        FORECASTER.outlook(
            Farm.plan(
                Seedings.COMBINE_HEAD, LocalDate.of(2026, 9, 1), Farm.seed("cereal_rye", 100)),
            BEANS);
    assertThat(atHarvest.seeded().median()).isEqualTo(BEANS.harvest().median());
  }

  @Test
  void behindAnotherCoverNothingGoesOutBeforeThatIsEnded() {
    LocalDate ended = LocalDate.of(2026, 9, 25);
    SeasonPlan oats =
        new SeasonPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            Farm.WHEAT,
            List.of(Farm.seed("oats", 70)),
            Placement.DRILL,
            LocalDate.of(2026, 8, 1),
            List.of(new Ending.Kill(ended)),
            null);
    CropSeasons behind = Farm.seasons(new CashCrop.AfterCover(oats, ended));
    for (LocalDate meant : List.of(LocalDate.of(2026, 9, 20), ended)) {
      Outlook outlook =
          FORECASTER.outlook(
              Farm.plan(Seedings.AIRCRAFT, meant, Farm.seed("cereal_rye", 100)), behind);
      assertThat(behind.day(outlook.seeded().median())).isEqualTo(ended);
    }
    LocalDate later = LocalDate.of(2026, 10, 1);
    assertThat(
            FORECASTER
                .outlook(Farm.plan(Seedings.DRILL, later, Farm.seed("cereal_rye", 100)), behind)
                .seeded()
                .median())
        .isEqualTo(behind.count(later));
    Window window =
        new WindowFinder(Farm.CLIMATE, behind)
            .find(List.of(Farm.species("cereal_rye")), Seedings.DRILL, Soil.USUAL);
    assertThat(window.opens().day()).isEqualTo(ended);
    assertThat(window.opens().reason().say(UnitSystem.US))
        .isEqualTo("Oats stands before it and is ended on 25 Sep");
  }

  @Test
  void theFanNarrowsAsTheSeasonIsSeen() {
    CoverPlan plan = Farm.plan(Seedings.DRILL, OCTOBER, Farm.seed("cereal_rye", 78));
    double before = width(FORECASTER.outlook(plan, BEANS));
    WeatherEnsemble inApril =
        WeatherEnsemble.join(
            2018,
            LocalDate.of(2019, 4, 20),
            Farm.RECORD,
            Farm.RECORD,
            Station.shipped().get(0).place());
    CropSeasons seen =
        CropSeasons.grow(
            Farm.MODEL,
            new nimblefurrow.core.season.CashCrop.Soybean(
                LocalDate.of(2018, 5, 14), 2.6, 0.76, null),
            inApril);
    CoverPlan same =
        new CoverPlan(
            plan.soil(),
            plan.start(),
            plan.cover(),
            plan.method(),
            OCTOBER.minusYears(8),
            LocalDate.of(2019, 5, 20),
            LocalDate.of(2019, 5, 20));
    double after = width(FORECASTER.outlook(same, seen));
    assertThat(after).as("the model itself may be off still").isLessThan(0.8 * before);
    LocalDate clipped = LocalDate.of(2019, 5, 18);
    CoverPlan measured = same.seeing(List.of(new Sighting.Cover(clipped, 5)));
    assertThat(width(FORECASTER.outlook(measured, seen))).isLessThan(after / 3);
  }

  private static double width(Outlook outlook) {
    var worth = outlook.worth(Purpose.SMOTHER_WEEDS);
    return worth.quantile(0.9) - worth.quantile(0.1);
  }

  @Test
  void nitrogenOfAMixIsTheSumOfItsSpeciesAndRyeTiesItUp() {
    CoverPlan plan = Farm.plan(Seedings.DRILL, OCTOBER, Farm.seed("cereal_rye", 78));
    var columns = FORECASTER.runs(plan, BEANS).get(0).columns();
    int may = columns.indexOf(LocalDate.of(2027, 5, 20));
    NitrogenInTops n = NitrogenInTops.at(plan.cover(), columns, may);
    assertThat(n.kgPerHa() * n.carbonToNitrogen())
        .isCloseTo(430 * columns.totalCoverMgPerHa(may), within(1e-9));
    assertThat(n.availableKgPerHa()).isNegative();
    assertThat(NitrogenInTops.at(plan.cover(), columns, 0).kgPerHa()).isZero();
  }

  @Test
  void movingAPlanIsSaidInWords() {
    CoverPlan plan = Farm.plan(Seedings.DRILL, OCTOBER, Farm.seed("cereal_rye", 78));
    CoverPlan later = plan.seededOn(OCTOBER.plusDays(14));
    List<String> said =
        PlanDifference.between(
                plan,
                FORECASTER.outlook(plan, BEANS),
                later,
                FORECASTER.outlook(later, BEANS),
                Purpose.SMOTHER_WEEDS)
            .stream()
            .map(r -> r.say(UnitSystem.METRIC))
            .toList();
    assertThat(said).contains("seeded 14 days later");
    assertThat(said).anyMatch(s -> s.matches("[0-9.]+ Mg/ha less cover at the end"));
    assertThat(said).anyMatch(s -> s.startsWith("ripe ") && s.endsWith("later"));
  }

  @Test
  void warnsOfCapsRipeningAndSurvivors() {
    CoverPlan mix =
        Farm.plan(
            Seedings.DRILL, OCTOBER, Farm.seed("cereal_rye", 70), Farm.seed("annual_ryegrass", 15));
    List<String> rolled = warnings(mix, Endings.ROLL_PLANT);
    assertThat(rolled).anyMatch(w -> w.startsWith("Cereal rye at 70 kg/ha takes over a mix; 40"));
    assertThat(rolled).anyMatch(w -> w.contains("Annual ryegrass stands up again"));
    assertThat(rolled)
        .anyMatch(w -> w.matches("rolling on 20 May is \\d+ days before it is ripe.*"));
    assertThat(warnings(mix, Endings.WINTER))
        .anyMatch(w -> w.startsWith("Cereal rye lives through winter in 29 of 29"));
  }

  private static List<String> warnings(CoverPlan plan, EndingMethod ending) {
    Window window =
        new WindowFinder(Farm.CLIMATE, BEANS)
            .find(plan.cover().stream().map(c -> c.species()).toList(), plan.method(), Soil.USUAL);
    return PlanWarnings.of(
            plan,
            ending,
            window,
            Purpose.FEED_CATTLE,
            FORECASTER.outlook(plan, BEANS),
            BEANS,
            NextCrop.Kind.SOYBEAN)
        .stream()
        .map((Reason r) -> r.say(UnitSystem.METRIC))
        .toList();
  }

  @Test
  void theNextStepFollowsTheDay() {
    Window window =
        new WindowFinder(Farm.CLIMATE, BEANS)
            .find(List.of(Farm.species("hairy_vetch")), Seedings.DRILL, Soil.USUAL);
    LocalDate opens = window.opens().day();
    LocalDate closes = window.closes().day();
    LocalDate end = LocalDate.of(2027, 5, 1);
    assertThat(step(opens.minusDays(20), window, null, end)).isEqualTo(NextStep.Kind.SEED_LATER);
    assertThat(step(opens.minusDays(3), window, null, end)).isEqualTo(NextStep.Kind.SEED_SOON);
    assertThat(step(opens, window, null, end)).isEqualTo(NextStep.Kind.SEED_NOW);
    assertThat(step(closes.minusDays(2), window, null, end)).isEqualTo(NextStep.Kind.CLOSING);
    assertThat(step(closes.plusDays(1), window, null, end)).isEqualTo(NextStep.Kind.MISSED);
    NextStep asked =
        NextStep.of(
            closes.plusDays(9),
            window,
            standing(closes.plusDays(9), window, null, end),
            true,
            Endings.SPRAY_EARLY,
            null);
    assertThat(asked.kind()).as("an accepted day that passed").isEqualTo(NextStep.Kind.CONFIRM);
    assertThat(step(end.plusDays(9), window, opens, end)).isEqualTo(NextStep.Kind.END_NOW);
    assertThat(step(opens.plusDays(30), window, opens, end)).isEqualTo(NextStep.Kind.LOOK);
    assertThat(step(opens.plusDays(90), window, opens, end)).isEqualTo(NextStep.Kind.WAIT);
    assertThat(step(end.minusDays(5), window, opens, end)).isEqualTo(NextStep.Kind.END_NOW);
  }

  @Test
  void aFieldClosesWhenItsMachineMustComeAtTheLatest() {
    Window window =
        new WindowFinder(Farm.CLIMATE, BEANS)
            .find(List.of(Farm.species("cereal_rye")), Seedings.DRILL, Soil.USUAL);
    LocalDate closes = window.closes().day();
    LocalDate by = closes.minusDays(4);
    NextStep soon = waiting(by.minusDays(7), window, by);
    assertThat(soon.kind()).isEqualTo(NextStep.Kind.CLOSING);
    assertThat(soon.due()).isEqualTo(by);
    assertThat(soon.reason().figures()).containsKeys("by", "closes", "machine", "hours");
    assertThat(waiting(by.minusDays(8), window, by).kind()).isEqualTo(NextStep.Kind.SEED_NOW);
    NextStep late = waiting(by.plusDays(1), window, by);
    assertThat(late.kind()).isEqualTo(NextStep.Kind.CLOSING);
    assertThat(late.due()).isEqualTo(closes);
    assertThat(late.reason().text()).contains("should have begun");
    assertThat(waiting(closes.minusDays(2), window, closes).reason().text())
        .as("nothing but its own last day")
        .doesNotContain("{machine}");
  }

  private static NextStep waiting(LocalDate today, Window window, LocalDate by) {
    return NextStep.of(
        today,
        window,
        standing(today, window, null, LocalDate.of(2027, 5, 1)),
        false,
        Endings.SPRAY_EARLY,
        new NextStep.ComeBy(by, "the drill", 5));
  }

  private static NextStep.Kind step(
      LocalDate today, Window window, LocalDate seeded, LocalDate end) {
    return NextStep.of(
            today, window, standing(today, window, seeded, end), false, Endings.SPRAY_EARLY, null)
        .kind();
  }

  private static FieldStanding standing(
      LocalDate today, Window window, LocalDate seeded, LocalDate end) {
    Map<Deed, LocalDate> logged = seeded == null ? Map.of() : Map.of(Deed.SEEDING, seeded);
    FieldStanding.Cover cover =
        new FieldStanding.Cover(
            window.method(), window.opens().day(), window, Endings.SPRAY_EARLY, end);
    return FieldStanding.of(
        new FieldStanding.Known(
            today,
            BEANS.day(BEANS.harvest().median()),
            cover,
            null,
            logged,
            Map.of(),
            Map.of(),
            1));
  }
}
