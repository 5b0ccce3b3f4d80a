package nimblefurrow.server.plan;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import nimblefurrow.server.fields.FieldService;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every change of the plans, and the way back. Callers have checked who asks. */
@Service
public class PlanHistory {
  private static final int LAST_CHANGES = 20;
  private static final int LAST_ROWS = 200;

  private final CoverPlans plans;
  private final PlanStore store;
  private final PlanChanges changes;
  private final FieldService fields;
  private final Clock clock;

  PlanHistory(
      CoverPlans plans, PlanStore store, PlanChanges changes, FieldService fields, Clock clock) {
    this.plans = plans;
    this.store = store;
    this.changes = changes;
    this.fields = fields;
    this.clock = clock;
  }

  /** A change as the history shows it. */
  public record ChangeView(Instant at, String what, boolean undone) {}

  /** A change that is being made; with others of its group it is undone in one step. */
  PlanChange note(
      UUID farmId,
      UUID pieceId,
      @Nullable UUID planId,
      int seasonYear,
      UUID group,
      @Nullable UUID account,
      String what,
      @Nullable PlanInput before,
      @Nullable PlanInput after) {
    PlanChange change = new PlanChange();
    change.farmId = farmId;
    change.pieceId = pieceId;
    change.planId = planId;
    change.seasonYear = seasonYear;
    change.changeGroup = group;
    change.accountId = account;
    change.changedAt = Instant.now(clock);
    change.what = what;
    change.before = StoredPlan.of(before);
    change.after = StoredPlan.of(after);
    return changes.save(change);
  }

  /** Takes the last change back; says what it was, or nothing when there is none. */
  @Transactional
  public Optional<String> undo(UUID farmId) {
    Optional<PlanChange> last = changes.findFirstByFarmIdAndUndoneFalseOrderByIdDesc(farmId);
    if (last.isEmpty()) {
      return Optional.empty();
    }
    takeBack(
        farmId, changes.findByFarmIdAndChangeGroup(farmId, last.get().changeGroup), (c, p) -> true);
    return last.map(c -> c.what);
  }

  /**
   * Takes a change back that is not the last one; what was set by hand since stays.
   *
   * @param change as {@link PlanService#save} gave it
   */
  @Transactional
  public void undo(UUID farmId, UUID change) {
    List<PlanChange> group =
        changes.findByFarmIdAndChangeGroup(farmId, change).stream().filter(c -> !c.undone).toList();
    takeBack(
        farmId,
        group,
        (c, stored) ->
            c.after != null
                && stored != null
                && c.after.plan().equals(PlanStore.view(stored).plan()));
  }

  private void takeBack(
      UUID farmId,
      List<PlanChange> group,
      BiPredicate<PlanChange, @Nullable CoverPlanEntity> which) {
    List<CoverPlanEntity> now =
        plans.findByFarmIdAndPieceIdInOrderBySeedOn(
            farmId, group.stream().map(c -> c.pieceId).distinct().toList());
    Map<UUID, List<CoverPlanEntity>> byPiece =
        now.stream().collect(Collectors.groupingBy(p -> p.pieceId));
    List<FieldService.CropSet> crops = new ArrayList<>();
    for (PlanChange change : group) {
      change.undone = true;
      if (change.crop) {
        crops.add(
            new FieldService.CropSet(
                change.pieceId, change.seasonYear, Objects.requireNonNull(change.cropBefore)));
        continue;
      }
      CoverPlanEntity stored = changed(byPiece.getOrDefault(change.pieceId, List.of()), change);
      if (!which.test(change, stored)) {
        continue;
      }
      CoverPlanEntity again =
          store.put(
              farmId,
              change.pieceId,
              stored != null
                  ? stored.id
                  : change.planId != null ? change.planId : UUID.randomUUID(),
              stored,
              change.before == null ? null : change.before.plan(),
              change.seasonYear);
      if (again != null) {
        again.rotationId = change.rotationBefore;
      }
    }
    plans.flush();
    fields.putBack(farmId, crops);
  }

  /**
   * The last changes of a piece's plan, newest first. What was done in one step is one change,
   * however many years and crops it touched.
   */
  @Transactional(readOnly = true)
  public List<ChangeView> of(UUID farmId, UUID pieceId) {
    Set<UUID> told = new HashSet<>();
    return changes
        .findByFarmIdAndPieceIdOrderByIdDesc(farmId, pieceId, Limit.of(LAST_ROWS))
        .stream()
        .filter(c -> told.add(c.changeGroup))
        .limit(LAST_CHANGES)
        .map(c -> new ChangeView(c.changedAt, c.what, c.undone))
        .toList();
  }

  /** The cover a change was of, as it is now; null when there is none. */
  private static @Nullable CoverPlanEntity changed(List<CoverPlanEntity> all, PlanChange change) {
    return all.stream()
        .filter(
            p ->
                change.planId == null
                    ? p.seasonYear == change.seasonYear
                    : p.id.equals(change.planId))
        .findFirst()
        .orElse(null);
  }
}
