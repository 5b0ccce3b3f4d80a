package nimblefurrow.core.machine;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.hours.WindLimit;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import org.jspecify.annotations.Nullable;

/**
 * A machine of a farm's shed, as far as work is reckoned with it.
 *
 * @param id of the machine
 * @param name in the farm's words
 * @param works kinds of work it does
 * @param methods ways of seeding it can be used for
 * @param drive how it goes over a field
 * @param box what it carries
 * @param presence when it is there
 * @param price what it costs
 * @param setUpH at each field
 * @param changeH to change a head, or to clean out for organic seed
 */
public record Machine(
    UUID id,
    String name,
    Set<MachineWork> works,
    List<SeedingMethod> methods,
    Drive drive,
    SeedBox box,
    Presence presence,
    Price price,
    double setUpH,
    double changeH) {
  /** To set up at a field where nothing is said, h. Working value. */
  public static final double USUAL_SET_UP_H = 0.4;

  /** To change a head or clean a box out where nothing is said, h. Working value. */
  public static final double USUAL_CHANGE_H = 0.75;

  /** On the road where nothing is said, km/h. Working value. */
  public static final double USUAL_ROAD_KMH = 25;

  /** Share of a hopper that can be filled. Working value. */
  private static final double FILLED = 0.95;

  /** To where it fills, where that is not known, m one way. Working value. */
  private static final double USUAL_FERRY_M = 400;

  private static final double M2_PER_HA = 10_000;
  private static final double M_PER_S = 1 / 3.6;

  public Machine {
    works = Set.copyOf(works);
    methods = List.copyOf(methods);
  }

  /**
   * {@return whether it does a kind of work}
   *
   * @param work kind of work or work drawn up
   */
  public boolean does(MachineWork work) {
    return works.contains(work);
  }

  /**
   * {@return whether it can be used for a way of seeding}
   *
   * @param method how it is seeded or ended
   */
  public boolean seeds(SeedingMethod method) {
    return methods.contains(method);
  }

  /**
   * {@return the wind that decides over its hours, where it flies or sprays; null where ground
   * does}
   */
  public @Nullable WindLimit windLimit() {
    if (does(MachineWork.SPRAY)) {
      return WindLimit.SPRAYING;
    }
    return methods.stream().anyMatch(SeedingMethod::flies) ? WindLimit.FLYING : null;
  }

  /**
   * {@return whether it is there and runs on a day}
   *
   * @param day day asked for
   */
  public boolean there(LocalDate day) {
    return presence.on(day);
  }

  /** {@return area an hour at work, loads left out} */
  public double haPerHour() {
    return drive.haPerHour();
  }

  /**
   * {@return loads of a field whose passes are as long as a square of its area, by the usual way to
   * it}
   *
   * @param areaHa area, ha
   * @param rateKgPerHa bulk rate, kg/ha
   * @param bulkDensityKgPerM3 bulk density, kg/m³
   */
  public LoadPlan loads(double areaHa, double rateKgPerHa, double bulkDensityKgPerM3) {
    double side = Math.sqrt(areaHa * M2_PER_HA);
    return LoadPlan.of(areaHa, rateKgPerHa, bulkDensityKgPerM3, side, carrier());
  }

  /**
   * {@return loads of a cover's seed for a field, by the usual way to it}
   *
   * @param areaHa area, ha
   * @param seed components to seed with their rates
   */
  public LoadPlan loads(double areaHa, List<CoverComponent> seed) {
    double rate = CoverComponent.rate(seed);
    double volume =
        seed.stream().mapToDouble(c -> c.rateKgPerHa() / c.species().seed().bulkKgPerM3()).sum();
    return loads(areaHa, rate, rate / volume);
  }

  /**
   * {@return hours for loads, the time not at work counted}
   *
   * @param loads loads of the field
   */
  public double hours(LoadPlan loads) {
    return loads.hours(drive.efficiency());
  }

  /**
   * {@return hours to seed a field, the set-up there left out}
   *
   * @param areaHa area, ha
   * @param seed components to seed with their rates
   */
  public double seedingHours(double areaHa, List<CoverComponent> seed) {
    return hours(loads(areaHa, seed));
  }

  /**
   * {@return money for a job}
   *
   * @param areaHa area, ha
   * @param hours hours at work
   * @param rateKgPerHa bulk rate of what goes out, kg/ha; 0 for work that brings nothing out
   */
  public double usd(double areaHa, double hours, double rateKgPerHa) {
    return price.usd(areaHa, hours, rateKgPerHa);
  }

  /**
   * {@return money to seed a field}
   *
   * @param areaHa area, ha
   * @param seed components to seed with their rates
   */
  public double seedingUsd(double areaHa, List<CoverComponent> seed) {
    return usd(areaHa, seedingHours(areaHa, seed), CoverComponent.rate(seed));
  }

  /** A seeder on the combine's head fills where the grain goes. */
  private double tenderAwayM() {
    Double said = box.tenderM();
    if (said != null) {
      return said;
    }
    return methods.stream().anyMatch(SeedingMethod::goesWithCombine) ? 0 : USUAL_FERRY_M;
  }

  private LoadPlan.Carrier carrier() {
    Double ferry = box.ferryKmh();
    return new LoadPlan.Carrier(
        box.hopperM3(),
        FILLED,
        box.payloadKg(),
        drive.swathM(),
        drive.speedMPerS(),
        drive.turnS(),
        box.refillS(),
        tenderAwayM(),
        ferry == null ? drive.speedMPerS() : ferry * M_PER_S,
        box.batteryMin());
  }
}
