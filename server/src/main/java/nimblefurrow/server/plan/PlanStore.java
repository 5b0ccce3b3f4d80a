package nimblefurrow.server.plan;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.season.SeasonDates;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Covers of pieces as rows. */
@Component
class PlanStore {
  private final CoverPlans plans;

  PlanStore(CoverPlans plans) {
    this.plans = plans;
  }

  /** Stores a cover of a piece as it is meant now; no plan takes it away. */
  @Nullable CoverPlanEntity put(
      UUID farmId,
      UUID pieceId,
      UUID id,
      @Nullable CoverPlanEntity stored,
      @Nullable PlanInput plan,
      int seasonYear) {
    if (plan == null) {
      if (stored != null) {
        plans.delete(stored);
      }
      return null;
    }
    CoverPlanEntity entity = stored;
    if (entity == null) {
      entity = new CoverPlanEntity();
      entity.id = id;
      entity.farmId = farmId;
      entity.pieceId = pieceId;
    }
    entity.seasonYear = SeasonDates.seasonOfSeeding(plan.seedOn(), seasonYear);
    entity.status = plan.status();
    entity.purposes = plan.purposes().toArray(String[]::new);
    entity.method = plan.method();
    entity.seedOn = plan.seedOn();
    entity.ending = plan.ending();
    entity.endOn = plan.endOn();
    entity.machineId = plan.machineId();
    entity.rowSetup = StoredRows.of(plan.rows());
    entity.components.clear();
    for (PlanInput.Component c : plan.components()) {
      CoverPlanEntity.Component component = new CoverPlanEntity.Component();
      component.species = c.species();
      component.rateKgPerHa = BigDecimal.valueOf(c.rateKgPerHa()).setScale(4, RoundingMode.HALF_UP);
      entity.components.add(component);
    }
    return plans.save(entity);
  }

  /** A stored cover as others see it. */
  static PlanView view(CoverPlanEntity p) {
    return new PlanView(
        p.id,
        p.pieceId,
        p.seasonYear,
        p.version == null ? 0 : p.version,
        p.rotationId,
        new PlanInput(
            p.status,
            List.of(p.purposes),
            p.components.stream()
                .map(c -> new PlanInput.Component(c.species, c.rateKgPerHa.doubleValue()))
                .toList(),
            p.method,
            p.seedOn,
            p.ending,
            p.endOn,
            p.machineId,
            p.rowSetup == null ? null : p.rowSetup.view()));
  }
}
