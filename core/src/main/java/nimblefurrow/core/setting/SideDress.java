package nimblefurrow.core.setting;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Nitrogen that goes between the rows in the pass that seeds the cover.
 *
 * @param product in the farm's own word; only its label and the farm's agronomist say how much
 * @param nitrogenKgPerHa nitrogen it brings
 * @param bandM where its band lies, from a crop row towards the next
 */
public record SideDress(String product, double nitrogenKgPerHa, double bandM) {
  private static final int LONGEST = 120;

  /** More than this no pass brings: corn of the best ground takes that much in a year. */
  private static final double MOST_KG_PER_HA = 350;

  /** Checks it. */
  public SideDress {
    if (product.isBlank() || product.length() > LONGEST) {
      throw new Refused(
          "sideDress.product", "Say in up to %d characters what is spread.".formatted(LONGEST));
    }
    Need.positive("sideDress.nitrogenKgPerHa", "The nitrogen", nitrogenKgPerHa);
    if (nitrogenKgPerHa > MOST_KG_PER_HA) {
      throw new Refused(
          "sideDress.nitrogenKgPerHa", "So much nitrogen in one pass is a slip of the pen.");
    }
    Need.notNegative("sideDress.bandM", "The place of the band", bandM);
  }
}
