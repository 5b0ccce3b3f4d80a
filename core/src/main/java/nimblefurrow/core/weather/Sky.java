package nimblefurrow.core.weather;

import static nimblefurrow.core.units.Maths.clamp;

import java.time.LocalDate;

/**
 * What the sky gives and asks each day at a place: day length, radiation and the water demand of
 * the air. Computed once for a weather record and shared by every field under it.
 *
 * <p>Source: Allen, Pereira, Raes and Smith 1998, FAO Irrigation and Drainage Paper 56, equations
 * 6, 21-25, 34 and 52 (the sun's in {@link SunYear}); radiation from the range of temperature after
 * Hargreaves, equation 50 there.
 */
public final class Sky {
  private static final double STEFAN_BOLTZMANN = 4.903e-9;

  private final DailyWeather weather;
  private final Place place;
  private final SunYear sun;

  /** Psychrometric constant, kPa/°C. */
  private final double gamma;

  private final double[] meanC;
  private final double[] dayLengthH;
  private final double[] extraterrestrial;
  private final double[] solar;
  private final double[] et0;
  private final double[] photothermal;

  private Sky(DailyWeather weather, Place place, SunYear sun) {
    this.weather = weather;
    this.place = place;
    this.sun = sun;
    double pressure = 101.3 * Math.pow((293 - 0.0065 * place.elevationM()) / 293, 5.26);
    gamma = 0.000665 * pressure;
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

  /** The same with other weather on some days. */
  private Sky(Sky before, DailyWeather weather, int from, int to) {
    this.weather = weather;
    place = before.place;
    sun = before.sun;
    gamma = before.gamma;
    meanC = before.meanC.clone();
    dayLengthH = before.dayLengthH;
    extraterrestrial = before.extraterrestrial;
    solar = before.solar.clone();
    et0 = before.et0.clone();
    photothermal = before.photothermal.clone();
    LocalDate day = weather.start().plusDays(from);
    for (int i = from; i < to; i++, day = day.plusDays(1)) {
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
    return new Sky(weather, place, new SunYear(place.latitudeDeg()));
  }

  /** {@return the sky over the same place on other days} */
  Sky over(DailyWeather other) {
    return new Sky(other, place, sun);
  }

  /**
   * {@return the same sky with other weather on some of its days}
   *
   * @param other as many days from the same first one
   * @param from the first that may differ, as an index
   * @param to the first after them that does not
   */
  Sky changed(DailyWeather other, int from, int to) {
    return new Sky(this, other, from, to);
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
    double ra = sun.extraterrestrialMj(dayOfYear);
    double tmin = weather.tminC(i);
    double tmax = weather.tmaxC(i);
    double mean = (tmin + tmax) / 2;
    double k = place.coastal() ? 0.19 : 0.16;
    double rs = Math.min(k * Math.sqrt(Math.max(0, tmax - tmin)) * ra, 0.75 * ra);
    meanC[i] = mean;
    dayLengthH[i] = sun.dayLengthH(dayOfYear);
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
