package nimblefurrow.server.farm;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.people.FarmNames;
import nimblefurrow.server.people.Role;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotAllowed;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Farms and their clocks. */
@Service
public class FarmService implements FarmNames {
  private static final int MOST_FARMS = 200;
  private static final int LONGEST_NAME = 80;

  private final Farms farms;
  private final Access access;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final Looking looking;

  FarmService(
      Farms farms, Access access, ApplicationEventPublisher events, Clock clock, Looking looking) {
    this.looking = looking;
    this.events = events;
    this.farms = farms;
    this.access = access;
    this.clock = clock;
  }

  /** The farms of the person who asks. */
  @Transactional(readOnly = true)
  public List<FarmView> mine() {
    return access.farms(access.person().id()).entrySet().stream()
        .map(e -> view(farm(e.getKey()), e.getValue()))
        .sorted(Comparator.comparing(FarmView::name))
        .toList();
  }

  /** A farm the asker may see. */
  @Transactional(readOnly = true)
  public FarmView see(UUID farmId) {
    Role role = access.see(farmId);
    return view(farm(farmId), role);
  }

  /** A farm without asking who wants it: for work that was let in already. */
  @Transactional(readOnly = true)
  public FarmView get(UUID farmId) {
    return view(farm(farmId), Role.VIEWER);
  }

  /** Founds a farm with the given owner. */
  @Transactional
  public FarmView found(String name, UUID owner) {
    requireName(name);
    if (access.farms(owner).size() >= MOST_FARMS) {
      throw new InputProblem("name", "You have %d farms; that is the most.".formatted(MOST_FARMS));
    }
    Farm farm = new Farm();
    farm.id = UUID.randomUUID();
    farm.name = name.strip();
    farms.saveAndFlush(farm);
    access.grant(owner, farm.id, Role.OWNER);
    return view(farm, Role.OWNER);
  }

  @Override
  @Transactional(readOnly = true)
  public String of(UUID farmId) {
    return farm(farmId).name;
  }

  private static void requireName(String name) {
    if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
      throw new InputProblem("name", "A farm needs a name of up to 80 characters.");
    }
  }

  /**
   * Changes the name.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public FarmView change(UUID farmId, @Nullable Long version, String name) {
    access.manage(farmId);
    requireName(name);
    Farm farm = farm(farmId);
    if (!Objects.equals(version, farm.version)) {
      throw new ChangedMeanwhile(
          "Someone else changed the farm while you did.", view(farm, Role.OWNER));
    }
    farm.name = name.strip();
    return view(farms.saveAndFlush(farm), Role.OWNER);
  }

  /**
   * Deletes a farm with all that is known of it.
   *
   * @param name of the farm, said again
   * @throws Refused when it is another name, or when other farms live under its weather
   */
  @Transactional
  public void delete(UUID farmId, String name) {
    access.manage(farmId);
    access.atTheKeyboard();
    Farm farm = farm(farmId);
    if (!farm.name.equalsIgnoreCase(name.strip())) {
      throw new Refused("name", "Say the farm's name, “%s”, to delete it.".formatted(farm.name));
    }
    try {
      farms.delete(farm);
      farms.flush();
    } catch (DataIntegrityViolationException e) {
      throw new Refused(
          "name",
          "Another farm lives under this one's weather station; give that one its own first.");
    }
  }

  /** Sets the day of a demonstration. */
  @Transactional
  public FarmView setDay(UUID farmId, LocalDate day) {
    access.manage(farmId);
    Farm farm = farm(farmId);
    if (!farm.demo) {
      throw new NotAllowed("Only a demo farm has a clock to set.");
    }
    LocalDate was = farm.demoDay == null ? day : farm.demoDay;
    setDemoDay(farm, day);
    farms.saveAndFlush(farm);
    events.publishEvent(new DayMoved(farmId, was, day));
    return view(farm, Role.OWNER);
  }

  /** Makes a farm a demonstration at a day. */
  @Transactional
  public void makeDemo(UUID farmId, LocalDate day) {
    Farm farm = farm(farmId);
    farm.demo = true;
    setDemoDay(farm, day);
  }

  /** Says which station's weather a farm lives under. */
  @Transactional
  public void useStation(UUID farmId, @Nullable UUID stationId) {
    farm(farmId).stationId = stationId;
  }

  private static void setDemoDay(Farm farm, LocalDate day) {
    LocalDate first = LocalDate.of(2026, 1, 1);
    LocalDate last = LocalDate.of(2027, 8, 31);
    if (day.isBefore(first) || day.isAfter(last)) {
      throw new InputProblem(
          "today", "The demo has weather from 1 Jan 2026 to 31 Aug 2027; pick a day between.");
    }
    farm.demoDay = day;
  }

  private FarmView view(Farm farm, Role role) {
    LocalDate today = farm.demoDay == null ? LocalDate.now(clock) : farm.demoDay;
    Integer looked = looking.season();
    return new FarmView(
        farm.id,
        farm.version,
        farm.name,
        today,
        looked == null ? SeasonDates.seasonOf(today) : looked,
        SeasonDates.seasonOf(today),
        farm.demo,
        farm.stationId,
        role);
  }

  private Farm farm(UUID id) {
    return farms.findById(id).orElseThrow(() -> new NotFound("There is no such farm."));
  }
}
