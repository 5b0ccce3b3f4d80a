package nimblefurrow.core.units;

/** Units by their definitions: the international yard and pound, the US gallon and bushels. */
final class Exact {
  static final double HA_PER_ACRE = 0.40468564224;
  static final double KG_PER_LB = 0.45359237;
  static final double LB_PER_ACRE = HA_PER_ACRE / KG_PER_LB;
  static final double MM_PER_INCH = 25.4;
  static final double M_PER_FOOT = 0.3048;
  static final double M2_PER_FT2 = 0.09290304;
  static final double M3_PER_FT3 = 0.028316846592;
  static final double KM_PER_MILE = 1.609344;
  static final double L_PER_GALLON = 3.785411784;
  static final double FL_OZ_PER_GALLON = 128;
  static final double OZ_PER_LB = 16;
  static final double LB_PER_TON = 2000;

  /** A pound-force of 4.4482216152605 N on a square inch. */
  static final double PSI_PER_MPA = 1e6 * 0.0254 * 0.0254 / 4.4482216152605;

  static final double LB_PER_BUSHEL_CORN = 56;
  static final double LB_PER_BUSHEL_BEANS = 60;

  private Exact() {}
}
