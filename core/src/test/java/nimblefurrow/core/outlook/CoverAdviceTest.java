package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.CoverAdvice.Advice;
import nimblefurrow.core.outlook.CoverAdvice.Candidate;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** Covers ranked for a field and a reason, each with its own best ending. */
class CoverAdviceTest {
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);
  private static final CropSeasons CORN = Farm.seasons(Farm.CORN);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);

  private static CoverAdvice.Field field(
      CropSeasons crop, NextCrop.Kind next, boolean organic, List<CarryOver.Sprayed> sprayed) {
    LocalDate plant = LocalDate.of(2027, 5, next == NextCrop.Kind.CORN ? 8 : 20);
    return new CoverAdvice.Field(
        Soil.USUAL,
        FieldStart.USUAL,
        crop,
        new WindowFinder(Farm.CLIMATE, crop),
        new NextCrop(next, plant),
        organic,
        LocalDate.of(2026, 7, 20),
        sprayed,
        List.of(Seedings.DRILL, Seedings.BROADCAST),
        Farm.BASIS);
  }

  private static Candidate one(String id, double share) {
    return new Candidate(Farm.species(id).name(), List.of(Farm.species(id)), List.of(share));
  }

  /** A field with one machine, today. */
  private static CoverAdvice.Field by(
      SeedingMethod method, CropSeasons crop, NextCrop next, LocalDate today) {
    return new CoverAdvice.Field(
        Soil.USUAL,
        FieldStart.USUAL,
        crop,
        new WindowFinder(Farm.CLIMATE, crop),
        next,
        false,
        today,
        List.of(),
        List.of(method),
        Farm.BASIS);
  }

  private static List<Advice> rank(CoverAdvice.Field field, Purpose purpose, Candidate... all) {
    return new CoverAdvice(new Forecaster(Farm.MODEL), CarryOver.shipped())
        .rank(field, purpose, List.of(all));
  }

  private static String first(List<Advice> ranked) {
    return ranked.get(0).candidate().name();
  }

  @Test
  void whereNothingReachesTheGoalTheNearestLeadsAndNotTheCheapest() {
    List<Advice> ranked =
        rank(
            field(BEANS, NextCrop.Kind.CORN, false, List.of()),
            Purpose.MAKE_NITROGEN,
            one("camelina", 1),
            one("cereal_rye", 1),
            one("hairy_vetch", 1));
    assertThat(first(ranked)).isEqualTo("Hairy vetch");
    Advice camelina =
        ranked.stream()
            .filter(a -> a.candidate().species().get(0).id().equals("camelina"))
            .findFirst()
            .orElseThrow();
    assertThat(camelina.met()).isZero();
    assertThat(camelina.reasons().stream().map(r -> r.say(UnitSystem.US)))
        .anyMatch(r -> r.startsWith("nothing reaches it here"));
    assertThat(ranked.get(0).near()).isGreaterThan(camelina.near());
  }

  @Test
  void whereNothingReachesItWhatWouldIsShown() {
    CoverAdvice advice = new CoverAdvice(new Forecaster(Farm.MODEL), CarryOver.shipped());
    CoverAdvice.Field beans = field(BEANS, NextCrop.Kind.CORN, false, List.of());
    List<Advice> poor = advice.rank(beans, Purpose.MAKE_NITROGEN, List.of(one("cereal_rye", 1)));
    List<String> said =
        advice.whatWould(beans, Purpose.MAKE_NITROGEN, poor).stream()
            .map(r -> r.say(UnitSystem.US))
            .toList();
    assertThat(said.get(0))
        .startsWith("nothing reaches this here and now; Cereal rye comes nearest");
    assertThat(said.get(1)).contains("another reason");
    CoverAdvice.Field wheat = field(WHEAT, NextCrop.Kind.SOYBEAN, false, List.of());
    List<Advice> good = advice.rank(wheat, Purpose.HOLD_SOIL, List.of(one("cereal_rye", 1)));
    assertThat(advice.whatWould(wheat, Purpose.HOLD_SOIL, good)).isEmpty();
    CoverAdvice.Field late =
        by(
            Seedings.DRILL,
            BEANS,
            new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 4, 10)),
            LocalDate.of(2026, 10, 14));
    List<Advice> thin = advice.rank(late, Purpose.TAKE_UP_NITROGEN, List.of(one("cereal_rye", 1)));
    assertThat(thin.get(0).met()).isZero();
    String would = advice.whatWould(late, Purpose.TAKE_UP_NITROGEN, thin).toString();
    assertThat(would).contains("nothing reaches this", "days} later it would");
  }

  @Test
  void whatCannotBeComesLastHoweverGoodItWouldBe() {
    // An amide of mid-July bars grasses until November, legumes until September.
    CarryOver.Sprayed barred = new CarryOver.Sprayed("amide", LocalDate.of(2026, 7, 15));
    List<Advice> ranked =
        rank(
            field(BEANS, NextCrop.Kind.SOYBEAN, false, List.of(barred)),
            Purpose.SMOTHER_WEEDS,
            one("cereal_rye", 1),
            one("hairy_vetch", 1));
    Advice last = ranked.get(1);
    assertThat(first(ranked)).isEqualTo("Hairy vetch");
    assertThat(ranked.get(0).excluded()).isNull();
    assertThat(last.candidate().name()).isEqualTo("Cereal rye");
    assertThat(last.excluded()).isNotNull();
    assertThat(last.score()).as("it would be the better one").isGreaterThan(ranked.get(0).score());
  }

  @Test
  void whatDoesNotLastBetweenTheRowsIsSaid() {
    CoverAdvice.Field june =
        by(
            Seedings.INTERSEEDER,
            CORN,
            new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 20)),
            LocalDate.of(2026, 6, 1));
    List<Advice> ranked =
        rank(june, Purpose.HOLD_SOIL, one("winter_wheat", 1), one("annual_ryegrass", 1));
    assertThat(first(ranked)).isEqualTo("Annual ryegrass");
    assertThat(ranked.get(1).reasons().stream().map(r -> r.say(UnitSystem.US)))
        .anyMatch(r -> r.contains("seldom lasts between the rows"));
  }

  @Test
  void aGoalWhoseDayIsPastIsNotOffered() {
    CoverAdvice.Field frost =
        by(
            Seedings.FROST,
            BEANS,
            new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 20)),
            LocalDate.of(2027, 2, 10));
    Advice late = rank(frost, Purpose.HOLD_SOIL, one("red_clover", 1)).get(0);
    assertThat(late.excluded()).isNotNull();
    assertThat(late.excluded().say(UnitSystem.US)).contains("too late", "1 Dec");
    Advice other = rank(frost, Purpose.MAKE_NITROGEN, one("red_clover", 1)).get(0);
    assertThat(other.plan()).as("%s", other.excluded()).isNotNull();
  }

  @Test
  void ofTwoThatDoTheSameTheCheaperLeads() {
    List<Advice> ranked =
        rank(
            field(WHEAT, NextCrop.Kind.SOYBEAN, false, List.of()),
            Purpose.HOLD_SOIL,
            one("cereal_rye", 1.5),
            one("cereal_rye", 1));
    assertThat(ranked.get(0).met()).isGreaterThan(20);
    assertThat(ranked.get(0).weighed()).isGreaterThan(ranked.get(1).weighed());
  }

  @Test
  void feedIsGrazedOrBaledNeverSprayed() {
    for (Advice a :
        rank(
            field(WHEAT, NextCrop.Kind.SOYBEAN, false, List.of()),
            Purpose.FEED_CATTLE,
            one("triticale", 1),
            one("cereal_rye", 1),
            one("camelina", 0.2))) {
      assertThat(
              a.ending() == null
                  || a.ending().method() == Endings.GRAZE
                  || a.ending().method() == Endings.HAY)
          .as(a.candidate().name())
          .isTrue();
      assertThat(a.ending() != null || a.excluded() != null).isTrue();
    }
  }

  @Test
  void aResidualTooFreshBarsACover() {
    CarryOver.Row row = CarryOver.shipped().rows().get(0);
    String barred =
        Farm.SPECIES.all().stream()
            .filter(s -> s.family() == row.family())
            .map(s -> s.id())
            .findFirst()
            .orElseThrow();
    LocalDate fresh = LocalDate.of(2026, 7, 19);
    CoverAdvice.Field sprayed =
        field(
            WHEAT,
            NextCrop.Kind.SOYBEAN,
            false,
            List.of(new CarryOver.Sprayed(row.residual(), fresh)));
    Advice a = rank(sprayed, Purpose.HOLD_SOIL, one(barred, 1)).get(0);
    boolean wants = row.waitDays() > a.plan().seedOn().toEpochDay() - fresh.toEpochDay();
    assertThat(a.excluded() != null).isEqualTo(wants);
    LocalDate old = a.plan().seedOn().minusDays(row.waitDays());
    CoverAdvice.Field waited =
        field(
            WHEAT,
            NextCrop.Kind.SOYBEAN,
            false,
            List.of(new CarryOver.Sprayed(row.residual(), old)));
    assertThat(rank(waited, Purpose.HOLD_SOIL, one(barred, 1)).get(0).excluded()).isNull();
  }

  @Test
  void organicFieldsAreNotEndedWithAHerbicide() {
    for (Advice a :
        rank(
            field(WHEAT, NextCrop.Kind.SOYBEAN, true, List.of()),
            Purpose.SMOTHER_WEEDS,
            one("cereal_rye", 1),
            one("annual_ryegrass", 1))) {
      assertThat(a.ending() == null || !a.ending().method().sprays()).isTrue();
    }
  }

  /** Interseeded winter cereals seldom last: version 2 of the model says so. */
  @Test
  void interseedingIsForWhatLivesInTheShade() {
    CropSeasons corn =
        Farm.seasons(new CashCrop.Corn(LocalDate.of(2026, 5, 4), 108, null, false, 20));
    CoverAdvice.Field between =
        by(
            Seedings.INTERSEEDER,
            corn,
            new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 15)),
            LocalDate.of(2026, 6, 1));
    List<Advice> ranked =
        rank(between, Purpose.HOLD_SOIL, one("cereal_rye", 1), one("annual_ryegrass", 1));
    assertThat(first(ranked)).isEqualTo("Annual ryegrass");
  }

  @Test
  void usualCoversAreEverySpeciesAndMixesOfSharesUnderTheWhole() {
    List<CoverAdvice.Candidate> all = UsualCovers.of(Farm.SPECIES);
    int alone = Farm.SPECIES.all().size();
    assertThat(all).hasSize(alone + 6);
    assertThat(all.subList(0, alone)).allMatch(c -> c.shares().equals(List.of(1.0)));
    assertThat(all.subList(alone, all.size()))
        .allMatch(c -> c.species().size() == 2 && c.shares().equals(List.of(0.6, 0.6)));
    assertThat(all).extracting(CoverAdvice.Candidate::name).contains("Cereal rye with hairy vetch");
  }

  private static final CoverAdvice ADVICE =
      new CoverAdvice(new Forecaster(Farm.MODEL), CarryOver.shipped());

  private static List<String> say(List<nimblefurrow.core.units.Reason> all) {
    return all.stream().map(r -> r.say(UnitSystem.METRIC)).toList();
  }

  @Test
  void anAdviceSaysOddsMethodDayCostAndEndingWithTheirNumbers() {
    CoverAdvice.Field wheat = field(WHEAT, NextCrop.Kind.SOYBEAN, false, List.of());
    Advice rye = rank(wheat, Purpose.HOLD_SOIL, one("cereal_rye", 1)).get(0);
    var plan = rye.plan();
    var runs = new Forecaster(Farm.MODEL).runsFor(Purpose.HOLD_SOIL, plan, WHEAT);
    long met =
        runs.stream()
            .filter(r -> Worth.measure(Purpose.HOLD_SOIL, plan, r) >= Purpose.HOLD_SOIL.target())
            .count();
    assertThat(rye.years()).isEqualTo(runs.size());
    assertThat((long) rye.met()).isCloseTo(met, org.assertj.core.api.Assertions.within(1L));
    double usd =
        plan.cover().stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
    assertThat(rye.account().stands(MoneyPart.SEED)).isEqualTo(-usd);
    List<String> said = say(rye.reasons());
    assertThat(said.get(0)).contains("in " + rye.met() + " of " + rye.years() + " years", "middle");
    assertThat(said.get(1)).startsWith("drill after harvest about ");
    assertThat(said.get(2)).startsWith("it can end ").contains(rye.ending().method().label());
    assertThat(said.get(3))
        .contains(
            "as planned it costs $",
            UnitSystem.METRIC.say(new Figure.Amount(usd, Unit.USD_PER_HA)) + " of it seed");
    assertThat(said).hasSize(4);
    assertThat(rye.excluded()).isNull();
    assertThat(rye.score())
        .isEqualTo(
            (double) rye.met() / rye.years()
                + Weighing.NEAR_COUNTS * rye.near()
                + Weighing.money(rye.account().planned()));
  }

  @Test
  void ofTheMachinesAtHandTheOneThatSeedsFirstIsTaken() {
    CoverAdvice.Field wheat = field(WHEAT, NextCrop.Kind.SOYBEAN, false, List.of());
    var plan = rank(wheat, Purpose.HOLD_SOIL, one("cereal_rye", 1)).get(0).plan();
    LocalDate first =
        wheat.atHand().stream()
            .map(m -> wheat.windows().find(List.of(Farm.species("cereal_rye")), m, Soil.USUAL))
            .map(w -> w.opens().day())
            .map(d -> d.isBefore(wheat.today()) ? wheat.today() : d)
            .min(LocalDate::compareTo)
            .orElseThrow();
    assertThat(plan.seedOn()).isEqualTo(first);
  }

  @Test
  void whatNoMachineCanSeedAnyMoreSaysWhichWasTheLastAndWhen() {
    NextCrop beans = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 20));
    LocalDate closes =
        new WindowFinder(Farm.CLIMATE, BEANS)
            .find(List.of(Farm.species("hairy_vetch")), Seedings.DRILL, Soil.USUAL)
            .closes()
            .day();
    Advice last =
        rank(by(Seedings.DRILL, BEANS, beans, closes), Purpose.MAKE_NITROGEN, one("hairy_vetch", 1))
            .get(0);
    assertThat(last.plan()).as("on its last day it can be seeded").isNotNull();
    Advice late =
        rank(
                by(Seedings.DRILL, BEANS, beans, closes.plusDays(1)),
                Purpose.MAKE_NITROGEN,
                one("hairy_vetch", 1))
            .get(0);
    assertThat(late.plan()).isNull();
    assertThat(late.met()).isZero();
    assertThat(late.years()).isZero();
    assertThat(late.excluded().say(UnitSystem.METRIC))
        .startsWith("too late by every machine at hand: the last, drill after harvest, closed ");
    CoverAdvice.Field bare =
        new CoverAdvice.Field(
            Soil.USUAL,
            FieldStart.USUAL,
            BEANS,
            new WindowFinder(Farm.CLIMATE, BEANS),
            beans,
            false,
            LocalDate.of(2026, 9, 1),
            List.of(),
            List.of(),
            Farm.BASIS);
    assertThat(
            rank(bare, Purpose.HOLD_SOIL, one("cereal_rye", 1))
                .get(0)
                .excluded()
                .say(UnitSystem.US))
        .isEqualTo("no machine at hand can seed it; the shed is empty");
  }

  @Test
  void aWheatCoverUpToAGrainCarriesItsDiseasesOverAndRyeDoesNot() {
    CoverAdvice.Field grain = field(WHEAT, NextCrop.Kind.OTHER, false, List.of());
    for (Advice a :
        rank(
            grain,
            Purpose.SMOTHER_WEEDS,
            one("winter_wheat", 1),
            one("cereal_rye", 1),
            one("oats", 1))) {
      boolean wheat = a.candidate().species().get(0).sprayKind().equals("wheat");
      boolean late =
          a.ending() != null && a.ending().to().isAfter(grain.next().plantOn().minusDays(14));
      boolean barred =
          a.excluded() != null
              && a.excluded().say(UnitSystem.US).contains("carries its diseases over");
      assertThat(barred).as(a.candidate().name()).isEqualTo(wheat && late);
    }
    Advice beforeBeans =
        rank(
                field(WHEAT, NextCrop.Kind.SOYBEAN, false, List.of()),
                Purpose.SMOTHER_WEEDS,
                one("winter_wheat", 1))
            .get(0);
    assertThat(beforeBeans.excluded()).isNull();
  }

  @Test
  void whatWouldReachItIsReckonedTwoWeeksLaterAndThreeWeeksEarlier() {
    CoverAdvice.Field late =
        by(
            Seedings.DRILL,
            BEANS,
            new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 4, 10)),
            LocalDate.of(2026, 10, 14));
    List<Advice> thin = ADVICE.rank(late, Purpose.TAKE_UP_NITROGEN, List.of(one("cereal_rye", 1)));
    var plan = thin.get(0).plan();
    Forecaster forecaster = new Forecaster(Farm.MODEL);
    LocalDate end = plan.endOn().plusDays(14);
    var later =
        plan.ended(end, plan.plantOn().plusDays(14), thin.get(0).ending().method().acts(end));
    int met =
        Worth.spread(
                Purpose.TAKE_UP_NITROGEN,
                later,
                forecaster.runsFor(Purpose.TAKE_UP_NITROGEN, later, BEANS))
            .atLeast(Purpose.TAKE_UP_NITROGEN.target());
    var earlier = plan.seededOn(plan.seedOn().minusDays(21));
    int had =
        Worth.spread(
                Purpose.TAKE_UP_NITROGEN,
                earlier,
                forecaster.runsFor(Purpose.TAKE_UP_NITROGEN, earlier, BEANS))
            .atLeast(Purpose.TAKE_UP_NITROGEN.target());
    List<String> said = say(ADVICE.whatWould(late, Purpose.TAKE_UP_NITROGEN, thin));
    assertThat(met).isPositive();
    assertThat(said.get(0)).contains("or more in 7 years of 10");
    assertThat(said.get(1))
        .isEqualTo(
            "ended and planted 14 days later it would in %d of %d years"
                .formatted(met, thin.get(0).years()));
    assertThat(said).hasSize(had > 0 ? 3 : 2);
    if (had > 0) {
      assertThat(said.get(2))
          .isEqualTo(
              "had it been seeded 21 days earlier it would in %d of %d years"
                  .formatted(had, thin.get(0).years()));
    }
  }

  @Test
  void whereNoCoverFitsNothingIsNearest() {
    CoverAdvice.Field beans = field(BEANS, NextCrop.Kind.CORN, false, List.of());
    assertThat(say(ADVICE.whatWould(beans, Purpose.MAKE_NITROGEN, List.of())))
        .containsExactly("no cover fits this field for this reason now");
    List<Advice> two =
        ADVICE.rank(
            beans, Purpose.MAKE_NITROGEN, List.of(one("camelina", 1), one("hairy_vetch", 1)));
    if (two.stream().allMatch(a -> a.met() == 0)) {
      assertThat(say(ADVICE.whatWould(beans, Purpose.MAKE_NITROGEN, two)).get(0))
          .contains("Hairy vetch comes nearest");
    } else {
      assertThat(ADVICE.whatWould(beans, Purpose.MAKE_NITROGEN, two)).isEmpty();
    }
  }

  @Test
  void aCandidatesRateIsItsShareOfAFullOneAndInAMixNoMoreThanItsCap() {
    var rye = Farm.species("cereal_rye");
    var vetch = Farm.species("hairy_vetch");
    double full = Seedings.DRILL.rateBasis().of(rye).typical();
    assertThat(one("cereal_rye", 1.5).cover(Seedings.DRILL).get(0).rateKgPerHa())
        .as("alone it may be more")
        .isEqualTo(1.5 * full);
    var mix = new Candidate("mix", List.of(rye, vetch), List.of(1.5, 0.1));
    assertThat(mix.cover(Seedings.DRILL).get(0).rateKgPerHa())
        .isEqualTo(Math.min(1.5 * full, rye.seed().mixCapKgPerHa()))
        .isLessThan(1.5 * full);
    assertThat(mix.cover(Seedings.DRILL).get(1).rateKgPerHa())
        .isEqualTo(0.1 * Seedings.DRILL.rateBasis().of(vetch).typical());
  }
}
