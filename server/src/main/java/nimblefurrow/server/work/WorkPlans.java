package nimblefurrow.server.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.schedule.Replay;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.server.shed.MachineView;

/** Plans of the core in the farm's words. */
final class WorkPlans {
  private WorkPlans() {}

  static WorkViews.Proposal proposal(
      WorkBuilder.Built b, WorkPlan plan, double keptValue, double byHand, List<Double> steps) {
    return new WorkViews.Proposal(
        b.problem().start(),
        plan.value(),
        keptValue,
        byHand,
        plan.roadKm(),
        plan.placed().stream().map(p -> item(b, p)).toList(),
        plan.left().stream().map(l -> left(b, l)).toList(),
        lanes(b, plan),
        steps);
  }

  private static WorkViews.ProposedItem item(WorkBuilder.Built b, WorkPlan.Placed p) {
    WorkBuilder.JobInfo info = b.jobs().get(p.job());
    WorkBuilder.Way way = info.ways().get(p.option());
    Kept kept = b.problem().jobs().get(p.job()).kept();
    boolean moved = kept != null && (kept.machine() != p.machine() || kept.start() != p.start());
    MachineView machine = b.machines().get(p.machine());
    return new WorkViews.ProposedItem(
        info.fieldId() + info.kind(),
        info.fieldId(),
        info.field(),
        info.kind(),
        way.key(),
        way.label(),
        machine.id(),
        machine.name(),
        b.problem().start().plusDays(p.start()),
        b.problem().start().plusDays(p.finish()),
        way.hours(),
        p.value(),
        kept == null ? "new" : moved ? "moved" : "same",
        kept == null || !moved ? null : b.machines().get(kept.machine()).name(),
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
    return new WorkViews.LeftItem(info.fieldId(), info.field(), info.kind(), why(l.why()));
  }

  private static String why(WorkPlan.Why why) {
    return switch (why) {
      case NO_MACHINE -> "no machine in the shed does it, or its window has passed";
      case NOBODY -> "nobody on the crew can run the machine it needs";
      case NO_TIME -> "its machine has not the hours for it inside its window";
      case NOT_BEFORE -> "what must come before it is not done";
      case CROWDED -> "there are not hours enough: other fields bring more";
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
                i >= b.machines().size(),
                Arrays.stream(lane.asked()).boxed().toList(),
                Arrays.stream(lane.there()).boxed().toList()));
      }
    }
    return lanes;
  }

  /** The same problem under the days of one year. */
  static WorkProblem under(WorkBuilder.Built b, int year) {
    return with(b, (m, d) -> b.weather().hours(b.machines().get(m), year, d));
  }

  /** The same problem with a machine's hours on one day made whole. */
  static WorkProblem oneMoreDay(WorkBuilder.Built b, WorkProblem under, int machine, int day) {
    List<WorkProblem.Machine> machines = new ArrayList<>(under.machines());
    WorkProblem.Machine m = machines.get(machine);
    double[] hours = m.hours().clone();
    hours[day] = b.weather().light()[day];
    machines.set(
        machine,
        new WorkProblem.Machine(m.id(), m.name(), hours, m.runBy(), m.setUpH(), m.roadKmh()));
    return new WorkProblem(
        under.start(), under.days(), under.people(), machines, under.jobs(), under.usdPerKm(), 0);
  }

  private interface Hours {
    double of(int machine, int day);
  }

  private static WorkProblem with(WorkBuilder.Built b, Hours hours) {
    List<WorkProblem.Machine> machines = new ArrayList<>();
    for (int m = 0; m < b.machines().size(); m++) {
      WorkProblem.Machine machine = b.problem().machines().get(m);
      double[] own = new double[b.problem().days()];
      boolean idle = Arrays.stream(machine.hours()).sum() == 0;
      for (int d = 0; d < own.length; d++) {
        boolean there = WorkBuilder.there(b.machines().get(m), b.problem().start().plusDays(d));
        own[d] = there && !idle ? hours.of(m, d) : 0;
      }
      machines.add(
          new WorkProblem.Machine(
              machine.id(),
              machine.name(),
              own,
              machine.runBy(),
              machine.setUpH(),
              machine.roadKmh()));
    }
    return new WorkProblem(
        b.problem().start(),
        b.problem().days(),
        b.problem().people(),
        machines,
        b.problem().jobs(),
        b.problem().usdPerKm(),
        0);
  }
}
