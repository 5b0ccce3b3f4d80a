package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.machine.Presence;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.work.SeedingQueues.Waiting;
import org.junit.jupiter.api.Test;

/** By when a seeding machine must come, with its hours worked by the machine itself. */
class SeedingQueuesTest {
  private static final LocalDate TENTH = LocalDate.of(2026, 10, 10);
  private static final List<CoverComponent> RYE = List.of(Farm.seed("cereal_rye", 70));
  private static final Machine DRILL = Shed.seeder(Seedings.DRILL);

  private static Waiting waiting(String name, SeedingMethod method, double areaHa, LocalDate on) {
    return new Waiting(Shed.id(name), method, areaHa, RYE, on);
  }

  private static Machine machine(String name, Presence presence, SeedingMethod... methods) {
    return new Machine(
        Shed.id(name),
        name,
        Set.of(MachineWork.SEED),
        List.of(methods),
        Shed.DRIVE,
        Shed.BOX,
        presence,
        DRILL.price(),
        DRILL.setUpH(),
        DRILL.changeH());
  }

  private static Map<UUID, NextStep.ComeBy> comeBy(List<Machine> machines, Waiting... fields) {
    return SeedingQueues.comeBy(machines, List.of(fields));
  }

  @Test
  void hoursAreThoseOfTheMachineAndItsSetUp() {
    ClosingQueue queue =
        SeedingQueues.queue(List.of(DRILL), List.of(waiting("a", Seedings.DRILL, 40, TENTH)));
    assertThat(queue.hours()).isCloseTo(DRILL.seedingHours(40, RYE) + 0.4, within(1e-9));
    assertThat(queue.days()).isCloseTo(queue.hours() / 10, within(1e-9));
    // 40 ha are some 9 hours: one day. 60 ha are more than ten: two.
    assertThat(by(List.of(DRILL), 40)).isEqualTo(TENTH);
    assertThat(by(List.of(DRILL), 60)).isEqualTo(TENTH.minusDays(1));
  }

  private static LocalDate by(List<Machine> machines, double areaHa) {
    return comeBy(machines, waiting("a", Seedings.DRILL, areaHa, TENTH)).get(Shed.id("a")).by();
  }

  @Test
  void twoMachinesDoTwiceTheHoursAndOneThatIsAwayDoesNone() {
    Machine other = machine("other", Presence.ALWAYS, Seedings.DRILL);
    assertThat(by(List.of(DRILL, other), 60)).isEqualTo(TENTH);
    Presence until =
        new Presence(
            Presence.ALWAYS.weekdays(),
            Set.of(),
            new Presence.Out(TENTH.minusDays(3), TENTH.plusDays(9)));
    assertThat(by(List.of(machine("out", until, Seedings.DRILL)), 40))
        .isEqualTo(TENTH.minusDays(4));
  }

  @Test
  void waysThatOneMachineDoesShareItsQueue() {
    Machine both = machine("both", Presence.ALWAYS, Seedings.DRILL, Seedings.BROADCAST);
    Map<UUID, NextStep.ComeBy> by =
        comeBy(
            List.of(both),
            waiting("a", Seedings.DRILL, 40, TENTH),
            waiting("b", Seedings.BROADCAST, 40, TENTH));
    assertThat(by.values()).extracting(NextStep.ComeBy::by).contains(TENTH.minusDays(1));
    assertThat(by.get(Shed.id("a")).hours()).isEqualTo(by.get(Shed.id("b")).hours());
    assertThat(by.get(Shed.id("a")).machine()).isEqualTo("both");
    Map<UUID, NextStep.ComeBy> apart =
        comeBy(
            List.of(DRILL, machine("spinner", Presence.ALWAYS, Seedings.BROADCAST)),
            waiting("a", Seedings.DRILL, 40, TENTH),
            waiting("b", Seedings.BROADCAST, 40, TENTH));
    assertThat(apart.values()).extracting(NextStep.ComeBy::by).containsOnly(TENTH);
  }

  @Test
  void whatNobodyCanSeedAndWhatTheCombineSeedsIsLeftOut() {
    Machine head = machine("head", Presence.ALWAYS, Seedings.COMBINE_HEAD);
    assertThat(
            comeBy(
                List.of(DRILL, head),
                waiting("a", Seedings.DRONE, 40, TENTH),
                waiting("b", Seedings.COMBINE_HEAD, 40, TENTH)))
        .isEmpty();
  }
}
