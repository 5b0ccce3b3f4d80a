package nimblefurrow.core.ending;

import nimblefurrow.core.units.Need;

/**
 * What one way of ending costs.
 *
 * @param way its key
 * @param passes over the field, in words; empty for none
 * @param usdPerHa all passes and products
 */
public record WayCost(String way, String passes, double usdPerHa) {
  public WayCost {
    Need.notNegative("usdPerHa", "The cost of a way of ending", usdPerHa);
  }
}
