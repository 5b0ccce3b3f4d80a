package nimblefurrow.core.season;

import static nimblefurrow.core.units.Maths.clamp;

import java.time.LocalDate;
import java.time.Month;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import org.jspecify.annotations.Nullable;

/**
 * A cash crop day by day as a cover sees it: light left at the ground, green cover and roots.
 * Indices are those of the weather. Shared by every field with the same crop under the same sky.
 */
public final class CropColumns {
  private static final double BARE_ROOTS_M = 0.15;
  private static final int OWN_COLUMNS = 7;

  /** What chopping leaves, also of corn that frost has ripened first. */
  private static final double CHOPPED_RESIDUE = 0.5;

  private static final double GRAIN_RESIDUE = 2.0;

  private final double[] light;
  private final double[] green;
  private final double[] rootsM;
  private final double[] stage;
  private final double[] canopy;
  private final double[] deepRootWeight;
  private final double[] residueLeft;
  private final int planted;
  // Found again, not part of what this is: safe to share among threads.
  private final Map<BareSeason.Key, BareSeason> bare = new ConcurrentHashMap<>();
  private int harvest;
  private int mature = -1;
  private double residueMgPerHa;

  private CropColumns(int days, int planted) {
    this.light = new double[days];
    this.green = new double[days];
    this.rootsM = new double[days];
    this.stage = new double[days];
    this.canopy = new double[days];
    this.deepRootWeight = new double[days];
    this.residueLeft = new double[days];
    this.planted = planted;
    this.harvest = days;
    Arrays.fill(light, 1);
    Arrays.fill(rootsM, BARE_ROOTS_M);
  }

  /**
   * Grows the crop under a sky.
   *
   * @param crop cash crop
   * @param sky weather with the sun over it
   * @param parameters of the model
   * @return the crop columns
   * @throws Refused when the weather begins after the crop's planting
   */
  public static CropColumns grow(CashCrop crop, Sky sky, ModelParameters parameters) {
    CropColumns grown = stand(crop, sky, parameters);
    // Exponentials that every field with this crop would otherwise compute again.
    for (int i = 0; i < grown.rootsM.length; i++) {
      grown.deepRootWeight[i] = SoilColumn.deepRootWeight(grown.rootsM[i]);
      grown.residueLeft[i] = Litter.residueLeft(sky.meanC(i));
    }
    return grown;
  }

  private static CropColumns stand(CashCrop crop, Sky sky, ModelParameters parameters) {
    if (crop instanceof CashCrop.Corn corn) {
      return corn(corn, sky.weather());
    }
    if (crop instanceof CashCrop.Soybean soybean) {
      return soybean(soybean, sky.weather(), parameters);
    }
    if (crop instanceof CashCrop.SmallGrain grain) {
      return smallGrain(grain, sky.weather(), parameters);
    }
    CropColumns none = new CropColumns(sky.weather().days(), -1);
    none.harvest = -1;
    return none;
  }

  /** About how much heap it holds: its own columns, and as much again for bare ground. */
  long bytes() {
    return 2L * OWN_COLUMNS * Double.BYTES * light.length;
  }

  /**
   * {@return share of daylight at the ground, 0..1}
   *
   * @param i day, as an index from the first
   */
  public double lightAtGround(int i) {
    return light[i];
  }

  /**
   * {@return green cover, 0..1}
   *
   * @param i day, as an index from the first
   */
  public double greenCover(int i) {
    return green[i];
  }

  /**
   * {@return how full the standing canopy has grown, 0..1, green or not; 0 once the field is clear}
   *
   * @param i day, as an index from the first
   */
  public double standing(int i) {
    return canopy[i];
  }

  /**
   * {@return root depth, m}
   *
   * @param i day, as an index from the first
   */
  public double rootsM(int i) {
    return rootsM[i];
  }

  /** Weight of the crop's roots below 15 cm. */
  double deepRootWeight(int i) {
    return deepRootWeight[i];
  }

  /** Share of crop residue left after a day. */
  double residueLeft(int i) {
    return residueLeft[i];
  }

  /**
   * {@return leaves unfolded of corn, or days from planting of soybeans; 0 for other crops}
   *
   * @param i day, as an index from the first
   */
  public double stage(int i) {
    return stage[i];
  }

  /** The ground under this crop before seeding, run once for all fields that share it. */
  BareSeason bare(BareSeason.Key key, Function<BareSeason.Key, BareSeason> run) {
    return bare.computeIfAbsent(key, run);
  }

  /**
   * {@return index of the day the field is clear; the number of days if that lies beyond the
   * weather}
   */
  public int harvestIndex() {
    return harvest;
  }

  /**
   * {@return index of black layer in corn or of R7 in soybeans; −1 where not reached or not known}
   */
  public int matureIndex() {
    return mature;
  }

  /** {@return index of planting; −1 where not known} */
  public int plantedIndex() {
    return planted;
  }

  /** {@return residue dropped on the harvest day, Mg/ha in mulch equivalents} */
  public double residueMgPerHa() {
    return residueMgPerHa;
  }

  private static int plantedIndex(LocalDate planted, DailyWeather weather) {
    int index = weather.indexOf(planted);
    if (index < 0) {
      throw new Refused(
          "",
          "the weather begins on %s, after the crop was planted on %s"
              .formatted(weather.start(), planted));
    }
    return index;
  }

  private static CropColumns corn(CashCrop.Corn corn, DailyWeather weather) {
    int days = weather.days();
    int from = plantedIndex(corn.planted(), weather);
    CropColumns c = new CropColumns(days, from);
    int given = given(corn.harvested(), weather);
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
      c.rootsM[i] = BARE_ROOTS_M + 1.05 * clamp(heat / (0.48 * ripe));
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

  private static CropColumns soybean(
      CashCrop.Soybean bean, DailyWeather weather, ModelParameters parameters) {
    int days = weather.days();
    int from = plantedIndex(bean.planted(), weather);
    CropColumns c = new CropColumns(days, from);
    LocalDate firstOfMay = LocalDate.of(bean.planted().getYear(), Month.MAY, 1);
    long afterMay = java.time.temporal.ChronoUnit.DAYS.between(firstOfMay, bean.planted());
    int toR7 = (int) Math.rint(112 + 5.5 * bean.maturityGroup() - 0.6 * afterMay);
    c.mature = from + toR7;
    int given = given(bean.harvested(), weather);
    c.harvest = Math.min(days, given >= 0 ? given : c.mature + 16);
    boolean narrow = bean.rowSpacingM() <= 0.40;
    double leastLight = narrow ? 0.08 : 0.14;
    double closing = narrow ? 50 : 60;
    for (int i = from; i < c.harvest; i++) {
      double age = i - from;
      double loss = parameters.soybeanLeafLoss().at(i - c.mature);
      double open = 1 - (1 - leastLight) * clamp((age - 25) / (closing - 25));
      c.stage[i] = age;
      c.light[i] = loss == 0 ? open : Math.min(1, open + 0.8 * loss);
      c.canopy[i] = 1 - open;
      c.green[i] = (1 - open) * (1 - loss);
      c.rootsM[i] = BARE_ROOTS_M + 0.85 * clamp(age / 70);
    }
    c.residueMgPerHa = 0.8;
    return c;
  }

  private static CropColumns smallGrain(
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

  private static int given(@Nullable LocalDate harvested, DailyWeather weather) {
    return harvested == null ? -1 : weather.indexOf(harvested);
  }
}
