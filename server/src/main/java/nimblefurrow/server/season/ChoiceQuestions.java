package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.outlook.CoverAdvice;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.WaySideBySide;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
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
  private static final List<List<String>> USUAL_MIXES =
      List.of(
          List.of("cereal_rye", "hairy_vetch"),
          List.of("cereal_rye", "crimson_clover"),
          List.of("oats", "radish"),
          List.of("oats", "winter_pea"),
          List.of("triticale", "winter_pea"),
          List.of("annual_ryegrass", "crimson_clover"));
  private static final double MIX_SHARE = 0.6;

  private static final int WEEK_DAYS = 6;

  private final FarmService farms;
  private final FieldService fields;
  private final FieldCases cases;
  private final PlanService plans;
  private final WeatherService weathers;
  private final Outlooks outlooks;
  private final SpeciesService species;
  private final ShedService shed;
  private final SeedService seed;
  private final CarryOver carryOver = CarryOver.shipped();

  ChoiceQuestions(
      FarmService farms,
      FieldService fields,
      FieldCases cases,
      PlanService plans,
      WeatherService weathers,
      Outlooks outlooks,
      SpeciesService species,
      ShedService shed,
      SeedService seed) {
    this.farms = farms;
    this.fields = fields;
    this.cases = cases;
    this.plans = plans;
    this.weathers = weathers;
    this.outlooks = outlooks;
    this.species = species;
    this.shed = shed;
    this.seed = seed;
  }

  /** Covers for a field and a reason, best first. */
  ChoiceViews.CoversView covers(UUID farmId, UUID fieldId, String purposeKey) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    FarmWeather weather = weathers.of(farm);
    CropSeasons crop = outlooks.crop(c.crop(), weather);
    Purpose purpose = Purpose.of(purposeKey);
    List<SeedingMethod> atHand = atHand(shed.machines(farmId));
    boolean empty = atHand.isEmpty();
    CoverAdvice.Field field =
        new CoverAdvice.Field(
            c.soil(),
            FieldStart.USUAL,
            crop,
            new WindowFinder(weather.climate(), crop),
            c.next(),
            c.field().organic(),
            farm.today(),
            c.log().sprayed().stream()
                .map(e -> new CarryOver.Sprayed(String.valueOf(e.residual()), e.doneOn()))
                .toList(),
            empty ? List.of(SeedingMethod.DRILL, SeedingMethod.BROADCAST) : atHand);
    List<ChoiceViews.CoverChoice> covers =
        new CoverAdvice(outlooks.forecaster(), carryOver)
            .rank(field, purpose, candidates(farmId)).stream().map(a -> view(a, purpose)).toList();
    return new ChoiceViews.CoversView(
        purpose.key(),
        purpose.label(),
        purpose.measure(),
        purpose.target(),
        purpose.unit(),
        covers,
        empty);
  }

  private List<CoverAdvice.Candidate> candidates(UUID farmId) {
    List<CoverAdvice.Candidate> all = new ArrayList<>();
    SpeciesTable table = species.table(farmId);
    table
        .all()
        .forEach(s -> all.add(new CoverAdvice.Candidate(s.name(), List.of(s), List.of(1.0))));
    for (List<String> ids : USUAL_MIXES) {
      List<Species> mix = ids.stream().map(table::get).toList();
      String name = mix.get(0).name() + " with " + mix.get(1).name().toLowerCase();
      all.add(new CoverAdvice.Candidate(name, mix, List.of(MIX_SHARE, MIX_SHARE)));
    }
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

  private static ChoiceViews.CoverChoice view(CoverAdvice.Advice a, Purpose purpose) {
    CoverPlan plan = a.plan();
    return new ChoiceViews.CoverChoice(
        a.candidate().name(),
        a.candidate().species().stream().map(Species::id).toList(),
        a.excluded() == null ? null : ReasonView.of(a.excluded()),
        a.met(),
        a.years(),
        a.seedUsdPerHa(),
        a.ending() == null ? null : a.ending().way().label(),
        a.reasons().stream().map(ReasonView::of).toList(),
        plan == null
            ? null
            : new PlanInput(
                "proposed",
                List.of(purpose.key()),
                components(plan.cover()),
                plan.method().key(),
                plan.seedOn(),
                a.ending() == null ? "till" : a.ending().way().key(),
                plan.endOn()));
  }

  private static List<PlanInput.Component> components(List<CoverComponent> cover) {
    return cover.stream()
        .map(c -> new PlanInput.Component(c.species().id(), c.rateKgPerHa()))
        .toList();
  }

  private static List<SeedingMethod> atHand(List<MachineView> machines) {
    return Arrays.stream(SeedingMethod.values())
        .filter(m -> machines.stream().anyMatch(v -> v.methods().contains(m.key())))
        .toList();
  }

  /** The ways of seeding a plan's cover beside each other. */
  List<ChoiceViews.WayView> ways(UUID farmId, UUID fieldId, PlanInput plan) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    FarmWeather weather = weathers.of(farm);
    CropSeasons crop = outlooks.crop(c.crop(), weather);
    List<MachineView> machines = shed.machines(farmId);
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

  private static ChoiceViews.WayView view(
      WaySideBySide w, List<MachineView> machines, double areaHa) {
    MachineView machine =
        machines.stream()
            .filter(m -> m.methods().contains(w.method().key()))
            .findFirst()
            .orElse(null);
    Double hours = machine == null ? null : hours(machine, w, areaHa);
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
        machine == null || hours == null ? null : machine.usd(areaHa, hours) / areaHa);
  }

  private static double hours(MachineView machine, WaySideBySide w, double areaHa) {
    double rate = w.cover().stream().mapToDouble(CoverComponent::rateKgPerHa).sum();
    double density =
        rate
            / w.cover().stream()
                .mapToDouble(c -> c.rateKgPerHa() / c.species().seed().bulkKgPerM3())
                .sum();
    return machine.hours(machine.loads(areaHa, rate, density));
  }

  /** Which fields are open in the week from today on. */
  ChoiceViews.OpenView open(UUID farmId) {
    FarmView farm = farms.see(farmId);
    FarmWeather weather = weathers.of(farm);
    LocalDate from = farm.today();
    LocalDate to = from.plusDays(WEEK_DAYS);
    List<FieldView> all =
        fields.list(farmId).stream().filter(f -> f.leftOutReason() == null).toList();
    Map<UUID, PlanView> planned =
        plans.ofPieces(farm.seasonYear(), all.stream().map(FieldView::piece).toList());
    FieldCases.Known known = cases.known(farm);
    List<MachineView> machines = shed.machines(farmId);
    List<ChoiceViews.OpenWay> ways = new ArrayList<>();
    for (SeedingMethod method : SeedingMethod.values()) {
      List<ChoiceViews.OpenField> open = new ArrayList<>();
      for (FieldView f : all) {
        FieldCase c = cases.of(farm, f, known);
        PlanView plan = planned.get(f.piece());
        ChoiceViews.OpenField found = openField(c, plan, weather, method, from, to);
        if (found != null) {
          open.add(found);
        }
      }
      if (!open.isEmpty()) {
        open.sort(java.util.Comparator.comparing(ChoiceViews.OpenField::closes));
        ways.add(
            new ChoiceViews.OpenWay(
                method.key(),
                method.label(),
                machines.stream()
                    .filter(m -> m.methods().contains(method.key()))
                    .map(MachineView::name)
                    .toList(),
                open));
      }
    }
    return new ChoiceViews.OpenView(from, to, ways);
  }

  private ChoiceViews.@Nullable OpenField openField(
      FieldCase c,
      @Nullable PlanView plan,
      FarmWeather weather,
      SeedingMethod method,
      LocalDate from,
      LocalDate to) {
    List<Species> cover =
        plan == null ? List.of(c.table().get("cereal_rye")) : c.species(plan.plan());
    Window w = outlooks.window(weather, outlooks.crop(c.crop(), weather), cover, method, c.soil());
    if (!w.possible() || w.opens().day().isAfter(to) || w.closes().day().isBefore(from)) {
      return null;
    }
    return new ChoiceViews.OpenField(
        c.field().id(),
        c.field().name(),
        c.field().areaHa(),
        w.opens().day(),
        w.closes().day(),
        ReasonView.of(w.closes().reason()),
        plan != null && plan.plan().method().equals(method.key()),
        c.seeded() != null);
  }
}
