package nimblefurrow.core.weather;

import static nimblefurrow.core.units.Maths.clamp;

import java.time.LocalDate;

/**
 * What the sky gives and asks each day at a place: day length, radiation and the water demand of
 * the air. Computed once for a weather record and shared by every field under it.
 *
 * <p>Source: Allen, Pereira, Raes and Smith 1998, FAO Irrigation and Drainage Paper 56, equations
 * 6, 21-25, 34 and 52; radiation from the range of temperature after Hargreaves, equation 50 there.
 */
public final class Sky {
  private static final double SOLAR_CONSTANT = 0.0820;
  private static final double STEFAN_BOLTZMANN = 4.903e-9;

  private final DailyWeather weather;
  private final Place place;
  private final double[] meanC;
  private final double[] dayLengthH;
  private final double[] extraterrestrial;
  private final double[] solar;
  private final double[] et0;
  private final double[] photothermal;

  private Sky(DailyWeather weather, Place place) {
    this.weather = weather;
    this.place = place;
    int n = weather.days();
    meanC = new double[n];
    dayLengthH = new double[n];
    extraterrestrial = new double[n];
    solar = new double[n];
    et0 = new double[n];
    photothermal = new double[n];
    LocalDate day = weather.start();
    for (int i = 0; i < n; i++, day = day.plusDays(1)) {
      fill(i, day.getDayOfYear());
    }
  }

  /**
   * {@return the sky over {@code place} on every day of {@code weather}}
   *
   * @param weather days
   * @param place where the station stands
   */
  public static Sky over(DailyWeather weather, Place place) {
    return new Sky(weather, place);
  }

  /** {@return the weather underneath} */
  public DailyWeather weather() {
    return weather;
  }

  /** {@return the place underneath} */
  public Place place() {
    return place;
  }

  /**
   * {@return mean temperature, °C}
   *
   * @param i day, as an index from the first
   */
  public double meanC(int i) {
    return meanC[i];
  }

  /**
   * {@return day length, h}
   *
   * @param i day, as an index from the first
   */
  public double dayLengthH(int i) {
    return dayLengthH[i];
  }

  /**
   * {@return radiation above the air, MJ/m²/day}
   *
   * @param i day, as an index from the first
   */
  public double extraterrestrialMj(int i) {
    return extraterrestrial[i];
  }

  /**
   * {@return solar radiation at the ground, MJ/m²/day}
   *
   * @param i day, as an index from the first
   */
  public double solarMj(int i) {
    return solar[i];
  }

  /**
   * {@return reference evapotranspiration, mm/day}
   *
   * @param i day, as an index from the first
   */
  public double et0Mm(int i) {
    return et0[i];
  }

  /**
   * {@return photothermal units of the day, °C·day: warmth above 0 °C weighted by the length of the
   * day}
   *
   * @param i day, as an index from the first
   */
  public double photothermalUnits(int i) {
    return photothermal[i];
  }

  private void fill(int i, int dayOfYear) {
    double latitude = Math.toRadians(place.latitudeDeg());
    double angle = 2 * Math.PI * dayOfYear / 365;
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
    ra = Math.max(0, ra);
    double tmin = weather.tminC(i);
    double tmax = weather.tmaxC(i);
    double mean = (tmin + tmax) / 2;
    double k = place.coastal() ? 0.19 : 0.16;
    double rs = Math.min(k * Math.sqrt(Math.max(0, tmax - tmin)) * ra, 0.75 * ra);
    meanC[i] = mean;
    dayLengthH[i] = 24 / Math.PI * sunset;
    extraterrestrial[i] = ra;
    solar[i] = rs;
    et0[i] = Math.max(0, referenceEvapotranspiration(i, mean, ra, rs));
    photothermal[i] = Math.max(0, mean) * clamp((dayLengthH[i] - 6) / 8);
  }

  private double referenceEvapotranspiration(int i, double mean, double ra, double rs) {
    double tmin = weather.tminC(i);
    double tmax = weather.tmaxC(i);
    double wind = weather.windMs(i);
    double dew = weather.dewPointC(i);
    if (Double.isNaN(wind) || Double.isNaN(dew)) {
      return 0.0023 * (mean + 17.8) * Math.sqrt(Math.max(0, tmax - tmin)) * 0.408 * ra;
    }
    double pressure = 101.3 * Math.pow((293 - 0.0065 * place.elevationM()) / 293, 5.26);
    double gamma = 0.000665 * pressure;
    double saturation = (saturationKpa(tmax) + saturationKpa(tmin)) / 2;
    double actual = saturationKpa(dew);
    double slope = 4098 * saturationKpa(mean) / Math.pow(mean + 237.3, 2);
    double clearSky = (0.75 + 2e-5 * place.elevationM()) * ra;
    double clearness = clearSky > 0 ? clamp(rs / clearSky, 0.3, 1.0) : 0.3;
    double longwave =
        STEFAN_BOLTZMANN
            * (Math.pow(tmax + 273.16, 4) + Math.pow(tmin + 273.16, 4))
            / 2
            * (0.34 - 0.14 * Math.sqrt(actual))
            * (1.35 * clearness - 0.35);
    double net = 0.77 * rs - longwave;
    return (0.408 * slope * net + gamma * 900 / (mean + 273) * wind * (saturation - actual))
        / (slope + gamma * (1 + 0.34 * wind));
  }

  private static double saturationKpa(double celsius) {
    return 0.6108 * Math.exp(17.27 * celsius / (celsius + 237.3));
  }
}
