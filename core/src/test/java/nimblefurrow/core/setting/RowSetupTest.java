package nimblefurrow.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class RowSetupTest {
  private static final SeedingMethod DRILL = SeedingMethod.of("drill");
  private static final SeedingMethod INTERSEEDER = SeedingMethod.of("interseeder");
  private static final SideDress NITROGEN = new SideDress("UAN, ours", 50, 0.38);
  private static final List<RowSetup.Strip> STRIPS =
      List.of(new RowSetup.Strip("cereal_rye", 0.5, "rear"), new RowSetup.Strip("oats", 0.25, ""));

  private static RowSetup rows(
      int seeded, int of, List<RowSetup.Strip> strips, @Nullable SideDress with) {
    return new RowSetup(0.762, 2, 0.19, null, seeded, of, null, 0, strips, with);
  }

  private static RowSetup plain() {
    return rows(1, 1, List.of(), null);
  }

  @Test
  void whatRunsThroughFewerOpenersIsSetHigherSoThatTheFieldGetsItsRate() {
    RowSetup s = rows(11, 12, List.of(), null);
    assertThat(s.openKgPerHa(33)).isCloseTo(36, within(1e-9));
    assertThat(plain().openKgPerHa(33)).isEqualTo(33);
  }

  @Test
  void stripsGetTheirRateOnTheirOwnShareOfTheWidth() {
    Map<String, Double> field = Map.of("cereal_rye", 40.0, "oats", 20.0);
    List<RowSetup.StripRate> all = rows(1, 1, STRIPS, null).stripRates(field);
    assertThat(all).extracting(RowSetup.StripRate::kgPerHa).containsExactly(60.0, 60.0);
    assertThat(all.get(0).share()).isCloseTo(2.0 / 3, within(1e-12));
    for (RowSetup.StripRate r : rows(1, 2, STRIPS, null).stripRates(field)) {
      assertThat(r.share() * r.kgPerHa())
          .as("what the field gets of " + r.species())
          .isCloseTo(field.get(r.species()), within(1e-9));
      assertThat(r.kgPerHa()).as("half of the gaps").isCloseTo(120, within(1e-9));
    }
  }

  @Test
  void aLotIsSetWhereItGoes() {
    assertThat(rows(1, 2, STRIPS, null).setKgPerHa("oats", 20)).isCloseTo(120, within(1e-9));
    assertThat(rows(1, 2, List.of(), null).setKgPerHa("oats", 20)).isCloseTo(40, within(1e-9));
    assertThat(plain().setKgPerHa("oats", 20)).isEqualTo(20);
  }

  @Test
  void aSeedWithTwoStripsHasOneRateInBoth() {
    List<RowSetup.Strip> two =
        List.of(STRIPS.get(0), STRIPS.get(1), new RowSetup.Strip("oats", 0.25, "side"));
    List<RowSetup.StripRate> all =
        rows(1, 1, two, null).stripRates(Map.of("cereal_rye", 40.0, "oats", 20.0));
    assertThat(all.get(1).kgPerHa()).isCloseTo(40, within(1e-9));
    assertThat(all.get(2).kgPerHa()).isEqualTo(all.get(1).kgPerHa());
  }

  @Test
  void eachSeedHasAStripAndNoOther() {
    assertThatThrownBy(() -> rows(1, 1, STRIPS, null).stripRates(Map.of("oats", 20.0)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("needs a strip");
  }

  @Test
  void twinRowsStandBesideEachOther() {
    RowSetup twin = new RowSetup(0.76, 2, 0.3, 0.1, 1, 1, null, 0, List.of(), null);
    assertThat(twin.rows(INTERSEEDER).coverRowsM())
        .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : 1)
        .containsExactly(0.18, 0.28, 0.48, 0.58);
    assertThatThrownBy(() -> new RowSetup(0.76, 2, 0.1, 0.1, 1, 1, null, 0, List.of(), null))
        .hasMessageContaining("closer than the openers");
  }

  @Test
  void youngRowsHaveRootsAndOldOnesCrowns() {
    RowSetup four = new RowSetup(0.762, 4, 0.19, null, 1, 1, null, 0, List.of(), null);
    assertThat(four.rows(INTERSEEDER).warnings()).singleElement().asString().contains("cuts roots");
    assertThat(four.rows(DRILL).warnings()).isEmpty();
    RowSetup wide = new RowSetup(0.762, 4, 0.21, null, 1, 1, null, 0, List.of(), null);
    assertThat(wide.rows(DRILL).warnings()).singleElement().asString().contains("old row");
  }

  @Test
  void whatNoLongerHoldsGoesAndTheRestStays() {
    RowSetup s = rows(1, 1, STRIPS, NITROGEN);
    Set<String> mix = Set.of("oats", "cereal_rye");
    assertThat(s.fitting(INTERSEEDER, mix)).isEqualTo(s);
    assertThat(s.fitting(SeedingMethod.of("drone"), mix)).isNull();
    assertThat(s.fitting(DRILL, mix)).isEqualTo(rows(1, 1, STRIPS, null));
    assertThat(s.fitting(INTERSEEDER, Set.of("oats"))).isEqualTo(rows(1, 1, List.of(), NITROGEN));
  }

  @Test
  void onlyWhatIsLaidBetweenRowsStandsInRows() {
    assertThat(List.of("drill", "precisionPlanter", "interseeder", "airBox"))
        .allMatch(k -> SeedingMethod.of(k).inRows());
    assertThat(List.of("drone", "aircraft", "broadcast", "slurry", "combineHead", "frost"))
        .noneMatch(k -> SeedingMethod.of(k).inRows());
  }

  @Test
  void nonsenseIsRefusedAtItsPlace() {
    refused("seededGaps", () -> rows(3, 2, List.of(), null));
    refused("seededGaps", () -> rows(0, 2, List.of(), null));
    refused("ofGaps", () -> rows(1, 49, List.of(), null));
    assertThat(rows(1, 48, List.of(), null).ofGaps()).isEqualTo(48);
    refused("angleDeg", () -> angled(90.1));
    assertThat(angled(90).angleDeg()).isEqualTo(90);
    refused("strips[0].widthM", () -> rows(1, 1, List.of(new RowSetup.Strip("oats", 0, "")), null));
    refused("nextRowM", () -> next(0.77));
    refused("nextRowM", () -> next(-0.77));
    assertThat(next(-0.762).nextRowM()).isEqualTo(-0.762);
    refused("strips", () -> rows(1, 1, Collections.nCopies(13, STRIPS.get(0)), null));
    assertThat(rows(1, 1, Collections.nCopies(12, STRIPS.get(0)), null).strips()).hasSize(12);
    refused("strips[0].box", () -> boxed(41));
    assertThat(boxed(40).strips()).hasSize(1);
    refused("sideDress.bandM", () -> rows(1, 1, List.of(), new SideDress("UAN", 50, 0.77)));
    refused("sideDress.product", () -> new SideDress(" ", 50, 0.3));
    refused("sideDress.nitrogenKgPerHa", () -> new SideDress("UAN", 0, 0.3));
    refused("sideDress.nitrogenKgPerHa", () -> new SideDress("UAN", 351, 0.3));
    assertThat(new SideDress("UAN", 350, 0).bandM()).isZero();
    refused("openers", () -> new RowSetup(0.5, 4, 0.19, null, 1, 1, null, 0, List.of(), null));
  }

  private static RowSetup next(double at) {
    return new RowSetup(0.762, 2, 0.19, null, 1, 1, at, 0, List.of(), null);
  }

  private static RowSetup boxed(int letters) {
    return rows(1, 1, List.of(new RowSetup.Strip("oats", 0.3, "b".repeat(letters))), null);
  }

  private static RowSetup angled(double degrees) {
    return new RowSetup(0.762, 2, 0.19, null, 1, 1, null, degrees, List.of(), null);
  }

  private static void refused(
      String where, org.assertj.core.api.ThrowableAssert.ThrowingCallable c) {
    assertThatThrownBy(c)
        .isInstanceOfSatisfying(Refused.class, e -> assertThat(e.where()).isEqualTo(where));
  }

  @Test
  void theDriverIsToldWhatToSet() {
    SpeciesTable table = SpeciesTable.shipped();
    List<CoverComponent> mix =
        List.of(
            CoverComponent.of(table.get("cereal_rye"), 40),
            CoverComponent.of(table.get("oats"), 20));
    RowSetup s = new RowSetup(0.762, 2, 0.19, null, 11, 12, 0.38, 15, STRIPS, NITROGEN);
    assertThat(said(RowWords.of(s, INTERSEEDER, mix), UnitSystem.US))
        .containsExactly(
            "2 openers 7.5 in apart in 11 gaps of 12 between 30.0 in rows",
            "close the rest: open rows are set to 58 lb/ac, which is 54 lb/ac of the field",
            "rear: Cereal rye, 58 lb/ac in its strip, 61 % of the width",
            "Oats: 58 lb/ac in its strip, 31 % of the width",
            "the next crop’s row comes 15.0 in from the old one",
            "drive 15 degrees across the rows",
            "UAN, ours in the same pass: 45 lb/ac of nitrogen, its band 15.0 in from the row",
            "the crop stands: go along its rows, not across");
    RowSetup one = new RowSetup(0.762, 1, 0.762, null, 1, 1, null, 0, List.of(), null);
    assertThat(said(RowWords.of(one, DRILL, mix), UnitSystem.METRIC))
        .containsExactly("one opener in the middle of every gap between 762 mm rows");
  }

  private static List<String> said(List<Reason> all, UnitSystem units) {
    return all.stream().map(r -> r.say(units)).toList();
  }
}
