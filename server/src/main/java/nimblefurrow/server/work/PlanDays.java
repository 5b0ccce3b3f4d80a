package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import org.springframework.stereotype.Component;

/** The days that fields' own plans have for what is done to their covers, customers' too. */
@Component
class PlanDays {
  private final PlanService plans;
  private final FarmService farms;
  private final FieldService fields;
  private final HireService hire;

  PlanDays(PlanService plans, FarmService farms, FieldService fields, HireService hire) {
    this.plans = plans;
    this.farms = farms;
    this.fields = fields;
    this.hire = hire;
  }

  /** By cover, and by field for the first cover of its season. */
  Map<UUID, Map<Deed, LocalDate>> of(UUID farmId) {
    Map<UUID, Map<Deed, LocalDate>> all = new HashMap<>();
    add(farms.get(farmId), all);
    hire.customers(farmId).forEach(c -> add(c, all));
    return all;
  }

  private void add(FarmView farm, Map<UUID, Map<Deed, LocalDate>> all) {
    List<FieldView> list = fields.list(farm.id());
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farm.id(), list.stream().map(FieldView::piece).toList());
    for (FieldView field : list) {
      for (PlanView p : covers.getOrDefault(field.piece(), List.of())) {
        Map<Deed, LocalDate> days =
            Map.of(Deed.SEEDING, p.plan().seedOn(), Deed.ENDING, p.plan().endOn());
        all.put(p.id(), days);
        if (p.seasonYear() == farm.seasonYear()) {
          all.putIfAbsent(field.id(), days);
        }
      }
    }
  }
}
