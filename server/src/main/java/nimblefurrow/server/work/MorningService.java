package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.load.LocalPlane;
import nimblefurrow.core.schedule.DayClock;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.hours.HoursThatGo;
import nimblefurrow.server.job.SeedSheets;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.springframework.stereotype.Service;

/** A day's work as it is told in the morning: who, when, where, with what in the box. */
@Service
class MorningService {
  private static final double DAY_BEGINS = 7;
  private static final double M_PER_KM = 1000;
  private static final String OWN_CREW = "with its own crew";
  private static final String[] WAYS = {"E", "NE", "N", "NW", "W", "SW", "S", "SE"};

  private final KeptPlan work;
  private final HoursThatGo hours;
  private final JobSeed seeds;
  private final FieldService fields;
  private final FarmService farms;

  MorningService(
      KeptPlan work, HoursThatGo hours, JobSeed seeds, FieldService fields, FarmService farms) {
    this.work = work;
    this.hours = hours;
    this.seeds = seeds;
    this.fields = fields;
    this.farms = farms;
  }

  /** One stint of a person's day. */
  record Task(
      UUID itemId,
      UUID fieldId,
      String field,
      String label,
      String doer,
      double from,
      double to,
      boolean carriedOver,
      boolean goesOn,
      List<HoursThatGo.Span> goes,
      @Nullable ReasonView where,
      SeedSheets.@Nullable BoxSheet seed) {}

  /** A person's day, in order. */
  record PersonDay(String who, List<Task> tasks) {}

  /**
   * A day.
   *
   * @param hoursKnown whether the hours that go are known
   */
  record Morning(LocalDate day, boolean hoursKnown, List<PersonDay> people) {}

  Morning on(UUID farmId, @Nullable LocalDate wanted) {
    LocalDate day = wanted == null ? farms.get(farmId).today() : wanted;
    HoursThatGo.Day goes = hours.on(farmId, day);
    List<WorkViews.ItemView> items =
        work.work(farmId).items().stream().filter(i -> i.shareDone() < 1).toList();
    Map<String, WorkViews.ItemView> byKey = new HashMap<>();
    List<DayClock.Stint> stints = new ArrayList<>();
    for (WorkViews.ItemView i : items) {
      byKey.put(i.id().toString(), i);
      List<HoursThatGo.Span> spans = spans(goes, i);
      double begins = spans.isEmpty() ? DAY_BEGINS : Math.max(DAY_BEGINS, spans.get(0).from());
      i.segments().stream()
          .filter(s -> s.day().equals(day))
          .forEach(
              s ->
                  stints.add(
                      new DayClock.Stint(
                          i.id().toString(),
                          i.doer(),
                          s.person(),
                          s.hours(),
                          i.startOn().isBefore(day),
                          i.finishOn().isAfter(day),
                          begins)));
    }
    Map<String, List<Task>> people = new LinkedHashMap<>();
    Map<String, UUID> last = new HashMap<>();
    for (DayClock.Timed t : DayClock.of(stints)) {
      WorkViews.ItemView i = Objects.requireNonNull(byKey.get(t.stint().key()));
      String who = t.stint().person() == null ? i.doer() + " " + OWN_CREW : t.stint().person();
      people
          .computeIfAbsent(who, k -> new ArrayList<>())
          .add(task(farmId, t, i, goes, last.put(who, i.fieldId())));
    }
    return new Morning(
        day,
        goes.known(),
        people.entrySet().stream().map(e -> new PersonDay(e.getKey(), e.getValue())).toList());
  }

  private Task task(
      UUID farmId,
      DayClock.Timed t,
      WorkViews.ItemView i,
      HoursThatGo.Day goes,
      @Nullable UUID before) {
    boolean ours = i.customerId() == null;
    return new Task(
        i.id(),
        i.fieldId(),
        i.customer() == null ? i.field() : i.field() + " (" + i.customer() + ")",
        i.label(),
        i.doer(),
        t.from(),
        t.to(),
        t.stint().carriedOver(),
        t.stint().goesOn(),
        spans(goes, i),
        before == null || before.equals(i.fieldId()) || !ours
            ? null
            : where(farmId, before, i.fieldId()),
        seeds.of(farmId, i));
  }

  /** The hours of the kind of work: flown, sprayed, rolled, or on wheels. */
  private static List<HoursThatGo.Span> spans(HoursThatGo.Day goes, WorkViews.ItemView i) {
    if (SeedingMethods.find(i.way()).filter(SeedingMethod::flies).isPresent()) {
      return goes.air();
    }
    if (i.kind() == JobKind.SECOND) {
      return switch (SecondPass.workOf(i.way())) {
        case SPRAY -> goes.spraying();
        case ROLL -> goes.rolling();
        default -> goes.ground();
      };
    }
    if (i.kind() != JobKind.END) {
      return goes.ground();
    }
    // Where a roller goes first and a sprayer behind it, this job is the roller's.
    EndingMethod way = EndingMethod.of(i.way());
    return way.rolls() ? goes.rolling() : way.sprays() ? goes.spraying() : goes.ground();
  }

  private @Nullable ReasonView where(UUID farmId, UUID from, UUID to) {
    MultiPolygon a = fields.boundary(farmId, from);
    MultiPolygon b = fields.boundary(farmId, to);
    if (a == null || b == null) {
      return null;
    }
    Point p = a.getCentroid();
    Point q = b.getCentroid();
    LocalPlane plane = new LocalPlane(p.getY(), p.getX());
    double north = plane.northM(q.getY()) / M_PER_KM;
    double east = plane.eastM(q.getX()) / M_PER_KM;
    int eighth = (int) Math.round(Math.atan2(north, east) / (Math.PI / 4));
    return ReasonView.of(
        Reason.of("{far} {way} of {field}")
            .with("far", Math.hypot(north, east), Unit.KM)
            .with("way", WAYS[Math.floorMod(eighth, WAYS.length)])
            .with("field", fields.get(farmId, from).name()));
  }
}
