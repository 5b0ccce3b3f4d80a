package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.worklog.EntryWritten;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** A stand that is given up is meant to be seeded again from the day it was given up on. */
@Component
class SeedAgain {
  private final FieldCases cases;
  private final FarmService farms;
  private final FieldService fields;
  private final PlanService plans;

  SeedAgain(FieldCases cases, FarmService farms, FieldService fields, PlanService plans) {
    this.cases = cases;
    this.farms = farms;
    this.fields = fields;
    this.plans = plans;
  }

  @EventListener
  void written(EntryWritten written) {
    if (written.entry().kind() != LogKind.RESEED) {
      return;
    }
    FarmView farm = farms.get(written.farmId());
    FieldView field = fields.get(farm.id(), written.fieldId());
    PlanView stored = cases.of(farm, field, cases.known(farm, List.of(field))).plan();
    LocalDate day = written.entry().doneOn();
    if (stored == null
        || !stored.plan().seedOn().isBefore(day)
        || !day.isBefore(stored.plan().endOn())) {
      return;
    }
    PlanInput again = stored.plan().seededOn(day);
    plans.save(
        farm.id(),
        stored.seasonYear(),
        List.of(PlanService.Save.of(stored, again, field.name())),
        field.name() + " is seeded again",
        null);
  }
}
