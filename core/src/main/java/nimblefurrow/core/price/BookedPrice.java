package nimblefurrow.core.price;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * A price and where it is from.
 *
 * @param what it is of
 * @param usd in the unit of what it is of
 * @param year of the price
 * @param source where it is from, in words
 */
public record BookedPrice(Priced what, double usd, int year, String source) {
  private static final double MOST_USD = 100_000;
  private static final int FIRST_YEAR = 1990;
  private static final int LAST_YEAR = 2100;
  private static final int LONGEST = 200;

  public BookedPrice {
    Need.notNegative("usd", "The price", usd);
    if (usd > MOST_USD) {
      throw new Refused("usd", "The price is too high to be one.");
    }
    if (year < FIRST_YEAR || year > LAST_YEAR) {
      throw new Refused("year", "The year of a price lies between 1990 and 2100.");
    }
    source = source.strip();
    if (source.length() > LONGEST) {
      throw new Refused("source", "Say where it is from in under 200 characters.");
    }
  }
}
