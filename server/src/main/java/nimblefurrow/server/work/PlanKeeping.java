package nimblefurrow.server.work;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.Looking;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeping proposals, and what was kept before. Callers have checked who asks. */
@Service
class PlanKeeping {
  private final WorkItems items;
  private final WorkKeepings keepings;
  private final WorkSeens seens;
  private final KeptPlan plan;
  private final LayingOut layings;
  private final PlanDays planDays;
  private final PlansFollow follow;
  private final Circumstances circumstances;
  private final Looking looking;
  private final Clock clock;

  PlanKeeping(
      WorkItems items,
      WorkKeepings keepings,
      WorkSeens seens,
      KeptPlan plan,
      LayingOut layings,
      PlanDays planDays,
      PlansFollow follow,
      Circumstances circumstances,
      Looking looking,
      Clock clock) {
    this.items = items;
    this.keepings = keepings;
    this.seens = seens;
    this.plan = plan;
    this.layings = layings;
    this.planDays = planDays;
    this.follow = follow;
    this.circumstances = circumstances;
    this.looking = looking;
    this.clock = clock;
  }

  /**
   * Keeps all of a proposal, or some of its jobs, and the fields' plans follow; what was kept and
   * planned before can be had back.
   */
  @Transactional
  WorkViews.WorkView keep(UUID farmId, WorkViews.KeepInput in, @Nullable UUID account) {
    WorkRun run = layings.proposed(farmId, in.runId());
    return looking.at(run.seasonYear, () -> keep(farmId, run, in, account));
  }

  private WorkViews.WorkView keep(
      UUID farmId, WorkRun run, WorkViews.KeepInput in, @Nullable UUID account) {
    WorkViews.Proposal proposal = StoredProposal.SHAPE.read(Objects.requireNonNull(run.result));
    List<String> since = layings.since(run);
    if (!since.isEmpty()) {
      throw new Refused(
          "runId",
          "This was laid out before something changed: %s Lay it out again, then keep it."
              .formatted(since.get(0)));
    }
    WorkKeeping keeping = remember(farmId);
    Set<String> wanted =
        in.keys() == null
            ? proposal.items().stream().map(WorkViews.ProposedItem::key).collect(Collectors.toSet())
            : new HashSet<>(in.keys());
    Map<String, WorkItem> now = new HashMap<>();
    items.findByFarmId(farmId).forEach(i -> now.put(i.fieldId + i.job, i));
    Set<UUID> there = plan.names(farmId).keySet();
    List<WorkItem> kept = new ArrayList<>();
    for (WorkViews.ProposedItem p : proposal.items()) {
      // A field may have gone since this was proposed.
      if (!wanted.contains(p.key()) || !there.contains(p.fieldId())) {
        continue;
      }
      WorkItem item = now.getOrDefault(p.key(), new WorkItem());
      take(farmId, p, item);
      kept.add(item);
    }
    keeping.planChange = follow.follow(farmId, kept, account);
    Map<UUID, Map<Deed, LocalDate>> meant = planDays.of(farmId);
    kept.forEach(item -> item.meantOn = meant(item, meant));
    kept.forEach(items::save);
    if (in.keys() == null) {
      // What is kept whole proposes nothing more, to anyone who looks.
      run.result = null;
      Set<String> left =
          proposal.left().stream().map(l -> l.fieldId() + l.job()).collect(Collectors.toSet());
      now.forEach(
          (key, item) -> {
            if (left.contains(key) && item.shareDone == 0) {
              items.delete(item);
            }
          });
    }
    items.flush();
    run.seen = seen(farmId);
    return plan.work(farmId);
  }

  /** What the kept plan was laid out under: as it is now, with the fields' plans following. */
  private Map<String, String> seen(UUID farmId) {
    WorkSeen seen = new WorkSeen();
    seen.farmId = farmId;
    seen.seen = circumstances.of(farmId);
    seens.save(seen);
    return seen.seen;
  }

  private static @Nullable LocalDate meant(WorkItem item, Map<UUID, Map<Deed, LocalDate>> all) {
    UUID link = JobKind.link(item.job);
    Map<Deed, LocalDate> days = all.getOrDefault(link == null ? item.fieldId : link, Map.of());
    return JobKind.of(item.job).deed().map(days::get).orElse(null);
  }

  private static void take(UUID farmId, WorkViews.ProposedItem p, WorkItem item) {
    if (item.id == null) {
      item.id = UUID.randomUUID();
      item.farmId = farmId;
      item.fieldId = p.fieldId();
      item.job = p.job();
    }
    item.way = p.way();
    item.doerId = p.doerId();
    item.customerId = p.customerId();
    item.words = p.label();
    item.startOn = p.startOn();
    item.finishOn = p.finishOn();
    item.hours = p.hours();
    item.segments = StoredShift.all(p.segments());
  }

  /** The jobs of a proposal as they would be kept, or those that are; not stored. */
  @Transactional(readOnly = true)
  List<WorkItem> plan(UUID farmId, @Nullable UUID runId) {
    if (runId == null) {
      return items.findByFarmId(farmId);
    }
    return StoredProposal.SHAPE
        .read(Objects.requireNonNull(layings.proposed(farmId, runId).result))
        .items()
        .stream()
        .map(
            p -> {
              WorkItem item = new WorkItem();
              take(farmId, p, item);
              return item;
            })
        .toList();
  }

  private WorkKeeping remember(UUID farmId) {
    WorkKeeping keeping = new WorkKeeping();
    keeping.farmId = farmId;
    keeping.keptAt = Instant.now(clock);
    keeping.items = StoredJob.SHAPE.store(plan.views(farmId));
    return keepings.save(keeping);
  }

  /** Puts back what was kept before the last change; false when there is nothing. */
  @Transactional
  boolean undo(UUID farmId) {
    WorkKeeping last = keepings.findFirstByFarmIdAndUndoneFalseOrderByIdDesc(farmId).orElse(null);
    if (last == null) {
      return false;
    }
    // Written down first: taking plans back may let go of what is read here.
    last.undone = true;
    items.deleteByFarmId(farmId);
    items.flush();
    if (last.planChange != null) {
      follow.takeBack(farmId, last.planChange);
    }
    Set<UUID> there = plan.names(farmId).keySet();
    Map<UUID, Map<Deed, LocalDate>> meant = planDays.of(farmId);
    for (StoredJob v : last.items) {
      if (!there.contains(v.fieldId())) {
        continue;
      }
      WorkItem item = new WorkItem();
      item.id = v.id();
      item.farmId = farmId;
      item.fieldId = v.fieldId();
      item.job = v.kind();
      item.way = v.way();
      item.doerId = v.doerId();
      item.customerId = v.customerId();
      item.words = v.label();
      item.startOn = v.startOn();
      item.finishOn = v.finishOn();
      item.hours = v.hours();
      item.shareDone = v.shareDone();
      item.segments = v.segments();
      item.meantOn = meant(item, meant);
      items.save(item);
    }
    seen(farmId);
    return true;
  }
}
