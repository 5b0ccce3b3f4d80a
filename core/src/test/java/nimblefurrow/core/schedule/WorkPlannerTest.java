package nimblefurrow.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicLong;
import nimblefurrow.core.schedule.WorkPlan.Placed;
import nimblefurrow.core.schedule.WorkPlan.Why;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Job;
import nimblefurrow.core.schedule.WorkProblem.Kept;
import nimblefurrow.core.schedule.WorkProblem.Machine;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.schedule.WorkProblem.Person;
import nimblefurrow.core.schedule.WorkProblem.Pin;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans keep every rule, beat what is drawn up by hand, and say why a job is left out. */
class WorkPlannerTest {
  private static final LocalDate START = LocalDate.of(2026, 9, 12);
  private static final int DAYS = 20;

  private static double[] each(double hours) {
    double[] all = new double[DAYS];
    Arrays.fill(all, hours);
    return all;
  }

  private static Person person(String name, double hours) {
    return new Person(name, name, each(hours));
  }

  private static Machine machine(String name, double hours, Integer... runBy) {
    return new Machine(name, name, each(hours), Set.of(runBy), 0.5, 25);
  }

  private static Option option(int machine, double hours, int first, int last, double most) {
    double[] value = new double[DAYS];
    for (int d = 0; d < DAYS; d++) {
      value[d] = most - 20.0 * d;
    }
    return new Option(machine, "way", hours, first, last, value);
  }

  private static Job job(String name, After after, Option... options) {
    return new Job(name, name, 1, 1, List.of(options), after, null, null);
  }

  private static WorkPlan plan(WorkProblem problem, int steps) {
    AtomicLong used = new AtomicLong();
    WorkPlan plan =
        new Annealing()
            .plan(problem, 1, () -> used.incrementAndGet() / (double) steps, better -> {});
    PlanCheck.Found found = PlanCheck.of(problem, plan);
    assertThat(found.broken()).isEmpty();
    assertThat(found.value()).isCloseTo(plan.value(), within(1e-6));
    return plan;
  }

  private static WorkProblem problem(List<Person> people, List<Machine> machines, Job... jobs) {
    return new WorkProblem(START, DAYS, people, machines, List.of(jobs), 1, 0);
  }

  @Test
  void aDayOfWorkByHand() {
    WorkPlan plan =
        plan(
            problem(
                List.of(person("Ada", 8)),
                List.of(machine("drill", 10, 0)),
                job("a", null, option(0, 11, 0, 19, 900))),
            50);
    Placed p = plan.placed().get(0);
    // 2 km of road at 25 km/h, half an hour of set-up, eleven of work: 8 hours, then 3.58.
    assertThat(p.segments())
        .extracting(WorkPlan.Segment::day, s -> Math.round(s.hours() * 100) / 100.0)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(0, 8.0),
            org.assertj.core.groups.Tuple.tuple(1, 3.58));
    assertThat(plan.value()).isCloseTo(900 - 20 - 2, within(1e-9));
  }

  @Test
  void twoMachinesShareOnePersonsDay() {
    WorkPlan plan =
        plan(
            problem(
                List.of(person("Ada", 8)),
                List.of(machine("drill", 10, 0), machine("roller", 10, 0)),
                job("a", null, option(0, 6, 0, 0, 900)),
                job("b", null, option(1, 6, 0, 0, 500))),
            200);
    assertThat(plan.placed()).singleElement().extracting(Placed::job).isEqualTo(0);
    assertThat(plan.left().get(0).why()).isEqualTo(Why.CROWDED);
  }

  @Test
  void whatFollowsWaitsAndIsNotLate() {
    WorkPlan plan =
        plan(
            problem(
                List.of(person("Ada", 10), person("Bo", 10)),
                List.of(machine("roller", 10, 0), machine("planter", 10, 1)),
                job("roll", null, option(0, 5, 6, 12, 300)),
                job("plant", new After(0, 1, 4), option(1, 5, 0, 19, 900))),
            400);
    Placed roll = plan.of(0);
    Placed plant = plan.of(1);
    assertThat(plant.start() - roll.finish()).isBetween(1, 4);
    assertThat(roll.start()).isEqualTo(6);
  }

  /**
   * The sprayer is away until the lag is over: a job of one day, so only its beginning can tell.
   */
  @ParameterizedTest
  @ValueSource(ints = {3, 4, 9})
  void whatFollowsIsNotBegunWhenItIsTooLate(int sprayerBack) {
    double[] back = each(0);
    Arrays.fill(back, 3 + sprayerBack, DAYS, 10);
    Job spray = job("spray", new After(0, 0, 3), option(1, 5, 0, 19, 300));
    // Planting pays less each day: it goes on day 3, the first it may.
    WorkPlan plan =
        plan(
            problem(
                List.of(person("Ada", 10), person("Bo", 10)),
                List.of(
                    machine("planter", 10, 0),
                    new Machine("sprayer", "sprayer", back, Set.of(1), 0.5, 25)),
                job("plant", null, option(0, 5, 3, 3, 900)),
                spray),
            300);
    assertThat(plan.of(0).finish()).isEqualTo(3);
    if (sprayerBack <= 3) {
      assertThat(plan.of(1).finish()).isEqualTo(6);
    } else {
      assertThat(plan.of(1)).isNull();
    }
  }

  @Test
  void theCheckerSeesWhatComesTooEarlyOrTooLateAfterWhatComesBefore() {
    WorkProblem problem =
        problem(
            List.of(person("Ada", 10), person("Bo", 10)),
            List.of(machine("roller", 10, 0), machine("planter", 10, 1)),
            job("roll", null, option(0, 5, 6, 6, 300)),
            job("plant", new After(0, 1, 4), option(1, 5, 0, 19, 900)));
    WorkPlan sound = plan(problem, 300);
    Placed roll = sound.of(0);
    Placed plant = sound.of(1);
    for (int day = 5; day < 14; day++) {
      int on = day;
      Placed moved =
          new Placed(
              plant.job(),
              plant.option(),
              plant.machine(),
              on,
              on,
              plant.roadH(),
              plant.value(),
              plant.segments().stream()
                  .map(s -> new WorkPlan.Segment(on, s.person(), s.hours()))
                  .toList());
      WorkPlan tried = new WorkPlan(List.of(roll, moved), List.of(), sound.value(), sound.roadKm());
      boolean fits = on >= 7 && on <= 10;
      assertThat(
              PlanCheck.of(problem, tried).broken().stream()
                  .anyMatch(b -> b.contains("right days after")))
          .as("planted on day " + on)
          .isEqualTo(!fits);
    }
  }

  @Test
  void onlyTheWaysThatMustWaitForWhatComesBefore() {
    // The combine is there from day 10 on; the drill waits for it, what flies does not.
    double[] late = each(0);
    Arrays.fill(late, 10, DAYS, 10);
    Machine combine = new Machine("combine", "combine", late, Set.of(0), 0.5, 25);
    Option drill = option(1, 3, 0, 19, 900);
    double[] poor = new double[DAYS];
    Arrays.fill(poor, 400);
    Option drone = new Option(2, "drone", 3, 0, 19, poor, true);
    List<Person> crew = List.of(person("Ada", 10), person("Bo", 10));
    Job harvest = job("harvest", null, option(0, 5, 0, 19, 2000));
    WorkPlan both =
        plan(
            problem(
                crew,
                List.of(combine, machine("drill", 10, 1), machine("drone", 10, 1)),
                harvest,
                job("seed", new After(0, 0, 40), drill, drone)),
            500);
    assertThat(both.of(1).machine()).as("drilled behind the combine").isEqualTo(1);
    assertThat(both.of(1).start()).isEqualTo(10);
    WorkPlan flown =
        plan(
            problem(
                crew,
                List.of(machine("combine", 0, 0), machine("drill", 10, 1), machine("drone", 10, 1)),
                harvest,
                job("seed", new After(0, 0, 40), drill, drone)),
            500);
    assertThat(flown.of(0)).isNull();
    assertThat(flown.of(1).machine()).as("flown without it").isEqualTo(2);
  }

  @Test
  void everyJobLeftOutSaysWhy() {
    WorkPlan plan =
        plan(
            problem(
                List.of(person("Ada", 10), person("away", 0)),
                List.of(machine("drill", 10, 0), machine("roller", 10, 1)),
                job("none", null),
                job("nobody", null, option(1, 5, 0, 19, 500)),
                job("past", null, option(0, 5, -9, -2, 500)),
                job("after", new After(2, 0, 9), option(0, 5, 0, 19, 500)),
                job("dear", null, option(0, 5, 0, 19, -50))),
            200);
    assertThat(plan.placed()).isEmpty();
    assertThat(plan.left())
        .extracting(WorkPlan.Left::why)
        .containsExactly(Why.NO_MACHINE, Why.NOBODY, Why.NO_TIME, Why.NOT_BEFORE, Why.NOT_WORTH);
  }

  private static Job pinned(String name, Pin pin, Option... options) {
    return new Job(name, name, 1, 1, List.of(options), null, null, pin);
  }

  @Test
  void pinsAreObeyedAndThoseThatContradictLeaveTheRestAlone() {
    Option drill = option(0, 4, 0, 19, 900);
    Option spreader = option(1, 4, 0, 19, 2000);
    WorkPlan plan =
        plan(
            problem(
                List.of(person("Ada", 10)),
                List.of(machine("drill", 10, 0), machine("spreader", 10, 0)),
                pinned("day", new Pin(7, Set.of(), Set.of()), drill, spreader),
                pinned("machine", new Pin(-1, Set.of(0), Set.of()), drill, spreader),
                pinned("never", new Pin(-1, Set.of(), Set.of(1)), drill, spreader),
                pinned("both", new Pin(-1, Set.of(1), Set.of(1)), drill, spreader),
                pinned("late", new Pin(15, Set.of(), Set.of()), option(0, 4, 0, 9, 900)),
                job("free", null, drill, spreader)),
            2000);
    assertThat(plan.placed())
        .extracting(Placed::job, Placed::machine)
        .contains(tuple(0, 1), tuple(1, 0), tuple(2, 0), tuple(5, 1));
    assertThat(plan.placed()).filteredOn(p -> p.job() == 0).extracting(Placed::start).contains(7);
    assertThat(plan.left())
        .extracting(WorkPlan.Left::job, WorkPlan.Left::why)
        .containsExactly(tuple(3, Why.PINS), tuple(4, Why.PINS));
  }

  @Test
  void aPinIsKeptEvenWhereItCostsMoreThanTheJobBrings() {
    // Two jobs pinned to one day, a third worth far more that wants the same hours.
    Job dear = job("dear", null, option(0, 7, 3, 3, 90_000));
    Job a = pinned("a", new Pin(3, Set.of(), Set.of()), option(0, 3, 0, 19, 500));
    Job b = pinned("b", new Pin(3, Set.of(), Set.of()), option(0, 3, 0, 19, 500));
    WorkPlan plan =
        plan(problem(List.of(person("Ada", 8)), List.of(machine("drill", 8, 0)), dear, a, b), 2000);
    assertThat(plan.placed()).extracting(Placed::job).containsExactlyInAnyOrder(1, 2);
    assertThat(plan.left()).extracting(WorkPlan.Left::why).containsExactly(Why.CROWDED);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void onMadeUpFarmsNoRuleIsBrokenAndTheHandIsBeaten(long seed) {
    WorkProblem farm = MadeUpWork.farm(seed, 40);
    WorkPlan byHand = Greedy.earliestDueFirst(farm);
    assertThat(PlanCheck.of(farm, byHand).broken()).isEmpty();
    WorkPlan plan = plan(farm, 400);
    assertThat(plan.value()).isGreaterThan(byHand.value());
    double bound = Bound.of(farm, 150);
    assertThat(plan.value()).isBetween(0.8 * bound, bound + 1e-6);
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void aChangeWalkedFromTheDayItTouchesIsTheWholeWalk(boolean chained) {
    WorkProblem farm = MadeUpWork.farm(12, 50);
    Flat flat = new Flat(chained ? chained(farm) : farm);
    Moves moves = new Moves(flat, new java.util.SplittableRandom(3));
    Lists now = Greedy.mostForItsHours(flat);
    Lists changed = new Lists(flat.machines, flat.jobs);
    Walk walk = new Walk(flat);
    walk.run(now);
    Walk part = new Walk(flat);
    Walk whole = new Walk(flat);
    int alike = 0;
    for (int i = 0; i < 3000; i++) {
      changed.copyFrom(now);
      int from = moves.change(changed, walk);
      if (from < 0) {
        continue;
      }
      part.run(changed, now, walk, alike, from);
      whole.run(changed);
      assertThat(part.start).isEqualTo(whole.start);
      assertThat(part.finish).isEqualTo(whole.finish);
      assertThat(part.value(changed)).isCloseTo(whole.value(changed), within(1e-9));
      alike = from;
      if (i % 3 > 0) {
        now.copyFrom(changed);
        Walk swapped = walk;
        walk = part;
        part = swapped;
      }
    }
  }

  /** Every third job waits for the one before it. */
  /** Every second way need not wait. */
  private static List<Option> freed(List<Option> options) {
    List<Option> all = new ArrayList<>();
    for (Option o : options) {
      boolean free = all.size() % 2 == 1;
      all.add(new Option(o.machine(), o.label(), o.hours(), o.first(), o.last(), o.value(), free));
    }
    return all;
  }

  private static WorkProblem chained(WorkProblem farm) {
    List<Job> jobs = new ArrayList<>(farm.jobs());
    for (int j = 2; j < jobs.size(); j += 3) {
      Job o = jobs.get(j);
      jobs.set(
          j,
          new Job(
              o.id(),
              o.name(),
              o.xKm(),
              o.yKm(),
              freed(o.options()),
              new After(j - 1, 0, 30),
              null,
              null));
    }
    return new WorkProblem(
        farm.start(), farm.days(), farm.people(), farm.machines(), jobs, farm.usdPerKm(), 0);
  }

  @Test
  void aCheckerSeesWhatIsWrong() {
    WorkProblem farm = MadeUpWork.farm(9, 20);
    WorkPlan sound = plan(farm, 100);
    Placed first = sound.placed().get(0);
    List<Placed> doubled = new ArrayList<>(sound.placed());
    doubled.add(first);
    assertThat(PlanCheck.of(farm, new WorkPlan(doubled, sound.left(), 0, 0)).broken().toString())
        .contains("done twice");
    List<Placed> shorter = new ArrayList<>(sound.placed());
    shorter.set(
        0,
        new Placed(
            first.job(),
            first.option(),
            first.machine(),
            first.start(),
            first.finish(),
            first.roadH(),
            first.value(),
            first.segments().subList(0, 0)));
    assertThat(PlanCheck.of(farm, new WorkPlan(shorter, sound.left(), 0, 0)).broken().toString())
        .contains("0.000 h are worked");
  }

  @Test
  void aKeptPlanMovesLittleWhenADayRainsOut() {
    WorkProblem farm = MadeUpWork.farm(3, 60);
    WorkPlan kept = plan(farm, 600);
    WorkProblem rained = MadeUpWork.rained(farm, kept, 4, 50);
    WorkPlan again = plan(rained, 300);
    long moved =
        again.placed().stream()
            .filter(
                p -> {
                  Kept before = rained.jobs().get(p.job()).kept();
                  return before != null && before.machine() != p.machine();
                })
            .count();
    assertThat(moved).isLessThanOrEqualTo(kept.placed().size() / 10);
    for (Placed p : again.placed()) {
      Kept before = rained.jobs().get(p.job()).kept();
      if (before != null && before.begun()) {
        assertThat(p.machine()).isEqualTo(before.machine());
      }
    }
  }

  @Test
  void whatCannotBeIsRefusedWithItsPlace() {
    assertThatThrownBy(
            () ->
                problem(
                    List.of(),
                    List.of(new Machine("m", "drill", each(10), Set.of(), 0, 0)),
                    job("a", null, option(0, 5, 0, 19, 1))))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.where()).isEqualTo("machines[0].roadKmh"));
    assertThatThrownBy(
            () ->
                problem(
                    List.of(),
                    List.of(machine("drill", 10)),
                    job("a", null, option(0, 0, 0, 19, 1))))
        .hasMessageContaining("takes some hours");
  }
}
