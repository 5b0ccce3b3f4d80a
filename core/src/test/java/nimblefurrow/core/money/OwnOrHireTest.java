package nimblefurrow.core.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnOrHireTest {
  private static OwnOrHire.Machine machine(double interest) {
    return new OwnOrHire.Machine(60_000, 12, 15_000, interest, 900, 22);
  }

  /** Annuity of 45,000 over 12 years at 7 %: 5,665.5895; and 7 % of 15,000. */
  @Test
  void capitalIsRecoveredOverItsLife() {
    OwnOrHire o = OwnOrHire.of(machine(0.07), 45, 300);
    double annuity = 45_000 * 0.07 / (1 - Math.pow(1.07, -12));
    assertThat(annuity).isCloseTo(5665.59, within(0.01));
    assertThat(o.capitalPerYear()).isCloseTo(annuity + 1050, within(1e-9));
    assertThat(o.ownPerHa()).isCloseTo((annuity + 1950) / 300 + 22, within(1e-9));
    assertThat(o.breakEvenHa()).isCloseTo((annuity + 1950) / 23, within(1e-9));
    assertThat(o.own()).isFalse();
  }

  @Test
  void withoutInterestItIsSharedOverTheYearsAndALittleInterestIsNear() {
    assertThat(OwnOrHire.of(machine(0), 45, 300).capitalPerYear()).isEqualTo(3750);
    assertThat(OwnOrHire.of(machine(1e-9), 45, 300).capitalPerYear()).isCloseTo(3750, within(1e-2));
  }

  @Test
  void atTheBreakEvenAreaBothCostTheSame() {
    Double even = OwnOrHire.of(machine(0.05), 45, 300).breakEvenHa();
    assertThat(OwnOrHire.of(machine(0.05), 45, even).ownPerHa()).isCloseTo(45, within(1e-9));
    assertThat(OwnOrHire.of(machine(0.05), 45, even + 1).own()).isTrue();
    assertThat(OwnOrHire.of(machine(0.05), 45, even - 1).own()).isFalse();
  }

  @Test
  void whereHiringCostsNoMoreThanFuelItIsAlwaysCheaper() {
    assertThat(OwnOrHire.of(machine(0.05), 22, 9000).breakEvenHa()).isNull();
    assertThat(OwnOrHire.of(machine(0.05), 22.01, 9000).breakEvenHa()).isNotNull();
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 12, 0, 0.05, 300, price",
    "100, 0, 0, 0.05, 300, lifeYears",
    "100, 60.1, 0, 0.05, 300, lifeYears",
    "100, 12, 101, 0.05, 300, salvage",
    "100, 12, 0, -0.01, 300, interest",
    "100, 12, 0, 1.01, 300, interest",
    "100, 12, 0, 0.05, 0, areaHaPerYear",
  })
  void nonsenseIsRefused(
      double price, double life, double salvage, double interest, double area, String where) {
    OwnOrHire.Machine m = new OwnOrHire.Machine(price, life, salvage, interest, 0, 5);
    assertThatThrownBy(() -> OwnOrHire.of(m, 10, area))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }
}
