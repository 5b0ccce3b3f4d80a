package nimblefurrow.server.ending;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.outlook.EndingSideBySide;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.FarmBases;
import nimblefurrow.server.season.FarmBasis;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.springframework.stereotype.Service;

/** Choosing how a cover ends. Callers have checked who asks. */
@Service
class EndingKeeping {
  private static final int LONGEST_WHY = 1000;

  private final PlannedFields planned;
  private final PlanService plans;
  private final FieldService fields;
  private final FarmBases bases;
  private final EndingChoices choices;
  private final ChosenEndings chosen;
  private final EndingAdvice advice;
  private final Clock clock;

  EndingKeeping(
      PlannedFields planned,
      PlanService plans,
      FieldService fields,
      FarmBases bases,
      EndingChoices choices,
      ChosenEndings chosen,
      EndingAdvice advice,
      Clock clock) {
    this.planned = planned;
    this.plans = plans;
    this.fields = fields;
    this.bases = bases;
    this.choices = choices;
    this.chosen = chosen;
    this.advice = advice;
    this.clock = clock;
  }

  /**
   * Keeps a choice and why; the plan follows it, and so does the planting of the next crop.
   *
   * @throws Refused when the days do not stand as the way needs them, or a hard rule is broken
   */
  @Saving
  public void choose(UUID farmId, UUID fieldId, EndingViews.ChoiceInput in, UUID account) {
    EndableField e = EndableField.of(planned.one(farmId, fieldId));
    PlannedField f = e.on();
    CoverPlan cover = e.cover();
    EndingMethod way = EndingMethod.of(in.way());
    if (f.field().organic() && way.sprays()) {
      throw new Refused("way", f.field().name() + " is organic: no herbicide belongs on it.");
    }
    if (!in.endOn().isAfter(cover.seedOn())) {
      throw new Refused("endOn", "The cover cannot end before it is seeded.");
    }
    PlantingLag lag = way.lag(cover, f.next().kind());
    if (!way.ofItself() && !lag.holds(in.endOn(), in.plantOn())) {
      throw new Refused(
          "plantOn",
          "%s leaves %d to %d days from ending to planting; these days leave %d."
              .formatted(
                  way.label(),
                  lag.least(),
                  lag.most(),
                  ChronoUnit.DAYS.between(in.endOn(), in.plantOn())));
    }
    if (in.why().length() > LONGEST_WHY) {
      throw new Refused("why", "Keep the reason under 1000 characters.");
    }
    PlanView stored = e.plan();
    if (chosen.version(e) != in.version()) {
      throw new ChangedMeanwhile(
          "Someone else changed the plan of %s while you chose: it ends by “%s” now."
              .formatted(f.field().name(), EndingMethod.of(stored.plan().ending()).label()),
          Map.of("endOn", stored.plan().endOn(), "plantOn", f.next().plantOn()));
    }
    PlanInput before = stored.plan();
    PlanInput after = before.ended(way.key(), in.endOn());
    if (!after.equals(before)) {
      plans.save(
          farmId,
          f.farm().seasonYear(),
          List.of(PlanService.Save.of(stored, after, f.field().name())),
          f.field().name() + ": " + way.label(),
          account);
    }
    if (!f.followed()) {
      fields.plantNextOn(farmId, fieldId, in.plantOn());
    }
    EndingChoice choice = new EndingChoice();
    choice.id = UUID.randomUUID();
    choice.farmId = farmId;
    choice.fieldId = fieldId;
    choice.seasonYear = f.farm().seasonYear();
    choice.way = way.key();
    choice.endOn = in.endOn();
    choice.plantOn = in.plantOn();
    choice.wishedOn = f.wish().plantOn();
    choice.why = in.why().strip();
    choice.accountId = account;
    choice.chosenAt = Instant.now(clock);
    choices.save(choice);
  }

  /** Keeps the best way on each of some fields; says how many were changed. */
  @Saving
  public int chooseBest(UUID farmId, List<UUID> wanted, String why, UUID account) {
    int changed = 0;
    FarmBasis own = bases.of(farmId);
    for (UUID fieldId : wanted) {
      EndableField e = EndableField.of(planned.one(farmId, fieldId));
      Purpose purpose = e.purpose();
      EndingSideBySide best =
          EndingSideBySide.best(advice.ways(e, purpose, purpose.target(), own), purpose)
              .orElse(null);
      if (best != null && e.on().endedOn() == null) {
        choose(
            farmId,
            fieldId,
            new EndingViews.ChoiceInput(
                best.option().method().key(), best.endOn(), best.plantOn(), why, chosen.version(e)),
            account);
        changed++;
      }
    }
    return changed;
  }
}
