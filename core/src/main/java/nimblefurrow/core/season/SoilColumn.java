package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

/**
 * Water in three layers of soil: 0-5, 5-15 and 15-120 cm, in mm.
 *
 * <p>Evaporation and transpiration follow the dual crop coefficient of Allen et al. 1998; root
 * weights the form of Jackson et al. 1996.
 */
final class SoilColumn {
  private static final double[] THICKNESS_MM = {50, 100, 1050};
  private static final double BETA = 0.96;
  private static final double LN_BETA = Math.log(BETA);
  private static final double BETA_5 = Math.pow(BETA, 5);
  private static final double BETA_15 = Math.pow(BETA, 15);
  private static final double W1 = 1 - BETA_5;
  private static final double W2 = BETA_5 - BETA_15;

  final double fc1;
  final double fc2;
  final double fc3;
  final double wp1;
  final double wp2;
  final double wp3;
  private final double sat1;
  private final double sat2;
  private final double sat3;
  private final double perHeld1;
  private final double perHeld2;
  private final double perHeld3;
  private final double readilyEvaporable;
  private final double drainShare;

  double water1;
  double water2;
  double water3;

  /** Available share of each layer, taken after infiltration. */
  double available1;

  double available2;
  double available3;

  double runoffMm;
  double drainageMm;
  double evaporationMm;
  double cropTranspirationMm;
  double coverTranspirationMm;

  SoilColumn(ModelParameters parameters, Soil soil, double initialAvailable) {
    ModelParameters.SoilWater water = parameters.soil(soil.texture());
    fc1 = water.fieldCapacity() * THICKNESS_MM[0];
    fc2 = water.fieldCapacity() * THICKNESS_MM[1];
    fc3 = water.fieldCapacity() * THICKNESS_MM[2];
    wp1 = water.wiltingPoint() * THICKNESS_MM[0];
    wp2 = water.wiltingPoint() * THICKNESS_MM[1];
    wp3 = water.wiltingPoint() * THICKNESS_MM[2];
    sat1 = water.saturation() * THICKNESS_MM[0];
    sat2 = water.saturation() * THICKNESS_MM[1];
    sat3 = water.saturation() * THICKNESS_MM[2];
    perHeld1 = 1 / (fc1 - wp1);
    perHeld2 = 1 / (fc2 - wp2);
    perHeld3 = 1 / (fc3 - wp3);
    readilyEvaporable = water.readilyEvaporableMm();
    drainShare = parameters.drainageShare(soil);
    water1 = wp1 + initialAvailable * (fc1 - wp1);
    water2 = wp2 + initialAvailable * (fc2 - wp2);
    water3 = wp3 + initialAvailable * (fc3 - wp3);
  }

  /** Water and sums of water, for {@link #restore}. */
  double[] state() {
    return new double[] {
      water1,
      water2,
      water3,
      runoffMm,
      drainageMm,
      evaporationMm,
      cropTranspirationMm,
      coverTranspirationMm
    };
  }

  /** Goes back to a state of the same soil. */
  void restore(double[] state) {
    water1 = state[0];
    water2 = state[1];
    water3 = state[2];
    runoffMm = state[3];
    drainageMm = state[4];
    evaporationMm = state[5];
    cropTranspirationMm = state[6];
    coverTranspirationMm = state[7];
  }

  /** Takes over the water of a state, and begins its sums anew. */
  void fill(double[] state) {
    water1 = state[0];
    water2 = state[1];
    water3 = state[2];
  }

  /** Water in the upper 15 cm as a share of field capacity. */
  double topWetness() {
    return (water1 + water2) / (fc1 + fc2);
  }

  void infiltrateAndDrain(double waterMm) {
    double left = waterMm;
    if (left > 0) {
      double take = Math.min(left, Math.max(0, fc1 - water1));
      water1 += take;
      left -= take;
      take = Math.min(left, Math.max(0, fc2 - water2));
      water2 += take;
      left -= take;
      take = Math.min(left, Math.max(0, sat2 - water2));
      water2 += take;
      left -= take;
      take = Math.min(left, Math.max(0, sat1 - water1));
      water1 += take;
      left -= take;
      take = Math.min(left, Math.max(0, sat3 - water3));
      water3 += take;
      left -= take;
      runoffMm += left;
    }
    if (water1 > fc1) {
      double pass = Math.min(drainShare * (water1 - fc1), Math.max(0, sat2 - water2));
      water1 -= pass;
      water2 += pass;
    }
    if (water2 > fc2) {
      double pass = Math.min(drainShare * (water2 - fc2), Math.max(0, sat3 - water3));
      water2 -= pass;
      water3 += pass;
    }
    if (water3 > fc3) {
      double pass = drainShare * (water3 - fc3);
      water3 -= pass;
      drainageMm += pass;
    }
    available1 = clamp((water1 - wp1) * perHeld1);
    available2 = clamp((water2 - wp2) * perHeld2);
    available3 = clamp((water3 - wp3) * perHeld3);
  }

  /** Weight of roots in the deepest layer for roots of {@code depthM}. */
  static double deepRootWeight(double depthM) {
    return Math.max(0, BETA_15 - Math.exp(100 * depthM * LN_BETA));
  }

  /** Water status of roots, 0 dry to 1 ample. */
  double waterStatus(double depthM, double deepWeight) {
    double byRoots =
        (W1 * available1 + W2 * available2 + deepWeight * available3) / (W1 + W2 + deepWeight);
    double cap1 = fc1 - wp1;
    double cap2 = fc2 - wp2;
    double cap3 = (fc3 - wp3) * (depthM - 0.15) / 1.05;
    double byStore =
        (cap1 * available1 + cap2 * available2 + cap3 * available3) / (cap1 + cap2 + cap3);
    return clamp(Math.max(byRoots, byStore) / 0.45);
  }

  /**
   * Evaporation from the soil.
   *
   * @param et0 reference evapotranspiration, mm
   * @param basal sum of the basal crop coefficients of crop and cover
   * @param exposed share of the ground that is wetted and lit
   * @param shielding factor of mulch and residue
   */
  void evaporate(double et0, double basal, double exposed, double shielding) {
    double depleted = Math.max(0, fc1 + fc2 - water1 - water2);
    double total = fc1 + fc2 - 0.5 * (wp1 + wp2);
    double reduction = clamp((total - depleted) / (total - readilyEvaporable));
    double coefficient =
        Math.max(0, Math.min(reduction * (1.20 - basal), 1.20 * exposed)) * shielding;
    double want = coefficient * et0;
    double from2 = Math.min(Math.max(0, water2 - wp2), 0.4 * want);
    double from1 = Math.min(Math.max(0, water1 - 0.5 * wp1), want - from2);
    water1 -= from1;
    water2 -= from2;
    evaporationMm += from1 + from2;
  }

  /** Takes up to {@code wantMm} where roots and water are; returns what was taken, mm. */
  double transpire(double wantMm, double deepWeight) {
    if (wantMm <= 0) {
      return 0;
    }
    double r1 = W1 * available1;
    double r2 = W2 * available2;
    double r3 = deepWeight * available3;
    double sum = r1 + r2 + r3;
    if (sum <= 0) {
      return 0;
    }
    double scale = wantMm / sum;
    double t1 = Math.min(scale * r1, 0.95 * Math.max(0, water1 - wp1));
    double t2 = Math.min(scale * r2, 0.95 * Math.max(0, water2 - wp2));
    double t3 = Math.min(scale * r3, 0.95 * Math.max(0, water3 - wp3));
    water1 -= t1;
    water2 -= t2;
    water3 -= t3;
    return t1 + t2 + t3;
  }
}
