package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import nimblefurrow.core.weather.DailyWeather;

/** Corn day by day: leaves by heat units, black layer, drying down, light as it dies. */
final class CornColumns {
  /** What chopping leaves, also of corn that frost has ripened first. */
  private static final double CHOPPED_RESIDUE = 0.5;

  private static final double GRAIN_RESIDUE = 2.0;

  private CornColumns() {}

  static CropColumns grow(CashCrop.Corn corn, DailyWeather weather) {
    int days = weather.days();
    int from = CropColumns.plantedIndex(corn.planted(), weather);
    CropColumns c = new CropColumns(days, from);
    int given = CropColumns.given(corn.harvested(), weather);
    double ripe = 12.4 * corn.relativeMaturityDays() + 95;
    double heat = 0;
    double warmthSinceRipe = 0;
    double moisture = 35;
    boolean harvestDue = false;
    for (int i = from; i < days; i++) {
      if (given >= 0 ? i >= given : harvestDue) {
        c.harvest = i;
        break;
      }
      double tmin = weather.tminC(i);
      double tmax = weather.tmaxC(i);
      heat += (clamp(tmax, 10, 30) + clamp(tmin, 10, 30)) / 2 - 10;
      if (c.mature < 0) {
        if (heat >= ripe || (tmin <= -2 && i - from > 60)) {
          c.mature = i;
        }
      } else {
        double mean = (tmin + tmax) / 2;
        warmthSinceRipe += Math.max(0, mean);
        moisture -= Math.max(0.1, 0.045 * (mean - 2));
      }
      harvestDue =
          corn.silage()
              ? heat >= 0.87 * ripe || c.mature >= 0
              : c.mature >= 0 && moisture <= corn.moistureTargetPercent();
      double leaves = leaves(heat);
      double loss =
          c.mature < 0
              ? 0.30 * clamp((heat / ripe - 0.93) / 0.07)
              : 0.30
                  + 0.20 * Math.min(warmthSinceRipe, 90) / 90
                  + 0.40 * clamp((warmthSinceRipe - 90) / 210);
      double closed = 1 - 0.88 * clamp((leaves - 3) / 9);
      c.stage[i] = leaves;
      c.light[i] = loss == 0 ? closed : Math.min(1, closed + 0.75 * loss);
      c.canopy[i] = 1 - closed;
      c.green[i] = (1 - closed) * (1 - loss);
      c.rootsM[i] = Canopy.BARE_ROOTS_M + 1.05 * clamp(heat / (0.48 * ripe));
    }
    boolean early = corn.silage() || c.mature < 0 || c.mature >= c.harvest;
    c.residueMgPerHa = early ? CHOPPED_RESIDUE : GRAIN_RESIDUE;
    return c;
  }

  private static double leaves(double heat) {
    if (heat < 67) {
      return 0;
    }
    return heat < 527 ? (heat - 67) / 46 : 10 + (heat - 527) / 28;
  }
}
