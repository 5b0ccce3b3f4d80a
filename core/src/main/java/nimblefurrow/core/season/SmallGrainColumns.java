package nimblefurrow.core.season;

import nimblefurrow.core.weather.DailyWeather;

/** A small grain day by day, counted back from its harvest. */
final class SmallGrainColumns {
  private SmallGrainColumns() {}

  static CropColumns grow(
      CashCrop.SmallGrain grain, DailyWeather weather, ModelParameters parameters) {
    CropColumns c = new CropColumns(weather.days(), -1);
    int harvest = weather.indexOf(grain.harvested());
    c.harvest = Math.min(weather.days(), harvest);
    for (int i = Math.max(0, harvest - 270); i < c.harvest; i++) {
      double toHarvest = harvest - i;
      c.light[i] = parameters.grainLight().at(toHarvest);
      c.green[i] = parameters.grainCover().at(toHarvest);
      c.canopy[i] = Math.max(c.green[i], i > 0 ? c.canopy[i - 1] : 0);
      c.rootsM[i] = parameters.grainRoots().at(toHarvest);
    }
    c.residueMgPerHa = 1.2;
    return c;
  }
}
