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
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** A cover that is only thought of is reckoned as its account will be. */
class AccountBasisTest {
  private static final EndingRules RULES = EndingRules.shipped();
  private static final PriceBook PRICES = PriceBook.shipped();
  private static final LocalDate END = LocalDate.of(2027, 5, 10);
  private static final List<CoverComponent> RYE = List.of(Farm.seed("cereal_rye", 60));
  private static final Machine DRILL = Shed.seeder(Seedings.DRILL);
  private static final AccountBasis BASIS =
      new AccountBasis(10, List.of(Shed.of(MachineWork.ROLL), DRILL), RULES, PRICES, true, false);

  @Test
  void theFirstMachineThatSeedsSoIsReckonedWith() {
    assertThat(BASIS.seeder(Seedings.DRILL)).isEqualTo(DRILL);
    assertThat(BASIS.seeder(Seedings.DRONE)).isNull();
  }

  @Test
  void aCoverThatIsThoughtOfHasItsParts() {
    AccountCover.End end = BASIS.end(Endings.SPRAY_EARLY, END);
    AccountCover cover =
        BASIS.cover(RYE, Seedings.DRILL, end, null, Spread.of(new double[] {20, 20}), 0);
    CoverAccount account = BASIS.planned(cover);
    double seed = 60 * RYE.get(0).species().seedUsdPerKg();
    assertThat(account.planned(MoneyPart.SEED)).isCloseTo(-seed, within(1e-9));
    assertThat(account.planned(MoneyPart.SEEDING))
        .isCloseTo(-DRILL.seedingUsd(10, RYE) / 10, within(1e-9));
    assertThat(account.planned(MoneyPart.ENDING))
        .isCloseTo(-RULES.cost(Endings.SPRAY_EARLY).usdPerHa(), within(1e-9));
    assertThat(account.planned(MoneyPart.NITROGEN))
        .isCloseTo(20 * PRICES.usd(Priced.NITROGEN), within(1e-9));
    assertThat(account.planned(MoneyPart.YIELD)).isNull();
    assertThat(account.lines()).allMatch(l -> l.came() == null);
    assertThat(account.weighed(false)).isEqualTo(account.planned());
  }

  @Test
  void whereAnotherCoverFollowsNothingWaitsAndNoCropTakesTheNitrogen() {
    AccountBasis before = new AccountBasis(10, List.of(DRILL), RULES, PRICES, false, false);
    AccountCover.End end = before.end(Endings.SPRAY_EARLY, END);
    NextCrop corn = new NextCrop(NextCrop.Kind.CORN, LocalDate.of(2027, 5, 1));
    CoverPlan plan = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), RYE.get(0));
    AccountCover.Wait wait = AccountCover.Wait.of(Endings.SPRAY_EARLY, plan, corn, null, RULES);
    Spread freed = Spread.of(new double[] {20, 20});
    CoverAccount account = before.planned(before.cover(RYE, Seedings.DRILL, end, wait, freed, 0));
    assertThat(account.planned(MoneyPart.YIELD)).isNull();
    assertThat(account.planned(MoneyPart.NITROGEN)).isNull();
    CoverAccount crop = BASIS.planned(BASIS.cover(RYE, Seedings.DRILL, end, wait, freed, 0));
    assertThat(crop.planned(MoneyPart.YIELD)).isNegative();
    assertThat(crop.planned(MoneyPart.NITROGEN)).isPositive();
  }

  @Test
  void feedWeighsOnlyWhereTheCoverIsThereToFeed() {
    AccountCover.End hay = BASIS.end(Endings.HAY, END);
    CoverAccount account = BASIS.planned(BASIS.cover(RYE, Seedings.DRILL, hay, null, null, 3));
    double worth = 3 * PRICES.usd(Priced.HAY);
    assertThat(account.planned(MoneyPart.FEED)).isCloseTo(worth, within(1e-9));
    assertThat(account.weighed(true)).isEqualTo(account.planned());
    assertThat(account.weighed(false)).isCloseTo(account.planned() - worth, within(1e-9));
  }

  @Test
  void whatWinterEndsLetsNothingWaitAndTheRestCountsBeyondTheWish() {
    NextCrop corn = new NextCrop(NextCrop.Kind.CORN, LocalDate.of(2027, 5, 12));
    CoverPlan plan =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), RYE.get(0))
            .ended(END, corn.plantOn(), Endings.SPRAY_EARLY.acts(END));
    assertThat(AccountCover.Wait.of(Endings.WINTER, plan, corn, null, RULES)).isNull();
    AccountCover.Wait wait = AccountCover.Wait.of(Endings.SPRAY_EARLY, plan, corn, null, RULES);
    LocalDate plantOn = wait.plantOn(END);
    assertThat(plantOn).isAfter(corn.plantOn());
    LatePlanting curve = RULES.late(corn.kind());
    assertThat(wait.usdPerHa(END))
        .isPositive()
        .isCloseTo(curve.usdPerHa(plantOn) - curve.usdPerHa(corn.plantOn()), within(1e-9));
    assertThat(wait.usdPerHa(END.minusDays(40))).as("in time").isZero();
  }

  @Test
  void aCropThatIsInTheGroundDidNotWaitLonger() {
    NextCrop corn = new NextCrop(NextCrop.Kind.CORN, LocalDate.of(2027, 5, 12));
    CoverPlan plan = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 25), RYE.get(0));
    LocalDate meant =
        AccountCover.Wait.of(Endings.SPRAY_EARLY, plan, corn, null, RULES).plantOn(END);
    assertThat(planted(plan, corn, meant.minusDays(1))).isEqualTo(meant.minusDays(1));
    assertThat(planted(plan, corn, meant.plusDays(9))).as("rain, not the cover").isEqualTo(meant);
    assertThat(planted(plan, corn, corn.plantOn().minusDays(3)))
        .as("sooner than wished is no wait")
        .isEqualTo(corn.plantOn());
  }

  private static LocalDate planted(CoverPlan plan, NextCrop corn, LocalDate day) {
    return AccountCover.Wait.of(Endings.SPRAY_EARLY, plan, corn, day, RULES).plantOn(END);
  }

  @Test
  void nitrogenInTheSamePassSavesOneOfTheSpreaderWhereTheCropStands() {
    AccountBasis dressed = new AccountBasis(10, List.of(DRILL), RULES, PRICES, true, true);
    AccountCover.End end = dressed.end(Endings.SPRAY_EARLY, END);
    AccountCover under = dressed.cover(RYE, Seedings.INTERSEEDER, end, null, null, 0);
    double pass = PRICES.usd(Priced.SPREADING);
    assertThat(dressed.planned(under).planned(MoneyPart.PASSES)).isCloseTo(pass, within(1e-9));
    AccountCover behind = dressed.cover(RYE, Seedings.DRILL, end, null, null, 0);
    assertThat(dressed.planned(behind).planned(MoneyPart.PASSES)).isNull();
    assertThat(came(under, false)).as("it went out without").isZero();
    assertThat(seeded(under, false).lines().toString()).contains("and did not");
    assertThat(came(under, true)).isCloseTo(pass, within(1e-9));
    assertThat(came(behind, true)).as("it was not meant to, but did").isCloseTo(pass, within(1e-9));
  }

  private static CoverAccount seeded(AccountCover cover, boolean sideDressed) {
    CameOf.Seeded seeded = new CameOf.Seeded(RYE, DRILL, 1.0, sideDressed);
    return CoverAccount.of(
        cover, new CameOf(seeded, null, List.of(), List.of(), 0, List.of()), PRICES);
  }

  private static double came(AccountCover cover, boolean sideDressed) {
    return seeded(cover, sideDressed).lines().stream()
        .filter(l -> l.part() == MoneyPart.PASSES)
        .mapToDouble(l -> l.came() == null ? Double.NaN : l.came())
        .sum();
  }
}
