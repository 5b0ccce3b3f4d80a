package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import org.jspecify.annotations.Nullable;

/**
 * A cash crop day by day as a cover sees it: light left at the ground, green cover and roots.
 * Indices are those of the weather. Shared by every field with the same crop under the same sky.
 */
public final class CropColumns {
  private static final int OWN_COLUMNS = 7;

  final double[] light;
  final double[] green;
  final double[] rootsM;
  final double[] stage;
  final double[] canopy;
  private final double[] deepRootWeight;
  private final double[] residueLeft;
  private final int planted;
  // Found again, not part of what this is: safe to share among threads.
  private final Map<BareSeason.Key, BareSeason> bare = new ConcurrentHashMap<>();
  int harvest;
  int mature = -1;
  double residueMgPerHa;

  /** What the ground was left as by what grew before; null where nothing is known of it. */
  @Nullable SeasonState begin;

  /** Bare ground until a crop is grown on it. */
  CropColumns(int days, int planted) {
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
    Arrays.fill(rootsM, Canopy.BARE_ROOTS_M);
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
    return shared(stand(crop, sky, parameters), sky);
  }

  /** With what every field behind it shares worked out. */
  static CropColumns shared(CropColumns grown, Sky sky) {
    // Exponentials that every field with this crop would otherwise compute again.
    for (int i = 0; i < grown.rootsM.length; i++) {
      grown.deepRootWeight[i] = SoilColumn.deepRootWeight(grown.rootsM[i]);
      grown.residueLeft[i] = Litter.residueLeft(sky.meanC(i));
    }
    return grown;
  }

  private static CropColumns stand(CashCrop crop, Sky sky, ModelParameters parameters) {
    if (crop instanceof CashCrop.Corn corn) {
      return CornColumns.grow(corn, sky.weather());
    }
    if (crop instanceof CashCrop.Soybean soybean) {
      return SoybeanColumns.grow(soybean, sky.weather(), parameters);
    }
    if (crop instanceof CashCrop.SmallGrain grain) {
      return SmallGrainColumns.grow(grain, sky.weather(), parameters);
    }
    if (crop instanceof CashCrop.AfterCover after) {
      return AfterCoverColumns.follow(after, sky, parameters);
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

  /**
   * The ground under this crop before seeding, run once for all fields that share it; again where
   * one asks about more days than those before it.
   */
  BareSeason bare(BareSeason.Key key, int days, Supplier<BareSeason> run) {
    BareSeason there = bare.get(key);
    return there != null && there.days() >= days
        ? there
        : bare.compute(key, (k, was) -> was != null && was.days() >= days ? was : run.get());
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

  /** The ground as an earlier cover left it; null where nothing is known of it. */
  @Nullable SeasonState begin() {
    return begin;
  }

  /** {@return residue dropped on the harvest day, Mg/ha in mulch equivalents} */
  public double residueMgPerHa() {
    return residueMgPerHa;
  }

  static int plantedIndex(LocalDate planted, DailyWeather weather) {
    int index = weather.indexOf(planted);
    if (index < 0) {
      throw new Refused(
          "",
          "the weather begins on %s, after the crop was planted on %s"
              .formatted(weather.start(), planted));
    }
    return index;
  }

  /** The day a harvest is given for; −1 where none is. */
  static int given(@Nullable LocalDate harvested, DailyWeather weather) {
    return harvested == null ? -1 : weather.indexOf(harvested);
  }
}
