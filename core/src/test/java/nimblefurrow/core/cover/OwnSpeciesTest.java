package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Species of the grower's own grow like their model but for what is known of them. */
class OwnSpeciesTest {
  private static final Species.Rates RATES = new Species.Rates(40, 60, 100);

  private static OwnSpecies own(String like, double lt50, double ripening, double height) {
    return new OwnSpecies(
        "own_a", like, "Mine", 80_000, RATES, RATES, 40, 20, 45, lt50, ripening, height, 20, 1);
  }

  @Test
  void standsBehindTheTableWithItsOwnFiguresAndItsModelsLeaf() {
    SpeciesTable table = Farm.SPECIES.with(List.of(own("cereal_rye", -26, 1.1, 150)));
    Species mine = table.get("own_a");
    Species rye = table.get("cereal_rye");
    assertThat(table.all()).hasSize(29).last().isEqualTo(mine);
    assertThat(mine.winter().lt50HardC()).isEqualTo(-26);
    assertThat(mine.clock().keyPtu()).isEqualTo(rye.clock().keyPtu() * 1.1);
    assertThat(mine.seed().singleMg()).isEqualTo(12.5);
    assertThat(mine.growth().seedlingMg())
        .as("half the seed")
        .isEqualTo(rye.growth().seedlingMg() / 2);
    assertThat(mine.growth().rueGPerMj()).isEqualTo(rye.growth().rueGPerMj());
  }

  @ParameterizedTest
  @CsvSource({
    "no_such, -26, 1, 150, like",
    "own_a, -26, 1, 150, like",
    "cereal_rye, -60, 1, 150, lt50C",
    "cereal_rye, -26, 2, 150, ripening",
    "cereal_rye, -26, 1, 600, heightCm",
    "cereal_rye, NaN, 1, 150, lt50C"
  })
  void beyondWhatTheModelHoldsForItIsRefusedWithItsPlace(
      String like, double lt50, double ripening, double height, String where) {
    assertThatThrownBy(() -> own(like, lt50, ripening, height).in(Farm.SPECIES))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }
}
