package nimblefurrow.server.shed;

import static nimblefurrow.core.machine.Machine.USUAL_ROAD_KMH;
import static nimblefurrow.core.machine.Machine.USUAL_SET_UP_H;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The machines of a farm and the memory of their settings. Callers have checked who asks. */
@Service
public class ShedService {
  private static final String AWAY = "This farm has no such machine.";
  private static final String NO_NOTE = "There is no such note.";

  private final Machines machines;
  private final Calibrations calibrations;
  private final SeedService lots;
  private final Clock clock;

  ShedService(Machines machines, Calibrations calibrations, SeedService lots, Clock clock) {
    this.lots = lots;
    this.machines = machines;
    this.calibrations = calibrations;
    this.clock = clock;
  }

  /** All machines by name. */
  @Transactional(readOnly = true)
  public List<MachineView> machines(UUID farmId) {
    Map<UUID, Double> proven = provenSwaths(farmId);
    return machines.findByFarmIdAndRemovedFalseOrderByName(farmId).stream()
        .map(m -> MachineView.of(m, proven.get(m.id)))
        .toList();
  }

  /** The even width of each machine's newest pattern test, m. */
  private Map<UUID, Double> provenSwaths(UUID farmId) {
    Map<UUID, Double> proven = new HashMap<>();
    for (Calibration c : calibrations.findByFarmIdOrderByCreatedAtDesc(farmId)) {
      Double swath = c.setting;
      if (c.bench.equals("pattern") && swath != null && swath > 0) {
        proven.putIfAbsent(c.machineId, swath);
      }
    }
    return proven;
  }

  /**
   * One machine.
   *
   * @throws NotFound when the farm has no such machine
   */
  @Transactional(readOnly = true)
  public MachineView machine(UUID farmId, UUID machineId) {
    return MachineView.of(find(farmId, machineId), provenSwaths(farmId).get(machineId));
  }

  /**
   * Adds or changes a machine.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public MachineView put(UUID farmId, MachineView m) {
    check(farmId, m);
    Optional<Machine> there = machines.toPut(farmId, m.id(), AWAY);
    there.ifPresent(
        o -> {
          if (o.removed) {
            throw new Refused(
                "id",
                o.name + " was taken out of the shed meanwhile; put it back, then change it.");
          }
          ChangedMeanwhile.unless(o.version, m.version(), o.name, () -> MachineView.of(o));
        });
    Machine stored = there.orElseGet(Machine::new);
    stored.id = m.id();
    stored.farmId = farmId;
    stored.name = m.name().strip();
    stored.kind = m.kind().strip();
    stored.work = m.kinds().toArray(String[]::new);
    stored.massKg = m.massKg();
    stored.rowUnits = m.rowUnits();
    stored.weekdays =
        m.weekdays() == null
            ? new Integer[] {1, 2, 3, 4, 5, 6, 7}
            : m.weekdays().toArray(Integer[]::new);
    stored.onlyDays =
        m.onlyDays() == null ? new LocalDate[0] : m.onlyDays().toArray(LocalDate[]::new);
    stored.setUpH = m.setUpH() == null ? USUAL_SET_UP_H : m.setUpH();
    stored.changeH = m.changeH();
    stored.tenderM = m.tenderM();
    stored.roadKmh = m.roadKmh() == null ? USUAL_ROAD_KMH : m.roadKmh();
    stored.methods = m.methods().toArray(String[]::new);
    stored.widthM = m.widthM();
    stored.speedKmh = m.speedKmh();
    stored.efficiency = m.efficiency();
    stored.openers = m.openers();
    stored.spacingM = m.spacingM();
    stored.hopperM3 = m.hopperM3();
    stored.payloadKg = m.payloadKg();
    stored.turnS = m.turnS();
    stored.refillS = m.refillS();
    stored.ferryKmh = m.ferryKmh();
    stored.batteryMin = m.batteryMin();
    stored.meter = m.meter();
    stored.usdPerHour = m.usdPerHour();
    stored.usdPerHa = m.usdPerHa();
    stored.hired = m.hired();
    stand(stored, m.out());
    stored.notes = m.notes();
    return MachineView.of(machines.saveAndFlush(stored));
  }

  private void check(UUID farmId, MachineView m) {
    if (m.name().isBlank()) {
      throw new Refused("name", "Give the machine a name.");
    }
    machines.findByFarmIdAndRemovedFalseOrderByName(farmId).stream()
        .filter(o -> o.name.equalsIgnoreCase(m.name().strip()) && !o.id.equals(m.id()))
        .findFirst()
        .ifPresent(
            o -> {
              throw new Refused("name", "There is already a machine called " + o.name + ".");
            });
    if (m.kinds().isEmpty()) {
      throw new Refused("work", "Say what work the machine does.");
    }
    m.kinds().forEach(MachineWork::of);
    boolean seeds = m.kinds().contains(MachineWork.SEED.key());
    if (seeds && m.methods().isEmpty()) {
      throw new Refused("methods", "Say which ways of seeding it can be used for.");
    }
    m.methods().forEach(SeedingMethod::of);
    Need.positive("widthM", "The width", m.widthM());
    Need.positive("speedKmh", "The speed", m.speedKmh());
    Need.share("efficiency", "The share of time at work", m.efficiency());
    if (seeds) {
      Need.positive("hopperM3", "The hopper", m.hopperM3());
    } else {
      Need.notNegative("hopperM3", "The tank", m.hopperM3());
    }
    optional("massKg", "The mass", m.massKg());
    optional("roadKmh", "The speed on the road", m.roadKmh());
    if (m.changeH() != null) {
      Need.notNegative("changeH", "The time of a change", m.changeH());
    }
    if (m.tenderM() != null) {
      Need.notNegative("tenderM", "The way to where it fills", m.tenderM());
    }
    if (m.setUpH() != null) {
      Need.notNegative("setUpH", "The set-up at a field", m.setUpH());
    }
    if (m.weekdays() != null && m.weekdays().stream().anyMatch(d -> d < 1 || d > 7)) {
      throw new Refused("weekdays", "Days of the week are 1, Monday, to 7.");
    }
    Need.notNegative("turnS", "The time of a turn", m.turnS());
    Need.notNegative("refillS", "The time of a refill", m.refillS());
    optional("payloadKg", "The mass limit", m.payloadKg());
    optional("spacingM", "The spacing", m.spacingM());
    optional("ferryKmh", "The ferry speed", m.ferryKmh());
    optional("batteryMin", "The battery's minutes", m.batteryMin());
    if (m.openers() != null) {
      Need.positive("openers", "The number of openers", m.openers());
    }
  }

  private static void stand(Machine machine, MachineView.@Nullable Out out) {
    if (out != null && out.until().isBefore(out.from())) {
      throw new Refused("until", "The last day it stands lies before the first.");
    }
    machine.outFrom = out == null ? null : out.from();
    machine.outUntil = out == null ? null : out.until();
    machine.outWhy = out == null ? "" : out.why().strip();
  }

  /**
   * Says that a machine stands for some days, or runs again.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public MachineView stands(
      UUID farmId, UUID machineId, @Nullable Long version, MachineView.@Nullable Out out) {
    Machine machine = find(farmId, machineId);
    ChangedMeanwhile.unless(machine.version, version, machine.name, () -> MachineView.of(machine));
    stand(machine, out);
    return MachineView.of(machines.saveAndFlush(machine));
  }

  private static void optional(String where, String what, @Nullable Double value) {
    if (value != null) {
      Need.positive(where, what, value);
    }
  }

  /** Takes a machine out of the shed; its notes and the work it did stay. */
  @Transactional
  public void remove(UUID farmId, UUID machineId) {
    find(farmId, machineId).removed = true;
  }

  /**
   * Puts a machine back into the shed.
   *
   * @throws Refused when another has taken its name
   */
  @Transactional
  public void restore(UUID farmId, UUID machineId) {
    Machine machine = find(farmId, machineId);
    check(farmId, MachineView.of(machine));
    machine.removed = false;
  }

  /** Names of all machines there ever were, by id. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names(UUID farmId) {
    return machines.findByFarmIdOrderByName(farmId).stream()
        .collect(Collectors.toMap(m -> m.id, m -> m.name));
  }

  /** What was found at settings of the machines in the shed, newest first. */
  @Transactional(readOnly = true)
  public List<CalibrationView> calibrations(UUID farmId) {
    Set<UUID> there =
        machines.findByFarmIdAndRemovedFalseOrderByName(farmId).stream()
            .map(m -> m.id)
            .collect(Collectors.toSet());
    return calibrations.findByFarmIdOrderByCreatedAtDesc(farmId).stream()
        .filter(c -> there.contains(c.machineId))
        .map(CalibrationView::of)
        .toList();
  }

  /** Writes down a setting; the same id twice is the same note. */
  @Transactional
  public CalibrationView note(UUID farmId, CalibrationView c) {
    find(farmId, c.machineId());
    Optional<Calibration> stored = calibrations.toPut(farmId, c.id(), NO_NOTE);
    if (stored.isPresent()) {
      return CalibrationView.of(stored.get());
    }
    if (c.lotId() != null && !lots.has(farmId, c.lotId())) {
      throw new NotFound("This farm has no such seed lot.");
    }
    if (c.rateKgPerHa() != null) {
      Need.notNegative("rateKgPerHa", "The rate", c.rateKgPerHa());
    }
    Calibration fresh = new Calibration();
    fresh.id = c.id();
    fresh.farmId = farmId;
    fresh.machineId = c.machineId();
    fresh.lotId = c.lotId();
    fresh.species = c.species();
    fresh.gear = c.gear().strip();
    fresh.bench = c.bench();
    fresh.setting = c.setting();
    fresh.rateKgPerHa = c.rateKgPerHa();
    fresh.chartKgPerHa = c.chartKgPerHa();
    fresh.words = c.words().strip();
    fresh.doneOn = c.doneOn();
    fresh.createdAt = Instant.now(clock);
    return CalibrationView.of(calibrations.save(fresh));
  }

  /** Takes a note out again. */
  @Transactional
  public void forget(UUID farmId, UUID calibrationId) {
    calibrations.delete(calibrations.get(farmId, calibrationId, NO_NOTE));
  }

  private Machine find(UUID farmId, UUID machineId) {
    return machines.get(farmId, machineId, AWAY);
  }
}
