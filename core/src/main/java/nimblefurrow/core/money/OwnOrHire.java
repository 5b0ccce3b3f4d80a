package nimblefurrow.core.money;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Own a machine or hire one. Capital recovery: (price − salvage)·r/(1 − (1 + r)^−n) + salvage·r
 * (ASABE EP496.3 2006).
 *
 * @param capitalPerYear what the money in it costs a year
 * @param ownPerHa all of owning, by area
 * @param breakEvenHa area a year from which owning is cheaper; null where hiring never costs more
 * @param own whether owning is cheaper on the area there is
 */
public record OwnOrHire(
    double capitalPerYear, double ownPerHa, @Nullable Double breakEvenHa, boolean own) {
  /** A machine keeps no longer. */
  private static final double LONGEST_YEARS = 60;

  /** Nobody lends at more, and nothing is reckoned with less. */
  private static final double MOST_INTEREST = 1;

  /**
   * A machine that might be bought.
   *
   * @param price to buy it
   * @param lifeYears it is kept
   * @param salvage it is sold for then
   * @param interest a year, as a share
   * @param fixedPerYear shed, insurance, taxes
   * @param variablePerHa fuel, wear, driver
   */
  public record Machine(
      double price,
      double lifeYears,
      double salvage,
      double interest,
      double fixedPerYear,
      double variablePerHa) {}

  /**
   * {@return what is cheaper}
   *
   * @param m the machine
   * @param hirePerHa what hiring costs
   * @param areaHaPerYear area there is
   * @throws Refused when a figure cannot be
   */
  public static OwnOrHire of(Machine m, double hirePerHa, double areaHaPerYear) {
    Need.notNegative("price", "The price", m.price());
    Need.notNegative("salvage", "What it is sold for", m.salvage());
    Need.positive("lifeYears", "The years it is kept", m.lifeYears());
    Need.notNegative("interest", "The interest", m.interest());
    Need.notNegative("fixedPerYear", "The fixed cost", m.fixedPerYear());
    Need.notNegative("variablePerHa", "The cost by area", m.variablePerHa());
    Need.notNegative("hirePerHa", "The hire", hirePerHa);
    Need.positive("areaHaPerYear", "The area a year", areaHaPerYear);
    if (m.lifeYears() > LONGEST_YEARS) {
      throw new Refused("lifeYears", "The years it is kept are at most 60.");
    }
    if (m.interest() > MOST_INTEREST) {
      throw new Refused("interest", "The interest is a share of the price, at most 1.");
    }
    if (m.salvage() > m.price()) {
      throw new Refused("salvage", "It is not sold for more than it was bought for.");
    }
    double r = m.interest();
    double capital =
        r == 0
            ? (m.price() - m.salvage()) / m.lifeYears()
            : (m.price() - m.salvage()) * r / (1 - Math.pow(1 + r, -m.lifeYears()))
                + m.salvage() * r;
    double yearly = capital + m.fixedPerYear();
    double ownPerHa = yearly / areaHaPerYear + m.variablePerHa();
    Double even = hirePerHa <= m.variablePerHa() ? null : yearly / (hirePerHa - m.variablePerHa());
    return new OwnOrHire(capital, ownPerHa, even, ownPerHa < hirePerHa);
  }
}
