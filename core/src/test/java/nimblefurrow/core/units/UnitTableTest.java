package nimblefurrow.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** One table of units: the web's is written from it. */
class UnitTableTest {
  private static final Path WEB = Path.of("../web/src/words/units.data.ts");

  @Test
  void theWebsTableIsThisOne() throws IOException {
    StringBuilder text =
        new StringBuilder("// Written by scripts/types from core's table of units.\n");
    text.append("export const UNITS = {\n");
    for (Unit unit : Unit.values()) {
      text.append("  ").append(unit.name()).append(": {\n");
      text.append("    us: ").append(said(unit.in(UnitSystem.US))).append(",\n");
      text.append("    metric: ").append(said(unit.in(UnitSystem.METRIC))).append(",\n  },\n");
    }
    text.append("} as const\n");
    if (Boolean.getBoolean("openapi.write")) {
      Files.writeString(WEB, text);
    }
    assertThat(Files.readString(WEB))
        .as("the units changed: run scripts/types and commit what it writes")
        .isEqualTo(text.toString());
  }

  private static String said(Unit.Said s) {
    return "{ factor: %s, offset: %s, name: '%s', digits: %d }"
        .formatted(plain(s.factor()), plain(s.offset()), s.name(), s.digits());
  }

  private static String plain(double value) {
    return new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
  }

  @ParameterizedTest
  @EnumSource(Unit.class)
  void whatIsSaidIsReadBack(Unit unit) {
    for (UnitSystem system : UnitSystem.values()) {
      for (double value : new double[] {-3.5, 0, 0.001, 1, 12345.678}) {
        assertThat(system.toSi(system.convert(value, unit), unit))
            .isCloseTo(value, within(1e-9 * Math.max(1, Math.abs(value))));
      }
    }
  }

  @ParameterizedTest
  @CsvSource({
    "USD_PER_KM, 1, 1.609344",
    "SPREAD_MG_PER_HA, 22.4170231, 10",
    "SLURRY_M3_PER_HA, 28.0619, 3000",
    "MPA, 2, 290.0754755",
    "M3, 1, 35.31466672",
    "M2, 1, 10.76391042",
    "USD_PER_KG, 2.2, 0.997903214",
    "PER_KG, 100000, 45359.237",
    "L, 100, 26.41720524",
    "G_PER_L, 480, 4.005808",
    "G_PER_KG, 250, 25",
    "M_PER_S, 4.4704, 10",
    "KG_PER_M, 100, 67.196897",
    "CORN_MG_PER_HA, 12.5, 199.1472",
    "BEAN_MG_PER_HA, 4, 59.4786",
    "USD_PER_MG_CORN, 177, 4.495986",
    "USD_PER_MG_BEAN, 400, 10.886217",
    "HA_PER_HOUR, 5, 12.355269",
    "DEGREE_DAYS, 100, 180",
    "CELSIUS, -40, -40",
  })
  void usUnitsAreByTheirDefinitions(Unit unit, double si, double us) {
    assertThat(UnitSystem.US.convert(si, unit)).isCloseTo(us, within(1e-4 * Math.abs(us) / 10));
  }
}
