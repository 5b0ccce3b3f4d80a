package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.CoverAdvice.Advice;
import nimblefurrow.core.outlook.CoverAdvice.Candidate;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.WindowFinder;
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
        EndingRules.shipped());
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
        EndingRules.shipped());
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
            new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 4, 29)),
            LocalDate.of(2026, 10, 14));
    List<Advice> thin = advice.rank(late, Purpose.SMOTHER_WEEDS, List.of(one("cereal_rye", 1)));
    assertThat(thin.get(0).met()).isZero();
    String would = advice.whatWould(late, Purpose.SMOTHER_WEEDS, thin).toString();
    assertThat(would).contains("nothing reaches this", "days} later it would");
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
    assertThat(ranked.get(0).seedUsdPerHa()).isLessThan(ranked.get(1).seedUsdPerHa());
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
}
