package nimblefurrow.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.record.SoilYears.Look;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

class SoilYearsTest {
  private static Look look(int year, double value) {
    return new Look("a field", LocalDate.of(year, 4, 20), value);
  }

  private static String says(List<Look> own, List<Look> beside) {
    return SoilYears.of(EntryFigure.WORMS, own, beside).says().say(UnitSystem.US);
  }

  @Test
  void saysWhatBecameOfItInOrderOfTheYears() {
    assertThat(says(List.of(look(2026, 9), look(2024, 4)), List.of()))
        .isEqualTo("4 in 2024, 9 in 2026");
    assertThat(says(List.of(look(2026, 9)), List.of())).isEqualTo("9 in 2026");
    assertThat(says(List.of(look(2026, 9), look(2026, 4)), List.of()))
        .as("two looks of one year are no years")
        .isEqualTo("4 in 2026");
  }

  @Test
  void aTenthIsHowOneDigs() {
    assertThat(says(List.of(look(2024, 10), look(2026, 11)), List.of()))
        .isEqualTo("11 in 2026, much as in 2024");
    assertThat(says(List.of(look(2024, 10), look(2026, 9)), List.of())).contains("much as in");
    assertThat(says(List.of(look(2024, 10), look(2026, 12)), List.of()))
        .isEqualTo("10 in 2024, 12 in 2026");
  }

  @Test
  void othersOfTheSameYearStandBesideItElseThoseOfAllYears() {
    List<Look> others = List.of(look(2026, 3), look(2026, 5), look(2026, 7), look(2024, 90));
    assertThat(says(List.of(look(2026, 9)), others))
        .isEqualTo("9 in 2026; beside it 5 in the middle of 3 looks");
    assertThat(says(List.of(look(2025, 9)), List.of(look(2024, 6))))
        .isEqualTo("9 in 2025; beside it 6 in the middle of one look");
  }

  @Test
  void nitrateIsOfItsSeason() {
    assertThat(SoilYears.followed())
        .contains(EntryFigure.WORMS, EntryFigure.SOAKS, EntryFigure.ORGANIC_MATTER)
        .doesNotContain(EntryFigure.SOIL_NITRATE);
  }
}
