package nimblefurrow.server.shed;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.machine.Drive;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.server.support.KeyOf;
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
 * @param terms what its work is charged by beside the prices; nothing when not said
 * @param out when it stands; null when it runs
 * @param provenSwathM even width by its last pattern test; not taken when saving
 * @param haPerHour area an hour at work, loads left out; not taken when saving
 * @param hoursTimes its hours against those reckoned, by the farm's own record; not taken likewise
 */
public record MachineView(
    UUID id,
    @Nullable Long version,
    String name,
    String kind,
    @KeyOf(KeyOf.What.MACHINE_WORK) @Nullable List<String> work,
    @KeyOf(KeyOf.What.SEEDING_METHOD) List<String> methods,
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
    @Nullable Terms terms,
    @Nullable Out out,
    String notes,
    @Nullable Double provenSwathM,
    @Nullable Double haPerHour,
    @Nullable Double hoursTimes) {
  /**
   * Days on which a machine stands: broken, lent, at the dealer's.
   *
   * @param until last of them
   */
  public record Out(LocalDate from, LocalDate until, String why) {}

  /**
   * What is charged beside the prices.
   *
   * @param weightLimitKgPerHa the heaviest rate that goes by area, where both prices are said
   * @param leastUsd charged for a job at least
   * @param wayKm charged for each job
   */
  public record Terms(
      @Nullable Double weightLimitKgPerHa,
      @Nullable Double leastUsd,
      @Nullable Double wayKm,
      @Nullable Double usdPerKm) {
    static final Terms NONE = new Terms(null, null, null, null);
  }

  private static @Nullable Out out(Machine m) {
    return m.outFrom == null || m.outUntil == null
        ? null
        : new Out(m.outFrom, m.outUntil, m.outWhy);
  }

  /** Kinds of work; a machine of which none is said seeds. */
  public List<String> kinds() {
    return work == null ? List.of(MachineWork.SEED.key()) : work;
  }

  /** The same with its hours as they are reckoned, whatever came with it. */
  MachineView reckoned() {
    return new MachineView(
        id,
        version,
        name,
        kind,
        work,
        methods,
        widthM,
        speedKmh,
        efficiency,
        openers,
        spacingM,
        hopperM3,
        payloadKg,
        turnS,
        refillS,
        ferryKmh,
        batteryMin,
        meter,
        massKg,
        rowUnits,
        weekdays,
        onlyDays,
        setUpH,
        changeH,
        tenderM,
        roadKmh,
        usdPerHour,
        usdPerHa,
        hired,
        terms,
        out,
        notes,
        provenSwathM,
        haPerHour,
        null);
  }

  /** As work is reckoned with it. */
  public nimblefurrow.core.machine.Machine machine() {
    return MachineMapper.machine(this);
  }

  static MachineView of(Machine m) {
    return of(m, null, 1);
  }

  static MachineView of(Machine m, @Nullable Double provenSwathM, double hoursTimes) {
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
        new Terms(m.weightLimitKgPerHa, m.leastUsd, m.wayKm, m.usdPerKm),
        out(m),
        m.notes,
        provenSwathM,
        new Drive(m.widthM, provenSwathM, m.speedKmh, m.efficiency, m.turnS, m.roadKmh)
            .taking(hoursTimes)
            .haPerHour(),
        hoursTimes);
  }
}
