package nimblefurrow.core.load;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.load.HirePrice.Tariff;
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
   * {@return seeding for someone else, in the reader's units}
   *
   * @param units units it is said in
   * @param areaHa area, ha
   * @param rateKgPerHa bulk rate, kg/ha
   * @param hours it takes
   * @param t prices
   * @param taxPercent on all of it; 0 for none
   */
  public static Bill of(
      UnitSystem units,
      double areaHa,
      double rateKgPerHa,
      double hours,
      Tariff t,
      double taxPercent) {
    HirePrice price = HirePrice.of(areaHa, rateKgPerHa, areaHa / hours, t);
    Need.notNegative("taxPercent", "The tax", taxPercent);
    List<Line> lines = new ArrayList<>();
    Line work =
        price.basis() == HirePrice.Basis.AREA
            ? byArea(units, "Work", areaHa, t.pricePerHa())
            : byHour("Work", hours, t.pricePerHour());
    BigDecimal least = cents(t.minimumCharge());
    if (work.amount().compareTo(least) < 0) {
      lines.add(
          new Line(
              "Least charge for a job, in place of %s: %s"
                  .formatted(money(work.amount()), work.words()),
              least));
    } else {
      lines.add(work);
    }
    if (t.ferryKm() > 0 && t.pricePerKm() > 0) {
      lines.add(way(units, t));
    }
    if (taxPercent > 0) {
      BigDecimal all = of(lines).total();
      BigDecimal percent = BigDecimal.valueOf(taxPercent).stripTrailingZeros();
      BigDecimal tax = all.multiply(percent).divide(PERCENT, 2, RoundingMode.HALF_UP);
      lines.add(new Line("Tax, %s %% of %s".formatted(percent.toPlainString(), money(all)), tax));
    }
    return of(lines);
  }

  /**
   * {@return work charged by area}
   *
   * @param units units it is said in
   * @param what what it is, for a sentence
   * @param areaHa area, ha
   * @param pricePerHa price in the units' area, US dollars
   */
  public static Line byArea(UnitSystem units, String what, double areaHa, double pricePerHa) {
    boolean us = units == UnitSystem.US;
    BigDecimal area = tidy(us ? areaHa / UnitSystem.HA_PER_ACRE : areaHa, 2);
    BigDecimal price = cents(us ? pricePerHa * UnitSystem.HA_PER_ACRE : pricePerHa);
    return new Line(
        "%s, %s %s at %s".formatted(what, shown(area), us ? "ac" : "ha", money(price)),
        times(area, price));
  }

  /**
   * {@return work charged by the hour}
   *
   * @param what what it is, for a sentence
   * @param hours hours at work
   * @param pricePerHour price of an hour, US dollars
   */
  public static Line byHour(String what, double hours, double pricePerHour) {
    BigDecimal h = tidy(hours, 2);
    BigDecimal price = cents(pricePerHour);
    return new Line("%s, %s h at %s".formatted(what, shown(h), money(price)), times(h, price));
  }

  private static Line way(UnitSystem units, Tariff t) {
    boolean us = units == UnitSystem.US;
    BigDecimal far = tidy(us ? t.ferryKm() / UnitSystem.KM_PER_MILE : t.ferryKm(), 1);
    BigDecimal price = cents(us ? t.pricePerKm() * UnitSystem.KM_PER_MILE : t.pricePerKm());
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
