package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.Farm;
import nimblefurrow.core.units.CsvTable;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The species that ship, and what a first plan makes of them. */
class SpeciesTableTest {
  static Stream<Species> species() {
    return Farm.SPECIES.all().stream();
  }

  @Test
  void thereAreTwentyEightAndEachSaysWhereItsNumbersCameFrom() {
    assertThat(Farm.SPECIES.all()).hasSize(28).extracting(Species::name).doesNotHaveDuplicates();
    for (CSVRecord row : CsvTable.shipped("species.csv")) {
      assertThat(row.get("source")).as(row.get("id")).isNotBlank();
    }
    assertThatThrownBy(() -> Farm.SPECIES.get("kudzu")).hasMessageContaining("no “kudzu”");
  }

  @ParameterizedTest
  @MethodSource("species")
  void numbersAreInOrder(Species s) {
    for (Species.Rates rates : List.of(s.seed().drilled(), s.seed().surface())) {
      assertThat(rates.low()).isPositive().isLessThanOrEqualTo(rates.typical());
      assertThat(rates.typical()).isLessThanOrEqualTo(rates.high());
    }
    assertThat(s.seed().surface().typical()).isGreaterThan(s.seed().drilled().typical());
    assertThat(s.seed().singleMg() * s.seed().perKg()).isCloseTo(1e6, within(0.2e6));
    assertThat(s.seed().depthLowMm()).isLessThanOrEqualTo(s.seed().depthHighMm());
    Species.Growth g = s.growth();
    assertThat(List.of(g.baseC(), g.plateauLowC(), g.plateauHighC(), g.maxC())).isSorted();
    assertThat(s.dates().weeksEarliest()).isGreaterThan(s.dates().weeksLatest());
    StageScale scale = s.clock().scale();
    assertThat(scale.stages().get(scale.keyIndex()).fraction()).isEqualTo(1);
    assertThat(s.winter().lt50HardC()).isNegative();
  }

  @Test
  void theTableReadsTheSameEachTime() {
    SpeciesTable anew = SpeciesTable.shipped();
    assertThat(anew.all()).hasSameSizeAs(Farm.SPECIES.all());
    Species rye = anew.get("cereal_rye");
    assertThat(rye.clock().scale().stages()).hasSizeGreaterThan(3).first().isNotNull();
    assertThat(rye.clock().scale().name()).isEqualTo("cereal");
    assertThat(rye.seed().drilled()).isEqualTo(Farm.species("cereal_rye").seed().drilled());
    assertThat(rye.seed().drilled().typical()).isPositive();
    assertThat(rye.perennial()).isFalse();
    assertThat(anew.get("red_clover").perennial()).isTrue();
    List<CSVRecord> rows = CsvTable.shipped("species.csv");
    assertThat(SpeciesTable.of(rows.subList(0, 2)).all()).hasSize(2);
  }

  @Test
  void severalAreSaidTogetherAsAGrowerWould() {
    Species rye = Farm.species("cereal_rye");
    Species vetch = Farm.species("hairy_vetch");
    assertThat(Species.together(List.of(rye))).isEqualTo("Cereal rye");
    assertThat(Species.together(List.of(rye, vetch))).isEqualTo("Cereal rye and hairy vetch");
    assertThat(Species.together(List.of(rye, Farm.species("oats"), vetch)))
        .isEqualTo("Cereal rye, oats and hairy vetch");
  }

  @Test
  void liveSeedsFollowPurityAndGermination() {
    CoverComponent rye = new CoverComponent(Farm.species("cereal_rye"), 70, 0.90, 0.98, null);
    assertThat(rye.liveSeedsPerM2()).isCloseTo(70 * 40_000 * 0.90 * 0.98 / 10_000, within(1e-9));
    assertThatThrownBy(() -> new CoverComponent(Farm.species("oats"), 70, 90, 0.98, null))
        .hasMessageContaining("between 0 and 100");
  }
}
