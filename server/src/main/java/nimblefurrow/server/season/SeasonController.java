package nimblefurrow.server.season;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.seeding.RateBasis;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.work.OwnWork;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.plan.PlanHistory;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.support.KeptAnswers;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** The season of a farm and of its fields, and plans for them. */
@RestController
@RequestMapping("/api")
class SeasonController {
  private final SeasonService seasons;
  private final Proposals proposals;
  private final FieldQuestions questions;
  private final PlanService plans;
  private final PlanHistory history;
  private final FieldService fields;
  private final FarmService farms;
  private final Access access;
  private final SpeciesService species;
  private final KeptAnswers kept;

  SeasonController(
      SeasonService seasons,
      Proposals proposals,
      FieldQuestions questions,
      PlanService plans,
      PlanHistory history,
      FieldService fields,
      FarmService farms,
      Access access,
      SpeciesService species,
      KeptAnswers kept) {
    this.kept = kept;
    this.seasons = seasons;
    this.proposals = proposals;
    this.questions = questions;
    this.plans = plans;
    this.history = history;
    this.fields = fields;
    this.farms = farms;
    this.access = access;
    this.species = species;
  }

  /**
   * A cover of a field to be stored.
   *
   * @param planId which of its covers; null for a new one, or the only one there is when its
   *     version is given
   * @param version the version that was read; null for a new one
   * @param plan null takes it away
   */
  record PlanOfField(
      UUID fieldId, @Nullable UUID planId, @Nullable Long version, @Nullable PlanInput plan) {}

  record SaveInput(String what, List<PlanOfField> plans) {}

  /** A season as someone looks at it. */
  private record SeasonAsked(FarmView farm) {}

  record Undone(@Nullable String what) {}

  /** What there is to choose from. */
  record Choices(
      List<SpeciesChoice> species,
      List<MethodChoice> methods,
      List<EndingKind> endings,
      List<Choice> works,
      List<PurposeChoice> purposes,
      List<MoneyPartChoice> moneyParts,
      List<OwnWorkChoice> ownWorks) {}

  /** What money of a cover is for. */
  record MoneyPartChoice(MoneyPart key, String label) {}

  /** A kind of work of one's own; whether a machine's width tells how long it takes. */
  record OwnWorkChoice(OwnWork key, String label, boolean byMachine) {}

  record Choice(String key, String label) {}

  /**
   * A way of seeding.
   *
   * @param rateBasis which of a species' rates it goes by
   * @param onSurface whether seed lies on the ground, with no depth to set
   * @param flies whether it flies
   * @param carriesManure whether seed goes out in the manure tank
   * @param inRows whether seed comes to stand in rows
   * @param underCrop whether it goes between the rows of a standing crop
   * @param safety what can hurt someone at it
   */
  record MethodChoice(
      @KeyOf(KeyOf.What.SEEDING_METHOD) String key,
      String label,
      RateBasis rateBasis,
      boolean onSurface,
      boolean flies,
      boolean carriesManure,
      boolean inRows,
      boolean underCrop,
      List<ReasonView> safety) {}

  /**
   * A way of ending.
   *
   * @param ofItself whether it comes by itself
   * @param rolls whether a roller is part of it
   * @param sprays whether a herbicide is
   * @param feeds whether cattle eat what it takes off
   * @param plantsGreen whether the planter goes into a living cover
   * @param safety what can hurt someone at it
   */
  record EndingKind(
      @KeyOf(KeyOf.What.ENDING) String key,
      String label,
      boolean ofItself,
      boolean rolls,
      boolean sprays,
      boolean feeds,
      boolean plantsGreen,
      List<ReasonView> safety) {}

  record PurposeChoice(
      @KeyOf(KeyOf.What.PURPOSE) String key,
      String label,
      String measure,
      double target,
      Unit unit) {}

  record RatesChoice(double low, double typical, double high) {}

  record SpeciesChoice(
      String id,
      String name,
      String family,
      RatesChoice drilledKgPerHa,
      RatesChoice surfaceKgPerHa,
      double mixCapKgPerHa,
      double seedsPerKg,
      double lt50C,
      String roller,
      String herbicide,
      String notes,
      double usdPerKg,
      double depthLowMm,
      double depthHighMm,
      double bulkKgPerM3,
      double heightCm,
      double mostMgPerHa,
      List<String> stages,
      ScaleChoice scale) {}

  /** Stages as a count on the phone needs them: shares of the photothermal sum to the key stage. */
  record ScaleChoice(boolean cereal, List<StageScale.Stage> stages) {}

  @GetMapping("/farms/{farmId}/choices")
  Choices choices(@PathVariable UUID farmId) {
    access.see(farmId);
    return new Choices(
        species.table(farmId).all().stream().map(SeasonController::choice).toList(),
        SeedingMethods.all().stream()
            .map(
                m ->
                    new MethodChoice(
                        m.key(),
                        m.label(),
                        m.rateBasis(),
                        m.onSurface(),
                        m.flies(),
                        m.carriesManure(),
                        m.inRows(),
                        m.underCrop(),
                        said(m.safety())))
            .toList(),
        EndingMethods.all().stream()
            .map(
                m ->
                    new EndingKind(
                        m.key(),
                        m.label(),
                        m.ofItself(),
                        m.rolls(),
                        m.sprays(),
                        m.feeds(),
                        m.plantsGreen(),
                        said(m.safety())))
            .toList(),
        Arrays.stream(MachineWork.values()).map(w -> new Choice(w.key(), w.label())).toList(),
        Arrays.stream(Purpose.values())
            .map(p -> new PurposeChoice(p.key(), p.label(), p.measure(), p.target(), p.unit()))
            .toList(),
        Arrays.stream(MoneyPart.values()).map(p -> new MoneyPartChoice(p, p.label())).toList(),
        Arrays.stream(OwnWork.values())
            .map(w -> new OwnWorkChoice(w, w.label(), w.work().isPresent()))
            .toList());
  }

  private static List<ReasonView> said(List<Reason> reasons) {
    return reasons.stream().map(ReasonView::of).toList();
  }

  private static SpeciesChoice choice(Species s) {
    return new SpeciesChoice(
        s.id(),
        s.name(),
        s.family().name().toLowerCase(java.util.Locale.ROOT),
        rates(s.seed().drilled()),
        rates(s.seed().surface()),
        s.seed().mixCapKgPerHa(),
        s.seed().perKg(),
        s.winter().lt50HardC(),
        s.advice().roller(),
        s.advice().herbicide(),
        s.advice().notes(),
        s.seedUsdPerKg(),
        s.seed().depthLowMm(),
        s.seed().depthHighMm(),
        s.seed().bulkKgPerM3(),
        s.growth().heightMaxCm(),
        s.growth().maxMgPerHa(),
        s.clock().scale().stages().stream().map(StageScale.Stage::name).toList(),
        new ScaleChoice(s.clock().scale().cereal(), s.clock().scale().stages()));
  }

  private static RatesChoice rates(Species.Rates r) {
    return new RatesChoice(r.low(), r.typical(), r.high());
  }

  @GetMapping("/farms/{farmId}/season")
  @ApiResponse(
      responseCode = "200",
      content = @Content(schema = @Schema(implementation = SeasonView.class)))
  @Nullable ResponseEntity<byte[]> season(@PathVariable UUID farmId, WebRequest request) {
    return kept.of(
        farmId, new SeasonAsked(farms.see(farmId)), request, () -> seasons.season(farmId));
  }

  @GetMapping("/farms/{farmId}/fields/{fieldId}/season")
  FieldSeasonView field(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    return seasons.field(farmId, fieldId);
  }

  @PostMapping("/farms/{farmId}/fields/{fieldId}/preview")
  FieldSeasonView preview(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestBody PlanInput plan) {
    checkPlan(farmId, plan);
    return proposals.preview(farmId, fieldId, plan);
  }

  @PostMapping("/farms/{farmId}/fields/{fieldId}/move")
  Proposals.Moved move(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestBody PlanInput plan) {
    checkPlan(farmId, plan);
    return proposals.move(farmId, fieldId, plan);
  }

  @PostMapping("/farms/{farmId}/fields/{fieldId}/dates")
  FieldAnswers.DateOddsView dates(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody FieldAnswers.DatesQuestion question) {
    checkPlan(farmId, question.plan());
    return questions.dates(farmId, fieldId, question.plan(), question.goal());
  }

  @PostMapping("/farms/{farmId}/fields/{fieldId}/after")
  FieldAnswers.AfterView after(
      @PathVariable UUID farmId, @PathVariable UUID fieldId, @RequestBody PlanInput plan) {
    checkPlan(farmId, plan);
    return questions.after(farmId, fieldId, plan);
  }

  @PostMapping("/farms/{farmId}/fields/{fieldId}/feed")
  FieldAnswers.FeedOnHandView feed(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestBody FieldAnswers.FeedQuestion question) {
    checkPlan(farmId, question.plan());
    return questions.feed(farmId, fieldId, question);
  }

  @PostMapping("/farms/{farmId}/fields/{fieldId}/why")
  FieldAnswers.WhyView why(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @RequestParam String purpose,
      @RequestBody PlanInput plan) {
    checkPlan(farmId, plan);
    return questions.why(farmId, fieldId, plan, purpose);
  }

  @PostMapping("/farms/{farmId}/plans")
  SeasonView save(@PathVariable UUID farmId, @RequestBody SaveInput input) {
    access.manage(farmId);
    FarmView farm = farms.get(farmId);
    Map<UUID, FieldView> byId = new HashMap<>();
    fields.list(farmId).forEach(f -> byId.put(f.id(), f));
    List<PlanService.Save> saves = new ArrayList<>();
    for (PlanOfField p : input.plans()) {
      FieldView field = byId.get(p.fieldId());
      if (field == null) {
        throw new NotFound("This farm has no such field.");
      }
      if (p.planId() != null || p.version() != null) {
        proposals.refuseToReplaceWhatWasSeeded(farm, field, p.planId(), p.plan());
      }
      saves.add(
          new PlanService.Save(
              field.piece(), p.planId(), p.version(), p.plan(), field.name(), null));
    }
    String what = input.what().isBlank() ? "plan changed" : input.what().strip();
    plans.save(farmId, farm.seasonYear(), saves, what, access.person().id());
    return seasons.season(farmId);
  }

  @PostMapping("/farms/{farmId}/plans/undo")
  Undone undo(@PathVariable UUID farmId) {
    access.manage(farmId);
    return new Undone(history.undo(farmId).orElse(null));
  }

  private void checkPlan(UUID farmId, PlanInput plan) {
    access.see(farmId);
    plans.check(farmId, plan, farms.get(farmId).seasonYear());
  }
}
