package nimblefurrow.core.load;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.load.HirePrice.Tariff;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What is shown on a bill is what is charged. */
class BillTest {
  private static final Pattern LINE =
      Pattern.compile(".*, ([\\d.]+) (?:ac|ha|h|mi|km) at \\$([\\d,.]+)$");

  @Test
  void everyLineIsItsQuantityTimesItsPriceAsShownAndTheLinesAreTheTotal() {
    Random random = new Random(7);
    for (int i = 0; i < 400; i++) {
      Tariff t =
          new Tariff(
              20 + 60 * random.nextDouble(),
              90 + 200 * random.nextDouble(),
              random.nextBoolean() ? 60 : 0,
              0,
              40 * random.nextDouble(),
              3 * random.nextDouble());
      for (UnitSystem units : UnitSystem.values()) {
        Bill bill =
            Bill.of(
                units,
                1 + 90 * random.nextDouble(),
                50,
                0.3 + 20 * random.nextDouble(),
                t,
                i % 2 == 0 ? 0 : 7.25);
        BigDecimal sum = BigDecimal.ZERO;
        for (Bill.Line line : bill.lines()) {
          Matcher m = LINE.matcher(line.words());
          if (m.matches()) {
            BigDecimal shown =
                new BigDecimal(m.group(1)).multiply(new BigDecimal(m.group(2).replace(",", "")));
            assertThat(line.amount())
                .as(line.words())
                .isEqualByComparingTo(shown.setScale(2, RoundingMode.HALF_UP));
          } else {
            assertThat(line.words()).startsWith("Tax");
          }
          sum = sum.add(line.amount());
        }
        assertThat(bill.total()).isEqualByComparingTo(sum);
      }
    }
  }

  @Test
  void aBillByHand() {
    Tariff t = new Tariff(49.42, 165, 60, 250, 16.09344, 1.5);
    Bill us = Bill.of(UnitSystem.US, 16.1874256896, 50, 2, t, 0);
    assertThat(us.lines().get(0).words()).isEqualTo("Work, 40 ac at $20.00");
    assertThat(us.lines().get(0).amount()).isEqualByComparingTo("800.00");
    assertThat(us.lines().get(1).words()).isEqualTo("The way there, 10 mi at $2.41");
    assertThat(us.total()).isEqualByComparingTo("824.10");
    Bill heavy = Bill.of(UnitSystem.METRIC, 16.2, 90, 2.26, t, 10);
    assertThat(heavy.lines().get(0).words()).isEqualTo("Work, 2.26 h at $165.00");
    assertThat(heavy.lines().get(2).words()).isEqualTo("Tax, 10 % of $397.05");
    Bill small = Bill.of(UnitSystem.US, 1, 50, 0.5, t, 0);
    assertThat(small.lines().get(0).words()).startsWith("Least charge for a job, in place of $49.");
    assertThat(small.lines().get(0).amount()).isEqualByComparingTo("250");
  }
}
