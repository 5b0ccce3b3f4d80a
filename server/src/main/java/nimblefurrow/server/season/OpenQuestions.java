package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.work.ClosingQueue;
import nimblefurrow.core.work.SeedingQueues;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
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

  private final FarmService farms;
  private final FieldService fields;
  private final FieldCases cases;
  private final WeatherService weathers;
  private final Outlooks outlooks;
  private final ShedService shed;

  OpenQuestions(
      FarmService farms,
      FieldService fields,
      FieldCases cases,
      WeatherService weathers,
      Outlooks outlooks,
      ShedService shed) {
    this.farms = farms;
    this.fields = fields;
    this.cases = cases;
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
    FieldCases.Known known = cases.known(farm, all);
    List<Asked> asked =
        all.stream().map(f -> cases.of(farm, f, known)).map(c -> new Asked(c, c.plan())).toList();
    List<Machine> machines = shed.machines(farmId).stream().map(MachineView::machine).toList();
    List<ChoiceViews.OpenWay> ways =
        SeedingMethods.all().stream()
            .map(m -> way(m, asked, weather, machines, from, to))
            .filter(Objects::nonNull)
            .toList();
    return new ChoiceViews.OpenView(from, to, ways);
  }

  private ChoiceViews.@Nullable OpenWay way(
      SeedingMethod method,
      List<Asked> asked,
      FarmWeather weather,
      List<Machine> machines,
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
    List<Machine> able = SeedingQueues.able(machines, method);
    return new ChoiceViews.OpenWay(
        method.key(),
        method.label(),
        able.stream().map(Machine::name).toList(),
        open,
        able.isEmpty() ? null : race(method, able, open, asked, from));
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
      for (String id : method.shortlist()) {
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
      SeedingMethod method,
      List<Machine> able,
      List<ChoiceViews.OpenField> open,
      List<Asked> asked,
      LocalDate from) {
    List<ChoiceViews.OpenField> mine = open.stream().filter(f -> f.mine() && !f.seeded()).toList();
    if (mine.isEmpty()) {
      return null;
    }
    ClosingQueue queue =
        SeedingQueues.queue(able, mine.stream().map(f -> waiting(method, f, asked)).toList());
    Map<String, String> names =
        mine.stream()
            .collect(Collectors.toMap(f -> f.fieldId().toString(), ChoiceViews.OpenField::name));
    return new ChoiceViews.Race(
        mine.size(),
        queue.hours(),
        queue.days(),
        there(able, from, mine.get(0).closes()),
        there(able, from, mine.get(mine.size() - 1).closes()),
        queue.firstLate(from).map(t -> names.get(t.id())).orElse(null));
  }

  private static SeedingQueues.Waiting waiting(
      SeedingMethod method, ChoiceViews.OpenField f, List<Asked> asked) {
    Asked a =
        asked.stream()
            .filter(q -> q.field().field().id().equals(f.fieldId()))
            .findFirst()
            .orElseThrow();
    PlanView plan = Objects.requireNonNull(a.plan());
    return new SeedingQueues.Waiting(
        f.fieldId(), method, f.areaHa(), a.field().asPlanned(plan.plan()).cover(), f.closes());
  }

  private static int there(List<Machine> able, LocalDate from, LocalDate last) {
    return (int)
        from.datesUntil(last.plusDays(1))
            .filter(day -> able.stream().anyMatch(m -> m.there(day)))
            .count();
  }
}
