package nimblefurrow.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Units, sentences, curves and quantiles. */
class UnitsTest {
  @ParameterizedTest
  @CsvSource({
    "HA, 1, 2.471054",
    "KG_PER_HA, 100, 89.2179",
    "MG_PER_HA, 8, 7137.43",
    "MM, 25.4, 1",
    "CM, 30.48, 12",
    "CELSIUS, -2.2, 28.04",
    "DEGREE_DAYS, 100, 180",
    "PER_M2, 10.7639104, 1",
    "USD_PER_HA, 100, 40.4686"
  })
  void knownConversions(Unit unit, double si, double us) {
    assertThat(UnitSystem.US.convert(si, unit)).isCloseTo(us, within(1e-4 * Math.abs(us)));
  }

  @ParameterizedTest
  @EnumSource(Unit.class)
  void conversionsComeBack(Unit unit) {
    for (UnitSystem system : UnitSystem.values()) {
      assertThat(system.toSi(system.convert(12.345, unit), unit)).isCloseTo(12.345, within(1e-9));
    }
  }

  @Test
  void aReasonIsSaidInTheReadersUnits() {
    Reason reason =
        Reason.of("{who} needs {heat} by {day}")
            .with("who", "Oats")
            .with("heat", 200, Unit.DEGREE_DAYS)
            .with("day", LocalDate.of(2026, 9, 5));
    assertThat(reason.say(UnitSystem.US)).isEqualTo("Oats needs 360 °F·days by 5 Sep");
    assertThat(reason.say(UnitSystem.METRIC)).isEqualTo("Oats needs 200 °C·days by 5 Sep");
  }

  @Test
  void quantilesLieBetweenYearsAndNeverSortsLast() {
    Spread spread = Spread.of(new double[] {4, 1, Double.POSITIVE_INFINITY, 2});
    assertThat(spread.median()).isEqualTo(3);
    assertThat(spread.quantile(0)).isEqualTo(1);
    assertThat(spread.quantile(1)).isInfinite();
    assertThat(spread.atMost(2)).isEqualTo(2);
    assertThat(spread.atLeast(2)).isEqualTo(3);
    assertThat(Spread.of(new double[0]).median()).isNaN();
  }

  @Test
  void curvesAreLinearBetweenPointsAndFlatOutside() {
    Curve curve = Curve.through(new double[] {1, 3}, new double[] {10, 20});
    assertThat(curve.at(0)).isEqualTo(10);
    assertThat(curve.at(2)).isEqualTo(15);
    assertThat(curve.at(9)).isEqualTo(20);
    assertThatThrownBy(() -> Curve.through(new double[] {1, 1}, new double[] {0, 0}))
        .hasMessageContaining("rise");
  }
}
