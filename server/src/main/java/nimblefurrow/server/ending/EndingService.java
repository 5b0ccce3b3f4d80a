package nimblefurrow.server.ending;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.PlantingLag;
import nimblefurrow.core.outlook.EndingSideBySide;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.job.Bearings;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ways of ending side by side, and the choice. Callers have checked who asks. */
@Service
class EndingService {
  private final PlannedFields planned;
  private final PlanService plans;
  private final FieldService fields;
  private final EndingRulesOf rules;
  private final EndingChoices choices;
  private final CropOdds ripens;
  private final Bearings bearings;
  private final Clock clock;

  EndingService(
      PlannedFields planned,
      PlanService plans,
      FieldService fields,
      EndingRulesOf rules,
      EndingChoices choices,
      CropOdds ripens,
      Bearings bearings,
      Clock clock) {
    this.planned = planned;
    this.plans = plans;
    this.fields = fields;
    this.rules = rules;
    this.choices = choices;
    this.ripens = ripens;
    this.bearings = bearings;
    this.clock = clock;
  }

  /** One field's ways, best first. */
  EndingViews.EndingPage page(
      UUID farmId, UUID fieldId, @Nullable String purposeKey, @Nullable Double target) {
    PlannedField f = planned.one(farmId, fieldId);
    CoverPlan cover = cover(f);
    Purpose purpose = purposeKey == null ? purpose(f) : Purpose.of(purposeKey);
    double wanted =
        target == null ? purpose.target() : Need.positive("target", "The target", target);
    return new EndingViews.EndingPage(
        fieldId,
        f.field().name(),
        f.field().areaHa(),
        f.field().organic(),
        f.next().kind().label(),
        f.farm().today(),
        f.next().plantOn(),
        purpose.key(),
        ReasonView.of(EndingSideBySide.wanted(purpose, wanted)),
        wanted,
        f.seededOn(),
        f.endedOn(),
        bearings.of(farmId, fieldId),
        version(f),
        plan(f).plan().ending(),
        cover.endOn(),
        rows(f, cover, purpose, wanted, rules.of(farmId)),
        chosen(farmId, fieldId, f.farm().seasonYear()));
  }

  /** All fields with a plan: the best way, the planned one, and what was chosen. */
  List<EndingViews.FieldEnding> all(UUID farmId) {
    EndingRules own = rules.of(farmId);
    Map<UUID, EndingViews.ChosenView> last = new HashMap<>();
    List<PlannedField> with = planned.all(farmId).stream().filter(f -> f.cover() != null).toList();
    if (!with.isEmpty()) {
      choices
          .findByFarmIdAndSeasonYearOrderByChosenAtDesc(farmId, with.get(0).farm().seasonYear())
          .forEach(c -> last.putIfAbsent(c.fieldId, view(c)));
    }
    return with.stream().map(f -> field(f, own, last.get(f.field().id()))).toList();
  }

  private EndingViews.FieldEnding field(
      PlannedField f, EndingRules own, EndingViews.@Nullable ChosenView chosen) {
    Purpose purpose = purpose(f);
    CoverPlan cover = cover(f);
    List<EndingSideBySide> ways = ways(f, cover, purpose, purpose.target(), own);
    List<EndingViews.EndingRow> rows = ways.stream().map(r -> row(f, cover, r)).toList();
    EndingViews.EndingRow best =
        EndingSideBySide.best(ways, purpose).map(r -> row(f, cover, r)).orElse(null);
    String way = plan(f).plan().ending();
    return new EndingViews.FieldEnding(
        f.field().id(),
        f.field().name(),
        f.field().areaHa(),
        cover.cover().stream().map(c -> c.species().name()).collect(Collectors.joining(", ")),
        purpose.label(),
        f.endedOn(),
        best,
        rows.stream().filter(r -> r.way().equals(way)).findFirst().orElse(null),
        chosen);
  }

  private List<EndingViews.EndingRow> rows(
      PlannedField f, CoverPlan cover, Purpose purpose, double target, EndingRules own) {
    return ways(f, cover, purpose, target, own).stream().map(r -> row(f, cover, r)).toList();
  }

  private List<EndingSideBySide> ways(
      PlannedField f, CoverPlan cover, Purpose purpose, double target, EndingRules own) {
    return EndingSideBySide.of(
        planned.forecaster(),
        new EndingSideBySide.Field(
            cover,
            f.crop(),
            f.next(),
            f.field().organic(),
            purpose,
            target,
            f.farm().today(),
            f.plantedOn(),
            own));
  }

  private EndingViews.EndingRow row(PlannedField f, CoverPlan cover, EndingSideBySide r) {
    EndingMethod way = r.option().method();
    PlantingLag lag = way.lag(cover, f.next().kind());
    CropOdds.Ripe ripe = ripens.of(f, r.plantOn());
    EndingSideBySide.Outcome o = r.outcome();
    return new EndingViews.EndingRow(
        way.key(),
        way.label(),
        r.option().fit().name(),
        r.barred() == null ? null : ReasonView.of(r.barred()),
        r.option().from(),
        r.option().to(),
        r.endOn(),
        r.plantOn(),
        lag.least(),
        lag.most(),
        o == null ? null : outcome(o),
        r.cost().passes(),
        r.cost().usdPerHa(),
        r.lateShare(),
        r.lateUsdPerHa(),
        r.insurerKept(),
        ReasonView.of(r.insurer()),
        ripe == null ? null : ripe.ripe(),
        ripe == null ? null : ripe.years(),
        way.school(f.next().kind()),
        r.option().reasons().stream().map(ReasonView::of).toList(),
        r.option().cautions().stream().map(ReasonView::of).toList());
  }

  private static EndingViews.EndingOutcome outcome(EndingSideBySide.Outcome o) {
    return new EndingViews.EndingOutcome(
        o.years(),
        o.groundFit(),
        o.met(),
        o.dead(),
        EndingViews.EndingRange.of(o.kill()),
        EndingViews.EndingRange.of(o.mulch()),
        EndingViews.EndingRange.of(o.living()),
        EndingViews.EndingRange.of(o.soilWaterMm()),
        EndingViews.EndingRange.of(o.nitrogenKgPerHa()),
        EndingViews.EndingRange.of(o.weeksOfCover()),
        EndingViews.EndingRange.of(o.takenOff()));
  }

  /**
   * Keeps a choice and why; the plan follows it, and so does the planting of the next crop.
   *
   * @throws Refused when the days do not stand as the way needs them, or a hard rule is broken
   */
  @Saving
  public void choose(UUID farmId, UUID fieldId, EndingViews.ChoiceInput in, UUID account) {
    PlannedField f = planned.one(farmId, fieldId);
    CoverPlan cover = cover(f);
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
                  java.time.temporal.ChronoUnit.DAYS.between(in.endOn(), in.plantOn())));
    }
    if (in.why().length() > 1000) {
      throw new Refused("why", "Keep the reason under 1000 characters.");
    }
    PlanView stored = plan(f);
    if (version(f) != in.version()) {
      throw new ChangedMeanwhile(
          "Someone else changed the plan of %s while you chose: it ends by “%s” now."
              .formatted(f.field().name(), EndingMethod.of(stored.plan().ending()).label()),
          Map.of("endOn", stored.plan().endOn(), "plantOn", f.next().plantOn()));
    }
    PlanInput before = stored.plan();
    PlanInput after =
        new PlanInput(
            before.status(),
            before.purposes(),
            before.components(),
            before.method(),
            before.seedOn(),
            way.key(),
            in.endOn());
    if (!after.equals(before)) {
      plans.save(
          farmId,
          f.farm().seasonYear(),
          List.of(
              new PlanService.Save(f.field().piece(), stored.version(), after, f.field().name())),
          f.field().name() + ": " + way.label(),
          account);
    }
    fields.plantNextOn(farmId, fieldId, in.plantOn());
    EndingChoice choice = new EndingChoice();
    choice.id = UUID.randomUUID();
    choice.farmId = farmId;
    choice.fieldId = fieldId;
    choice.seasonYear = f.farm().seasonYear();
    choice.way = way.key();
    choice.endOn = in.endOn();
    choice.plantOn = in.plantOn();
    choice.why = in.why().strip();
    choice.accountId = account;
    choice.chosenAt = Instant.now(clock);
    choices.save(choice);
  }

  /** Keeps the best way on each of some fields; says how many were changed. */
  @Transactional
  public int chooseBest(UUID farmId, List<UUID> wanted, String why, UUID account) {
    int changed = 0;
    EndingRules own = rules.of(farmId);
    for (UUID fieldId : wanted) {
      PlannedField f = planned.one(farmId, fieldId);
      Purpose purpose = purpose(f);
      EndingSideBySide best =
          EndingSideBySide.best(ways(f, cover(f), purpose, purpose.target(), own), purpose)
              .orElse(null);
      if (best != null && f.endedOn() == null) {
        choose(
            farmId,
            fieldId,
            new EndingViews.ChoiceInput(
                best.option().method().key(), best.endOn(), best.plantOn(), why, version(f)),
            account);
        changed++;
      }
    }
    return changed;
  }

  List<EndingViews.ChosenView> chosen(UUID farmId, UUID fieldId, int seasonYear) {
    return choices
        .findByFarmIdAndFieldIdAndSeasonYearOrderByChosenAtDesc(farmId, fieldId, seasonYear)
        .stream()
        .map(EndingService::view)
        .toList();
  }

  private static EndingViews.ChosenView view(EndingChoice c) {
    return new EndingViews.ChosenView(
        c.id, c.way, EndingMethod.of(c.way).label(), c.endOn, c.plantOn, c.why, c.chosenAt);
  }

  private long version(PlannedField f) {
    return plan(f).version() + chosen(f.farm().id(), f.field().id(), f.farm().seasonYear()).size();
  }

  static CoverPlan cover(PlannedField f) {
    plan(f);
    CoverPlan cover = f.cover();
    if (cover == null) {
      Reason why =
          Reason.of(
                  "{field}'s cover was planned for {day}, nobody wrote down that it was seeded, and"
                      + " it is too late to seed it now: nothing to end. If it was seeded, say so in"
                      + " the field's log; if not, plan another.")
              .with("field", f.field().name())
              .with("day", f.standing().seeding().meantFor());
      // Names and days alone: the same in both unit systems.
      throw new Refused("plan", why.say(UnitSystem.METRIC));
    }
    return cover;
  }

  private static PlanView plan(PlannedField f) {
    PlanView plan = f.plan();
    if (plan == null) {
      throw new Refused("plan", f.field().name() + " has no plan yet: nothing to end.");
    }
    return plan;
  }

  private static Purpose purpose(PlannedField f) {
    Purpose purpose = f.purpose();
    return purpose == null ? Purpose.HOLD_SOIL : purpose;
  }
}
