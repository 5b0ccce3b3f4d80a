package nimblefurrow.core.units;

/**
 * Units that figures carry, and how each system of units says them: the one table, from which the
 * web's own is written. All are SI or counted.
 */
public enum Unit {
  /** Dry matter or mulch. */
  MG_PER_HA(1000 * Exact.LB_PER_ACRE, "lb/ac", -1, "Mg/ha", 1),
  /** A rate of seed or nutrient. */
  KG_PER_HA(Exact.LB_PER_ACRE, "lb/ac", 0, "kg/ha", 0),
  /** An area. */
  HA(1 / Exact.HA_PER_ACRE, "ac", 0, "ha", 1),
  /** Rain, or a depth of soil. */
  MM(1 / Exact.MM_PER_INCH, "in", 2, "mm", 0),
  /** A distance of rows, as it is read on a tape. */
  TAPE_MM(1 / Exact.MM_PER_INCH, "in", 1, "mm", 0),
  /** A height. */
  CM(10 / Exact.MM_PER_INCH, "in", 0, "cm", 0),
  /** A temperature. */
  CELSIUS(new Said(1.8, 32, "°F", 0), new Said(1, 0, "°C", 0)),
  /** A difference of temperatures. */
  KELVIN(1.8, "°F", 1, "°C", 1),
  /** Warmth. */
  DEGREE_DAYS(1.8, "°F·days", 0, "°C·days", 0),
  DAYS(1, "days", 0, "days", 0),
  /** A share of 0..1, said in percent. */
  SHARE(new Said(100, 0, "%", 0), new Said(100, 0, "%", 0)),
  /** A share of 0..1 that is measured to a tenth of a percent, such as moisture. */
  FINE_SHARE(new Said(100, 0, "%", 1), new Said(100, 0, "%", 1)),
  /** A count without a unit, such as years. */
  COUNT(1, "", 0, "", 0),
  /** Plants or seeds. */
  PER_M2(Exact.M2_PER_FT2, "per ft²", 1, "per m²", 0),
  USD_PER_HA(Exact.HA_PER_ACRE, "$/ac", 0, "$/ha", 0),
  /** A mass. */
  KG(1 / Exact.KG_PER_LB, "lb", 0, "kg", 0),
  /** A length. */
  M(1 / Exact.M_PER_FOOT, "ft", 0, "m", 1),
  /** A way on the road. */
  KM(1 / Exact.KM_PER_MILE, "mi", 1, "km", 1),
  /** Money. */
  USD(1, "$", 0, "$", 0),
  /** Money that is owed or paid: to the cent. */
  USD_CENTS(1, "$", 2, "$", 2),
  KMH(1 / Exact.KM_PER_MILE, "mph", 1, "km/h", 1),
  HOURS(1, "h", 1, "h", 1),
  /** Spray volume. */
  SPRAY_L_PER_HA(Exact.HA_PER_ACRE / Exact.L_PER_GALLON, "gal/ac", 1, "L/ha", 0),
  /** A product measured in litres. */
  PRODUCT_L_PER_HA(
      Exact.HA_PER_ACRE / Exact.L_PER_GALLON * Exact.FL_OZ_PER_GALLON, "fl oz/ac", 1, "L/ha", 2),
  /** A product measured in kilograms. */
  PRODUCT_KG_PER_HA(Exact.LB_PER_ACRE * Exact.OZ_PER_LB, "oz/ac", 1, "kg/ha", 2),
  /** Active ingredient. */
  G_PER_HA(Exact.LB_PER_ACRE / 1000, "lb/ac", 2, "g/ha", 0),
  /** What a way costs. */
  USD_PER_KM(Exact.KM_PER_MILE, "$/mi", 2, "$/km", 2),
  /** A hopper or tank. */
  M3(1 / Exact.M3_PER_FT3, "ft³", 1, "m³", 2),
  /** A frame. */
  M2(1 / Exact.M2_PER_FT2, "ft²", 2, "m²", 2),
  /** The price of seed. */
  USD_PER_KG(Exact.KG_PER_LB, "$/lb", 2, "$/kg", 2),
  /** Seeds in a mass. */
  PER_KG(Exact.KG_PER_LB, "per lb", 0, "per kg", 0),
  /** A tank. */
  L(1 / Exact.L_PER_GALLON, "gal", 1, "L", 1),
  /** Active ingredient of a liquid. */
  G_PER_L(Exact.L_PER_GALLON / Exact.KG_PER_LB / 1000, "lb/gal", 2, "g/L", 0),
  /** Active ingredient of a solid. */
  G_PER_KG(0.1, "% by weight", 1, "g/kg", 0),
  /** Wind. */
  M_PER_S(3.6 / Exact.KM_PER_MILE, "mph", 0, "m/s", 1),
  /** Mass over a width. */
  KG_PER_M(Exact.M_PER_FOOT / Exact.KG_PER_LB, "lb/ft", 0, "kg/m", 0),
  /** A yield of corn, in bushels of 56 lb. */
  CORN_MG_PER_HA(1000 * Exact.LB_PER_ACRE / Exact.LB_PER_BUSHEL_CORN, "bu/ac", 0, "Mg/ha", 1),
  /** A yield of soybeans, in bushels of 60 lb. */
  BEAN_MG_PER_HA(1000 * Exact.LB_PER_ACRE / Exact.LB_PER_BUSHEL_BEANS, "bu/ac", 0, "Mg/ha", 1),
  /** A yield of whole plants as they are chopped, in tons of 2000 lb. */
  SILAGE_MG_PER_HA(1000 * Exact.LB_PER_ACRE / Exact.LB_PER_TON, "tons/ac", 1, "Mg/ha", 1),
  /** Solid manure or compost as it is spread, in tons of 2000 lb. */
  SPREAD_MG_PER_HA(1000 * Exact.LB_PER_ACRE / Exact.LB_PER_TON, "tons/ac", 1, "Mg/ha", 1),
  /** Slurry as it is spread. */
  SLURRY_M3_PER_HA(1000 * Exact.HA_PER_ACRE / Exact.L_PER_GALLON, "gal/ac", 0, "m³/ha", 0),
  /** Seed stirred into slurry, for each 1,000 gallons. */
  KG_PER_SLURRY_M3(Exact.L_PER_GALLON / Exact.KG_PER_LB, "lb/1,000 gal", 1, "kg/m³", 2),
  /** How hard ground resists a rod; a pound-force on a square inch, NIST SP 811. */
  MPA(Exact.PSI_PER_MPA, "psi", 0, "MPa", 1),
  /** The price of corn. */
  USD_PER_MG_CORN(Exact.LB_PER_BUSHEL_CORN * Exact.KG_PER_LB / 1000, "$/bu", 2, "$/Mg", 0),
  /** The price of soybeans. */
  USD_PER_MG_BEAN(Exact.LB_PER_BUSHEL_BEANS * Exact.KG_PER_LB / 1000, "$/bu", 2, "$/Mg", 0),
  /** The price of feed or of anything by its mass, a ton of 2000 lb. */
  USD_PER_MG(Exact.LB_PER_TON * Exact.KG_PER_LB / 1000, "$/ton", 0, "$/Mg", 0),
  /** Area an hour. */
  HA_PER_HOUR(1 / Exact.HA_PER_ACRE, "ac/h", 1, "ha/h", 1),
  /** Plants of a crop in rows, counted on m². */
  CROP_PER_M2(10_000 * Exact.HA_PER_ACRE, "per acre", 0, 10_000, "per ha", 0);

  /**
   * How a system says a unit.
   *
   * @param factor the system's units in one of the unit
   * @param offset what zero of the unit is in the system's
   * @param name of the system's unit; empty for counts
   * @param digits places behind the point that are worth saying; below nought, tens and so on
   */
  public record Said(double factor, double offset, String name, int digits) {}

  private final Said us;
  private final Said metric;

  Unit(double factor, String us, int usDigits, String metric, int metricDigits) {
    this(new Said(factor, 0, us, usDigits), new Said(1, 0, metric, metricDigits));
  }

  Unit(double us, String usName, int usDigits, double metric, String metricName, int digits) {
    this(new Said(us, 0, usName, usDigits), new Said(metric, 0, metricName, digits));
  }

  Unit(Said us, Said metric) {
    this.us = us;
    this.metric = metric;
  }

  /**
   * {@return how a system says it}
   *
   * @param system of units
   */
  public Said in(UnitSystem system) {
    return system == UnitSystem.US ? us : metric;
  }
}
