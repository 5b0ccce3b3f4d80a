package nimblefurrow.core.money;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.machine.HireTerms;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.UnitSystem;

/**
 * A quote or an invoice that adds up: each line's quantity times its price, both as they are shown,
 * is its amount to the cent, and the lines are the total.
 *
 * @param lines in the order they are read
 * @param total of all lines
 */
public record Bill(List<Line> lines, BigDecimal total) {
  private static final BigDecimal PERCENT = BigDecimal.valueOf(100);

  /**
   * One line.
   *
   * @param words what it is for, with quantity and price as they are charged
   * @param amount in US dollars and cents
   */
  public record Line(String words, BigDecimal amount) {}

  /**
   * A job that is charged.
   *
   * @param what what it is, for a sentence
   * @param areaHa area, ha
   * @param hours at work
   * @param rateKgPerHa bulk rate of what goes out, kg/ha; 0 for work that brings nothing out
   */
  public record Job(String what, double areaHa, double hours, double rateKgPerHa) {
    public Job {
      Need.positive("areaHa", "The area", areaHa);
      Need.positive("hours", "The hours it takes", hours);
      Need.notNegative("rateKgPerHa", "The rate", rateKgPerHa);
    }
  }

  public Bill {
    lines = List.copyOf(lines);
  }

  /**
   * {@return a bill of lines}
   *
   * @param lines lines of the bill
   */
  public static Bill of(List<Line> lines) {
    return new Bill(
        lines, lines.stream().map(Line::amount).reduce(BigDecimal.ZERO, BigDecimal::add));
  }

  /**
   * {@return work for someone else, in the reader's units; empty without any price}
   *
   * @param units units it is said in
   * @param job what it is for
   * @param price what the machine costs
   * @param taxPercent on all of it; 0 for none
   */
  public static Bill of(UnitSystem units, Job job, Price price, double taxPercent) {
    Need.notNegative("taxPercent", "The tax", taxPercent);
    List<Line> lines = new ArrayList<>(lines(units, job, price));
    if (taxPercent > 0 && !lines.isEmpty()) {
      BigDecimal all = of(lines).total();
      BigDecimal percent = BigDecimal.valueOf(taxPercent).stripTrailingZeros();
      BigDecimal tax = all.multiply(percent).divide(PERCENT, 2, RoundingMode.HALF_UP);
      lines.add(new Line("Tax, %s %% of %s".formatted(percent.toPlainString(), money(all)), tax));
    }
    return of(lines);
  }

  private static List<Line> lines(UnitSystem units, Job job, Price price) {
    HirePrice.Basis basis = price.basis(job.rateKgPerHa());
    Double perHa = price.usdPerHa();
    Double perHour = price.usdPerHour();
    Line work;
    if (basis == HirePrice.Basis.AREA && perHa != null) {
      work = byArea(units, job.what(), job.areaHa(), perHa);
    } else if (basis == HirePrice.Basis.HOUR && perHour != null) {
      work = byHour(job.what(), job.hours(), perHour);
    } else {
      return List.of();
    }
    HireTerms terms = price.terms();
    List<Line> lines = new ArrayList<>();
    BigDecimal least = cents(terms.leastUsd());
    if (work.amount().compareTo(least) < 0) {
      lines.add(
          new Line(
              "Least charge for a job, in place of %s: %s"
                  .formatted(money(work.amount()), work.words()),
              least));
    } else {
      lines.add(work);
    }
    if (terms.wayUsd() > 0) {
      lines.add(way(units, terms));
    }
    return lines;
  }

  private static Line byArea(UnitSystem units, String what, double areaHa, double pricePerHa) {
    boolean us = units == UnitSystem.US;
    BigDecimal area = tidy(us ? areaHa / UnitSystem.HA_PER_ACRE : areaHa, 2);
    BigDecimal price = cents(us ? pricePerHa * UnitSystem.HA_PER_ACRE : pricePerHa);
    return new Line(
        "%s, %s %s at %s".formatted(what, shown(area), us ? "ac" : "ha", money(price)),
        times(area, price));
  }

  private static Line byHour(String what, double hours, double pricePerHour) {
    BigDecimal h = tidy(hours, 2);
    BigDecimal price = cents(pricePerHour);
    return new Line("%s, %s h at %s".formatted(what, shown(h), money(price)), times(h, price));
  }

  private static Line way(UnitSystem units, HireTerms t) {
    boolean us = units == UnitSystem.US;
    BigDecimal far = tidy(us ? t.wayKm() / UnitSystem.KM_PER_MILE : t.wayKm(), 1);
    BigDecimal price = cents(us ? t.usdPerKm() * UnitSystem.KM_PER_MILE : t.usdPerKm());
    return new Line(
        "The way there, %s %s at %s".formatted(shown(far), us ? "mi" : "km", money(price)),
        times(far, price));
  }

  private static BigDecimal times(BigDecimal quantity, BigDecimal price) {
    return quantity.multiply(price).setScale(2, RoundingMode.HALF_UP);
  }

  private static BigDecimal cents(double usd) {
    return tidy(usd, 2);
  }

  private static BigDecimal tidy(double value, int places) {
    return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
  }

  private static String shown(BigDecimal quantity) {
    BigDecimal tidied = quantity.stripTrailingZeros();
    return (tidied.scale() < 0 ? tidied.setScale(0, RoundingMode.UNNECESSARY) : tidied)
        .toPlainString();
  }

  /**
   * {@return dollars and cents, such as {@code $1,240.50}}
   *
   * @param usd US dollars
   */
  public static String money(BigDecimal usd) {
    return String.format(Locale.ENGLISH, "$%,.2f", usd);
  }
}
