package nimblefurrow.server.work;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.work.Doer;
import nimblefurrow.core.work.FarmWork;
import nimblefurrow.core.work.JobPin;
import nimblefurrow.core.work.KeptJob;
import nimblefurrow.core.work.Look;
import nimblefurrow.core.work.WorkField;
import nimblefurrow.core.work.WorkFrame;
import nimblefurrow.core.work.WorkSpan;
import nimblefurrow.core.work.WorkableDays;
import nimblefurrow.server.ending.WatchService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.InputProblem;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.springframework.stereotype.Component;

/** Loads a farm, those it works for, their plans and the kept work, for what is to be laid out. */
@Component
class WorkBuilder {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  /** Where a field without a boundary is taken to lie, km from the middle of the farm. */
  private static final WorkField.Place SOMEWHERE = new WorkField.Place(5, 5);

  private static final double M_PER_KM = 1000;

  private final FarmService farms;
  private final PlannedFields planned;
  private final FieldService fields;
  private final ShedService shed;
  private final CrewService crew;
  private final WatchService watch;
  private final OwnJobService own;
  private final HireService hire;
  private final WorkItems items;
  private final WorkPins pins;
  private final Worths worths;

  WorkBuilder(
      FarmService farms,
      PlannedFields planned,
      FieldService fields,
      ShedService shed,
      CrewService crew,
      WatchService watch,
      OwnJobService own,
      HireService hire,
      WorkItems items,
      WorkPins pins,
      Worths worths) {
    this.farms = farms;
    this.planned = planned;
    this.fields = fields;
    this.shed = shed;
    this.crew = crew;
    this.watch = watch;
    this.own = own;
    this.hire = hire;
    this.items = items;
    this.pins = pins;
    this.worths = worths;
  }

  /**
   * The work and whose fields it is on.
   *
   * @param customers by field, for fields of others
   */
  record Built(FarmWork work, Map<UUID, FarmView> customers) {}

  /** What is to be laid out, beside what is kept. */
  Built build(
      UUID farmId, double usdPerMove, double goalUsdPerHa, EndingRules rules, DoubleConsumer told) {
    return build(farmId, items.findByFarmId(farmId), usdPerMove, goalUsdPerHa, rules, told);
  }

  /** The same beside something else than what is kept. */
  Built build(
      UUID farmId,
      List<WorkItem> kept,
      double usdPerMove,
      double goalUsdPerHa,
      EndingRules rules,
      DoubleConsumer told) {
    FarmView farm = farms.get(farmId);
    List<String> notes = new ArrayList<>();
    List<FarmView> customers = hire.customers(farmId);
    // Whoever only works for others has no weather of their own to plan under.
    boolean fieldless = !customers.isEmpty() && fields.list(farmId).isEmpty();
    List<PlannedField> all = new ArrayList<>(fieldless ? List.of() : planned.foretold(farm));
    customers.forEach(c -> all.addAll(of(c.on(farm.today()), notes)));
    Map<UUID, WorkField.Place> places = places(all);
    List<WorkField> on = all.stream().map(f -> field(f, farmId, places)).toList();
    List<CrewView> people = crew.all(farmId);
    WorkSpan span = WorkSpan.of(farm.today(), farm.seasonYear(), on);
    if (span.start().isAfter(farm.today())) {
      notes.add(
          "The first work of %d is still ahead: it is laid out from %s on."
              .formatted(farm.seasonYear(), span.start().format(DAY)));
    }
    List<Doer> doers =
        Stream.concat(
                shed.machines(farmId).stream().map(MachineView::machine).map(Doer::of),
                people.stream().map(p -> Doer.onFoot(p.id(), p.name())))
            .toList();
    FarmWork work =
        FarmWork.of(
            new WorkFrame(worths.of(all), doers, span, goalUsdPerHa, rules),
            on,
            people.stream().map(CrewView::worker).toList(),
            WorkableDays.of(planned.forecaster(), on, span),
            standing(farmId, kept),
            usdPerMove,
            told);
    notes.addAll(work.notes());
    return new Built(
        new FarmWork(
            work.problem(), work.jobs(), work.doers(), work.people(), work.weather(), notes),
        all.stream()
            .filter(f -> !f.farm().id().equals(farmId))
            .collect(Collectors.toMap(f -> f.field().id(), PlannedField::farm, (a, b) -> a)));
  }

  private List<PlannedField> of(FarmView customer, List<String> notes) {
    try {
      return planned.foretold(customer).stream().filter(f -> f.cover() != null).toList();
    } catch (InputProblem e) {
      notes.add("%s is not in the plan. %s".formatted(customer.name(), e.getMessage()));
      return List.of();
    }
  }

  private FarmWork.Standing standing(UUID farmId, List<WorkItem> kept) {
    return new FarmWork.Standing(
        kept.stream()
            .collect(
                Collectors.toMap(
                    i -> FarmWork.key(i.fieldId, i.job),
                    i -> new KeptJob(i.way, i.doerId, i.startOn, i.shareDone))),
        pins.findByFarmId(farmId).stream()
            .collect(
                Collectors.toMap(
                    p -> FarmWork.key(p.fieldId, p.job),
                    p -> new JobPin(p.day, p.onlyDoer, Set.of(p.neverDoers)))),
        watch.open(farmId).stream()
            .map(u -> new Look(u.fieldId(), u.kind(), u.dueFrom(), u.dueTo(), u.words()))
            .toList(),
        own.open(farmId));
  }

  private static WorkField field(PlannedField f, UUID farmId, Map<UUID, WorkField.Place> places) {
    PlanView plan = f.plan();
    CoverPlan cover = f.cover();
    Purpose purpose = f.purpose();
    return new WorkField(
        f.field().id(),
        f.field().name(),
        f.farm().id().equals(farmId),
        f.field().areaHa(),
        f.field().organic(),
        f.field().crop().kind(),
        places.getOrDefault(f.field().id(), SOMEWHERE),
        f.weather().climate(),
        f.crop(),
        f.next(),
        f.standing(),
        f.link(),
        plan == null || cover == null || purpose == null
            ? null
            : new WorkField.Covered(
                cover, Objects.requireNonNull(f.ending()), purpose, f.killed(), f.weeds()));
  }

  private Map<UUID, WorkField.Place> places(List<PlannedField> all) {
    Map<UUID, Point> centres = new HashMap<>();
    for (PlannedField f : all) {
      MultiPolygon boundary = fields.boundary(f.farm().id(), f.field().id());
      if (boundary != null) {
        centres.put(f.field().id(), boundary.getCentroid());
      }
    }
    double lon = centres.values().stream().mapToDouble(Point::getX).average().orElse(0);
    double lat = centres.values().stream().mapToDouble(Point::getY).average().orElse(0);
    LocalPlane plane = new LocalPlane(lat, lon);
    Map<UUID, WorkField.Place> places = new HashMap<>();
    centres.forEach(
        (id, p) ->
            places.put(
                id,
                new WorkField.Place(
                    plane.eastM(p.getX()) / M_PER_KM, plane.northM(p.getY()) / M_PER_KM)));
    return places;
  }
}
