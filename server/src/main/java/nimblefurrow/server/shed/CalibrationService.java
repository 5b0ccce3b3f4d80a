package nimblefurrow.server.shed;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Need;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.support.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was found at settings of a farm's machines. Callers have checked who asks. */
@Service
public class CalibrationService {
  private static final String AWAY = "This farm has no such machine.";
  private static final String NO_NOTE = "There is no such note.";

  private final Calibrations calibrations;
  private final Machines machines;
  private final SeedService lots;
  private final Clock clock;

  CalibrationService(Calibrations calibrations, Machines machines, SeedService lots, Clock clock) {
    this.calibrations = calibrations;
    this.machines = machines;
    this.lots = lots;
    this.clock = clock;
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
    machines.get(farmId, c.machineId(), AWAY);
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
}
