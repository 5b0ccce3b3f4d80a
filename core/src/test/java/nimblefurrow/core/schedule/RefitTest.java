package nimblefurrow.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import nimblefurrow.core.schedule.WorkPlan.Placed;
import nimblefurrow.core.schedule.WorkPlan.Segment;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Heads are changed and boxes cleaned out; nobody drives out for a quarter of an hour. */
class RefitTest {
  private static final int DAYS = 12;

  private static double[] each(double value) {
    double[] all = new double[DAYS];
    Arrays.fill(all, value);
    return all;
  }

  private static Job job(String kit, double hours) {
    double[] value = new double[DAYS];
    for (int d = 0; d < DAYS; d++) {
      value[d] = 1000 - 50.0 * d;
    }
    Option way = new Option(0, "way", hours, 0, DAYS - 1, value);
    return new Job(kit + hours, kit, 1, 0, List.of(way), null, null, null, kit);
  }

  private static WorkProblem farm(double changeH, double hoursADay, Job... jobs) {
    Person ada = new Person("ada", "Ada", each(hoursADay));
    Machine combine = new Machine("c", "combine", each(12), Set.of(0), 0.5, changeH, 20);
    return new WorkProblem(
        LocalDate.of(2026, 9, 12), DAYS, List.of(ada), List.of(combine), List.of(jobs), 1, 0);
  }

  private static WorkPlan plan(WorkProblem problem, int steps) {
    AtomicLong used = new AtomicLong();
    WorkPlan plan =
        new Annealing().plan(problem, 1, () -> used.incrementAndGet() / (double) steps, b -> {});
    PlanCheck.Found found = PlanCheck.of(problem, plan);
    assertThat(found.broken()).isEmpty();
    assertThat(found.value()).isCloseTo(plan.value(), within(1e-6));
    return plan;
  }

  private static double worked(WorkPlan plan) {
    return plan.placed().stream()
        .flatMap(p -> p.segments().stream())
        .mapToDouble(Segment::hours)
        .sum();
  }

  @Test
  void aHeadIsChangedOnceForEachCropNotForEachField() {
    Job[] mixed = {job("corn", 4), job("beans", 4.1), job("corn", 4.2), job("beans", 4.3)};
    double fields = 4 + 4.1 + 4.2 + 4.3;
    // Out from the yard once, four set-ups, one change.
    double least = fields + 4 * 0.5 + 1 / 20.0 + 2;
    assertThat(worked(plan(farm(2, 5, mixed), 4000))).isCloseTo(least, within(1e-6));
    assertThat(worked(plan(farm(0, 5, mixed), 4000))).isCloseTo(least - 2, within(1e-6));
  }

  @Test
  void workDoesNotBeginForLessThanAnHourUnlessThatIsAllOfIt() {
    WorkPlan plan = plan(farm(0, 5, job("a", 3.7), job("b", 3.9), job("c", 0.2)), 4000);
    assertThat(plan.placed()).hasSize(3);
    for (Placed p : plan.placed()) {
      double first =
          p.segments().stream().filter(s -> s.day() == p.start()).mapToDouble(Segment::hours).sum();
      double all = p.segments().stream().mapToDouble(Segment::hours).sum();
      assertThat(first).isGreaterThanOrEqualTo(Math.min(1, all) - 1e-9);
    }
  }

  @Test
  void whatBringsTheSameIsDoneSoonerRatherThanOnItsLastDay() {
    WorkPlan plan = plan(farm(0, 8, job("a", 3), job("b", 3), job("c", 3)), 4000);
    assertThat(plan.placed().stream().map(Placed::finish).max(Comparator.naturalOrder()).orElse(99))
        .isLessThanOrEqualTo(2);
  }

  /** Any farm of many kits keeps all rules, also as a walk taken up in the middle. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void farmsOfManyKitsKeepEveryRule(long seed) {
    WorkProblem plain = MadeUpWork.farm(seed, 30);
    List<Job> jobs = new ArrayList<>();
    for (int j = 0; j < plain.jobs().size(); j++) {
      Job b = plain.jobs().get(j);
      jobs.add(
          new Job(
              b.id(), b.name(), b.xKm(), b.yKm(), b.options(), null, null, null, "kit" + j % 3));
    }
    List<Machine> machines =
        plain.machines().stream()
            .map(
                m ->
                    new Machine(
                        m.id(), m.name(), m.hours(), m.runBy(), m.setUpH(), 1.5, m.roadKmh()))
            .toList();
    WorkProblem refitted =
        new WorkProblem(
            plain.start(), plain.days(), plain.people(), machines, jobs, plain.usdPerKm(), 0);
    assertThat(plan(refitted, 1200).value()).isLessThanOrEqualTo(plan(plain, 1200).value() * 1.02);
  }
}
