package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Shortlist;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Which fields are open now, and whether the machines can race their closing dates. */
@Service
class OpenQuestions {
  private static final int WEEK_DAYS = 6;
  private static final double HOURS_A_DAY = 10;

  private final FarmService farms;
  private final FieldService fields;
  private final FieldCases cases;
  private final PlanService plans;
  private final WeatherService weathers;
  private final Outlooks outlooks;
  private final ShedService shed;

  OpenQuestions(
      FarmService farms,
      FieldService fields,
      FieldCases cases,
      PlanService plans,
      WeatherService weathers,
      Outlooks outlooks,
      ShedService shed) {
    this.farms = farms;
    this.fields = fields;
    this.cases = cases;
    this.plans = plans;
    this.weathers = weathers;
    this.outlooks = outlooks;
    this.shed = shed;
  }

  private record Asked(FieldCase field, @Nullable PlanView plan) {}

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
    List<Asked> asked =
        all.stream().map(f -> new Asked(cases.of(farm, f, known), planned.get(f.piece()))).toList();
    List<MachineView> machines = shed.machines(farmId);
    List<ChoiceViews.OpenWay> ways =
        Arrays.stream(SeedingMethod.values())
            .map(m -> way(m, asked, weather, machines, from, to))
            .filter(Objects::nonNull)
            .toList();
    return new ChoiceViews.OpenView(from, to, ways);
  }

  private ChoiceViews.@Nullable OpenWay way(
      SeedingMethod method,
      List<Asked> asked,
      FarmWeather weather,
      List<MachineView> machines,
      LocalDate from,
      LocalDate to) {
    List<ChoiceViews.OpenField> open =
        asked.parallelStream()
            .map(a -> field(a, weather, method, from, to))
            .filter(Objects::nonNull)
            .sorted(Comparator.comparing(ChoiceViews.OpenField::closes))
            .toList();
    if (open.isEmpty()) {
      return null;
    }
    List<MachineView> able =
        machines.stream().filter(m -> m.methods().contains(method.key())).toList();
    return new ChoiceViews.OpenWay(
        method.key(),
        method.label(),
        able.stream().map(MachineView::name).toList(),
        open,
        able.isEmpty() ? null : race(able.get(0), open, asked, from));
  }

  private ChoiceViews.@Nullable OpenField field(
      Asked a, FarmWeather weather, SeedingMethod method, LocalDate from, LocalDate to) {
    FieldCase c = a.field();
    PlanView plan = a.plan();
    CropSeasons crop = outlooks.crop(c.crop(), weather);
    List<String> fits = new ArrayList<>();
    Window w = null;
    if (plan != null) {
      w = outlooks.window(weather, crop, c.species(plan.plan()), method, c.soil());
    } else {
      for (String id : Shortlist.of(method)) {
        Species species = c.table().get(id);
        Window own = outlooks.window(weather, crop, List.of(species), method, c.soil());
        if (open(own, from, to)) {
          fits.add(species.name());
          w = w == null ? own : w;
        }
      }
    }
    if (w == null || !open(w, from, to)) {
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
        c.seeded() != null,
        fits);
  }

  private static boolean open(Window w, LocalDate from, LocalDate to) {
    return w.possible() && !w.opens().day().isAfter(to) && !w.closes().day().isBefore(from);
  }

  /** In the order of their closing dates, as a driver in a hurry would go. */
  private static ChoiceViews.@Nullable Race race(
      MachineView machine, List<ChoiceViews.OpenField> open, List<Asked> asked, LocalDate from) {
    List<ChoiceViews.OpenField> mine = open.stream().filter(f -> f.mine() && !f.seeded()).toList();
    if (mine.isEmpty()) {
      return null;
    }
    double hours = 0;
    String late = null;
    for (ChoiceViews.OpenField f : mine) {
      hours += hours(machine, f, asked);
      if (late == null && hours > HOURS_A_DAY * there(machine, from, f.closes())) {
        late = f.name();
      }
    }
    return new ChoiceViews.Race(
        mine.size(),
        hours,
        hours / HOURS_A_DAY,
        there(machine, from, mine.get(0).closes()),
        there(machine, from, mine.get(mine.size() - 1).closes()),
        late);
  }

  private static double hours(MachineView machine, ChoiceViews.OpenField f, List<Asked> asked) {
    Asked a =
        asked.stream()
            .filter(q -> q.field().field().id().equals(f.fieldId()))
            .findFirst()
            .orElseThrow();
    PlanView plan = Objects.requireNonNull(a.plan());
    List<CoverComponent> cover = a.field().asPlanned(plan.plan()).cover();
    return machine.hours(machine.loads(f.areaHa(), cover))
        + (machine.setUpH() == null ? 0 : machine.setUpH());
  }

  private static int there(MachineView machine, LocalDate from, LocalDate last) {
    return (int) from.datesUntil(last.plusDays(1)).filter(machine::there).count();
  }
}
