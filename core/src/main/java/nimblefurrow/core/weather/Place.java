package nimblefurrow.core.weather;

import nimblefurrow.core.units.Refused;

/**
 * Where weather was measured.
 *
 * @param latitudeDeg north positive, −90..90
 * @param elevationM metres above the sea, −430..6000
 * @param coastal whether the sea is near, which dampens the daily range of temperature
 */
public record Place(double latitudeDeg, double elevationM, boolean coastal) {
  /**
   * @throws Refused when latitude or elevation cannot be on land
   */
  public Place {
    if (!(latitudeDeg >= -90 && latitudeDeg <= 90)) {
      throw new Refused("", "latitude " + latitudeDeg + "° is not within ±90°");
    }
    if (!(elevationM >= -430 && elevationM <= 6000)) {
      throw new Refused("", "elevation " + elevationM + " m is not on farmed land");
    }
  }
}
