package nimblefurrow.core.season;

import nimblefurrow.core.units.Maths;

/** What a stand makes of a day's light, and the plants it loses to shade, heat and drought. */
final class StandGrowth {
  private static final double DORMANT_SNOW_MM = 5;

  /** Share of the sun's energy that leaves can use. */
  private static final double USABLE = 0.48;

  /** Light at the ground below which plants die of shade, and how many do in the dark. */
  private static final double SHADED = 0.25;

  private static final double SHADE_DEATHS_A_DAY = 0.018;

  /** Winter cereals that only have leaves do not last in summer's warm shade. */
  private static final double LEAFY_UNTIL = 0.3;

  private static final double HEAT_DEATHS_A_DAY = 0.035;
  private static final double HEAT_SPAN_C = 5;

  /** Warmth since coming up until which a plant is a seedling, and the drought it does not bear. */
  private static final double SEEDLING_CD = 300;

  private static final double SEEDLING_DRY = 0.2;
  private static final double DRY_DEATHS_A_DAY = 0.03;

  private final ComponentState[] stand;
  private final Litter litter;

  StandGrowth(ComponentState[] stand, Litter litter) {
    this.stand = stand;
    this.litter = litter;
  }

  void grow(double solarMj, double light, double waterStatus, Surface surface, Canopy canopy) {
    if (canopy.caught <= 0 || surface.snow > DORMANT_SNOW_MM) {
      return;
    }
    double taken = 0;
    double weights = 0;
    for (ComponentState c : stand) {
      double size = c.mass * c.sizeLimit;
      taken += size;
      c.lightWeight = c.leafArea * c.species.growth().k();
      if (stand.length > 1 && c.lightWeight > 0) {
        c.lightWeight *= Math.pow(c.species.growth().dominance(), canopy.caught);
      }
      weights += c.lightWeight;
    }
    // What a spray killed shades the rest until it is brown, and makes nothing of the light.
    weights += canopy.fadingDepth;
    double crowd = Maths.clamp(1 - taken * taken);
    double par = USABLE * solarMj;
    double common = par * canopy.caught * waterStatus * crowd * light / 100;
    for (ComponentState c : stand) {
      if (c.lightWeight > 0) {
        c.mass +=
            common
                * c.massPerLight
                * (c.lightWeight / weights)
                * c.warmthResponse(surface.ground)
                * c.nitrogenFactor
                * c.growing();
      }
    }
  }

  void thin(double light, double waterStatus, double groundC) {
    for (ComponentState c : stand) {
      if (!c.alive()) {
        continue;
      }
      double share = 0;
      if (light < SHADED) {
        share = SHADE_DEATHS_A_DAY * (SHADED - light) / SHADED * c.species.growth().shade();
      }
      Double heat = c.species.growth().heatC();
      if (heat != null && c.stage < LEAFY_UNTIL) {
        double felt = Maths.clamp((groundC - heat) / HEAT_SPAN_C);
        share = 1 - (1 - share) * (1 - HEAT_DEATHS_A_DAY * felt);
      }
      if (c.warmthSinceEmergence < SEEDLING_CD && waterStatus < SEEDLING_DRY) {
        double dry = (SEEDLING_DRY - waterStatus) / SEEDLING_DRY;
        share = 1 - (1 - share) * (1 - DRY_DEATHS_A_DAY * dry);
      }
      if (share > 0) {
        litter.add(c.lose(share), c.carbonToNitrogen());
      }
    }
  }
}
