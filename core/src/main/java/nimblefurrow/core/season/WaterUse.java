package nimblefurrow.core.season;

import nimblefurrow.core.weather.Sky;

/** Water that leaves the soil in a day: by the bare ground, the cash crop and the cover. */
final class WaterUse {
  private static final double CROP_COEFFICIENT = 1.15;
  private static final double COVER_COEFFICIENT = 1.10;

  private final Sky sky;
  private final CropColumns crop;
  private final SoilColumn soil;

  /** How well the cover's roots are watered, 0..1. */
  double status;

  WaterUse(Sky sky, CropColumns crop, SoilColumn soil) {
    this.sky = sky;
    this.crop = crop;
    this.soil = soil;
  }

  void take(int i, Surface surface, Canopy canopy) {
    double et0 = sky.et0Mm(i);
    double light = crop.lightAtGround(i);
    double cropDemand = CROP_COEFFICIENT * crop.greenCover(i);
    double coverDemand = surface.open ? COVER_COEFFICIENT * canopy.caught * light : 0;
    status = soil.waterStatus(canopy.rootsM, canopy.deepWeight);
    if (surface.open) {
      double bareLight = light * (1 - canopy.caught);
      soil.evaporate(et0, cropDemand + coverDemand, bareLight, surface.shielding);
    }
    if (cropDemand > 0) {
      double cropDeep = crop.deepRootWeight(i);
      double cropStatus = soil.waterStatus(crop.rootsM(i), cropDeep);
      soil.cropTranspirationMm += soil.transpire(cropDemand * cropStatus * et0, cropDeep);
    }
    soil.coverTranspirationMm += soil.transpire(coverDemand * status * et0, canopy.deepWeight);
  }
}
