package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * A season's daily states as columns: one value at the end of each day from {@link #start()} on;
 * columns of components have the component's index first. Callers must not change the arrays.
 * Columns that were not kept are empty.
 */
public final class SeasonColumns {
  private final LocalDate start;
  final double[] lightAtGround;
  final double[][] coverMgPerHa;
  final double[][] plantsPerM2;
  final double[] leafAreaIndex;
  final double[] lightCaught;
  final double[][] stageFraction;
  final double[][] photothermalUnits;
  final double[][] hardening;
  final double[][] soilWaterMm;
  final double[] topSoilWetness;
  final Trafficability[] trafficability;
  final double[] mulchMgPerHa;
  final double[] dyingMgPerHa;
  final double[] mulchCarbonToNitrogen;
  final double[] residueMgPerHa;
  final double[] snowDepthCm;
  final double[] waterStatus;
  final double[] surfaceSkinMm;
  final double[] rootsM;

  /** How much of a season is kept. */
  public enum Detail {
    /** Every column. */
    FULL,
    /** Only cover, mulch, stages, light caught, trafficability and roots: what odds are made of. */
    ODDS
  }

  private static final double[] NONE = {};

  private final Detail detail;

  /** Ground beside it that was never seeded; shared, and run when it is first asked for. */
  Supplier<Trafficability[]> beside = () -> new Trafficability[0];

  SeasonColumns(LocalDate start, int days, int components, Detail detail) {
    this.start = start;
    this.detail = detail;
    coverMgPerHa = new double[components][days];
    stageFraction = new double[components][days];
    lightCaught = new double[days];
    trafficability = new Trafficability[days];
    rootsM = new double[days];
    boolean full = detail == Detail.FULL;
    int rest = full ? days : 0;
    lightAtGround = full ? new double[days] : NONE;
    plantsPerM2 = new double[components][rest];
    leafAreaIndex = full ? new double[days] : NONE;
    photothermalUnits = new double[components][rest];
    hardening = new double[components][rest];
    soilWaterMm = new double[3][rest];
    topSoilWetness = full ? new double[days] : NONE;
    mulchMgPerHa = new double[days];
    dyingMgPerHa = new double[days];
    mulchCarbonToNitrogen = full ? new double[days] : NONE;
    residueMgPerHa = full ? new double[days] : NONE;
    snowDepthCm = full ? new double[days] : NONE;
    waterStatus = full ? new double[days] : NONE;
    surfaceSkinMm = full ? new double[days] : NONE;
  }

  /** Takes the days before {@code until} over from another run of the same days. */
  void takeOver(SeasonColumns of, int until) {
    System.arraycopy(of.trafficability, 0, trafficability, 0, until);
    List<double[]> from = of.all();
    List<double[]> to = all();
    for (int c = 0; c < to.size(); c++) {
      if (to.get(c).length > 0) {
        System.arraycopy(from.get(c), 0, to.get(c), 0, until);
      }
    }
  }

  private List<double[]> all() {
    List<double[]> all =
        new ArrayList<>(
            List.of(
                lightAtGround,
                leafAreaIndex,
                lightCaught,
                topSoilWetness,
                mulchMgPerHa,
                dyingMgPerHa,
                mulchCarbonToNitrogen,
                residueMgPerHa,
                snowDepthCm,
                waterStatus,
                surfaceSkinMm,
                rootsM));
    List.of(coverMgPerHa, plantsPerM2, stageFraction, photothermalUnits, hardening, soilWaterMm)
        .forEach(each -> all.addAll(List.of(each)));
    return all;
  }

  /** Whether every column is there. */
  boolean full() {
    return detail == Detail.FULL;
  }

  /** {@return the first day} */
  public LocalDate start() {
    return start;
  }

  /** {@return how many days} */
  public int days() {
    return lightCaught.length;
  }

  /**
   * {@return index of a day}
   *
   * @param day day asked for
   */
  public int indexOf(LocalDate day) {
    return (int) ChronoUnit.DAYS.between(start, day);
  }

  /** {@return share of daylight at the ground under the cash crop} */
  public double[] lightAtGround() {
    return lightAtGround;
  }

  /** {@return dry matter of each component above ground, Mg/ha} */
  public double[][] coverMgPerHa() {
    return coverMgPerHa;
  }

  /**
   * {@return dry matter of all components on a day, Mg/ha}
   *
   * @param i day, as an index from the first
   */
  public double totalCoverMgPerHa(int i) {
    double sum = 0;
    for (double[] component : coverMgPerHa) {
      sum += component[i];
    }
    return sum;
  }

  /** {@return living plants of each component per m²} */
  public double[][] plantsPerM2() {
    return plantsPerM2;
  }

  /** {@return leaf area of the cover per area of ground} */
  public double[] leafAreaIndex() {
    return leafAreaIndex;
  }

  /** {@return share of light caught by the cover} */
  public double[] lightCaught() {
    return lightCaught;
  }

  /** {@return stage of each component as a fraction of its key sum} */
  public double[][] stageFraction() {
    return stageFraction;
  }

  /** {@return photothermal units of each component, °C·day} */
  public double[][] photothermalUnits() {
    return photothermalUnits;
  }

  /** {@return cold hardening of each component, 0..1} */
  public double[][] hardening() {
    return hardening;
  }

  /** {@return water in the three layers, mm} */
  public double[][] soilWaterMm() {
    return soilWaterMm;
  }

  /** {@return water in the upper 15 cm as a share of field capacity} */
  public double[] topSoilWetness() {
    return topSoilWetness;
  }

  /** {@return whether the ground carries machines} */
  public Trafficability[] trafficability() {
    return trafficability;
  }

  /**
   * {@return the same of bare ground beside it; shorter where it was not followed so far, and empty
   * where the run began at once}
   */
  public Trafficability[] trafficabilityBare() {
    return beside.get();
  }

  /** {@return mulch, Mg/ha} */
  public double[] mulchMgPerHa() {
    return mulchMgPerHa;
  }

  /**
   * {@return cover killed by a spray that stands and browns, Mg/ha; neither cover nor mulch yet}
   */
  public double[] dyingMgPerHa() {
    return dyingMgPerHa;
  }

  /** {@return carbon to nitrogen of the mulch} */
  public double[] mulchCarbonToNitrogen() {
    return mulchCarbonToNitrogen;
  }

  /** {@return crop residue, Mg/ha} */
  public double[] residueMgPerHa() {
    return residueMgPerHa;
  }

  /** {@return depth of snow, cm} */
  public double[] snowDepthCm() {
    return snowDepthCm;
  }

  /** {@return water status of the cover's roots, 0..1} */
  public double[] waterStatus() {
    return waterStatus;
  }

  /** {@return water in the top 5 mm as surface seed feels it, mm} */
  public double[] surfaceSkinMm() {
    return surfaceSkinMm;
  }

  /** {@return depth of the cover's roots, m} */
  public double[] rootsM() {
    return rootsM;
  }
}
