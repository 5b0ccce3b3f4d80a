package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.Doer;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.shed.ShedService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kept plan of the work, and what is done of it. Callers have checked who asks. */
@Service
class KeptPlan {
  private final WorkItems items;
  private final FarmService farms;
  private final FieldService fields;
  private final ShedService shed;
  private final DoneLog doneLog;
  private final CrewService crew;
  private final HireService hire;
  private final PinService pins;

  KeptPlan(
      WorkItems items,
      FarmService farms,
      FieldService fields,
      ShedService shed,
      DoneLog doneLog,
      CrewService crew,
      HireService hire,
      PinService pins) {
    this.items = items;
    this.farms = farms;
    this.fields = fields;
    this.shed = shed;
    this.doneLog = doneLog;
    this.crew = crew;
    this.hire = hire;
    this.pins = pins;
  }

  /** The kept plan. */
  @Transactional(readOnly = true)
  WorkViews.WorkView work(UUID farmId) {
    return new WorkViews.WorkView(farms.get(farmId).today(), views(farmId), pins.all(farmId));
  }

  List<WorkViews.ItemView> views(UUID farmId) {
    Map<UUID, String> customers =
        hire.customers(farmId).stream().collect(Collectors.toMap(FarmView::id, FarmView::name));
    Map<UUID, String> names = names(farmId);
    Map<UUID, String> doers = new HashMap<>(shed.names(farmId));
    crew.all(farmId).forEach(c -> doers.put(c.id(), Doer.onFoot(c.id(), c.name()).name()));
    DoneLog.Written written = doneLog.read(farms.get(farmId));
    return items.findByFarmId(farmId).stream()
        // Who is not let in on a customer's farm any more sees none of its jobs.
        .filter(i -> i.customerId == null || customers.containsKey(i.customerId))
        .map(i -> Stand.of(i, written))
        .sorted(
            Comparator.comparing(Stand::start)
                .thenComparing(Stand::finish)
                .thenComparing(s -> s.item.id))
        .map(s -> view(s, names, customers, doers))
        .toList();
  }

  private static WorkViews.ItemView view(
      Stand stand, Map<UUID, String> names, Map<UUID, String> customers, Map<UUID, String> doers) {
    WorkItem i = stand.item;
    return new WorkViews.ItemView(
        i.id,
        i.fieldId,
        names.getOrDefault(i.fieldId, ""),
        i.customerId,
        i.customerId == null ? null : customers.get(i.customerId),
        i.job,
        JobKind.of(i.job),
        i.way,
        label(i),
        i.doerId,
        doers.getOrDefault(i.doerId, "no one any more"),
        stand.start,
        stand.finish,
        i.hours,
        stand.share,
        StoredShift.views(i.segments));
  }

  /**
   * How a job stands: what the field's log says is done is done, whoever wrote it there, and only
   * as long as it stands there; the job itself is not touched.
   */
  private record Stand(WorkItem item, LocalDate start, LocalDate finish, double share) {
    static Stand of(WorkItem i, DoneLog.Written written) {
      LocalDate logged = i.shareDone >= 1 ? null : written.day(i);
      return logged == null
          ? new Stand(i, i.startOn, i.finishOn, i.shareDone)
          : new Stand(i, logged.isBefore(i.startOn) ? logged : i.startOn, logged, 1);
    }
  }

  /** Names of all fields there are, customers' too. */
  Map<UUID, String> names(UUID farmId) {
    Map<UUID, String> names = new HashMap<>();
    fields.list(farmId).forEach(f -> names.put(f.id(), f.name()));
    hire.customers(farmId)
        .forEach(c -> fields.list(c.id()).forEach(f -> names.put(f.id(), f.name())));
    return names;
  }

  private static String label(WorkItem i) {
    if (!i.words.isEmpty()) {
      return i.words;
    }
    return switch (JobKind.of(i.job)) {
      case SEED -> SeedingMethod.of(i.way).label();
      case END -> EndingMethod.of(i.way).label();
      case HARVEST, SECOND, PLANT, LOOK, OWN -> i.job;
    };
  }

  /**
   * Says how much of a job is done; wholly done it is logged on its field, unless the log has it.
   *
   * @param on the day it was done; today when null
   */
  @Transactional
  WorkViews.WorkView done(
      UUID farmId, UUID itemId, double share, @Nullable LocalDate on, UUID account) {
    WorkItem item = find(farmId, itemId);
    if (!(share >= 0 && share <= 1)) {
      throw new Refused("share", "What is done is between nothing and all of it.");
    }
    FarmView farm = farms.get(farmId);
    LocalDate day = on == null ? farm.today() : on;
    if (day.isAfter(farm.today())) {
      throw new Refused("day", "That day is still to come; what is done was done by today.");
    }
    boolean before = item.shareDone >= 1;
    if (share >= 1 && !before) {
      LocalDate written = doneLog.write(farm, item, label(item), day, account);
      item.startOn = written.isBefore(item.startOn) ? written : item.startOn;
      item.finishOn = written;
    } else if (share < 1 && (before || doneLog.read(farm).day(item) != null)) {
      doneLog.remove(farm, item);
    }
    item.shareDone = share;
    items.saveAndFlush(item);
    return work(farmId);
  }

  /** The farm on which a job's work is logged. */
  @Transactional(readOnly = true)
  UUID worked(UUID farmId, UUID itemId) {
    UUID customer = find(farmId, itemId).customerId;
    return customer == null ? farmId : customer;
  }

  WorkItem find(UUID farmId, UUID itemId) {
    return items.get(farmId, itemId, "There is no such job in the plan.");
  }
}
