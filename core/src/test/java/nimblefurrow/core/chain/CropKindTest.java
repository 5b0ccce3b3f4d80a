package nimblefurrow.core.chain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.season.CashCrop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is usual of each crop where nothing is said, and what is said outranks it. */
class CropKindTest {
  private static final LocalDate GIVEN = LocalDate.of(2026, 6, 3);

  @ParameterizedTest
  @CsvSource({
    "corn, 2026-05-05, 2026-10-10, CORN, CORN",
    "silageCorn, 2026-05-08, 2026-09-10, CORN, CORN",
    "soybean, 2026-05-15, 2026-09-28, SOYBEAN, SOYBEAN",
    "smallGrain, 2025-10-01, 2026-07-12, SMALL_GRAIN, OTHER",
    "none, 2026-05-15, 2026-07-01, OTHER, OTHER",
  })
  void usualDaysAndKinds(
      String key, LocalDate planted, LocalDate off, Link.CropClass chain, NextCrop.Kind next) {
    CropKind kind = CropKind.of(key);
    assertThat(kind.plantedOn(null, 2026)).isEqualTo(planted);
    assertThat(kind.offOn(null, 2026)).isEqualTo(off);
    assertThat(kind.plantedOn(GIVEN, 2026)).isEqualTo(GIVEN);
    assertThat(kind.offOn(GIVEN, 2026)).isEqualTo(GIVEN);
    assertThat(kind.inChain()).isEqualTo(chain);
    assertThat(kind.next()).isEqualTo(next);
    assertThat(kind.planting(2026).holds(planted)).as("its usual day can be").isTrue();
    assertThat(kind).hasToString(key);
  }

  @Test
  void theModelTakesWhatIsSaidAndElseWhatIsUsual() {
    LocalDate may = LocalDate.of(2026, 5, 5);
    assertThat(CropKind.CORN.model(null, null, null, null, 2026))
        .isEqualTo(new CashCrop.Corn(may, 105, null, false, CashCrop.Corn.USUAL_MOISTURE));
    assertThat(CropKind.SILAGE_CORN.model(may, 99.0, null, null, 2026))
        .isEqualTo(new CashCrop.Corn(may, 99, null, true, CashCrop.Corn.USUAL_MOISTURE));
    assertThat(CropKind.SOYBEAN.model(may, null, null, null, 2026))
        .isEqualTo(new CashCrop.Soybean(may, 2.6, 0.762, null));
    LocalDate cut = LocalDate.of(2026, 9, 20);
    assertThat(CropKind.SOYBEAN.model(may, 2.1, 0.38, cut, 2026))
        .isEqualTo(new CashCrop.Soybean(may, 2.1, 0.38, cut));
    assertThat(CropKind.SMALL_GRAIN.model(null, null, null, null, 2026))
        .isEqualTo(new CashCrop.SmallGrain(LocalDate.of(2026, 7, 12)));
    assertThat(CropKind.NONE.model(null, null, null, null, 2026)).isEqualTo(new CashCrop.None());
  }

  @Test
  void grainIsSownInTheAutumnBeforeAndWhatIsNoCropIsSaid() {
    assertThat(CropKind.SMALL_GRAIN.planting(2026).holds(LocalDate.of(2025, 10, 5))).isTrue();
    assertThat(CropKind.CORN.planting(2026).holds(LocalDate.of(2025, 10, 5))).isFalse();
    assertThatThrownBy(() -> CropKind.of("hops")).hasMessageContaining("no crop called “hops”");
  }
}
