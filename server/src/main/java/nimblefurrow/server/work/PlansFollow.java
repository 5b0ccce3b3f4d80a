package nimblefurrow.server.work;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.PlanLimits;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanHistory;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Work that is kept is what the fields' own plans say: the way of seeding with its rates, the way
 * of ending, and both days. One answer then, on every page.
 */
@Component
class PlansFollow {
  private static final String WHAT = "as the work was kept";
  private static final double RATE_PARTS = 1e4;

  private final PlanService plans;
  private final PlanHistory history;
  private final FarmService farms;
  private final FieldService fields;
  private final SpeciesService species;

  PlansFollow(
      PlanService plans,
      PlanHistory history,
      FarmService farms,
      FieldService fields,
      SpeciesService species) {
    this.plans = plans;
    this.history = history;
    this.farms = farms;
    this.fields = fields;
    this.species = species;
  }

  /**
   * Changes the plans of the farm's own fields to what is kept; customers' are theirs.
   *
   * @return the change; null where they say so already
   */
  @Nullable UUID follow(UUID farmId, Collection<WorkItem> kept, @Nullable UUID account) {
    FarmView farm = farms.get(farmId);
    SpeciesTable table = species.table(farmId);
    Map<UUID, FieldView> byId = new HashMap<>();
    fields.list(farmId).forEach(f -> byId.put(f.id(), f));
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farmId, byId.values().stream().map(FieldView::piece).toList());
    Map<UUID, PlanService.Save> saves = new HashMap<>();
    for (WorkItem item : kept) {
      FieldView field = item.customerId == null ? byId.get(item.fieldId) : null;
      if (field == null) {
        continue;
      }
      of(item, covers.getOrDefault(field.piece(), List.of()).stream(), farm.seasonYear())
          .ifPresent(
              p -> {
                PlanService.Save before = saves.get(p.id());
                PlanInput was = before == null ? p.plan() : Objects.requireNonNull(before.plan());
                PlanInput now = asKept(was, item, table);
                if (!now.equals(was)) {
                  saves.put(p.id(), PlanService.Save.of(p, now, field.name()));
                }
              });
    }
    return saves.isEmpty()
        ? null
        : plans.save(farmId, farm.seasonYear(), new ArrayList<>(saves.values()), WHAT, account);
  }

  /** Takes that change back, but for plans that were changed since. */
  void takeBack(UUID farmId, UUID change) {
    history.undo(farmId, change);
  }

  private static Optional<PlanView> of(WorkItem item, Stream<PlanView> covers, int season) {
    UUID link = JobKind.link(item.job);
    return covers
        .filter(p -> p.seasonYear() == season && (link == null || p.id().equals(link)))
        .findFirst();
  }

  /** A plan as a kept job has it. */
  private static PlanInput asKept(PlanInput plan, WorkItem job, SpeciesTable table) {
    return switch (JobKind.of(job.job)) {
      case SEED -> {
        SeedingMethod from = SeedingMethod.of(plan.method());
        SeedingMethod to = SeedingMethod.of(job.way);
        List<PlanInput.Component> rates =
            plan.components().stream()
                .map(c -> turned(c, table.get(c.species()), from, to))
                .toList();
        yield new PlanInput(
            plan.status(),
            plan.purposes(),
            rates,
            job.way,
            job.finishOn,
            plan.ending(),
            plan.endOn(),
            job.doerId,
            plan.rows());
      }
      case END -> plan.ended(job.way, job.finishOn);
      case HARVEST, SECOND, PLANT, LOOK, OWN -> plan;
    };
  }

  /** What can be seeded at all stays the limit. */
  static PlanInput.Component turned(
      PlanInput.Component c, Species s, SeedingMethod from, SeedingMethod to) {
    if (from.rateBasis() == to.rateBasis()) {
      return c;
    }
    double rate = CoverPlan.rateFor(s, c.rateKgPerHa(), from, to);
    double within = Math.max(PlanLimits.leastKgPerHa(s), Math.min(PlanLimits.mostKgPerHa(s), rate));
    // As fine as rates are stored, so that a plan nobody touched since is known again.
    return new PlanInput.Component(c.species(), Math.round(within * RATE_PARTS) / RATE_PARTS);
  }
}
