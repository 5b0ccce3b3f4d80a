package nimblefurrow.server.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.schedule.Replay;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;

/** Plans of the core in the farm's words. */
final class WorkPlans {
  private WorkPlans() {}

  /** All money is what plans add: the grain that would be cut anyway is no plan's merit. */
  static WorkViews.Proposal proposal(
      WorkBuilder.Built b, WorkPlan plan, double keptValue, double byHand, List<Double> steps) {
    double anyway = anyway(b);
    return new WorkViews.Proposal(
        b.problem().start(),
        plan.value() - anyway,
        keptValue - anyway,
        byHand - anyway,
        plan.roadKm(),
        plan.placed().stream().map(p -> item(b, p)).toList(),
        plan.left().stream().map(l -> left(b, l)).toList(),
        lanes(b, plan),
        steps.stream().map(s -> s - anyway).toList(),
        b.notes());
  }

  /** What all crops bring that are cut on the last day they can be, with no other work done. */
  static double anyway(WorkBuilder.Built b) {
    double sum = 0;
    for (int j = 0; j < b.jobs().size(); j++) {
      sum += anyway(b, j);
    }
    return sum;
  }

  private static double anyway(WorkBuilder.Built b, int job) {
    if (!b.jobs().get(job).kind().equals("harvest")) {
      return 0;
    }
    return b.problem().jobs().get(job).options().stream()
        .mapToDouble(o -> o.value()[Math.min(o.value().length - 1, o.last())])
        .min()
        .orElse(0);
  }

  private static WorkViews.ProposedItem item(WorkBuilder.Built b, WorkPlan.Placed p) {
    WorkBuilder.JobInfo info = b.jobs().get(p.job());
    WorkBuilder.Way way = info.ways().get(p.option());
    Kept kept = b.problem().jobs().get(p.job()).kept();
    boolean moved = kept != null && (kept.machine() != p.machine() || kept.start() != p.start());
    Doer doer = b.doers().get(p.machine());
    return new WorkViews.ProposedItem(
        info.fieldId() + info.kind(),
        info.fieldId(),
        info.field(),
        info.customerId(),
        info.customer(),
        info.kind(),
        way.key(),
        way.label(),
        doer.id(),
        doer.name(),
        b.problem().start().plusDays(p.start()),
        b.problem().start().plusDays(p.finish()),
        way.hours(),
        p.value() - anyway(b, p.job()),
        kept == null ? "new" : moved ? "moved" : "same",
        kept == null || !moved ? null : b.doers().get(kept.machine()).name(),
        kept == null || !moved ? null : b.problem().start().plusDays(kept.start()),
        p.segments().stream()
            .map(
                s ->
                    new WorkViews.Shift(
                        b.problem().start().plusDays(s.day()),
                        s.person() < 0 ? null : b.people().get(s.person()).name(),
                        s.hours()))
            .toList());
  }

  private static WorkViews.LeftItem left(WorkBuilder.Built b, WorkPlan.Left l) {
    WorkBuilder.JobInfo info = b.jobs().get(l.job());
    return new WorkViews.LeftItem(
        info.fieldId(), info.field(), info.customer(), info.kind(), info.words(), why(b, l, info));
  }

  /** Which of its machines, which day, whose hours: never one reason or another. */
  private static String why(WorkBuilder.Built b, WorkPlan.Left l, WorkBuilder.JobInfo info) {
    String which =
        b.problem().jobs().get(l.job()).options().stream()
            .map(o -> b.doers().get(o.machine()).name())
            .distinct()
            .limit(3)
            .collect(Collectors.joining(", "));
    return switch (l.why()) {
      case NO_MACHINE -> info.gone() == null ? "no machine in the shed does it" : info.gone();
      case NOBODY -> "nobody on the crew can run what it needs: " + which;
      case NO_TIME -> "not hours enough inside its window: " + which;
      case NOT_BEFORE -> "what must come before it is not done";
      case CROWDED -> "other fields bring more for the hours of " + which;
      case PINS -> "its pins leave no day or machine that can do it";
      case NOT_WORTH -> "it would cost more than what it reaches is worth";
    };
  }

  static List<WorkViews.LaneView> lanes(WorkBuilder.Built b, WorkPlan plan) {
    List<WorkViews.LaneView> lanes = new ArrayList<>();
    List<Replay.Lane> all = Replay.lanes(b.problem(), plan);
    for (int i = 0; i < all.size(); i++) {
      Replay.Lane lane = all.get(i);
      if (Arrays.stream(lane.asked()).sum() > 0) {
        lanes.add(
            new WorkViews.LaneView(
                lane.name(),
                i >= b.doers().size(),
                Arrays.stream(lane.asked()).boxed().toList(),
                Arrays.stream(lane.there()).boxed().toList()));
      }
    }
    return lanes;
  }

  /** The same problem under the days of one year. */
  static WorkProblem under(WorkBuilder.Built b, int year) {
    List<WorkProblem.Machine> machines = new ArrayList<>();
    for (int m = 0; m < b.doers().size(); m++) {
      machines.add(under(b, m, year));
    }
    return with(b.problem(), machines);
  }

  /** The same problem with a machine's hours on one day made whole. */
  static WorkProblem oneMoreDay(WorkBuilder.Built b, WorkProblem under, int machine, int day) {
    List<WorkProblem.Machine> machines = new ArrayList<>(under.machines());
    WorkProblem.Machine m = machines.get(machine);
    double[] hours = m.hours().clone();
    hours[day] = b.weather().light()[day];
    machines.set(
        machine,
        new WorkProblem.Machine(
            m.id(), m.name(), hours, m.runBy(), m.setUpH(), m.changeH(), m.roadKmh()));
    return with(under, machines);
  }

  private static WorkProblem.Machine under(WorkBuilder.Built b, int m, int year) {
    WorkProblem.Machine machine = b.problem().machines().get(m);
    Doer doer = b.doers().get(m);
    boolean idle = Arrays.stream(machine.hours()).sum() == 0;
    if (doer.machine() == null || idle) {
      return machine;
    }
    // Work takes longer or shorter than reckoned: as if its machine had fewer hours, or more.
    double slower = OwnErrors.hours().at(1, Spread.point(year));
    double[] own = new double[b.problem().days()];
    for (int d = 0; d < own.length; d++) {
      boolean there = doer.there(b.problem().start().plusDays(d));
      own[d] = there ? Math.min(24, b.weather().hours(doer, year, d) / slower) : 0;
    }
    return new WorkProblem.Machine(
        machine.id(),
        machine.name(),
        own,
        machine.runBy(),
        machine.setUpH(),
        machine.changeH(),
        machine.roadKmh());
  }

  private static WorkProblem with(WorkProblem p, List<WorkProblem.Machine> machines) {
    return new WorkProblem(p.start(), p.days(), p.people(), machines, p.jobs(), p.usdPerKm(), 0);
  }
}
