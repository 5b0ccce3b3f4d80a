package nimblefurrow.server.season;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Choosing what, how and when. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class ChoiceController {
  private final ChoiceQuestions questions;
  private final OpenQuestions open;
  private final FieldQuestions field;
  private final PlanService plans;
  private final FarmService farms;
  private final Access access;

  ChoiceController(
      ChoiceQuestions questions,
      OpenQuestions open,
      FieldQuestions field,
      PlanService plans,
      FarmService farms,
      Access access) {
    this.questions = questions;
    this.open = open;
    this.field = field;
    this.plans = plans;
    this.farms = farms;
    this.access = access;
  }

  @GetMapping("/fields/{fieldId}/covers")
  ChoiceViews.CoversView covers(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestParam String purpose) {
    access.see(farmId);
    return questions.covers(farmId, fieldId, purpose);
  }

  @PostMapping("/fields/{fieldId}/ways")
  List<ChoiceViews.WayView> ways(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestBody PlanInput plan) {
    access.see(farmId);
    plans.check(farmId, plan, farms.get(farmId).seasonYear());
    return questions.ways(farmId, fieldId, plan);
  }

  /** The first of the covers that fit, as a plan to begin with. */
  @GetMapping("/fields/{fieldId}/start")
  PlanInput start(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestParam String purpose) {
    access.see(farmId);
    return questions.start(farmId, fieldId, purpose);
  }

  @GetMapping("/open")
  ChoiceViews.OpenView open(@PathVariable UUID farmId) {
    access.see(farmId);
    return open.open(farmId);
  }

  /** A plan and what was counted of it. */
  record CountedPlan(PlanInput plan, FieldAnswers.StandQuestion stand) {}

  @PostMapping("/fields/{fieldId}/stand")
  FieldAnswers.StandView stand(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestBody CountedPlan counted) {
    access.see(farmId);
    plans.check(farmId, counted.plan(), farms.get(farmId).seasonYear());
    return field.stand(farmId, fieldId, counted.plan(), counted.stand());
  }
}
