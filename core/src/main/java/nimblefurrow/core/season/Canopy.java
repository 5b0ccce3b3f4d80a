package nimblefurrow.core.season;

/**
 * Leaves and roots of the whole stand on a day: how much light they catch and how deep they drink.
 * Mutable, and alive only inside a run.
 */
final class Canopy {
  static final double BARE_ROOTS_M = 0.15;
  private static final double LEAF_AREA_MAX = 6;

  /** Share of leaves in the mass of a young stand, and how it falls as the stand grows, ha/Mg. */
  private static final double LEAF_SHARE = 0.85;

  private static final double LEAF_SHARE_FALL = 0.16;

  double leafArea;

  /** Depth of leaves that a spray killed and that still shade. */
  double fadingDepth;

  /** Share of light caught. */
  double caught;

  double rootsM = Double.NaN;
  double deepWeight;

  void spread(ComponentState[] stand, double fading, int i) {
    double standMass = 0;
    for (ComponentState c : stand) {
      standMass += c.mass / c.growth;
    }
    leafArea = 0;
    caught = 0;
    if (standMass <= 0 && fading <= 0) {
      for (ComponentState c : stand) {
        c.leafArea = 0;
      }
      return;
    }
    double share = LEAF_SHARE * Math.exp(-LEAF_SHARE_FALL * standMass);
    for (ComponentState c : stand) {
      double most = c.plants * c.species.growth().leafMaxM2();
      c.leafArea = Math.min(c.leafPerMass * share * c.mass, most) * c.green() * c.upright;
      leafArea += c.leafArea;
    }
    fadingDepth = 0;
    if (fading > 0) {
      for (ComponentState c : stand) {
        leafArea += c.fadingLeaf(i);
        fadingDepth += c.species.growth().k() * c.fadingLeaf(i);
      }
    }
    double scale = leafArea > LEAF_AREA_MAX ? LEAF_AREA_MAX / leafArea : 1;
    leafArea *= scale;
    fadingDepth *= scale;
    double depth = fadingDepth;
    for (ComponentState c : stand) {
      c.leafArea *= scale;
      depth += c.species.growth().k() * c.leafArea;
    }
    caught = 1 - Math.exp(-depth);
  }

  /** Roots of the stand, each species' by its leaves. */
  void root(ComponentState[] stand, int i) {
    double roots = standRoots(stand, i);
    if (roots != rootsM) {
      rootsM = roots;
      deepWeight = SoilColumn.deepRootWeight(roots);
    }
  }

  private double standRoots(ComponentState[] stand, int i) {
    if (leafArea <= 0) {
      return BARE_ROOTS_M;
    }
    double sum = 0;
    for (ComponentState c : stand) {
      sum += c.leafArea * c.rootsM();
      if (c.dyingMass > 0) {
        sum += c.fadingLeaf(i) * c.rootsM();
      }
    }
    return Math.max(BARE_ROOTS_M, sum / leafArea);
  }
}
