package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.outlook.CoverAdvice;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.UsualCovers;
import nimblefurrow.core.outlook.WaySideBySide;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.plan.RowSetupView;
import nimblefurrow.server.seedstock.MixView;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What to seed, how, and which fields are open now. Callers have checked who asks. */
@Service
class ChoiceQuestions {
  private final FarmService farms;
  private final FieldCases cases;
  private final WeatherService weathers;
  private final Outlooks outlooks;
  private final SpeciesService species;
  private final ShedService shed;
  private final SeedService seed;
  private final FarmBases bases;
  private final CarryOver carryOver = CarryOver.shipped();

  ChoiceQuestions(
      FarmService farms,
      FieldCases cases,
      WeatherService weathers,
      Outlooks outlooks,
      SpeciesService species,
      ShedService shed,
      SeedService seed,
      FarmBases bases) {
    this.farms = farms;
    this.cases = cases;
    this.weathers = weathers;
    this.outlooks = outlooks;
    this.species = species;
    this.shed = shed;
    this.seed = seed;
    this.bases = bases;
  }

  /** Covers for a field and a reason, best first. */
  ChoiceViews.CoversView covers(UUID farmId, UUID fieldId, String purposeKey) {
    Purpose purpose = Purpose.of(purposeKey);
    Ranked ranked = ranked(farmId, fieldId, purpose);
    return new ChoiceViews.CoversView(
        purpose.key(),
        purpose.label(),
        purpose.measure(),
        purpose.target(),
        purpose.unit(),
        ranked.all().stream().map(a -> view(a, purpose, ranked.rows())).toList(),
        ranked.whatWould().stream().map(ReasonView::of).toList(),
        ranked.shedEmpty());
  }

  private Ranked ranked(UUID farmId, UUID fieldId, Purpose purpose) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    FarmWeather weather = weathers.of(farm);
    CropSeasons crop = outlooks.crop(c.crop(), weather);
    List<SeedingMethod> atHand = atHand(machines(farmId));
    PlanView stored = c.plan();
    RowSetupView rows = stored == null ? null : stored.plan().rows();
    boolean empty = atHand.isEmpty();
    CoverAdvice.Field field =
        new CoverAdvice.Field(
            c.soil(),
            c.start(),
            crop,
            new WindowFinder(weather.climate(), crop),
            c.wish(),
            c.field().organic(),
            farm.today(),
            c.sprayed(),
            empty ? SeedingMethods.forHire() : atHand,
            bases
                .of(farmId)
                .on(
                    c.field().areaHa(),
                    null,
                    rows != null && rows.sideDress() != null,
                    c.cropFollows()));
    CoverAdvice advice = new CoverAdvice(outlooks.forecaster(), carryOver);
    List<CoverAdvice.Advice> ranked = advice.rank(field, purpose, candidates(farmId));
    return new Ranked(ranked, advice.whatWould(field, purpose, ranked), empty, rows);
  }

  /**
   * The first cover of the ranking, as a plan.
   *
   * @throws Refused when none fits, with what stands against the nearest
   */
  PlanInput start(UUID farmId, UUID fieldId, String purposeKey) {
    Purpose purpose = Purpose.of(purposeKey);
    CoverAdvice.Advice first = ranked(farmId, fieldId, purpose).all().get(0);
    Reason against = first.excluded();
    PlanInput plan = view(first, purpose, null).plan();
    if (plan == null || against != null) {
      // What stands against a cover names days and machines: the same in both unit systems.
      String why = against == null ? "" : ": " + against.say(UnitSystem.METRIC);
      throw new Refused(
          "purpose",
          "No cover fits this field now to %s; %s%s."
              .formatted(purpose.label(), first.candidate().name(), why));
    }
    return plan;
  }

  /**
   * All covers, best first, and what would reach the purpose where none does.
   *
   * @param rows of the field's plan, which its next one has too
   */
  private record Ranked(
      List<CoverAdvice.Advice> all,
      List<Reason> whatWould,
      boolean shedEmpty,
      @Nullable RowSetupView rows) {}

  private List<CoverAdvice.Candidate> candidates(UUID farmId) {
    SpeciesTable table = species.table(farmId);
    List<CoverAdvice.Candidate> all = new ArrayList<>(UsualCovers.of(table));
    for (MixView m : seed.mixes(farmId)) {
      List<Species> mix =
          m.components().stream().map(component -> table.get(component.species())).toList();
      List<Double> shares =
          m.components().stream()
              .map(
                  component ->
                      component.rateKgPerHa()
                          / table.get(component.species()).seed().drilled().typical())
              .toList();
      all.add(new CoverAdvice.Candidate(m.name() + " (your mix)", mix, shares));
    }
    return all;
  }

  private static ChoiceViews.CoverChoice view(
      CoverAdvice.Advice a, Purpose purpose, @Nullable RowSetupView rows) {
    CoverPlan plan = a.plan();
    return new ChoiceViews.CoverChoice(
        a.candidate().name(),
        a.candidate().species().stream().map(Species::id).toList(),
        a.excluded() == null ? null : ReasonView.of(a.excluded()),
        a.met(),
        a.years(),
        MoneyView.of(a.account()),
        a.ending() == null ? null : a.ending().method().label(),
        a.reasons().stream().map(ReasonView::of).toList(),
        plan == null || a.ending() == null
            ? null
            : new PlanInput(
                    PlanStatus.PROPOSED,
                    List.of(purpose.key()),
                    components(plan.cover()),
                    plan.method().key(),
                    plan.seedOn(),
                    a.ending().method().key(),
                    plan.endOn())
                .withRows(rows));
  }

  private static List<PlanInput.Component> components(List<CoverComponent> cover) {
    return cover.stream()
        .map(c -> new PlanInput.Component(c.species().id(), c.rateKgPerHa()))
        .toList();
  }

  private static List<SeedingMethod> atHand(List<Machine> machines) {
    return SeedingMethods.all().stream()
        .filter(m -> machines.stream().anyMatch(v -> v.seeds(m)))
        .toList();
  }

  /** The ways of seeding a plan's cover beside each other. */
  List<ChoiceViews.WayView> ways(UUID farmId, UUID fieldId, PlanInput plan) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    FarmWeather weather = weathers.of(farm);
    CropSeasons crop = outlooks.crop(c.crop(), weather);
    List<Machine> machines = machines(farmId);
    return WaySideBySide.of(
            outlooks.forecaster(),
            new WindowFinder(weather.climate(), crop),
            c.asPlanned(plan),
            crop,
            farm.today(),
            FieldCase.purpose(plan))
        .stream()
        .map(w -> view(w, machines, c.field().areaHa()))
        .toList();
  }

  private List<Machine> machines(UUID farmId) {
    return shed.machines(farmId).stream().map(MachineView::machine).toList();
  }

  private static ChoiceViews.WayView view(WaySideBySide w, List<Machine> machines, double areaHa) {
    Machine machine = machines.stream().filter(m -> m.seeds(w.method())).findFirst().orElse(null);
    Double hours = machine == null ? null : machine.seedingHours(areaHa, w.cover());
    return new ChoiceViews.WayView(
        w.method().key(),
        w.method().label(),
        w.seedOn(),
        SeasonViews.of(w.window()),
        w.goodStand(),
        w.met(),
        w.years(),
        w.coverMgPerHa().quantile(0.1),
        w.coverMgPerHa().median(),
        w.coverMgPerHa().quantile(0.9),
        w.seedUsdPerHa(),
        components(w.cover()),
        machine == null ? null : machine.name(),
        machine == null ? null : machine.id(),
        hours,
        machine == null ? null : machine.seedingUsd(areaHa, w.cover()) / areaHa);
  }
}
