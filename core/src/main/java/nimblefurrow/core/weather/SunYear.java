package nimblefurrow.core.weather;

import static nimblefurrow.core.units.Maths.clamp;

/**
 * The sun over a place on each day of a year, the same every year: computed once, however many
 * years of weather pass under it.
 *
 * <p>Source: Allen, Pereira, Raes and Smith 1998, FAO Irrigation and Drainage Paper 56, equations
 * 21-25 and 34.
 */
final class SunYear {
  private static final int LAST_DAY = 366;
  private static final double SOLAR_CONSTANT = 0.0820;

  private final double[] dayLengthH = new double[LAST_DAY + 1];
  private final double[] extraterrestrialMj = new double[LAST_DAY + 1];

  SunYear(double latitudeDeg) {
    double latitude = Math.toRadians(latitudeDeg);
    for (int day = 1; day <= LAST_DAY; day++) {
      double angle = 2 * Math.PI * day / 365;
      double sunDistance = 1 + 0.033 * Math.cos(angle);
      double declination = 0.409 * Math.sin(angle - 1.39);
      double cosine = clamp(-Math.tan(latitude) * Math.tan(declination), -1, 1);
      double sunset = Math.acos(cosine);
      double ra =
          24
              * 60
              / Math.PI
              * SOLAR_CONSTANT
              * sunDistance
              * (sunset * Math.sin(latitude) * Math.sin(declination)
                  + Math.cos(latitude) * Math.cos(declination) * Math.sin(sunset));
      extraterrestrialMj[day] = Math.max(0, ra);
      dayLengthH[day] = 24 / Math.PI * sunset;
    }
  }

  /** {@return hours from sunrise to sunset} */
  double dayLengthH(int dayOfYear) {
    return dayLengthH[dayOfYear];
  }

  /** {@return radiation above the air, MJ/m²/day} */
  double extraterrestrialMj(int dayOfYear) {
    return extraterrestrialMj[dayOfYear];
  }
}
