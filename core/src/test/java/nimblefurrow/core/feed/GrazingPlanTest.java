package nimblefurrow.core.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.feed.GrazedGround.Sprayed;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** Whether there is feed, and on which days animals may not be there. */
class GrazingPlanTest {
  private static final LocalDate SEEDED = LocalDate.of(2026, 8, 15);
  private static final LocalDate LAST = LocalDate.of(2027, 4, 20);
  private static final LocalDate IN = LocalDate.of(2026, 11, 1);
  private static final LocalDate OUT = LocalDate.of(2026, 11, 20);
  private static final List<CoverComponent> OATS = List.of(Farm.seed("oats", 80));

  private static GrazedGround ground(
      List<CoverComponent> cover, boolean treated, List<Sprayed> sprays, List<LocalDate> frosts) {
    return new GrazedGround(
        20,
        cover,
        SEEDED,
        LAST,
        day -> Spread.of(new double[] {0.5, 1, 1.5, 2}),
        day -> 3,
        treated,
        sprays,
        frosts,
        false);
  }

  private static GrazingStay cows(int head, LocalDate in, LocalDate out) {
    return new GrazingStay("cows", head, 550, in, out);
  }

  private static GrazingPlan.Checked one(GrazedGround g, GrazingStay s) {
    return GrazingPlan.of(g, List.of(s)).stays().get(0);
  }

  private static List<String> words(List<Reason> reasons) {
    return reasons.stream().map(Reason::text).toList();
  }

  @Test
  void feedIsHeldAgainstWhatTheGroupEats() {
    GrazingStay s = cows(100, IN, OUT);
    assertThat(s.days()).isEqualTo(20);
    assertThat(s.animalDays()).isEqualTo(2000);
    assertThat(s.needKg()).isCloseTo(2000 * 550 * 0.026, within(1e-9));
    // 28,600 kg are eaten; 10, 20, 30 and 40 thousand are there.
    GrazingPlan.Checked c = one(ground(OATS, false, List.of(), List.of()), s);
    assertThat(c.enough()).isEqualTo(2);
    assertThat(c.years()).isEqualTo(4);
    assertThat(c.hungry()).as("enough in half of the years").isFalse();
    GrazingStay more = cows(120, IN, OUT);
    assertThat(one(ground(OATS, false, List.of(), List.of()), more).enough()).isEqualTo(1);
    assertThat(one(ground(OATS, false, List.of(), List.of()), more).hungry()).isTrue();
    assertThat(c.fit()).isEqualTo(3);
    assertThat(c.barred()).isEmpty();
    assertThat(c.cautions()).isEmpty();
  }

  @Test
  void whatOneGroupAteIsNotThereForTheNext() {
    GrazedGround g = ground(OATS, false, List.of(), List.of());
    GrazingStay later = cows(20, OUT.plusDays(10), OUT.plusDays(14));
    GrazingPlan plan = GrazingPlan.of(g, List.of(later, cows(100, IN, OUT)));
    assertThat(plan.stays().get(0).stay().inOn()).isEqualTo(IN);
    assertThat(plan.stays().get(1).feedKg().quantile(0.99)).isLessThan(40_000 - 28_600 + 1);
    assertThat(plan.stays().get(1).enough()).isEqualTo(2);
    assertThat(one(g, later).enough()).isEqualTo(4);
  }

  @Test
  void labelsBarDaysByThemselves() {
    GrazedGround g =
        ground(OATS, false, List.of(new Sprayed(IN.minusDays(4), "Brand", 14)), List.of());
    GrazingPlan.Barred b = one(g, cows(10, IN, OUT)).barred().get(0);
    assertThat(b.from()).isEqualTo(IN);
    assertThat(b.to()).isEqualTo(IN.plusDays(9));
    assertThat(one(g, cows(10, IN.plusDays(10), OUT)).barred()).isEmpty();
    GrazedGround unknown =
        ground(OATS, false, List.of(new Sprayed(IN.minusDays(4), "Brand", null)), List.of());
    assertThat(one(unknown, cows(10, IN, OUT)).barred()).isEmpty();
    assertThat(words(one(unknown, cows(10, IN, OUT)).cautions()))
        .singleElement()
        .asString()
        .contains("read its label");
  }

  @Test
  void whatBarsACoverIsKnownBeforeAnyGroupComes() {
    GrazedGround g =
        ground(OATS, true, List.of(new Sprayed(SEEDED.minusDays(4), "Brand", 14)), List.of());
    assertThat(GrazingPlan.barred(g, SEEDED, LAST))
        .extracting(GrazingPlan.Barred::from, GrazingPlan.Barred::to)
        .containsExactly(tuple(SEEDED, LAST), tuple(SEEDED, SEEDED.plusDays(9)));
    assertThat(GrazingPlan.barred(g, SEEDED.plusDays(10), LAST)).hasSize(1);
  }

  @Test
  void treatedSeedAndDaysWithoutACoverBar() {
    GrazingPlan.Checked treated = one(ground(OATS, true, List.of(), List.of()), cows(10, IN, OUT));
    assertThat(treated.barred()).singleElement().satisfies(b -> assertThat(b.to()).isEqualTo(OUT));
    GrazedGround g = ground(OATS, false, List.of(), List.of());
    GrazingPlan.Barred early = one(g, cows(10, SEEDED.minusDays(3), OUT)).barred().get(0);
    assertThat(early.to()).isEqualTo(SEEDED.minusDays(1));
    GrazingPlan.Barred late = one(g, cows(10, IN, LAST.plusDays(2))).barred().get(0);
    assertThat(late.from()).isEqualTo(LAST.plusDays(1));
    assertThat(one(g, cows(10, SEEDED, OUT)).barred()).isEmpty();
    assertThat(one(g, cows(10, IN, LAST)).barred()).isEmpty();
  }

  @Test
  void sorghumWaitsAfterFrostAndOatsDoNot() {
    List<LocalDate> frost = List.of(IN.plusDays(2));
    List<CoverComponent> sorghum = List.of(Farm.seed("sorghum_sudan", 30));
    GrazingPlan.Checked c = one(ground(sorghum, false, List.of(), frost), cows(10, IN, OUT));
    assertThat(c.barred().get(0).from()).isEqualTo(IN.plusDays(2));
    assertThat(c.barred().get(0).to()).isEqualTo(IN.plusDays(15));
    assertThat(words(c.cautions())).anyMatch(w -> w.contains("knee height"));
    assertThat(one(ground(OATS, false, List.of(), frost), cows(10, IN, OUT)).barred()).isEmpty();
  }

  @Test
  void cautionsGoByWhatGrowsAndWhen() {
    List<CoverComponent> vetch = List.of(Farm.seed("hairy_vetch", 20), Farm.seed("oats", 30));
    assertThat(words(one(ground(vetch, false, List.of(), List.of()), cows(10, IN, OUT)).cautions()))
        .singleElement()
        .asString()
        .contains("bloat");
    List<CoverComponent> little = List.of(Farm.seed("hairy_vetch", 19), Farm.seed("oats", 31));
    assertThat(one(ground(little, false, List.of(), List.of()), cows(10, IN, OUT)).cautions())
        .isEmpty();
    List<CoverComponent> radish = List.of(Farm.seed("radish", 8));
    assertThat(
            words(one(ground(radish, false, List.of(), List.of()), cows(10, IN, OUT)).cautions()))
        .anyMatch(w -> w.contains("brassicas"));
    GrazingStay spring = cows(10, LocalDate.of(2027, 3, 1), LocalDate.of(2027, 3, 9));
    assertThat(words(one(ground(OATS, false, List.of(), List.of()), spring).cautions()))
        .anyMatch(w -> w.contains("tetany"));
    GrazedGround rich =
        new GrazedGround(
            20,
            OATS,
            SEEDED,
            LAST,
            d -> Spread.of(new double[] {1}),
            d -> 1,
            false,
            List.of(),
            List.of(),
            true);
    assertThat(words(one(rich, cows(10, IN, OUT)).cautions())).anyMatch(w -> w.contains("nitrate"));
  }

  @Test
  void manureAndMuchNitrogenAskForATest() {
    assertThat(GrazedGround.rich(true, null)).isTrue();
    assertThat(GrazedGround.rich(false, null)).isFalse();
    assertThat(GrazedGround.rich(false, 60.0)).isFalse();
    assertThat(GrazedGround.rich(false, 60.1)).isTrue();
  }

  @Test
  void nonsenseIsRefusedInASentence() {
    assertThatThrownBy(() -> cows(10, OUT, IN)).isInstanceOf(Refused.class);
    assertThat(cows(10, IN, IN).days()).isEqualTo(1);
    assertThatThrownBy(() -> cows(0, IN, OUT)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> cows(10_001, IN, OUT)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> cows(10, IN, IN.plusDays(201)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("200 days");
    assertThatThrownBy(() -> new GrazingStay(" ", 1, 1, IN, OUT)).isInstanceOf(Refused.class);
    assertThat(new GrazingStay("x".repeat(40), 1, 1, IN, OUT).head()).isEqualTo(1);
    assertThatThrownBy(() -> new GrazingStay("x".repeat(41), 1, 1, IN, OUT))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new GrazingStay("x", 1, 1501, IN, OUT)).isInstanceOf(Refused.class);
  }
}
