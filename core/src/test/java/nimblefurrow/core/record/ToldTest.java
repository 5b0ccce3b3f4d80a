package nimblefurrow.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ToldTest {
  private static Told told(Map<String, Double> figures, Map<String, String> names) {
    return Told.read(figures, names);
  }

  @Test
  void goesOutAndComesBackByItsKeysInTheirOrder() {
    Told told = told(Map.of("seedKg", 744.125, "areaHa", 12.5), Map.of("species", "rye"));
    assertThat(told.figuresByKey())
        .containsExactly(Map.entry("areaHa", 12.5), Map.entry("seedKg", 744.125));
    assertThat(told.namesByKey()).containsExactly(Map.entry("species", "rye"));
    assertThat(told(told.figuresByKey(), told.namesByKey())).isEqualTo(told);
    assertThat(told.get(EntryFigure.AREA)).isEqualTo(12.5);
    assertThat(told.get(EntryFigure.YIELD)).isNull();
    assertThat(told.get(EntryName.SPECIES)).isEqualTo("rye");
    assertThat(told.need(EntryFigure.SEED)).isEqualTo(744.125);
    assertThatThrownBy(() -> told.need(EntryFigure.SETTING)).hasMessageContaining("setting");
    assertThat(told(Map.of(), Map.of("stage", " "))).isEqualTo(Told.NOTHING);
  }

  @Test
  void keysThatAreNoneAreRefused() {
    assertThatThrownBy(() -> told(Map.of("smell", 1.0), Map.of()))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("“smell”");
    assertThatThrownBy(() -> told(Map.of(), Map.of("smell", "bad")))
        .hasMessageContaining("“smell”");
    assertThatThrownBy(() -> LogKind.of("smelt")).hasMessageContaining("“smelt”");
  }

  @ParameterizedTest
  @EnumSource(LogKind.class)
  void eachKindIsFullWithWhatItNeedsAndShortWithoutAnyOfIt(LogKind kind) {
    Carries carries = kind.carries();
    assertThat(carries.figures()).doesNotHaveDuplicates().containsAll(carries.figuresNeeded());
    assertThat(carries.names()).doesNotHaveDuplicates().containsAll(carries.namesNeeded());
    Told full = full(carries);
    assertThatCode(() -> full.check(kind)).doesNotThrowAnyException();
    for (EntryFigure f : carries.figuresNeeded()) {
      Map<String, Double> less = new java.util.HashMap<>(full.figuresByKey());
      less.remove(f.key());
      assertThatThrownBy(() -> told(less, full.namesByKey()).check(kind))
          .isInstanceOfSatisfying(
              Refused.class, r -> assertThat(r.where()).isEqualTo("figures." + f.key()))
          .hasMessageContaining(f.label());
    }
    for (EntryName n : carries.namesNeeded()) {
      Map<String, String> less = new java.util.HashMap<>(full.namesByKey());
      less.remove(n.key());
      assertThatThrownBy(() -> told(full.figuresByKey(), less).check(kind))
          .isInstanceOfSatisfying(
              Refused.class, r -> assertThat(r.where()).isEqualTo("names." + n.key()));
    }
    assertThat(LogKind.of(kind.key())).isEqualTo(kind);
    assertThat(kind.label())
        .isNotBlank()
        .isEqualTo(kind.label().toLowerCase(java.util.Locale.ROOT));
  }

  private static Told full(Carries carries) {
    Map<EntryFigure, Double> figures = new java.util.EnumMap<>(EntryFigure.class);
    carries.figures().forEach(f -> figures.put(f, f.most()));
    Map<EntryName, String> names = new java.util.EnumMap<>(EntryName.class);
    carries
        .names()
        .forEach(n -> names.put(n, n.choices().keySet().stream().findFirst().orElse("rye")));
    return new Told(figures, names);
  }

  @ParameterizedTest
  @CsvSource({
    "plantsPerM2, 0, 20000, plants",
    "heightCm, 0, 500, height",
    "coverMgPerHa, 0, 40, cover",
    "killShare, 0, 1, counted",
    "weedsOf10, 0, 10, weeds",
    "yieldMgPerHa, 0, 120, harvested",
    "moistureShare, 0, 0.6, harvested",
    "bearingDeg, 0, 359.999, seeded",
    "windMPerS, 0, 40, sprayed",
    "airC, -40, 55, ended",
    "hours, 0.05, 1000, rolled",
    "nitrogenKgPerHa, 0, 500, fertilised",
    "slurryM3PerHa, 0, 300, manured",
    "manureMgPerHa, 0, 200, manured",
    "workedInDays, 0, 60, manured",
    "head, 1, 10000, grazed",
    "grazedDays, 1, 365, grazed",
    "organicMatterShare, 0, 0.5, soil",
    "resistanceMpa, 0, 10, soil",
    "usd, 0.01, 10000000, bill",
  })
  void aFigureHasItsRange(String key, double least, double most, String kind) {
    LogKind of = LogKind.of(kind);
    Told full = full(of.carries());
    for (double good : new double[] {least, most}) {
      assertThatCode(() -> with(full, key, good).check(of)).doesNotThrowAnyException();
    }
    for (double bad : new double[] {least - 1e-6, most + 1e-6, Double.NaN}) {
      assertThatThrownBy(() -> with(full, key, bad).check(of)).isInstanceOf(Refused.class);
    }
  }

  private static Told with(Told full, String key, double value) {
    Map<String, Double> figures = new java.util.HashMap<>(full.figuresByKey());
    figures.put(key, value);
    return told(figures, full.namesByKey());
  }

  @Test
  void asksForWhatIsMissingInBothUnits() {
    assertThatThrownBy(() -> Told.NOTHING.check(LogKind.HEIGHT))
        .hasMessage("Height must be given, from 0 in to 197 in (0 cm to 500 cm).");
    assertThatThrownBy(() -> Told.NOTHING.check(LogKind.COUNTED))
        .hasMessage("Dead must be given, from 0 % to 100 %.");
    assertThatThrownBy(() -> Told.of(EntryFigure.HEIGHT, 5).check(LogKind.NOTE))
        .hasMessage("An entry “note” does not carry “Height”.");
    assertThatThrownBy(() -> told(Map.of(), Map.of("residual", "magic")).check(LogKind.SPRAYED))
        .hasMessage("Say which group stays in the soil.");
    assertThatThrownBy(() -> told(Map.of(), Map.of("ending", "crimp")).check(LogKind.SPRAYED))
        .hasMessageContaining("does not carry “How”");
  }

  @Test
  void choicesAreThoseOfTheRulesThatReadThem() {
    Set<String> groups = new HashSet<>();
    CsvTable.shipped("carryover.csv").forEach(r -> groups.add(r.get(0)));
    assertThat(EntryName.RESIDUAL.choices().keySet())
        .as("groups of %s", CarryOver.class)
        .containsExactlyInAnyOrderElementsOf(groups);
    assertThat(EntryName.ENDING.choices()).hasSameSizeAs(EndingMethods.all());
    assertThat(Stream.of(EntryName.SPECIES, EntryName.STAGE).map(EntryName::choices))
        .as("the cover says which")
        .containsOnly(Map.of());
  }

  @Test
  void aWordOfTheFarmsOwnIsKeptAsItIsUpToItsLength() {
    Map<String, Double> usd = Map.of("usd", 12.5);
    Told bill = told(usd, Map.of("party", " Neighbour ", "way", "pays"));
    assertThat(bill.get(EntryName.PARTY)).isEqualTo("Neighbour");
    assertThatCode(() -> bill.check(LogKind.BILL)).doesNotThrowAnyException();
    assertThatCode(
            () -> told(usd, Map.of("party", "x".repeat(120), "way", "isPaid")).check(LogKind.BILL))
        .doesNotThrowAnyException();
    assertThatThrownBy(
            () -> told(usd, Map.of("party", "x".repeat(121), "way", "pays")).check(LogKind.BILL))
        .hasMessage("Who: keep it under 120 characters.");
    assertThatThrownBy(() -> told(usd, Map.of("party", "x", "way", "in")).check(LogKind.PAYMENT))
        .hasMessage("Say whether the farm pays or is paid.");
    assertThat(Stream.of(EntryName.values()).filter(EntryName::free))
        .containsExactly(EntryName.PRODUCT, EntryName.PARTY);
    assertThat(EntryName.SPREAD.choices()).containsKey(SpreadHow.INJECTED.key()).hasSize(5);
    assertThatThrownBy(() -> MoneyWay.of("in")).hasMessageContaining("“in”");
    assertThat(MoneyWay.of("pays")).isEqualTo(MoneyWay.PAYS).hasToString("pays");
  }

  @Test
  void sightingsAndCountsAreOfACover() {
    assertThat(Stream.of(LogKind.values()).filter(LogKind::sighting))
        .containsExactlyElementsOf(
            List.of(LogKind.PLANTS, LogKind.HEIGHT, LogKind.COVER, LogKind.STAGE));
    assertThat(Stream.of(LogKind.values()).filter(LogKind::ofCover))
        .containsExactlyElementsOf(
            List.of(
                LogKind.PLANTS,
                LogKind.HEIGHT,
                LogKind.COVER,
                LogKind.STAGE,
                LogKind.COUNTED,
                LogKind.RESEED));
  }
}
