package nimblefurrow.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.ending.WayCost;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.price.BookedPrice;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.record.MoneyWay;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What a cover costs and brings, line by line. */
class CoverAccountTest {
  private static final double AREA = 20;
  private static final java.util.UUID ID = Shed.id("own line");
  private static final LocalDate WISH = LocalDate.of(2027, 5, 10);
  private static final LocalDate END = LocalDate.of(2027, 5, 3);
  private static final List<CoverComponent> MIX =
      List.of(Farm.seed("cereal_rye", 60), Farm.seed("hairy_vetch", 20));
  private static final Machine DRILL = Shed.seeder(Seedings.DRILL);
  private static final PriceBook PRICES =
      PriceBook.shipped()
          .with(
              List.of(
                  new BookedPrice(Priced.NITROGEN, 2, 2027, ""),
                  new BookedPrice(Priced.STANDING_FEED, 50, 2027, ""),
                  new BookedPrice(Priced.HAY, 130, 2027, ""),
                  new BookedPrice(Priced.SPRAYING, 41, 2027, ""),
                  new BookedPrice(Priced.TILLAGE, 47, 2027, ""),
                  new BookedPrice(Priced.ROLLING, 31, 2027, ""),
                  new BookedPrice(Priced.MOWING, 43, 2027, "")));
  private static final LatePlanting CORN = EndingRules.shipped().late(NextCrop.Kind.CORN);
  private static final PlantingLag LAG = new PlantingLag(7, 14, 10);

  private static AccountCover cover(
      EndingMethod way, LocalDate endOn, @Nullable Spread nitrogen, double feed) {
    return new AccountCover(
        AREA,
        MIX,
        DRILL,
        false,
        new AccountCover.End(way, endOn, new WayCost(way.key(), "1 pass", 75)),
        new AccountCover.Wait(CORN, LAG, WISH, null),
        nitrogen,
        feed);
  }

  private static final AccountCover PLAIN = cover(Endings.ROLL_PLANT, END, null, 0);

  private static CoverAccount of(AccountCover cover, CameOf came) {
    return CoverAccount.of(cover, came, PRICES);
  }

  private static CameOf came(CameOf.@Nullable Seeded seeded, CameOf.@Nullable Ended ended) {
    return new CameOf(seeded, ended, List.of(), List.of(), 0, List.of());
  }

  private static CameOf booked(CameOf.Booked... all) {
    return new CameOf(null, null, List.of(), List.of(all), 0, List.of());
  }

  private static CameOf.Booked bill(@Nullable MoneyPart what, MoneyWay way, double usd) {
    return new CameOf.Booked(new Owed.Booking("Neighbour", way, true, usd), what);
  }

  private static AccountLine line(CoverAccount a, MoneyPart part) {
    return a.lines().stream().filter(l -> l.part() == part).findFirst().orElseThrow();
  }

  @Test
  void aPlanIsItsSeedItsPassAndItsEnding() {
    CoverAccount a = of(PLAIN, CameOf.NOTHING);
    double seed =
        60 * Farm.species("cereal_rye").seedUsdPerKg()
            + 20 * Farm.species("hairy_vetch").seedUsdPerKg();
    double pass = 60 * DRILL.seedingHours(AREA, MIX) / AREA;
    assertThat(a.lines())
        .extracting(AccountLine::part)
        .containsExactly(MoneyPart.SEED, MoneyPart.SEEDING, MoneyPart.ENDING);
    assertThat(line(a, MoneyPart.SEED).planned()).isCloseTo(-seed, within(1e-9));
    assertThat(line(a, MoneyPart.SEEDING).planned()).isCloseTo(-pass, within(1e-9));
    assertThat(line(a, MoneyPart.ENDING).planned()).isEqualTo(-75);
    assertThat(a.planned()).isCloseTo(-seed - pass - 75, within(1e-9));
    assertThat(a.planned(MoneyPart.ENDING)).isEqualTo(-75);
    assertThat(a.planned(MoneyPart.FEED)).isNull();
    assertThat(a.plannedCost()).isCloseTo(seed + pass + 75, within(1e-9));
    assertThat(a.stands()).as("nothing has come").isEqualTo(a.planned());
    assertThat(a.closed()).isFalse();
    assertThat(line(a, MoneyPart.SEED).words().say(UnitSystem.METRIC))
        .matches("80 kg/ha at \\$\\d\\.\\d\\d/kg");
  }

  @Test
  void whatIsSpentLeavesOutWhatStripsTellByThemselves() {
    Spread freed = Spread.of(new double[] {40, 40, 40});
    CoverAccount plain = of(PLAIN, CameOf.NOTHING);
    assertThat(plain.spent()).isCloseTo(plain.plannedCost(), within(1e-9)).isPositive();
    CoverAccount brings = of(cover(Endings.GRAZE, END, freed, 2), CameOf.NOTHING);
    double out =
        brings.stands(MoneyPart.SEED)
            + brings.stands(MoneyPart.SEEDING)
            + brings.stands(MoneyPart.ENDING)
            + brings.stands(MoneyPart.PASSES);
    assertThat(brings.spent()).isCloseTo(-out, within(1e-9));
    assertThat(brings.stands()).isGreaterThan(-brings.spent());
    CoverAccount billed = of(PLAIN, booked(bill(MoneyPart.SEEDING, MoneyWay.PAYS, 900)));
    assertThat(billed.spent())
        .as("what was billed, not what was meant")
        .isCloseTo(
            plain.spent() + plain.stands(MoneyPart.SEEDING) - billed.stands(MoneyPart.SEEDING),
            within(1e-9));
  }

  @Test
  void whatWentOutAndTheHoursItTookAreWhatItCameTo() {
    List<CoverComponent> more = List.of(Farm.seed("cereal_rye", 90));
    CoverAccount a =
        of(
            PLAIN,
            came(
                new CameOf.Seeded(more, null, 5.0, false),
                new CameOf.Ended(END, new WayCost("till", "2 passes", 81), null)));
    assertThat(line(a, MoneyPart.SEED).came())
        .isCloseTo(-90 * Farm.species("cereal_rye").seedUsdPerKg(), within(1e-9));
    assertThat(line(a, MoneyPart.SEEDING).came()).isCloseTo(-60 * 5 / AREA, within(1e-9));
    assertThat(line(a, MoneyPart.SEEDING).words().say(UnitSystem.US)).endsWith("5.0 h");
    assertThat(line(a, MoneyPart.ENDING).came()).isEqualTo(-81);
    assertThat(line(a, MoneyPart.ENDING).words().text()).isEqualTo("2 passes");
    assertThat(a.closed()).isTrue();
    assertThat(a.stands())
        .isCloseTo(-90 * Farm.species("cereal_rye").seedUsdPerKg() - 15 - 81, within(1e-9));
  }

  @Test
  void withoutHoursTheMachineThatDidItIsReckoned() {
    Machine spreader = Shed.seeder(Seedings.BROADCAST);
    CoverAccount a = of(PLAIN, came(new CameOf.Seeded(MIX, spreader, null, false), null));
    assertThat(line(a, MoneyPart.SEEDING).came())
        .isCloseTo(-60 * spreader.seedingHours(AREA, MIX) / AREA, within(1e-9));
    assertThat(line(a, MoneyPart.SEEDING).words().say(UnitSystem.US)).startsWith(spreader.name());
  }

  @Test
  void nitrogenIsTheMiddleYearsAtItsPriceAndTieUpCosts() {
    Spread freed = Spread.of(new double[] {10, 20, 30, 40, 50});
    CoverAccount a = of(cover(Endings.ROLL_PLANT, END, freed, 0), CameOf.NOTHING);
    assertThat(line(a, MoneyPart.NITROGEN).planned()).isEqualTo(30 * 2.0);
    assertThat(line(a, MoneyPart.NITROGEN).came()).as("it stands still").isNull();
    Spread tied = Spread.of(new double[] {-20, -15, -10});
    CoverAccount b =
        of(
            cover(Endings.ROLL_PLANT, END, tied, 0),
            came(null, new CameOf.Ended(END, new WayCost("x", "", 0), null)));
    assertThat(line(b, MoneyPart.NITROGEN).planned()).isEqualTo(-30);
    assertThat(line(b, MoneyPart.NITROGEN).came()).isEqualTo(-30);
    assertThat(line(b, MoneyPart.NITROGEN).words().text()).contains("tied up");
    assertThat(line(b, MoneyPart.ENDING).words().text()).isEqualTo("no pass");
  }

  @Test
  void onlyTheDaysThatTheCoverCostsAreChargedToIt() {
    LocalDate late = LocalDate.of(2027, 5, 20);
    CoverAccount a = of(cover(Endings.ROLL_PLANT, late, null, 0), CameOf.NOTHING);
    double loss = CORN.usdPerHa(late.plusDays(7)) - CORN.usdPerHa(WISH);
    assertThat(loss).isPositive();
    assertThat(line(a, MoneyPart.YIELD).planned()).isCloseTo(-loss, within(1e-9));
    assertThat(line(a, MoneyPart.YIELD).words().say(UnitSystem.US))
        .isEqualTo("planting waits for it until 27 May, 17 days later than wished");
    // Ended early after all.
    CoverAccount b =
        of(
            cover(Endings.ROLL_PLANT, late, null, 0),
            came(null, new CameOf.Ended(END, new WayCost("x", "1 pass", 0), null)));
    assertThat(line(b, MoneyPart.YIELD).came()).isZero();
    assertThat(b.lines()).extracting(AccountLine::part).contains(MoneyPart.YIELD);
    // Ended in a way that lets the planter in at once.
    CameOf.Ended green =
        new CameOf.Ended(late, new WayCost("x", "1 pass", 0), new PlantingLag(-3, 0, 0));
    CoverAccount c = of(cover(Endings.ROLL_PLANT, late, null, 0), came(null, green));
    assertThat(line(c, MoneyPart.YIELD).came())
        .isCloseTo(CORN.usdPerHa(WISH) - CORN.usdPerHa(late.minusDays(3)), within(1e-9));
  }

  @Test
  void feedIsWorthWhatEatsIt() {
    CoverAccount grazed = of(cover(Endings.GRAZE, END, null, 2), CameOf.NOTHING);
    assertThat(line(grazed, MoneyPart.FEED).planned()).isEqualTo(2 * 50.0);
    CoverAccount baled = of(cover(Endings.HAY, END, null, 2), CameOf.NOTHING);
    assertThat(line(baled, MoneyPart.FEED).planned()).isEqualTo(2 * 130.0);
    // 100 head for 10 days, each 550 kg and a 2.6 % of it a day: 14.3 Mg on 20 ha.
    CameOf herd = new CameOf(null, null, List.of(), List.of(), 1000, List.of());
    CoverAccount eaten = of(cover(Endings.HAY, END, null, 2), herd);
    assertThat(line(eaten, MoneyPart.FEED).came()).isCloseTo(14.3 / 20 * 50, within(0.02));
    CoverAccount beside = of(PLAIN, herd);
    assertThat(line(beside, MoneyPart.FEED).planned()).as("nobody planned to graze it").isNull();
  }

  @Test
  void aPassAfterTheEndingCostsWhatTheBookSays() {
    LocalDate day = LocalDate.of(2027, 5, 20);
    CameOf came =
        new CameOf(
            null,
            null,
            List.of(
                new CameOf.Pass(LogKind.SPRAYED, day),
                new CameOf.Pass(LogKind.TILLED, day),
                new CameOf.Pass(LogKind.MOWED, day),
                new CameOf.Pass(LogKind.ROLLED, day)),
            List.of(),
            0,
            List.of());
    CoverAccount a = of(PLAIN, came);
    assertThat(a.lines().stream().filter(l -> l.part() == MoneyPart.PASSES))
        .extracting(AccountLine::came)
        .containsExactly(-41.0, -47.0, -43.0, -31.0);
    assertThat(a.stands()).isCloseTo(a.planned() - 41 - 47 - 43 - 31, within(1e-9));
  }

  @Test
  void sixWeeksAfterItsEndingAPassIsTheNextCrops() {
    assertThat(CoverAccount.countsAfter(END, END)).isFalse();
    assertThat(CoverAccount.countsAfter(END, END.plusDays(1))).isTrue();
    assertThat(CoverAccount.countsAfter(END, END.plusDays(45))).isTrue();
    assertThat(CoverAccount.countsAfter(END, END.plusDays(46))).isFalse();
  }

  @Test
  void aBillTakesThePlaceOfWhatIsReckoned() {
    CoverAccount reckoned = of(PLAIN, CameOf.NOTHING);
    CoverAccount a = of(PLAIN, booked(bill(MoneyPart.SEEDING, MoneyWay.PAYS, 900)));
    assertThat(a.stands(MoneyPart.SEEDING)).isEqualTo(-900 / AREA);
    assertThat(a.stands(MoneyPart.SEED)).isEqualTo(reckoned.stands(MoneyPart.SEED));
    assertThat(a.planned()).as("the plan stays").isEqualTo(reckoned.planned());
    CoverAccount unnamed = of(PLAIN, booked(bill(null, MoneyWay.PAYS, 100)));
    assertThat(unnamed.stands(MoneyPart.OTHER)).isEqualTo(-100 / AREA);
    CoverAccount paid = of(PLAIN, booked(bill(null, MoneyWay.IS_PAID, 100)));
    assertThat(paid.stands(MoneyPart.PAYMENT)).isEqualTo(100 / AREA);
  }

  @Test
  void aPaymentSettlesItsBillAndOnlyWhatIsMoreCounts() {
    CameOf.Booked paid =
        new CameOf.Booked(new Owed.Booking("neighbour ", MoneyWay.PAYS, false, 900), null);
    CoverAccount settled = of(PLAIN, booked(bill(MoneyPart.SEED, MoneyWay.PAYS, 900), paid));
    assertThat(settled.stands(MoneyPart.SEED)).isEqualTo(-45);
    assertThat(settled.stands(MoneyPart.OTHER)).isZero();
    CoverAccount more = of(PLAIN, booked(bill(MoneyPart.SEED, MoneyWay.PAYS, 500), paid));
    assertThat(more.stands(MoneyPart.OTHER)).isEqualTo(-20);
    CameOf.Booked grant =
        new CameOf.Booked(new Owed.Booking("Office", MoneyWay.IS_PAID, false, 600), null);
    assertThat(of(PLAIN, booked(grant)).stands(MoneyPart.PAYMENT)).isEqualTo(30);
  }

  @Test
  void theFarmsOwnLinesStandBesideAndAreNotTakenAwayByABill() {
    AccountLine saved = new AccountLine(ID, MoneyPart.OTHER, Reason.of("a pass saved"), 40.0, 42.0);
    AccountLine hoped = new AccountLine(ID, MoneyPart.PAYMENT, Reason.of("cost-share"), 90.0, null);
    CameOf came =
        new CameOf(
            null,
            null,
            List.of(),
            List.of(bill(null, MoneyWay.PAYS, 100), bill(null, MoneyWay.IS_PAID, 1600)),
            0,
            List.of(saved, hoped));
    CoverAccount a = of(PLAIN, came);
    assertThat(a.stands(MoneyPart.OTHER)).isEqualTo(42 - 5);
    assertThat(a.stands(MoneyPart.PAYMENT)).as("came in place of what was hoped").isEqualTo(80);
    assertThat(a.planned()).isCloseTo(of(PLAIN, CameOf.NOTHING).planned() + 130, within(1e-9));
  }

  @Test
  void sumsGoByAreaAndTheBestStandsFirst() {
    CoverAccount cheap =
        new CoverAccount(List.of(new AccountLine(MoneyPart.SEED, Reason.of("x"), -30.0, null)));
    CoverAccount dear =
        new CoverAccount(
            List.of(
                new AccountLine(MoneyPart.SEED, Reason.of("x"), -100.0, -90.0),
                new AccountLine(MoneyPart.NITROGEN, Reason.of("x"), 20.0, null)));
    record On(String name, AccountSum.Of of) {}
    List<AccountSum> sums =
        AccountSum.by(
            List.of(
                new On("vetch", new AccountSum.Of(10, dear)),
                new On("rye", new AccountSum.Of(20, cheap)),
                new On("vetch", new AccountSum.Of(30, dear)),
                new On("", new AccountSum.Of(99, dear))),
            On::of,
            On::name);
    assertThat(sums).extracting(AccountSum::name).containsExactly("rye", "vetch");
    AccountSum vetch = sums.get(1);
    assertThat(vetch.covers()).isEqualTo(2);
    assertThat(vetch.areaHa()).isEqualTo(40);
    assertThat(vetch.plannedUsd()).isEqualTo(40 * -80.0);
    assertThat(vetch.standsUsd()).isEqualTo(40 * -70.0);
    assertThat(vetch.parts())
        .containsExactlyInAnyOrderEntriesOf(
            java.util.Map.of(MoneyPart.SEED, -3600.0, MoneyPart.NITROGEN, 800.0));
  }
}
