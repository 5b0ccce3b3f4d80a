package nimblefurrow.server.work;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.Doer;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The kept plan of the work, and what is asked of it. Callers have checked who asks. */
@Service
class WorkService {
  static final double USUAL_SECONDS = 6;
  static final double USUAL_USD_PER_MOVE = 80;
  static final double USUAL_GOAL_USD_PER_HA = 400;
  private static final List<String> ACTIVE = List.of("waiting", "running");

  private final WorkItems items;
  private final WorkRuns runs;
  private final WorkKeepings keepings;
  private final WorkSeens seens;
  private final FarmService farms;
  private final FieldService fields;
  private final ShedService shed;
  private final DoneLog doneLog;
  private final CrewService crew;
  private final HireService hire;
  private final PinService pins;
  private final Circumstances circumstances;
  private final SchedulerClient scheduler;
  private final Clock clock;

  WorkService(
      WorkItems items,
      WorkRuns runs,
      WorkKeepings keepings,
      WorkSeens seens,
      FarmService farms,
      FieldService fields,
      ShedService shed,
      DoneLog doneLog,
      CrewService crew,
      HireService hire,
      PinService pins,
      Circumstances circumstances,
      SchedulerClient schedulerClient,
      Clock clock) {
    this.items = items;
    this.runs = runs;
    this.keepings = keepings;
    this.seens = seens;
    this.farms = farms;
    this.fields = fields;
    this.shed = shed;
    this.doneLog = doneLog;
    this.crew = crew;
    this.hire = hire;
    this.pins = pins;
    this.circumstances = circumstances;
    this.scheduler = schedulerClient;
    this.clock = clock;
  }

  /** The kept plan. */
  @Transactional(readOnly = true)
  WorkViews.WorkView work(UUID farmId) {
    return new WorkViews.WorkView(farms.get(farmId).today(), views(farmId), pins.all(farmId));
  }

  private List<WorkViews.ItemView> views(UUID farmId) {
    Map<UUID, String> customers =
        hire.customers(farmId).stream().collect(Collectors.toMap(FarmView::id, FarmView::name));
    Map<UUID, String> names = names(farmId);
    Map<UUID, String> doers = new HashMap<>(shed.names(farmId));
    crew.all(farmId).forEach(c -> doers.put(c.id(), Doer.onFoot(c.id(), c.name()).name()));
    FarmView farm = farms.get(farmId);
    return items.findByFarmId(farmId).stream()
        .peek(i -> closed(farm, i))
        // Who is not let in on a customer's farm any more sees none of its jobs.
        .filter(i -> i.customerId == null || customers.containsKey(i.customerId))
        .sorted(Comparator.comparing((WorkItem i) -> i.startOn).thenComparing(i -> i.finishOn))
        .map(
            i ->
                new WorkViews.ItemView(
                    i.id,
                    i.fieldId,
                    names.getOrDefault(i.fieldId, ""),
                    i.customerId,
                    i.customerId == null ? null : customers.get(i.customerId),
                    i.kind,
                    i.way,
                    label(i),
                    i.doerId,
                    doers.getOrDefault(i.doerId, "no one any more"),
                    i.startOn,
                    i.finishOn,
                    i.hours,
                    i.shareDone,
                    i.segments))
        .toList();
  }

  /** What the field's log says is done is done, whoever wrote it there. */
  private void closed(FarmView farm, WorkItem i) {
    LocalDate logged = i.shareDone >= 1 ? null : doneLog.has(farm, i);
    if (logged != null) {
      i.shareDone = 1;
      i.finishOn = logged;
      i.startOn = logged.isBefore(i.startOn) ? logged : i.startOn;
    }
  }

  /** Names of all fields there are, customers' too. */
  private Map<UUID, String> names(UUID farmId) {
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
    return switch (i.kind) {
      case "seed" -> SeedingMethod.of(i.way).label();
      case "end" -> EndingMethod.of(i.way).label();
      default -> i.kind;
    };
  }

  /**
   * Asks for a laying-out; while one is under way that one is shown.
   *
   * @param reasons why, when the program asks by itself
   * @throws org.springframework.dao.DataIntegrityViolationException when someone else asked in the
   *     same moment
   */
  @Transactional
  WorkViews.RunView ask(UUID farmId, WorkViews.RunInput in, String who, List<String> reasons) {
    WorkRun active = runs.findFirstByFarmIdAndStateIn(farmId, ACTIVE).orElse(null);
    if (active != null && (!reasons.isEmpty() || !overtakes(active))) {
      return view(active);
    }
    double seconds = in.seconds() == null ? USUAL_SECONDS : in.seconds();
    if (!(seconds > 0 && seconds <= 120)) {
      throw new Refused("seconds", "Give it more than 0 and up to 120 seconds.");
    }
    double move = in.usdPerMove() == null ? USUAL_USD_PER_MOVE : in.usdPerMove();
    double goal = in.goalUsdPerHa() == null ? USUAL_GOAL_USD_PER_HA : in.goalUsdPerHa();
    if (!(move >= 0 && move <= 1e6 && goal >= 0 && goal <= 1e5)) {
      throw new Refused("usdPerMove", "Prices are 0 or more, and less than a farm.");
    }
    WorkRun run = new WorkRun();
    run.id = UUID.randomUUID();
    run.farmId = farmId;
    run.state = "waiting";
    run.askedAt = Instant.now(clock);
    run.askedBy = who;
    run.seconds = seconds;
    run.usdPerMove = move;
    run.goalUsdPerHa = goal;
    run.reasons = reasons;
    runs.saveAndFlush(run);
    scheduler.scheduleIfNotExists(WorkScheduling.task(run.id), run.askedAt);
    return view(run);
  }

  /**
   * Whoever asks now knows more than a laying-out that the program began by itself: that one gives
   * way, and its worker finds it is not its own any more.
   */
  private boolean overtakes(WorkRun active) {
    if (!active.askedBy.equals(WorkWatcher.BY_ITSELF)) {
      return false;
    }
    active.state = "stopped";
    runs.saveAndFlush(active);
    return true;
  }

  /** Whether a laying-out waits or runs. */
  @Transactional(readOnly = true)
  boolean underWay(UUID farmId) {
    return runs.findFirstByFarmIdAndStateIn(farmId, ACTIVE).isPresent();
  }

  /** The last laying-out; nothing when there was none. */
  @Transactional(readOnly = true)
  WorkViews.@Nullable RunView last(UUID farmId) {
    return runs.findFirstByFarmIdOrderByAskedAtDesc(farmId).map(this::view).orElse(null);
  }

  /** Stops a laying-out; what it has found is shown. */
  @Transactional
  void stop(UUID farmId, UUID runId) {
    if (runs.stop(farmId, runId) == 0) {
      throw new NotFound("There is no such laying-out.");
    }
  }

  private WorkViews.RunView view(WorkRun r) {
    return new WorkViews.RunView(
        r.id,
        r.state,
        r.askedBy,
        r.seconds,
        r.state.equals("waiting") ? runs.ahead(r.askedAt) : 0,
        r.progress,
        r.money,
        r.trouble,
        r.reasons,
        since(r),
        r.result);
  }

  /** Keeps all of a proposal, or some of its jobs; what was kept before can be had back. */
  @Transactional
  WorkViews.WorkView keep(UUID farmId, WorkViews.KeepInput in) {
    WorkRun run = proposed(farmId, in.runId());
    WorkViews.Proposal proposal = Objects.requireNonNull(run.result);
    List<String> since = since(run);
    if (!since.isEmpty()) {
      throw new Refused(
          "runId",
          "This was laid out before something changed: %s Lay it out again, then keep it."
              .formatted(since.get(0)));
    }
    WorkSeen seen = new WorkSeen();
    seen.farmId = farmId;
    seen.seen = Objects.requireNonNull(run.seen);
    seens.save(seen);
    remember(farmId);
    Set<String> wanted =
        in.keys() == null
            ? proposal.items().stream().map(WorkViews.ProposedItem::key).collect(Collectors.toSet())
            : new HashSet<>(in.keys());
    Map<String, WorkItem> now = new HashMap<>();
    items.findByFarmId(farmId).forEach(i -> now.put(i.fieldId + i.kind, i));
    Set<UUID> there = names(farmId).keySet();
    for (WorkViews.ProposedItem p : proposal.items()) {
      // A field may have gone since this was proposed.
      if (!wanted.contains(p.key()) || !there.contains(p.fieldId())) {
        continue;
      }
      WorkItem item = now.getOrDefault(p.key(), new WorkItem());
      take(farmId, p, item);
      items.save(item);
    }
    if (in.keys() == null) {
      // What is kept whole proposes nothing more, to anyone who looks.
      run.result = null;
      Set<String> left =
          proposal.left().stream().map(l -> l.fieldId() + l.kind()).collect(Collectors.toSet());
      now.forEach(
          (key, item) -> {
            if (left.contains(key) && item.shareDone == 0) {
              items.delete(item);
            }
          });
    }
    items.flush();
    return work(farmId);
  }

  /** What has changed since a proposal was laid out. */
  private List<String> since(WorkRun run) {
    return run.seen == null || run.result == null
        ? List.of()
        : Circumstances.changes(run.seen, circumstances.of(run.farmId));
  }

  private WorkRun proposed(UUID farmId, UUID runId) {
    return runs.findById(runId)
        .filter(r -> r.farmId.equals(farmId) && r.result != null)
        .orElseThrow(() -> new NotFound("There is no such proposal, or it is kept already."));
  }

  private static void take(UUID farmId, WorkViews.ProposedItem p, WorkItem item) {
    if (item.id == null) {
      item.id = UUID.randomUUID();
      item.farmId = farmId;
      item.fieldId = p.fieldId();
      item.kind = p.kind();
    }
    item.way = p.way();
    item.doerId = p.doerId();
    item.customerId = p.customerId();
    item.words = p.label();
    item.startOn = p.startOn();
    item.finishOn = p.finishOn();
    item.hours = p.hours();
    item.segments = p.segments();
  }

  /** The jobs of a proposal as they would be kept, or those that are; not stored. */
  @Transactional(readOnly = true)
  List<WorkItem> plan(UUID farmId, @Nullable UUID runId) {
    if (runId == null) {
      return items.findByFarmId(farmId);
    }
    return Objects.requireNonNull(proposed(farmId, runId).result).items().stream()
        .map(
            p -> {
              WorkItem item = new WorkItem();
              take(farmId, p, item);
              return item;
            })
        .toList();
  }

  private void remember(UUID farmId) {
    WorkKeeping keeping = new WorkKeeping();
    keeping.farmId = farmId;
    keeping.keptAt = Instant.now(clock);
    keeping.items = views(farmId);
    keepings.save(keeping);
  }

  /** Puts back what was kept before the last change; false when there is nothing. */
  @Transactional
  boolean undo(UUID farmId) {
    WorkKeeping last = keepings.findFirstByFarmIdAndUndoneFalseOrderByIdDesc(farmId).orElse(null);
    if (last == null) {
      return false;
    }
    items.deleteByFarmId(farmId);
    items.flush();
    Set<UUID> there = names(farmId).keySet();
    for (WorkViews.ItemView v : last.items) {
      if (!there.contains(v.fieldId())) {
        continue;
      }
      WorkItem item = new WorkItem();
      item.id = v.id();
      item.farmId = farmId;
      item.fieldId = v.fieldId();
      item.kind = v.kind();
      item.way = v.way();
      item.doerId = v.doerId();
      item.customerId = v.customerId();
      item.words = v.label();
      item.startOn = v.startOn();
      item.finishOn = v.finishOn();
      item.hours = v.hours();
      item.shareDone = v.shareDone();
      item.segments = v.segments();
      items.save(item);
    }
    last.undone = true;
    return true;
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
    } else if (share < 1 && (before || doneLog.has(farm, item) != null)) {
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
    return items
        .findById(itemId)
        .filter(i -> i.farmId.equals(farmId))
        .orElseThrow(() -> new NotFound("There is no such job in the plan."));
  }
}
