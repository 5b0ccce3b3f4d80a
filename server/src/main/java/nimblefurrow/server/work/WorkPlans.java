package nimblefurrow.server.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.schedule.Replay;
import nimblefurrow.core.schedule.WorkPlan;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.work.Doer;
import nimblefurrow.core.work.FarmWork;
import nimblefurrow.core.work.FieldJob;
import nimblefurrow.server.farm.FarmView;

/** Plans of the core in the farm's words. */
final class WorkPlans {
  private static final int NAMED = 3;

  private final FarmWork work;
  private final WorkBuilder.Built built;

  WorkPlans(WorkBuilder.Built built) {
    this.built = built;
    this.work = built.work();
  }

  /** All money is what plans add: the grain that would be cut anyway is no plan's merit. */
  WorkViews.Proposal proposal(WorkPlan plan, double keptValue, double byHand, List<Double> steps) {
    double anyway = work.anyway();
    return new WorkViews.Proposal(
        work.problem().start(),
        plan.value() - anyway,
        keptValue - anyway,
        byHand - anyway,
        plan.roadKm(),
        plan.placed().stream().map(this::item).toList(),
        plan.left().stream().map(this::left).toList(),
        lanes(plan),
        steps.stream().map(s -> s - anyway).toList(),
        work.notes());
  }

  private WorkViews.ProposedItem item(WorkPlan.Placed p) {
    FieldJob info = work.jobs().get(p.job());
    UUID field = info.field().id();
    FieldJob.Alternative way = info.alternatives().get(p.option());
    Kept kept = work.problem().jobs().get(p.job()).kept();
    boolean moved = kept != null && (kept.machine() != p.machine() || kept.start() != p.start());
    Doer doer = work.doers().get(p.machine());
    FarmView customer = built.customers().get(field);
    return new WorkViews.ProposedItem(
        FarmWork.key(field, info.job()),
        field,
        info.field().name(),
        customer == null ? null : customer.id(),
        customer == null ? null : customer.name(),
        info.job(),
        info.kind(),
        way.key(),
        way.label(),
        doer.id(),
        doer.name(),
        work.problem().start().plusDays(p.start()),
        work.problem().start().plusDays(p.finish()),
        way.option().hours(),
        p.value() - work.anyway(p.job()),
        kept == null ? ItemChange.NEW : moved ? ItemChange.MOVED : ItemChange.SAME,
        kept == null || !moved ? null : work.doers().get(kept.machine()).name(),
        kept == null || !moved ? null : work.problem().start().plusDays(kept.start()),
        p.segments().stream()
            .map(
                s ->
                    new WorkViews.Shift(
                        work.problem().start().plusDays(s.day()),
                        s.person() < 0 ? null : work.people().get(s.person()).name(),
                        s.hours()))
            .toList());
  }

  private WorkViews.LeftItem left(WorkPlan.Left l) {
    FieldJob info = work.jobs().get(l.job());
    FarmView customer = built.customers().get(info.field().id());
    return new WorkViews.LeftItem(
        info.field().id(),
        info.field().name(),
        customer == null ? null : customer.name(),
        info.job(),
        info.kind(),
        info.words(),
        why(l, info));
  }

  /** Which of its machines, which day, whose hours: never one reason or another. */
  private String why(WorkPlan.Left l, FieldJob info) {
    String which =
        work.problem().jobs().get(l.job()).options().stream()
            .map(o -> work.doers().get(o.machine()).name())
            .distinct()
            .limit(NAMED)
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

  List<WorkViews.LaneView> lanes(WorkPlan plan) {
    List<WorkViews.LaneView> lanes = new ArrayList<>();
    List<Replay.Lane> all = Replay.lanes(work.problem(), plan);
    for (int i = 0; i < all.size(); i++) {
      Replay.Lane lane = all.get(i);
      if (Arrays.stream(lane.asked()).sum() > 0) {
        lanes.add(
            new WorkViews.LaneView(
                lane.name(),
                i >= work.doers().size(),
                Arrays.stream(lane.asked()).boxed().toList(),
                Arrays.stream(lane.there()).boxed().toList()));
      }
    }
    return lanes;
  }
}
