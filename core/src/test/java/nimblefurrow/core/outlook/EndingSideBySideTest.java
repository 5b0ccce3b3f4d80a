package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Ways of ending beside each other: hard rules hold, and the figures hang together. */
class EndingSideBySideTest {
  private static final EndingRules RULES = EndingRules.shipped();
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons CORN = Farm.seasons(Farm.CORN);

  private static CoverPlan plan(List<CoverComponent> cover, NextCrop next) {
    return new CoverPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        cover,
        Seedings.DRILL,
        LocalDate.of(2026, 9, 25),
        next.plantOn(),
        next.plantOn());
  }

  private static EndingSideBySide.Field field(
      List<CoverComponent> cover,
      NextCrop next,
      boolean organic,
      Purpose purpose,
      LocalDate today) {
    return new EndingSideBySide.Field(
        plan(cover, next), CORN, next, organic, purpose, purpose.target(), today, null, Farm.BASIS);
  }

  @Test
  @Tag("long")
  void noWayThatBreaksAHardRuleIsEverProposed() {
    Random random = new Random(11);
    List<Species> all = Farm.SPECIES.all();
    for (int i = 0; i < 40; i++) {
      List<CoverComponent> cover = new ArrayList<>();
      for (int c = 0; c <= random.nextInt(2); c++) {
        Species s = all.get(random.nextInt(all.size()));
        if (cover.stream().noneMatch(o -> o.species().equals(s))) {
          cover.add(CoverComponent.of(s, s.seed().drilled().typical()));
        }
      }
      NextCrop next =
          new NextCrop(
              NextCrop.Kind.values()[random.nextInt(3)],
              LocalDate.of(2027, 4, 20).plusDays(random.nextInt(50)));
      boolean organic = random.nextBoolean();
      Purpose purpose = Purpose.values()[random.nextInt(Purpose.values().length)];
      LocalDate today = LocalDate.of(2026, 9, 12).plusDays(random.nextInt(280));
      for (EndingSideBySide row :
          EndingSideBySide.of(FORECASTER, field(cover, next, organic, purpose, today))) {
        holds(row, next, organic, today, cover);
      }
    }
  }

  private static void holds(
      EndingSideBySide row,
      NextCrop next,
      boolean organic,
      LocalDate today,
      List<CoverComponent> cover) {
    EndingMethod way = row.option().method();
    if (way == Endings.WINTER || row.barred() != null) {
      return;
    }
    assertThat(row.option().fit()).isNotEqualTo(EndingOption.Fit.DOES_NOT);
    assertThat(organic && way.sprays()).as("%s on an organic field", way).isFalse();
    assertThat(way == Endings.PLANT_GREEN_ROLL && next.kind() != NextCrop.Kind.SOYBEAN).isFalse();
    boolean standsUp = cover.stream().anyMatch(c -> c.species().advice().roller().equals("no"));
    boolean drumAlone = way == Endings.ROLL_PLANT || way == Endings.PLANT_GREEN_ROLL;
    assertThat(drumAlone && standsUp).as("%s of %s", way, cover).isFalse();
    assertThat(row.endOn()).isAfterOrEqualTo(today);
    assertThat(row.plantOn())
        .as("%s leaves days to planting", way)
        .isAfterOrEqualTo(row.endOn().plusDays(way.lag(plan(cover, next), next.kind()).least()));
    LatePlanting curve = RULES.late(next.kind());
    assertThat(curve.tooLate(row.plantOn()) && row.plantOn().isAfter(next.plantOn())).isFalse();
  }

  /** No year reaches a thick mat after late rye: what comes nearest leads, not what is cheap. */
  @Test
  void whereNothingReachesTheGoalTheNearestLeads() {
    NextCrop soy = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 15));
    List<CoverComponent> rye = List.of(CoverComponent.of(Farm.species("cereal_rye"), 90));
    List<EndingSideBySide> rows =
        EndingSideBySide.of(
            FORECASTER,
            new EndingSideBySide.Field(
                plan(rye, soy),
                CORN,
                soy,
                false,
                Purpose.SMOTHER_WEEDS,
                30,
                LocalDate.of(2026, 9, 12),
                null,
                Farm.BASIS));
    assertThat(rows.stream().filter(r -> r.outcome() != null).map(r -> r.outcome().met()))
        .containsOnly(0);
    EndingSideBySide early = row(rows, Endings.SPRAY_EARLY);
    EndingSideBySide till = row(rows, Endings.TILL);
    EndingSideBySide best = rows.get(0);
    assertThat(best.outcome().near()).isGreaterThan(early.outcome().near());
    double mulch = best.outcome().mulch().median() + best.outcome().living().median();
    assertThat(best.outcome().near()).isCloseTo(mulch / 30, within(0.02));
    assertThat(rows.indexOf(till)).isGreaterThan(rows.indexOf(early));
  }

  /** One sum of money, whichever screen shows it: the account of the cover ended so. */
  @Test
  void moneyIsTheAccountsAndFeedWeighsOnlyWhereItIsWanted() {
    NextCrop corn = new NextCrop(NextCrop.Kind.CORN, LocalDate.of(2027, 5, 12));
    List<CoverComponent> rye = List.of(CoverComponent.of(Farm.species("cereal_rye"), 67));
    LocalDate today = LocalDate.of(2026, 9, 12);
    List<EndingSideBySide> weeds =
        EndingSideBySide.of(FORECASTER, field(rye, corn, false, Purpose.SMOTHER_WEEDS, today));
    List<EndingSideBySide> cattle =
        EndingSideBySide.of(FORECASTER, field(rye, corn, false, Purpose.FEED_CATTLE, today));
    EndingSideBySide hay = row(weeds, Endings.HAY);
    EndingSideBySide fed = row(cattle, Endings.HAY);
    double feed = hay.account().planned(MoneyPart.FEED);
    assertThat(feed)
        .isCloseTo(
            hay.outcome().takenOff().median() * Farm.BASIS.prices().usd(Priced.HAY), within(1e-9));
    assertThat(fed.account()).isEqualTo(hay.account());
    assertThat(hay.score())
        .isCloseTo(score(hay, hay.outcome().dead(), hay.account().planned() - feed), within(1e-9));
    assertThat(fed.score())
        .isCloseTo(score(fed, fed.outcome().years(), fed.account().planned()), within(1e-9));
    for (EndingSideBySide r : weeds) {
      double late = RULES.late(corn.kind()).usdPerHa(r.plantOn());
      double asWished = RULES.late(corn.kind()).usdPerHa(corn.plantOn());
      assertThat(r.lateUsdPerHa())
          .as(r.option().method().label())
          .isCloseTo(late - asWished, within(1e-9));
      assertThat(r.account().planned(MoneyPart.ENDING))
          .isEqualTo(r.cost().usdPerHa() == 0 ? 0 : -r.cost().usdPerHa());
    }
  }

  private static double score(EndingSideBySide r, int dead, double usdPerHa) {
    EndingSideBySide.Outcome o = r.outcome();
    double years = o.years();
    return Math.min(o.met(), dead) / years
        + Weighing.NEAR_COUNTS * Math.min(o.near(), dead / years)
        + Weighing.money(usdPerHa)
        - Weighing.costs(r.option());
  }

  private static EndingSideBySide row(List<EndingSideBySide> rows, EndingMethod way) {
    return rows.stream().filter(r -> r.option().method() == way).findFirst().orElseThrow();
  }

  @Test
  void ryeBeforeSoybeansIsRolledRipeAndASprayAheadLeavesLess() {
    NextCrop soy = new NextCrop(NextCrop.Kind.SOYBEAN, LocalDate.of(2027, 5, 18));
    List<EndingSideBySide> rows =
        EndingSideBySide.of(
            FORECASTER,
            field(
                List.of(Farm.seed("cereal_rye", 70)),
                soy,
                false,
                Purpose.SMOTHER_WEEDS,
                LocalDate.of(2026, 9, 12)));
    assertThat(rows).hasSameSizeAs(EndingMethods.all());
    EndingSideBySide roll = find(rows, Endings.ROLL_PLANT);
    EndingSideBySide early = find(rows, Endings.SPRAY_EARLY);
    assertThat(roll.outcome().mulch().median()).isGreaterThan(early.outcome().mulch().median());
    assertThat(roll.outcome().kill().median()).isBetween(0.75, 1.0);
    assertThat(roll.plantOn()).isAfterOrEqualTo(soy.plantOn());
    assertThat(early.endOn()).isEqualTo(soy.plantOn().minusDays(14));
    assertThat(early.insurerKept()).isTrue();
    assertThat(find(rows, Endings.PLANT_GREEN_ROLL).insurerKept()).isFalse();
    assertThat(find(rows, Endings.CULTIVATE).outcome()).as("not estimated").isNull();
    assertThat(find(rows, Endings.ROLL_SPRAY).outcome().kill().median())
        .isGreaterThanOrEqualTo(roll.outcome().kill().median());
  }

  @Test
  void latePlantingCostsNothingUpToItsDayThenAlongItsPoints() {
    LatePlanting corn = RULES.late(NextCrop.Kind.CORN);
    assertThat(corn.lossShare(LocalDate.of(2027, 5, 10))).isZero();
    assertThat(corn.lossShare(LocalDate.of(2027, 5, 15))).isCloseTo(0.015, within(1e-9));
    assertThat(corn.lossShare(LocalDate.of(2027, 5, 25))).isCloseTo(0.055, within(1e-9));
    assertThat(corn.usdPerHa(LocalDate.of(2027, 5, 20))).isCloseTo(0.03 * 12 * 170, within(1e-9));
  }

  @Test
  void laterPlantedCornRipensInFewerYears() {
    int early = ripe(4, 25);
    int late = ripe(7, 5);
    assertThat(early).isGreaterThan(late);
    assertThat(early).isGreaterThan(20);
  }

  private static int ripe(int month, int day) {
    return CropRipens.of(
            Farm.MODEL,
            year ->
                new nimblefurrow.core.season.CashCrop.Corn(
                    LocalDate.of(year, month, day), 115, null, false, 20),
            Farm.RECORD,
            nimblefurrow.core.weather.Station.shipped().get(0).place())
        .ripe();
  }

  private static EndingSideBySide find(List<EndingSideBySide> rows, EndingMethod way) {
    return rows.stream().filter(r -> r.option().method() == way).findFirst().orElseThrow();
  }
}
