package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import nimblefurrow.core.Farm;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every limit of a cover's figures, at the limit and just beyond it. */
class CoverLimitsTest {
  private static final Species RYE = Farm.species("cereal_rye");

  /** A species of the grower's own with one figure changed at a time. */
  private static final class Own {
    String id = "own_x";
    String like = "cereal_rye";
    String name = "Mine";
    double seedsPerKg = 40_000;
    Species.Rates drilled = new Species.Rates(40, 60, 100);
    Species.Rates surface = new Species.Rates(50, 80, 120);
    double cap = 40;
    double low = 20;
    double high = 45;
    double lt50 = RYE.winter().lt50HardC();
    double ripening = 1;
    double height = RYE.growth().heightMaxCm();
    double most = RYE.growth().maxMgPerHa();
    double usd = 1;

    OwnSpecies made() {
      return new OwnSpecies(
          id,
          like,
          name,
          seedsPerKg,
          drilled,
          surface,
          cap,
          low,
          high,
          lt50,
          ripening,
          height,
          most,
          usd);
    }

    Own set(String part, double value) {
      switch (part) {
        case "seedsPerKg" -> seedsPerKg = value;
        case "drilled.low" -> drilled = new Species.Rates(value, 60, 100);
        case "drilled.typical" -> drilled = new Species.Rates(40, value, 400);
        case "drilled.high" -> drilled = new Species.Rates(40, 60, value);
        case "surface.low" -> surface = new Species.Rates(value, 80, 120);
        case "surface.typical" -> surface = new Species.Rates(50, value, 400);
        case "surface.high" -> surface = new Species.Rates(50, 80, value);
        case "mixCapKgPerHa" -> cap = value;
        case "depthLowMm" -> low = value;
        case "depthHighMm" -> high = value;
        case "lt50C" -> lt50 = RYE.winter().lt50HardC() + value;
        case "ripening" -> ripening = value;
        case "heightCm" -> height = RYE.growth().heightMaxCm() * value;
        case "mostMgPerHa" -> most = RYE.growth().maxMgPerHa() * value;
        case "usdPerKg" -> usd = value;
        default -> throw new AssertionError(part);
      }
      return this;
    }
  }

  /** Lowest and highest that are taken, and how far beyond them is refused. */
  @ParameterizedTest
  @CsvSource({
    "seedsPerKg, 200, 5000000, 1",
    "drilled.typical, 40, 400, 0.5",
    "drilled.high, 60, 400, 0.5",
    "surface.typical, 50, 400, 0.5",
    "surface.high, 80, 400, 0.5",
    "depthLowMm, 0, 45, 0.5",
    "depthHighMm, 20, 120, 0.5",
    "lt50C, -8, 8, 0.01",
    "ripening, 0.7, 1.3, 0.001",
    "heightCm, 0.4, 1.6, 0.001",
    "mostMgPerHa, 0.4, 1.6, 0.001",
  })
  void aFigureIsTakenUpToItsLimitsAndRefusedBeyond(
      String part, double low, double high, double beyond) {
    for (double value : new double[] {low, high}) {
      // A hair inside, as shares of a model's figure do not come out even.
      double inside = value == low ? value + 1e-9 : value - 1e-9;
      assertThatCode(() -> new Own().set(part, inside).made().in(Farm.SPECIES))
          .as("%s of %s", part, value)
          .doesNotThrowAnyException();
      double outside = value == low ? value - beyond : value + beyond;
      // The shallowest depth reaches its own limit only where the deepest lets it.
      String where = part.equals("depthLowMm") && value == high ? "depthHighMm" : part;
      assertThatThrownBy(() -> new Own().set(part, outside).made().in(Farm.SPECIES))
          .as("%s of %s", part, outside)
          .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
    }
  }

  @ParameterizedTest
  @CsvSource({"drilled.low", "surface.low", "mixCapKgPerHa"})
  void ratesAreAboveNought(String part) {
    assertThatThrownBy(() -> new Own().set(part, 0).made().in(Farm.SPECIES))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(part));
  }

  @Test
  void theSentenceSaysTheLimitsAndWhatWasGiven() {
    assertThatThrownBy(() -> new Own().set("seedsPerKg", 100).made().in(Farm.SPECIES))
        .hasMessage(
            "Seeds per kg must be from 200 to 5000000; it is 100. Beyond that it does not grow like"
                + " its model.");
    assertThatThrownBy(() -> new Own().set("ripening", 1.555).made().in(Farm.SPECIES))
        .hasMessageContaining("from 0.7 to 1.3; it is 1.56.");
    assertThatThrownBy(() -> new Own().set("ripening", Double.NaN).made().in(Farm.SPECIES))
        .hasMessageContaining("it is not a number.");
    assertThatThrownBy(() -> new Own().set("drilled.high", 20).made().in(Farm.SPECIES))
        .hasMessageContaining("The highest rate drilled, kg/ha, must be from 60");
    assertThatThrownBy(() -> new Own().set("surface.typical", 20).made().in(Farm.SPECIES))
        .hasMessageContaining("The usual rate on the surface, kg/ha, must be from 50");
    assertThatThrownBy(() -> new Own().set("usdPerKg", -1).made().in(Farm.SPECIES))
        .hasMessageContaining("price");
  }

  @Test
  void namesAndKeysAreSaid() {
    Own keyed = new Own();
    keyed.id = "mine";
    assertThatThrownBy(() -> keyed.made().in(Farm.SPECIES))
        .hasMessageContaining("begins with own_");
    Own bare = new Own();
    bare.name = "  ";
    assertThatThrownBy(() -> bare.made().in(Farm.SPECIES))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo("name"));
    SpeciesTable more = Farm.SPECIES.with(List.of(new Own().made()));
    Own child = new Own();
    child.id = "own_y";
    child.like = "own_x";
    assertThatThrownBy(() -> child.made().in(more)).hasMessageContaining("not one of your own");
  }

  @Test
  void whatIsOwnIsItsOwnAndTheRestItsModels() {
    Own o = new Own();
    o.name = " Late rye ";
    o.set("ripening", 1.2).set("seedsPerKg", 50_000).set("heightCm", 1.1);
    o.set("mostMgPerHa", 0.9).set("lt50C", 2);
    Species mine = o.made().in(Farm.SPECIES);
    assertThat(mine.name()).isEqualTo("Late rye");
    assertThat(mine.growth().heightMaxCm()).isEqualTo(RYE.growth().heightMaxCm() * 1.1);
    assertThat(mine.growth().maxMgPerHa()).isEqualTo(RYE.growth().maxMgPerHa() * 0.9);
    assertThat(mine.winter().lt50HardC()).isEqualTo(RYE.winter().lt50HardC() + 2);
    assertThat(mine.seed().drilled()).isEqualTo(o.drilled);
    assertThat(mine.seed().surface()).isEqualTo(o.surface);
    assertThat(mine.seed().mixCapKgPerHa()).isEqualTo(40);
    assertThat(mine.seed().depthLowMm()).isEqualTo(20);
    assertThat(mine.seed().depthHighMm()).isEqualTo(45);
    assertThat(mine.seed().singleMg()).isCloseTo(20, within(1e-12));
    assertThat(mine.growth().seedlingMg())
        .isCloseTo(RYE.growth().seedlingMg() * RYE.seed().perKg() / 50_000, within(1e-12));
    assertThat(mine.clock().keyPtu()).isCloseTo(RYE.clock().keyPtu() * 1.2, within(1e-9));
    assertThat(mine.clock().scale()).isEqualTo(RYE.clock().scale());
    assertThat(mine.family()).isEqualTo(RYE.family());
    assertThat(mine.seedUsdPerKg()).isEqualTo(1);
    assertThat(mine.growth().k()).isEqualTo(RYE.growth().k());
    assertThat(mine.growth().rootMaxM()).isEqualTo(RYE.growth().rootMaxM());
  }

  @Test
  void aTableIsAddedToAndPricedWithoutChangingTheOneThatShips() {
    assertThat(Farm.SPECIES.with(List.of())).isSameAs(Farm.SPECIES);
    SpeciesTable priced = Farm.SPECIES.priced(Map.of("cereal_rye", 0.91));
    assertThat(priced.get("cereal_rye").seedUsdPerKg()).isEqualTo(0.91);
    assertThat(priced.get("oats").seedUsdPerKg()).isEqualTo(Farm.species("oats").seedUsdPerKg());
    assertThat(RYE.seedUsdPerKg()).isNotEqualTo(0.91);
    assertThat(priced.all()).hasSameSizeAs(Farm.SPECIES.all());
    assertThat(priced.find("kudzu")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "0.001, true",
    "1000, true",
    "0, false",
    "-1, false",
    "1000.1, false",
    "NaN, false",
  })
  void aSeedingRateIsAboveNoughtAndAtMostATonne(double rate, boolean taken) {
    if (taken) {
      assertThat(CoverComponent.of(RYE, rate).rateKgPerHa()).isEqualTo(rate);
    } else {
      assertThatThrownBy(() -> CoverComponent.of(RYE, rate))
          .hasMessageContaining("not a seeding rate");
    }
  }

  @ParameterizedTest
  @CsvSource({"0, true", "1, true", "-0.01, false", "1.01, false", "NaN, false"})
  void germinationAndPurityAreShares(double share, boolean taken) {
    if (taken) {
      assertThat(new CoverComponent(RYE, 70, share, share, null).liveSeedsPerM2())
          .isCloseTo(70 * share * share * RYE.seed().perKg() / 10_000, within(1e-9));
    } else {
      assertThatThrownBy(() -> new CoverComponent(RYE, 70, share, 1, null))
          .hasMessageContaining("germination");
      assertThatThrownBy(() -> new CoverComponent(RYE, 70, 1, share, null))
          .hasMessageContaining("purity");
    }
  }

  @ParameterizedTest
  @CsvSource({"0, true", "200, true", "-0.1, false", "200.1, false", "NaN, false"})
  void seedIsNotDeeperThanTwentyCentimetres(double depth, boolean taken) {
    if (taken) {
      assertThat(new CoverComponent(RYE, 70, 0.9, 0.98, depth).depthMm()).isEqualTo(depth);
    } else {
      assertThatThrownBy(() -> new CoverComponent(RYE, 70, 0.9, 0.98, depth))
          .hasMessageContaining("depth");
    }
  }

  @Test
  void usualSeedIsNinetyByNinetyEight() {
    CoverComponent c = CoverComponent.of(RYE, 50);
    assertThat(c.germination()).isEqualTo(0.90);
    assertThat(c.purity()).isEqualTo(0.98);
    assertThat(c.depthMm()).isNull();
  }

  @Test
  void stagesAreFoundByNameAndSeedGrowsFromOneValue() {
    StageScale cereal = RYE.clock().scale();
    assertThat(cereal.cereal()).isTrue();
    assertThat(cereal.stages().get(cereal.keyIndex()).name()).isEqualTo("mid-anthesis");
    assertThat(cereal.indexOf("jointing")).isZero();
    assertThat(cereal.indexOf("boot")).isEqualTo(2);
    assertThat(cereal.viableSeedFrom()).isEqualTo(1.36);
    assertThatThrownBy(() -> cereal.indexOf("confetti"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("no stage confetti on the cereal scale");
    StageScale broad = Farm.species("hairy_vetch").clock().scale();
    assertThat(broad.cereal()).isFalse();
    assertThat(broad.viableSeedFrom()).isEqualTo(1.33);
    assertThat(broad.stages().get(broad.keyIndex()).fraction()).isEqualTo(1);
    StageScale none = new StageScale("odd", List.of(new StageScale.Stage("start", 0.5)));
    assertThatThrownBy(none::keyIndex).isInstanceOf(IllegalStateException.class);
  }

  @ParameterizedTest
  @CsvSource({
    "carbonToNitrogen, cereal, 0.1, 14",
    "carbonToNitrogen, cereal, 0.3, 14",
    "carbonToNitrogen, cereal, 0.4, 17",
    "carbonToNitrogen, cereal, 0.5, 20",
    "carbonToNitrogen, cereal, 1, 44",
    "carbonToNitrogen, cereal, 1.43, 71",
    "carbonToNitrogen, cereal, 2, 80",
    "carbonToNitrogen, brassica, 0.82, 20",
    "carbonToNitrogen, brassica, 0.91, 25",
  })
  void curvesGoThroughTheirPointsAndAreLevelBeyond(String curve, String name, double x, double y) {
    assertThat(CurveTable.shipped().get(curve, name).at(x)).isCloseTo(y, within(1e-9));
  }

  @Test
  void aCurveThatIsNotThereIsAFaultOfTheProgram() {
    assertThatThrownBy(() -> CurveTable.shipped().get("carbonToNitrogen", "moss"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("no curve carbonToNitrogen/moss");
  }

  @Test
  void legumesAreLegumesAndPerennialsLast() {
    assertThat(Farm.species("hairy_vetch").legume()).isTrue();
    assertThat(RYE.legume()).isFalse();
    assertThat(Farm.species("red_clover").perennial()).isTrue();
    assertThat(RYE.perennial()).isFalse();
  }

  @Test
  void stagesComeInTheOrderTheyAreReached() {
    for (Species s : Farm.SPECIES.all()) {
      StageScale scale = s.clock().scale();
      assertThat(scale.stages())
          .as(s.name())
          .isSortedAccordingTo((a, b) -> Double.compare(a.fraction(), b.fraction()));
      assertThat(scale.stages().get(scale.keyIndex()).fraction()).as(s.name()).isEqualTo(1);
    }
  }
}
