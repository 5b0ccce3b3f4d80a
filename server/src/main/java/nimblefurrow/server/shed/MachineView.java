package nimblefurrow.server.shed;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.seeding.SeedingMethod;
import org.jspecify.annotations.Nullable;

/**
 * A machine as the wire shows and takes it.
 *
 * @param version for saving: the version that was read; null for a new one
 * @param kind in a grower's words
 * @param work kinds of work it does; seeding when not said
 * @param methods ways of seeding it can be used for
 * @param efficiency share of the time it is at work in the field
 * @param openers how many, for machines that have them
 * @param payloadKg most mass it may carry, when less than a full hopper
 * @param massKg empty, for rollers and planters
 * @param rowUnits of planters
 * @param weekdays days of the week it is there, Monday 1; every day when not said
 * @param onlyDays the only days it is there, for call-outs; empty for any
 * @param setUpH at each field; 0.4 when not said
 * @param changeH to change a head, or to clean out for organic seed; 0.75 when not said
 * @param tenderM how far from the field it fills, one way: a tender at its edge, a strip miles off
 * @param roadKmh between fields; 25 when not said
 * @param usdPerHour own cost or hire, with the operator
 * @param usdPerHa hire by area
 * @param out when it stands; null when it runs
 * @param provenSwathM even width by its last pattern test; not taken when saving
 */
public record MachineView(
    UUID id,
    @Nullable Long version,
    String name,
    String kind,
    @Nullable List<String> work,
    List<String> methods,
    double widthM,
    double speedKmh,
    double efficiency,
    @Nullable Integer openers,
    @Nullable Double spacingM,
    double hopperM3,
    @Nullable Double payloadKg,
    double turnS,
    double refillS,
    @Nullable Double ferryKmh,
    @Nullable Double batteryMin,
    String meter,
    @Nullable Double massKg,
    @Nullable Integer rowUnits,
    @Nullable List<Integer> weekdays,
    @Nullable List<LocalDate> onlyDays,
    @Nullable Double setUpH,
    @Nullable Double changeH,
    @Nullable Double tenderM,
    @Nullable Double roadKmh,
    @Nullable Double usdPerHour,
    @Nullable Double usdPerHa,
    boolean hired,
    @Nullable Out out,
    String notes,
    @Nullable Double provenSwathM) {
  private static final double FILLED = 0.95;
  private static final double M_PER_S = 1 / 3.6;

  /** Where no way to the tender is known, m. Working value. */
  private static final double USUAL_FERRY_M = 400;

  /**
   * Days on which a machine stands: broken, lent, at the dealer's.
   *
   * @param until last of them
   */
  public record Out(LocalDate from, LocalDate until, String why) {}

  private static @Nullable Out out(Machine m) {
    return m.outFrom == null || m.outUntil == null
        ? null
        : new Out(m.outFrom, m.outUntil, m.outWhy);
  }

  /** Whether it is there and runs on a day. */
  public boolean there(LocalDate day) {
    boolean weekday = weekdays == null || weekdays.contains(day.getDayOfWeek().getValue());
    boolean called = onlyDays == null || onlyDays.isEmpty() || onlyDays.contains(day);
    boolean stands = out != null && !day.isBefore(out.from()) && !day.isAfter(out.until());
    return weekday && called && !stands;
  }

  /** Kinds of work; a machine of which none is said seeds. */
  public List<String> kinds() {
    return work == null ? List.of("seed") : work;
  }

  /** Whether it does a kind of work. */
  public boolean does(MachineWork kind) {
    return kinds().contains(kind.key());
  }

  /** Area an hour at work, loads left out: width × speed × efficiency. */
  public double haPerHour() {
    return swathM() * speedKmh / 10 * efficiency;
  }

  /** What a pass covers: as its pattern was measured, else its width. */
  public double swathM() {
    return provenSwathM == null ? widthM : provenSwathM;
  }

  /** Money for a job by its area and hours; area price first when there is one. */
  public double usd(double areaHa, double hours) {
    if (usdPerHa != null) {
      return usdPerHa * areaHa;
    }
    return usdPerHour == null ? 0 : usdPerHour * hours;
  }

  /** Loads of a field whose passes are as long as a square of its area, by the usual way to it. */
  public LoadPlan loads(double areaHa, double rateKgPerHa, double bulkDensityKgPerM3) {
    double side = Math.sqrt(areaHa * 10_000);
    return LoadPlan.of(areaHa, rateKgPerHa, bulkDensityKgPerM3, side, carrier());
  }

  /** Loads of a cover's seed for a field, by the usual way to it. */
  public LoadPlan loads(double areaHa, List<CoverComponent> seed) {
    double rate = seed.stream().mapToDouble(CoverComponent::rateKgPerHa).sum();
    double volume =
        seed.stream().mapToDouble(c -> c.rateKgPerHa() / c.species().seed().bulkKgPerM3()).sum();
    return loads(areaHa, rate, rate / volume);
  }

  /** How far from the field it fills; a seeder on the combine's head fills where the grain goes. */
  private double tenderAwayM() {
    if (tenderM != null) {
      return tenderM;
    }
    return methods.stream().map(SeedingMethod::of).anyMatch(SeedingMethod::goesWithCombine)
        ? 0
        : USUAL_FERRY_M;
  }

  /** Hours for loads, the time not at work counted. */
  public double hours(LoadPlan loads) {
    return loads.hours(efficiency);
  }

  /** As something that carries seed the usual way to the field. */
  private LoadPlan.Carrier carrier() {
    return new LoadPlan.Carrier(
        hopperM3,
        FILLED,
        payloadKg,
        swathM(),
        speedKmh * M_PER_S,
        turnS,
        refillS,
        tenderAwayM(),
        (ferryKmh == null ? speedKmh : ferryKmh) * M_PER_S,
        batteryMin);
  }

  static MachineView of(Machine m) {
    return of(m, null);
  }

  static MachineView of(Machine m, @Nullable Double provenSwathM) {
    return new MachineView(
        m.id,
        m.version,
        m.name,
        m.kind,
        List.of(m.work),
        List.of(m.methods),
        m.widthM,
        m.speedKmh,
        m.efficiency,
        m.openers,
        m.spacingM,
        m.hopperM3,
        m.payloadKg,
        m.turnS,
        m.refillS,
        m.ferryKmh,
        m.batteryMin,
        m.meter,
        m.massKg,
        m.rowUnits,
        List.of(m.weekdays),
        List.of(m.onlyDays),
        m.setUpH,
        m.changeH,
        m.tenderM,
        m.roadKmh,
        m.usdPerHour,
        m.usdPerHa,
        m.hired,
        out(m),
        m.notes,
        provenSwathM);
  }
}
