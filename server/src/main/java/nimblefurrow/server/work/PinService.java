package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is settled about jobs, kept or left out. Callers have checked who asks. */
@Service
class PinService {
  private static final int LONGEST_NAME = 45;

  private final WorkPins pins;
  private final FarmService farms;
  private final FieldService fields;
  private final HireService hire;
  private final ShedService shed;
  private final CrewService crew;

  PinService(
      WorkPins pins,
      FarmService farms,
      FieldService fields,
      HireService hire,
      ShedService shed,
      CrewService crew) {
    this.shed = shed;
    this.crew = crew;
    this.pins = pins;
    this.farms = farms;
    this.fields = fields;
    this.hire = hire;
  }

  /** All pins of a farm's plan. */
  @Transactional(readOnly = true)
  public List<WorkViews.PinView> all(UUID farmId) {
    return pins.findByFarmId(farmId).stream()
        .map(p -> new WorkViews.PinView(p.fieldId, p.job, p.day, p.onlyDoer, List.of(p.neverDoers)))
        .toList();
  }

  /** Settles a day, a machine or what may not do a job; nothing of it lifts the pin. */
  @Transactional
  void pin(UUID farmId, UUID fieldId, String job, WorkViews.PinInput in) {
    List<UUID> never = in.neverDoers() == null ? List.of() : in.neverDoers();
    if (!worked(farmId, fieldId)) {
      throw new NotFound("There is no such field in this plan.");
    }
    JobKind.of(job);
    if (job.length() > LONGEST_NAME) {
      throw new Refused("job", "There is nothing to look at with a name as long as that.");
    }
    Set<UUID> doers = new HashSet<>(shed.names(farmId).keySet());
    crew.all(farmId).forEach(c -> doers.add(c.id()));
    if (in.onlyDoer() != null && !doers.contains(in.onlyDoer()) || !doers.containsAll(never)) {
      throw new Refused("onlyDoer", "This farm has no such machine or person.");
    }
    LocalDate end = LocalDate.of(farms.get(farmId).seasonYear() + 1, 7, 31);
    if (in.day() != null && in.day().isAfter(end)) {
      throw new Refused("day", "That day lies beyond the season, which ends on " + end + ".");
    }
    if (in.day() != null && in.day().isBefore(farms.get(farmId).today())) {
      throw new Refused("day", "A job cannot be pinned to a day that is past.");
    }
    if (in.onlyDoer() != null && never.contains(in.onlyDoer())) {
      throw new Refused(
          "neverDoers", "The machine that is to do it is also one that is not to do it.");
    }
    WorkPin pin = pins.findByFarmIdAndFieldIdAndJob(farmId, fieldId, job).orElseGet(WorkPin::new);
    boolean lifted = in.day() == null && in.onlyDoer() == null && never.isEmpty();
    if (lifted) {
      if (pin.id != null) {
        pins.delete(pin);
      }
      pins.flush();
      return;
    }
    if (pin.id == null) {
      pin.id = UUID.randomUUID();
      pin.farmId = farmId;
      pin.fieldId = fieldId;
      pin.job = job;
    }
    pin.day = in.day();
    pin.onlyDoer = in.onlyDoer();
    pin.neverDoers = never.toArray(UUID[]::new);
    pins.saveAndFlush(pin);
  }

  /** Whether a field is the farm's own or that of one it works for. */
  private boolean worked(UUID farmId, UUID fieldId) {
    return Stream.concat(Stream.of(farmId), hire.customers(farmId).stream().map(FarmView::id))
        .flatMap(id -> fields.list(id).stream())
        .anyMatch(f -> f.id().equals(fieldId));
  }
}
