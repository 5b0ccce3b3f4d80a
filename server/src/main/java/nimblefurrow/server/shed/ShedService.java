package nimblefurrow.server.shed;

import static nimblefurrow.core.machine.Machine.USUAL_ROAD_KMH;
import static nimblefurrow.core.machine.Machine.USUAL_SET_UP_H;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.machine.MachineChecks;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.learn.LearningService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import nimblefurrow.server.worklog.MachineNames;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The machines of a farm. Callers have checked who asks. */
@Service
public class ShedService implements MachineNames {
  private static final String AWAY = "This farm has no such machine.";

  private final Machines machines;
  private final Calibrations calibrations;
  private final LearningService learning;

  ShedService(Machines machines, Calibrations calibrations, LearningService learning) {
    this.learning = learning;
    this.machines = machines;
    this.calibrations = calibrations;
  }

  /** All machines by name. */
  @Transactional(readOnly = true)
  public List<MachineView> machines(UUID farmId) {
    FarmLearning learnt = learning.of(farmId);
    Map<UUID, Double> proven = provenSwaths(farmId);
    return machines.findByFarmIdAndRemovedFalseOrderByName(farmId).stream()
        .map(m -> MachineView.of(m, proven.get(m.id), hours(learnt, m.id)))
        .toList();
  }

  /** All machines by name, with their hours as they are reckoned, whatever the record says. */
  @Transactional(readOnly = true)
  public List<MachineView> reckoned(UUID farmId) {
    Map<UUID, Double> proven = provenSwaths(farmId);
    return machines.findByFarmIdAndRemovedFalseOrderByName(farmId).stream()
        .map(m -> MachineView.of(m, proven.get(m.id), 1))
        .toList();
  }

  private static double hours(FarmLearning learnt, UUID machine) {
    return learnt.factor(Learnt.HOURS, machine.toString());
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
    return MachineView.of(
        find(farmId, machineId),
        provenSwaths(farmId).get(machineId),
        hours(learning.of(farmId), machineId));
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
    MachineView.Terms terms = m.terms() == null ? MachineView.Terms.NONE : m.terms();
    stored.weightLimitKgPerHa = terms.weightLimitKgPerHa();
    stored.leastUsd = terms.leastUsd();
    stored.wayKm = terms.wayKm();
    stored.usdPerKm = terms.usdPerKm();
    stand(stored, m.out());
    stored.notes = m.notes();
    return MachineView.of(machines.saveAndFlush(stored));
  }

  private void check(UUID farmId, MachineView m) {
    machines.findByFarmIdAndRemovedFalseOrderByName(farmId).stream()
        .filter(o -> o.name.equalsIgnoreCase(m.name().strip()) && !o.id.equals(m.id()))
        .findFirst()
        .ifPresent(
            o -> {
              throw new Refused("name", "There is already a machine called " + o.name + ".");
            });
    if (m.weekdays() != null && m.weekdays().stream().anyMatch(d -> d < 1 || d > 7)) {
      throw new Refused("weekdays", "Days of the week are 1, Monday, to 7.");
    }
    MachineChecks.check(MachineMapper.machine(m.reckoned()));
    MachineChecks.positive("massKg", "The mass", m.massKg());
    MachineChecks.positive("spacingM", "The spacing", m.spacingM());
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
  @Override
  public Map<UUID, String> names(UUID farmId) {
    return machines.findByFarmIdOrderByName(farmId).stream()
        .collect(Collectors.toMap(m -> m.id, m -> m.name));
  }

  private Machine find(UUID farmId, UUID machineId) {
    return machines.get(farmId, machineId, AWAY);
  }
}
