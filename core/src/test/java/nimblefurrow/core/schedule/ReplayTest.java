package nimblefurrow.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** A kept plan walked again: the same under the same hours, less under fewer, and argued with. */
class ReplayTest {
  private static final WorkProblem FARM = MadeUpWork.farm(21, 40);
  // Made before each test, not with the class: the search runs beside itself and needs it whole.
  private final WorkPlan plan = plan();
  private final WorkProblem kept = kept(1);

  private static WorkPlan plan() {
    AtomicLong used = new AtomicLong();
    return new Annealing().plan(FARM, 1, () -> used.incrementAndGet() / 500.0, better -> {});
  }

  private WorkProblem kept(double hours) {
    WorkProblem marked = MadeUpWork.rained(FARM, plan, 0, 0);
    List<WorkProblem.Machine> machines =
        FARM.machines().stream()
            .map(
                m ->
                    new WorkProblem.Machine(
                        m.id(),
                        m.name(),
                        Arrays.stream(m.hours()).map(h -> h * hours).toArray(),
                        m.runBy(),
                        m.setUpH(),
                        m.roadKmh()))
            .toList();
    return new WorkProblem(
        FARM.start(), FARM.days(), FARM.people(), machines, marked.jobs(), FARM.usdPerKm(), 0);
  }

  @Test
  void theSameHoursGiveNearlyTheSamePlan() {
    WorkPlan again = Replay.of(kept);
    assertThat(PlanCheck.of(kept, again).broken()).isEmpty();
    assertThat(again.placed()).hasSize(plan.placed().size());
    // The kept day of beginning is a floor, the way of the same machine the first that has it.
    assertThat(again.value()).isCloseTo(plan.value(), within(0.03 * plan.value()));
  }

  @Test
  void fewerHoursDoFewerJobsAndNoneDoNone() {
    int half = Replay.of(kept(0.4)).placed().size();
    assertThat(half).isLessThan(plan.placed().size());
    WorkPlan none = Replay.of(kept(0));
    assertThat(none.placed()).isEmpty();
    assertThat(none.left()).hasSize(FARM.jobs().size());
  }

  @Test
  void lanesAddUpToTheWorkedHoursAndNeverPassWhatThereIs() {
    List<Replay.Lane> lanes = Replay.lanes(FARM, plan);
    double asked =
        lanes.subList(0, FARM.machines().size()).stream()
            .mapToDouble(l -> Arrays.stream(l.asked()).sum())
            .sum();
    double worked =
        plan.placed().stream()
            .flatMap(p -> p.segments().stream())
            .mapToDouble(WorkPlan.Segment::hours)
            .sum();
    assertThat(asked).isCloseTo(worked, within(1e-6));
    for (Replay.Lane lane : lanes) {
      for (int d = 0; d < FARM.days(); d++) {
        assertThat(lane.asked()[d]).isLessThanOrEqualTo(lane.there()[d] + 1e-6);
      }
    }
  }

  @Test
  void elsewhereSaysWhatAnotherDayOrMachineWouldCost() {
    int job = plan.placed().get(plan.placed().size() / 2).job();
    List<Replay.Elsewhere> all = Replay.elsewhere(kept, job);
    assertThat(all).isNotEmpty();
    assertThat(all).isSortedAccordingTo((a, b) -> Double.compare(b.value(), a.value()));
    assertThat(all.get(0).value()).as("a good plan is hard to better").isLessThan(500);
    assertThat(all)
        .extracting(e -> e.machine() * 1000 + e.start())
        .as("one row a machine and day")
        .doesNotHaveDuplicates();
  }
}
