package nimblefurrow.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Person;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No plan brings more than the bound, and the bound sees what hours there are. */
class BoundTest {
  private static final int DAYS = 5;
  private static final int STEPS = 2000;

  private static double[] hours(double each) {
    double[] all = new double[DAYS];
    Arrays.fill(all, each);
    return all;
  }

  private static Job job(String name, int machine, double hours, double value) {
    Option option = new Option(machine, "way", hours, 0, 0, hours(value));
    return new Job(name, name, 0, 0, List.of(option), null, null, null);
  }

  private static Machine machine(String name, Integer... runBy) {
    return new Machine(name, name, hours(10), Set.of(runBy), 0, 25);
  }

  private static WorkProblem problem(List<Machine> machines, Job... jobs) {
    List<Person> people =
        List.of(new Person("Ada", "Ada", hours(8)), new Person("Bo", "Bo", hours(8)));
    return new WorkProblem(LocalDate.of(2026, 9, 12), DAYS, people, machines, List.of(jobs), 0, 0);
  }

  @ParameterizedTest
  @ValueSource(longs = {3, 8, 21})
  void noPlanBringsMore(long seed) {
    WorkProblem farm = MadeUpWork.farm(seed, 24);
    long began = System.nanoTime();
    WorkPlan plan =
        new Annealing().plan(farm, seed, () -> (System.nanoTime() - began) / 0.5e9, better -> {});
    assertThat(plan.value()).isPositive().isLessThanOrEqualTo(Bound.of(farm, 400));
  }

  @Test
  void aMachineHasNoMoreHoursThanItsDay() {
    WorkProblem one =
        problem(List.of(machine("drill", 0, 1)), job("a", 0, 10, 100), job("b", 0, 10, 90));
    assertThat(Bound.of(one, STEPS)).isBetween(100.0, 106.0);
  }

  @Test
  void twoMachinesOfOnePersonShareThatPersonsDayThoughAnotherStandsIdle() {
    WorkProblem shared =
        problem(
            List.of(machine("drill", 0), machine("roller", 0), machine("spare", 1)),
            job("a", 0, 8, 100),
            job("b", 1, 8, 90));
    assertThat(Bound.of(shared, STEPS)).isBetween(100.0, 106.0);
    WorkProblem apart =
        problem(
            List.of(machine("drill", 0), machine("roller", 1)),
            job("a", 0, 8, 100),
            job("b", 1, 8, 90));
    assertThat(Bound.of(apart, STEPS)).isBetween(190.0, 191.0);
  }

  @Test
  void groupsAreThoseOfMachinesTheirUnionsAndEveryone() {
    WorkProblem farm =
        problem(List.of(machine("a", 0), machine("b", 1), machine("own crew")), job("j", 0, 1, 1));
    assertThat(CrewGroups.of(farm)).containsExactly(Set.of(0), Set.of(1), Set.of(0, 1));
  }
}
