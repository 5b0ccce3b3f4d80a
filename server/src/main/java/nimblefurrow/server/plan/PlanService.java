package nimblefurrow.server.plan;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans of pieces, and every change of them. Callers have checked who asks. */
@Service
public class PlanService {
  private static final int LAST_CHANGES = 20;

  private final CoverPlans plans;
  private final PlanChanges changes;
  private final SpeciesService species;
  private final Clock clock;

  PlanService(CoverPlans plans, PlanChanges changes, SpeciesService species, Clock clock) {
    this.plans = plans;
    this.changes = changes;
    this.species = species;
    this.clock = clock;
  }

  /**
   * A plan to be stored for a piece.
   *
   * @param version the version that was read; null when there was none
   * @param plan null takes the plan away
   * @param label the field's name for sentences
   */
  public record Save(
      UUID pieceId, @Nullable Long version, @Nullable PlanInput plan, String label) {}

  /** A change as the history shows it. */
  public record ChangeView(Instant at, String what, boolean undone) {}

  /** Current plans of a season by piece: the first cover of each chain. */
  @Transactional(readOnly = true)
  public Map<UUID, PlanView> ofPieces(UUID farmId, int seasonYear, Collection<UUID> pieces) {
    Map<UUID, PlanView> found = new HashMap<>();
    for (CoverPlanEntity plan :
        plans.findByFarmIdAndSeasonYearAndPieceIdIn(farmId, seasonYear, pieces)) {
      if (plan.position == 0) {
        found.put(plan.pieceId, view(plan));
      }
    }
    return found;
  }

  /**
   * Says what is wrong with a plan.
   *
   * @throws InputProblem when anything is
   */
  public void check(UUID farmId, PlanInput plan, int seasonYear) {
    List<InputProblem.At> problems =
        PlanChecks.problems(plan, seasonYear, species.table(farmId), "");
    if (!problems.isEmpty()) {
      throw new InputProblem(problems);
    }
  }

  /**
   * Stores plans, all or none, as one change that can be undone.
   *
   * @throws InputProblem when any of them cannot be
   * @throws ChangedMeanwhile when any was changed since it was read
   */
  @Saving
  public void save(
      UUID farmId, int seasonYear, List<Save> saves, String what, @Nullable UUID account) {
    List<InputProblem.At> problems = new ArrayList<>();
    SpeciesTable table = species.table(farmId);
    for (Save save : saves) {
      if (save.plan() != null) {
        String where = saves.size() > 1 ? save.label() : "";
        problems.addAll(PlanChecks.problems(save.plan(), seasonYear, table, where));
      }
    }
    if (!problems.isEmpty()) {
      throw new InputProblem(problems);
    }
    UUID group = UUID.randomUUID();
    for (Save save : saves) {
      Optional<CoverPlanEntity> stored = find(farmId, save.pieceId(), seasonYear);
      ChangedMeanwhile.unless(
          stored.map(p -> p.version).orElse(null),
          save.version(),
          "the plan of " + save.label(),
          () -> stored.<Object>map(PlanService::view).orElse("no plan"));
      PlanInput before = stored.map(p -> view(p).plan()).orElse(null);
      put(farmId, save.pieceId(), seasonYear, stored.orElse(null), save.plan());
      changes.save(
          change(farmId, save.pieceId(), seasonYear, group, account, what, before, save.plan()));
    }
    plans.flush();
  }

  /** Takes the last change back; says what it was, or nothing when there is none. */
  @Transactional
  public Optional<String> undo(UUID farmId) {
    Optional<PlanChange> last = changes.findFirstByFarmIdAndUndoneFalseOrderByIdDesc(farmId);
    if (last.isEmpty()) {
      return Optional.empty();
    }
    for (PlanChange change : changes.findByFarmIdAndChangeGroup(farmId, last.get().changeGroup)) {
      put(
          farmId,
          change.pieceId,
          change.seasonYear,
          find(farmId, change.pieceId, change.seasonYear).orElse(null),
          change.before == null ? null : change.before.plan());
      change.undone = true;
    }
    plans.flush();
    return last.map(c -> c.what);
  }

  /** The last changes of a piece's plan, newest first. */
  @Transactional(readOnly = true)
  public List<ChangeView> history(UUID farmId, UUID pieceId) {
    return changes
        .findByFarmIdAndPieceIdOrderByIdDesc(farmId, pieceId, Limit.of(LAST_CHANGES))
        .stream()
        .map(c -> new ChangeView(c.changedAt, c.what, c.undone))
        .toList();
  }

  private Optional<CoverPlanEntity> find(UUID farmId, UUID pieceId, int seasonYear) {
    return plans.findByFarmIdAndPieceIdAndSeasonYearAndPosition(farmId, pieceId, seasonYear, 0);
  }

  private void put(
      UUID farmId,
      UUID pieceId,
      int seasonYear,
      @Nullable CoverPlanEntity stored,
      @Nullable PlanInput plan) {
    if (plan == null) {
      if (stored != null) {
        plans.delete(stored);
      }
      return;
    }
    CoverPlanEntity entity = stored;
    if (entity == null) {
      entity = new CoverPlanEntity();
      entity.id = UUID.randomUUID();
      entity.farmId = farmId;
      entity.pieceId = pieceId;
      entity.seasonYear = seasonYear;
    }
    entity.status = plan.status();
    entity.purposes = plan.purposes().toArray(String[]::new);
    entity.method = plan.method();
    entity.seedOn = plan.seedOn();
    entity.ending = plan.ending();
    entity.endOn = plan.endOn();
    entity.components.clear();
    for (PlanInput.Component c : plan.components()) {
      CoverPlanEntity.Component component = new CoverPlanEntity.Component();
      component.species = c.species();
      component.rateKgPerHa = BigDecimal.valueOf(c.rateKgPerHa()).setScale(4, RoundingMode.HALF_UP);
      entity.components.add(component);
    }
    plans.save(entity);
  }

  private PlanChange change(
      UUID farmId,
      UUID pieceId,
      int seasonYear,
      UUID group,
      @Nullable UUID account,
      String what,
      @Nullable PlanInput before,
      @Nullable PlanInput after) {
    PlanChange change = new PlanChange();
    change.farmId = farmId;
    change.pieceId = pieceId;
    change.seasonYear = seasonYear;
    change.changeGroup = group;
    change.accountId = account;
    change.changedAt = Instant.now(clock);
    change.what = what;
    change.before = StoredPlan.of(before);
    change.after = StoredPlan.of(after);
    return change;
  }

  private static PlanView view(CoverPlanEntity p) {
    return new PlanView(
        p.pieceId,
        p.version == null ? 0 : p.version,
        new PlanInput(
            p.status,
            List.of(p.purposes),
            p.components.stream()
                .map(c -> new PlanInput.Component(c.species, c.rateKgPerHa.doubleValue()))
                .toList(),
            p.method,
            p.seedOn,
            p.ending,
            p.endOn));
  }
}
