package nimblefurrow.core.nutrient;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.nutrient.NitrogenKnown.Clipped;
import nimblefurrow.core.nutrient.NitrogenKnown.CoverNitrogen;
import nimblefurrow.core.nutrient.NitrogenKnown.SoilTest;
import nimblefurrow.core.record.SpreadHow;
import nimblefurrow.core.season.ResidueNitrogen;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What nitrogen the next crop finds. */
class NitrogenLedgerTest {
  private static final LocalDate AUTUMN = LocalDate.of(2026, 9, 20);
  private static final LocalDate ENDED = LocalDate.of(2027, 5, 5);
  private static final LocalDate JUNE = LocalDate.of(2027, 6, 5);
  private static final Spread FREED = Spread.of(new double[] {20, 30, 40, 50, 60});

  private static CoverNitrogen cover(Spread freed, @Nullable Clipped clipped) {
    return new CoverNitrogen(ENDED, 90, 60, freed, List.of(4.0, 3.5, 3.0, 2.5, 2.0), clipped);
  }

  private static Spreading manure(LocalDate on, @Nullable Double share, @Nullable SpreadHow how) {
    return new Spreading(on, true, 100, share, how, null, false);
  }

  private static NitrogenLedger of(
      List<SoilTest> tests, List<Spreading> spread, @Nullable CoverNitrogen cover) {
    return NitrogenLedger.of(new NitrogenKnown(tests, spread, cover));
  }

  private static NitrogenLine line(NitrogenLedger l, NitrogenSource source) {
    return l.lines().stream().filter(n -> n.source() == source).findFirst().orElseThrow();
  }

  @Test
  void nothingIsLostFromTheBooks() {
    Random random = new Random(5);
    for (int i = 0; i < 500; i++) {
      List<Spreading> spread = new ArrayList<>();
      for (int s = random.nextInt(4); s > 0; s--) {
        spread.add(
            new Spreading(
                AUTUMN.plusDays(random.nextInt(300)),
                random.nextBoolean(),
                200 * random.nextDouble(),
                random.nextBoolean() ? null : random.nextDouble(),
                SpreadHow.values()[random.nextInt(SpreadHow.values().length)],
                random.nextBoolean() ? null : 10 * random.nextDouble(),
                random.nextBoolean()));
      }
      List<SoilTest> tests =
          random.nextBoolean()
              ? List.of()
              : List.of(new SoilTest(AUTUMN.plusDays(random.nextInt(300)), 80));
      double m = 100 * random.nextDouble() - 30;
      CoverNitrogen cover =
          random.nextInt(4) == 0
              ? null
              : cover(
                  Spread.of(new double[] {m - 10, m, m + 10}),
                  random.nextBoolean() ? null : new Clipped(4 * random.nextDouble(), 0.03));
      NitrogenLedger ledger = of(tests, spread, cover);
      for (NitrogenLine l : ledger.lines()) {
        assertThat(l.lost() + l.held() + l.available())
            .as(l.toString())
            .isCloseTo(l.brought(), within(1e-9));
        assertThat(l.low()).isLessThanOrEqualTo(l.available() + 1e-9);
        assertThat(l.high()).isGreaterThanOrEqualTo(l.available() - 1e-9);
      }
      double sources =
          ledger.lines().stream()
              .filter(l -> l.source().compareTo(NitrogenSource.TAKEN_UP) < 0)
              .mapToDouble(NitrogenLine::available)
              .sum();
      double withoutCover =
          ledger.lines().stream()
              .filter(l -> l.source() != NitrogenSource.COVER)
              .mapToDouble(NitrogenLine::available)
              .sum();
      assertThat(withoutCover)
          .as("no more is taken than there was")
          .isBetween(-1e-9, sources + 1e-9);
    }
  }

  @Test
  void manureByItsAnalysisItsWayAndItsWeather() {
    NitrogenLine on =
        line(
            of(List.of(), List.of(manure(AUTUMN, 0.6, SpreadHow.BROADCAST)), null),
            NitrogenSource.MANURE);
    assertThat(on.lost()).isCloseTo(60 * 0.7, within(1e-9));
    assertThat(on.available()).isCloseTo(60 * 0.3 + 40 * 0.35, within(1e-9));
    assertThat(on.low()).isCloseTo(60 * 0.3 + 40 * 0.25, within(1e-9));
    assertThat(on.high()).isCloseTo(60 * 0.3 + 40 * 0.45, within(1e-9));
    NitrogenLine in =
        line(
            of(List.of(), List.of(manure(AUTUMN, 0.6, SpreadHow.INJECTED)), null),
            NitrogenSource.MANURE);
    assertThat(in.lost()).isCloseTo(60 * 0.05, within(1e-9));
    NitrogenLine half =
        line(
            of(List.of(), List.of(manure(AUTUMN, null, SpreadHow.INJECTED)), null),
            NitrogenSource.MANURE);
    assertThat(half.lost()).isCloseTo(50 * 0.05, within(1e-9));
    assertThat(half.words().text()).contains("no analysis");
    Spreading worked = new Spreading(AUTUMN, true, 100, 0.6, SpreadHow.BROADCAST, 1.0, true);
    assertThat(line(of(List.of(), List.of(worked), null), NitrogenSource.MANURE).lost())
        .isCloseTo(60 * 0.2 * 0.7, within(1e-9));
  }

  @Test
  void airBelowTenDegreesIsCool() {
    assertThat(Spreading.cool(9.9)).isTrue();
    assertThat(Spreading.cool(10)).isFalse();
  }

  @Test
  void mineralThatLiesOnTheGroundMayLoseSome() {
    Spreading lies = new Spreading(JUNE, false, 100, null, SpreadHow.BROADCAST, null, false);
    NitrogenLine top = line(of(List.of(), List.of(lies), null), NitrogenSource.FERTILISER);
    assertThat(top.available()).isEqualTo(100);
    assertThat(top.low()).isEqualTo(85);
    Spreading banded = new Spreading(JUNE, false, 100, null, SpreadHow.BANDED, null, false);
    assertThat(line(of(List.of(), List.of(banded), null), NitrogenSource.FERTILISER).low())
        .isEqualTo(100);
  }

  @Test
  void whatTheCoverTookIsNotThereTwice() {
    NitrogenLedger little = of(List.of(new SoilTest(AUTUMN, 40)), List.of(), cover(FREED, null));
    assertThat(line(little, NitrogenSource.TAKEN_UP).available()).isEqualTo(-40);
    assertThat(little.available()).isEqualTo(40);
    NitrogenLedger much = of(List.of(new SoilTest(AUTUMN, 100)), List.of(), cover(FREED, null));
    assertThat(line(much, NitrogenSource.TAKEN_UP).available()).isEqualTo(-60);
    assertThat(much.available()).isEqualTo(100 - 60 + 40);
    // What is brought out after it is ended is not its to take.
    NitrogenLedger later =
        of(
            List.of(),
            List.of(new Spreading(JUNE, false, 50, null, SpreadHow.SIDE_DRESS, null, false)),
            cover(FREED, null));
    assertThat(later.lines())
        .extracting(NitrogenLine::source)
        .doesNotContain(NitrogenSource.TAKEN_UP);
    assertThat(later.available()).isEqualTo(90);
  }

  @Test
  void aTestAfterTheCoverOutranksWhatWasReckonedBefore() {
    NitrogenLedger l =
        of(
            List.of(new SoilTest(AUTUMN, 200), new SoilTest(ENDED, 35)),
            List.of(manure(AUTUMN, 0.5, null), manure(JUNE, 0.5, SpreadHow.INJECTED)),
            cover(FREED, null));
    assertThat(l.lines())
        .extracting(NitrogenLine::source)
        .containsExactly(NitrogenSource.SOIL, NitrogenSource.MANURE, NitrogenSource.COVER);
    assertThat(line(l, NitrogenSource.SOIL).available()).isEqualTo(35);
    assertThat(line(l, NitrogenSource.SOIL).words().text()).contains("outranks");
    NitrogenLedger dayBefore =
        of(List.of(new SoilTest(ENDED.minusDays(1), 35)), List.of(), cover(FREED, null));
    assertThat(line(dayBefore, NitrogenSource.TAKEN_UP).available()).isEqualTo(-35);
  }

  @Test
  void aSampleOfTheTopsOutranksTheModelAndNarrowsIt() {
    Clipped rich = new Clipped(3, 0.035);
    NitrogenLine l = line(of(List.of(), List.of(), cover(FREED, rich)), NitrogenSource.COVER);
    assertThat(l.brought()).isCloseTo(105, within(1e-9));
    // 24.5 × 3.5 − 37 = 48.75 % of it.
    assertThat(l.available()).isCloseTo(105 * 0.4875, within(1e-9));
    assertThat(l.available()).isCloseTo(ResidueNitrogen.freedKgPerHa(105, 3), within(1e-9));
    double reckoned = FREED.quantile(0.9) - FREED.quantile(0.1);
    assertThat(l.high() - l.low()).isCloseTo(reckoned / Math.sqrt(2), within(1e-9));
    Clipped poor = new Clipped(5, 0.01);
    assertThat(line(of(List.of(), List.of(), cover(FREED, poor)), NitrogenSource.COVER).available())
        .isCloseTo(50 * -0.125, within(1e-9));
    assertThat(ResidueNitrogen.freedKgPerHa(100, 1)).as("at most six tenths").isEqualTo(60);
    assertThat(ResidueNitrogen.freedKgPerHa(0, 0)).isZero();
  }

  @Test
  void itFreesAsItRots() {
    NitrogenLedger l = of(List.of(), List.of(), cover(FREED, null));
    assertThat(l.weeks()).hasSize(5);
    assertThat(l.weeks().get(0).middle()).isZero();
    assertThat(l.weeks().get(1).middle()).isCloseTo(10, within(1e-9));
    assertThat(l.weeks().get(4).middle()).isEqualTo(40);
    assertThat(l.weeks().get(4).on()).isEqualTo(ENDED.plusWeeks(4));
    CoverNitrogen kept = new CoverNitrogen(ENDED, 90, 60, FREED, List.of(4.0, 4.0, 4.0), null);
    assertThat(of(List.of(), List.of(), kept).weeks().get(1).middle()).isEqualTo(20);
    CoverNitrogen bare = new CoverNitrogen(ENDED, 90, 60, FREED, List.of(4.0), null);
    assertThat(of(List.of(), List.of(), bare).weeks()).isEmpty();
  }

  @Test
  void whatItMeansForTheNextCrop() {
    NitrogenLedger won = of(List.of(), List.of(), cover(FREED, null));
    assertThat(won.credit("corn", false, 1).say(UnitSystem.METRIC))
        .startsWith("corn needs 40 kg/ha less than it would, worth $40/ha: ");
    NitrogenLedger tied =
        of(List.of(), List.of(), cover(Spread.of(new double[] {-30, -20, -10}), null));
    String said = tied.credit("corn", false, 2).say(UnitSystem.METRIC);
    assertThat(said).startsWith("bring 20 kg/ha forward to corn").contains("$40/ha");
    assertThat(tied.low()).isLessThan(tied.high());
    assertThat(won.credit("soybeans", true, 1).text()).contains("make their own");
  }

  @Test
  void feedingACoverIsPricedByTheYearsItWins() {
    Spread mulch = Spread.of(new double[] {3, 4, 4.4, 4.5, 6});
    FedCover f = FedCover.of(mulch, 5, 40, 15, 1.1, 18);
    assertThat(f.moreMgPerHa()).isCloseTo(0.6, within(1e-9));
    assertThat(f.usdPerHa()).isCloseTo(62, within(1e-9));
    assertThat(f.metBefore()).isEqualTo(mulch.atLeast(5));
    assertThat(f.metAfter()).isEqualTo(mulch.atLeast(4.4)).isGreaterThan(f.metBefore());
    assertThat(FedCover.of(mulch, 5, 100, 15, 1, 0).moreMgPerHa()).isCloseTo(1.5, within(1e-9));
    assertThatThrownBy(() -> FedCover.of(mulch, 5, 100.1, 15, 1, 0))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("90 lb/ac");
    assertThatThrownBy(() -> FedCover.of(mulch, 5, 0, 15, 1, 0)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> FedCover.of(mulch, 0, 1, 15, 1, 0)).isInstanceOf(Refused.class);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Spreading(JUNE, true, -1, null, null, null, false))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Spreading(JUNE, true, 1, 1.2, null, null, false))
        .isInstanceOf(Refused.class);
  }
}
