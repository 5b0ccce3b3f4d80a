package nimblefurrow.core.hours;

/**
 * Weather of one hour, and how wet stems are at its end.
 *
 * @param tempC air
 * @param dewPointC of the air
 * @param windMPerS mean wind
 * @param gustMPerS strongest gust
 * @param rainMm fallen
 * @param solarWPerM2 sun on level ground
 * @param soilTempC at seeding depth
 * @param stemWetnessMm water on stems
 * @param topSoilWetness water of the upper 15 cm over field capacity
 */
public record Hour(
    double tempC,
    double dewPointC,
    double windMPerS,
    double gustMPerS,
    double rainMm,
    double solarWPerM2,
    double soilTempC,
    double stemWetnessMm,
    double topSoilWetness) {

  /** {@return vapour pressure deficit, kPa (Allen et al. 1998, eq. 11)} */
  public double vapourDeficitKPa() {
    return Math.max(0, pressure(tempC) - pressure(dewPointC));
  }

  /** {@return wet-bulb depression, °C: air less wet bulb of Stull 2011} */
  public double wetBulbDepressionC() {
    double rh = Math.min(100, Math.max(1, 100 * pressure(dewPointC) / pressure(tempC)));
    double wet =
        tempC * Math.atan(0.151977 * Math.sqrt(rh + 8.313659))
            + Math.atan(tempC + rh)
            - Math.atan(rh - 1.676331)
            + 0.00391838 * Math.pow(rh, 1.5) * Math.atan(0.023101 * rh)
            - 4.686035;
    return Math.max(0, tempC - wet);
  }

  private static double pressure(double c) {
    return 0.6108 * Math.exp(17.27 * c / (c + 237.3));
  }
}
