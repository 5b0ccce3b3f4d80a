package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.Worker;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of a farm and what they can run. Callers have checked who asks. */
@Service
public class CrewService {
  private static final String AWAY = "This farm has no such person.";

  private static final int MOST_DAYS_OFF = 400;

  private final CrewMembers members;
  private final ShedService shed;

  CrewService(CrewMembers members, ShedService shed) {
    this.members = members;
    this.shed = shed;
  }

  /** Everyone by name. */
  @Transactional(readOnly = true)
  public List<CrewView> all(UUID farmId) {
    return members.findByFarmIdOrderByName(farmId).stream().map(CrewService::view).toList();
  }

  /**
   * Adds or changes someone.
   *
   * @throws ChangedMeanwhile when someone saved them since they were read
   */
  @Saving
  public CrewView put(UUID farmId, CrewView in) {
    if (in.name().isBlank()) {
      throw new Refused("name", "Give a name.");
    }
    // The rules of a week are the worker's.
    in.worker();
    Map<UUID, String> there = shed.names(farmId);
    for (int i = 0; i < in.machines().size(); i++) {
      if (!there.containsKey(in.machines().get(i))) {
        throw new Refused("machines[" + i + "]", "This farm has no such machine.");
      }
    }
    if (in.daysOff().size() > MOST_DAYS_OFF) {
      throw new Refused("daysOff", "Take at most 400 days off.");
    }
    String name = in.name().strip();
    if (members.findByFarmIdOrderByName(farmId).stream()
        .anyMatch(m -> m.name.equalsIgnoreCase(name) && !m.id.equals(in.id()))) {
      throw new Refused("name", "There is already someone called " + name + ".");
    }
    Optional<CrewMember> stored = members.toPut(farmId, in.id(), AWAY);
    stored.ifPresent(o -> ChangedMeanwhile.unless(o.version, in.version(), o.name, () -> view(o)));
    CrewMember m = stored.orElseGet(CrewMember::new);
    m.id = in.id();
    m.farmId = farmId;
    m.name = name;
    m.machines = in.machines().toArray(UUID[]::new);
    m.weekHours = in.weekHours().toArray(Double[]::new);
    m.daysOff = in.daysOff().toArray(LocalDate[]::new);
    return view(members.saveAndFlush(m));
  }

  /** Takes someone off the crew. */
  @Transactional
  public void remove(UUID farmId, UUID id) {
    members.delete(members.get(farmId, id, AWAY));
  }

  private static CrewView view(CrewMember m) {
    List<Double> hours = List.of(m.weekHours);
    List<LocalDate> off = List.of(m.daysOff);
    String week = new Worker(m.id, m.name, Set.of(), hours, Set.copyOf(off)).week();
    return new CrewView(m.id, m.version, m.name, List.of(m.machines), hours, off, week);
  }
}
