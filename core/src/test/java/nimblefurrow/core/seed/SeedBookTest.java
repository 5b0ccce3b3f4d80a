package nimblefurrow.core.seed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.seeding.PlanLimits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Seed that is bought, taken and put out agrees; what cannot be seeded is said. */
class SeedBookTest {
  @Test
  void aTenthMoreThanTheFieldCanBeSeeded() {
    assertThat(SeedBook.fits(44, 40)).isTrue();
    assertThat(SeedBook.fits(44.1, 40)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    // Half a kilogram, or five in a thousand where that is more.
    "10.5, 10, true",
    "10.51, 10, false",
    "9.49, 10, false",
    "1005, 1000, true",
    "1005.1, 1000, false",
    "995, 1000, true",
    "994.9, 1000, false",
  })
  void lotsAgreeWithTheField(double lots, double field, boolean agrees) {
    assertThat(SeedBook.agrees(lots, field)).isEqualTo(agrees);
  }

  @Test
  void whatIsMissingIsBoughtFromHalfAKilogramOn() {
    assertThat(SeedBook.toBuy(100, 40)).isEqualTo(60);
    assertThat(SeedBook.toBuy(40, 100)).isZero();
    assertThat(SeedBook.toBuy(100.5, 100)).isZero();
    assertThat(SeedBook.toBuy(100.75, 100)).isEqualTo(0.75);
  }

  @Test
  void ratesRunFromATraceToFiveTimesTheMost() {
    Species rye = Farm.species("cereal_rye");
    assertThat(PlanLimits.leastKgPerHa(rye))
        .isCloseTo(rye.seed().drilled().low() / 50, within(1e-9));
    assertThat(PlanLimits.mostKgPerHa(rye))
        .isCloseTo(5 * rye.seed().surface().high(), within(1e-9));
  }
}
