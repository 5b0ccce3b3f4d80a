package nimblefurrow.core.season;

/**
 * The face of the ground from day to day: its warmth, the snow on it, and the skin of wet soil that
 * seed on top lives in. Mutable, and alive only inside a run.
 */
final class Surface {
  private static final double SKIN_MAX_MM = 5;
  private static final double SKIN_REFILL_MM = 3;
  private static final double SNOW_CM_PER_MM = 0.6;

  /** Share of its water from which the top soil wakes seed. */
  private static final double WET = 0.15;

  /** Days over which the ground follows the air. */
  private static final double LAG_DAYS = 20;

  private static final double MELT_MM_PER_DEGREE = 3;

  /** What mulch and residue keep of the sun's pull, by mass, ha/Mg. */
  private static final double SHADE_PER_MG = 0.35;

  /** Snow deeper than this shelters the crown no better, cm. */
  private static final double SHELTER_CM = 15;

  double lagged;

  /** Warmth of the ground, °C. */
  double ground;

  /** Snow, mm of water. */
  double snow;

  /** Rain and melt of the day, mm. */
  double water;

  double skin;
  boolean soilWasWet;
  boolean skinWasWet;

  /** Whether the ground is neither frozen nor under snow. */
  boolean open;

  double shielding;

  Surface(double lagged) {
    this.lagged = lagged;
  }

  void restore(BareSeason.GroundState state) {
    lagged = state.lagged();
    snow = state.snow();
    skin = state.skin();
    soilWasWet = state.soilWasWet();
    skinWasWet = state.skinWasWet();
  }

  void feel(double meanC) {
    lagged += (meanC - lagged) / LAG_DAYS;
    ground = (meanC + lagged) / 2;
  }

  void takeSnowAndRain(double precipMm, double meanC) {
    if (meanC <= 0) {
      snow += precipMm;
      water = 0;
    } else {
      double melt = Math.min(snow, MELT_MM_PER_DEGREE * meanC);
      snow -= melt;
      water = precipMm + melt;
    }
  }

  /** The skin is wetted by rain, and what lies on the ground shields it. */
  void wet(double meanC, Litter litter) {
    if (water >= SKIN_REFILL_MM) {
      skin = Math.min(SKIN_MAX_MM, skin + water);
    }
    open = meanC > 0 && snow <= 0;
    if (open || skin > 0) {
      shielding = Math.exp(-SHADE_PER_MG * (litter.mulch + litter.residue));
    }
  }

  /** Seed in the field feels whether it is wet now and was yesterday. */
  void wake(ComponentState[] stand, boolean buried, SoilColumn soil, int i, double meanC) {
    boolean wet = buried ? soilIsWet(soil) : skin > 0;
    boolean wasWet = buried ? soilWasWet : skinWasWet;
    for (ComponentState c : stand) {
      c.germinate(i, ground, meanC, wet, wasWet);
    }
  }

  void rememberWetness(SoilColumn soil) {
    soilWasWet = soilIsWet(soil);
    skinWasWet = skin > 0;
  }

  private static boolean soilIsWet(SoilColumn soil) {
    return Math.max(soil.available1, soil.available2) >= WET;
  }

  void drySkin(double et0Mm, double light) {
    if (skin > 0) {
      skin = Math.max(0, skin - et0Mm * (0.5 + 0.5 * light * shielding));
    }
  }

  /** Crown temperature under snow, °C, after Ritchie and Otter 1985. */
  double crownC(double tminC) {
    if (tminC >= 0) {
      return tminC + 2;
    }
    double depthCm = Math.min(snowCm(), SHELTER_CM) - SHELTER_CM;
    return 2 + tminC * (0.4 + 0.0018 * depthCm * depthCm);
  }

  double snowCm() {
    return SNOW_CM_PER_MM * snow;
  }
}
