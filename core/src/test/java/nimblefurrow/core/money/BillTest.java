package nimblefurrow.core.money;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.machine.HireTerms;
import nimblefurrow.core.machine.Price;
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
      Price t =
          new Price(
              90 + 200 * random.nextDouble(),
              20 + 60 * random.nextDouble(),
              true,
              new HireTerms(
                  random.nextBoolean() ? 60.0 : 0.0,
                  0,
                  40 * random.nextDouble(),
                  3 * random.nextDouble()));
      for (UnitSystem units : UnitSystem.values()) {
        Bill bill =
            Bill.of(
                units,
                new Bill.Job(
                    "Work", 1 + 90 * random.nextDouble(), 0.3 + 20 * random.nextDouble(), 50),
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
    Price t = new Price(165.0, 49.42, true, new HireTerms(60.0, 250, 16.09344, 1.5));
    Bill us = Bill.of(UnitSystem.US, new Bill.Job("Work", 16.1874256896, 2, 50), t, 0);
    assertThat(us.lines().get(0).words()).isEqualTo("Work, 40 ac at $20.00");
    assertThat(us.lines().get(0).amount()).isEqualByComparingTo("800.00");
    assertThat(us.lines().get(1).words()).isEqualTo("The way there, 10 mi at $2.41");
    assertThat(us.total()).isEqualByComparingTo("824.10");
    Bill heavy = Bill.of(UnitSystem.METRIC, new Bill.Job("Work", 16.2, 2.26, 90), t, 10);
    assertThat(heavy.lines().get(0).words()).isEqualTo("Work, 2.26 h at $165.00");
    assertThat(heavy.lines().get(2).words()).isEqualTo("Tax, 10 % of $397.05");
    Bill small = Bill.of(UnitSystem.US, new Bill.Job("Work", 1, 0.5, 50), t, 0);
    assertThat(small.lines().get(0).words()).startsWith("Least charge for a job, in place of $49.");
    assertThat(small.lines().get(0).amount()).isEqualByComparingTo("250");
  }

  @Test
  void aMachineOfOnePriceChargesThatAndOneOfNoneNothing() {
    Bill.Job heavy = new Bill.Job("Rolling", 10, 4, 500);
    Price byArea = new Price(null, 30.0, true, new HireTerms(60.0, 0, 0, 0));
    assertThat(Bill.of(UnitSystem.METRIC, heavy, byArea, 0).total()).isEqualByComparingTo("300");
    Price byHour = new Price(50.0, null, true);
    assertThat(Bill.of(UnitSystem.METRIC, heavy, byHour, 0).lines())
        .singleElement()
        .satisfies(l -> assertThat(l.words()).isEqualTo("Rolling, 4 h at $50.00"));
    HireTerms terms = new HireTerms(null, 250, 10, 2);
    assertThat(Bill.of(UnitSystem.US, heavy, new Price(null, null, true, terms), 7).lines())
        .as("nothing is said of its price, so nothing is charged")
        .isEmpty();
  }

  @Test
  void aBillAndThePlansPriceAreOne() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      Price price =
          new Price(
              (double) random.nextInt(300),
              (double) random.nextInt(80),
              true,
              new HireTerms(
                  random.nextBoolean() ? null : 60.0, random.nextInt(500), random.nextInt(40), 2));
      double areaHa = 1 + random.nextInt(80);
      double hours = 1 + random.nextInt(20);
      double rate = random.nextInt(120);
      assertThat(
              Bill.of(UnitSystem.METRIC, new Bill.Job("Work", areaHa, hours, rate), price, 0)
                  .total()
                  .doubleValue())
          .isEqualTo(price.usd(areaHa, hours, rate));
    }
  }
}
