package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.Shed;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Work of one's own beside that of covers, and who is there on which day of the week. */
class OwnJobTest {
  private static final UUID ID = Shed.id("own");

  private static OwnJob job(
      WorkField f,
      OwnWork work,
      LocalDate from,
      int days,
      @Nullable UUID with,
      @Nullable Double hours,
      @Nullable Double worth) {
    return new OwnJob(ID, f.id(), work, "", from, from.plusDays(days), with, hours, worth);
  }

  private static FieldJob laid(WorkFarm farm, WorkField f, OwnJob o) {
    farm.own.clear();
    farm.own.add(o);
    return WorkFarm.job(farm.work(), f, JobKind.own(ID));
  }

  @Test
  void tillageIsTheMachinesWorkBehindTheHarvestAndCountsTheSameAllItsDays() {
    WorkFarm farm = FarmWorkTest.autumn().with(Shed.of(MachineWork.TILL));
    WorkField f = farm.bare("Stubble", new WorkFarm.Known());
    LocalDate from = f.clear().plusDays(2);
    farm.own.add(job(f, OwnWork.TILLAGE, from, 10, null, null, null));
    FarmWork work = farm.work();
    FieldJob till = WorkFarm.job(work, f, JobKind.own(ID));
    Option o = FarmWorkTest.only(till);
    assertThat(till.words()).isEqualTo("till");
    assertThat(till.kind()).isEqualTo(JobKind.OWN);
    assertThat(farm.machines.get(o.machine()).name()).isEqualTo("till");
    assertThat(o.hours()).as("10 ha at 5 an hour").isEqualTo(2);
    assertThat(o.first()).isEqualTo(farm.span.index(from));
    assertThat(o.last()).isEqualTo(o.first() + 10);
    double cost = farm.machines.get(o.machine()).usd(10, 2, 0);
    assertThat(o.value()[o.first()]).isEqualTo(2 * 250 - cost);
    assertThat(o.value()[o.last()]).isEqualTo(o.value()[o.first()]);
    assertThat(o.value()[o.first() - 1]).isZero();
    After after = work.problem().jobs().get(work.job(f.id(), JobKind.own(ID))).after();
    assertThat(after).isEqualTo(new After(work.job(f.id(), "harvest"), 0, 300));
  }

  @Test
  void hayWaitsForNoHarvestAndIsWorthWhatTheFarmSays() {
    WorkFarm farm = FarmWorkTest.autumn().with(Shed.of(MachineWork.MOW));
    WorkField f = farm.bare("Meadow", new WorkFarm.Known());
    LocalDate from = farm.span.day(3);
    Option o = FarmWorkTest.only(laid(farm, f, job(f, OwnWork.HAY, from, 4, null, 5.0, 900.0)));
    assertThat(o.hours()).isEqualTo(5);
    double cost = farm.machines.get(o.machine()).usd(10, 5, 0);
    assertThat(o.value()[4]).isEqualTo(900 - cost);
    FarmWork work = farm.work();
    assertThat(work.problem().jobs().get(work.job(f.id(), JobKind.own(ID))).after()).isNull();
  }

  @Test
  void whatNoMachineDoesIsAnyonesOnFootOrOnesWhoIsNamed() {
    WorkFarm farm = FarmWorkTest.autumn().worker("Bo", Set.of());
    WorkField f = farm.bare("Yard", new WorkFarm.Known());
    LocalDate from = farm.span.day(3);
    FieldJob any = laid(farm, f, job(f, OwnWork.OTHER, from, 4, null, 3.0, null));
    assertThat(any.alternatives()).hasSize(2);
    Option bo =
        FarmWorkTest.only(laid(farm, f, job(f, OwnWork.MANURE, from, 4, Shed.id("Bo"), 3.0, null)));
    assertThat(farm.frame().doers().get(bo.machine()).name()).isEqualTo("Bo on foot");
    FieldJob named = laid(farm, f, job(f, OwnWork.OTHER, from, 4, Shed.id("drill"), null, null));
    assertThat(FarmWorkTest.only(named).hours()).as("the drill's width tells").isEqualTo(2);
  }

  @Test
  void whatIsOverOrBeyondThePlanSaysSo() {
    WorkFarm farm = FarmWorkTest.autumn().with(Shed.of(MachineWork.TILL));
    WorkField f = farm.bare("Late", new WorkFarm.Known());
    LocalDate before = farm.span.start().minusDays(20);
    FieldJob over = laid(farm, f, job(f, OwnWork.TILLAGE, before, 19, null, null, null));
    assertThat(over.alternatives()).isEmpty();
    assertThat(over.gone()).contains("its days are over");
    FieldJob today = laid(farm, f, job(f, OwnWork.TILLAGE, before, 20, null, null, null));
    assertThat(FarmWorkTest.only(today).last()).as("the first day is its last").isZero();
    farm.own.clear();
    LocalDate beyond = farm.span.start().plusDays(farm.span.days());
    farm.own.add(job(f, OwnWork.TILLAGE, beyond, 3, null, null, null));
    assertThat(farm.work().job(f.id(), JobKind.own(ID))).isEqualTo(-1);
  }

  @Test
  void whoeverIsGoneLeavesItToOthersAndWhatNothingTellsIsLeftOut() {
    WorkFarm farm = FarmWorkTest.autumn();
    WorkField f = farm.bare("Yard", new WorkFarm.Known());
    LocalDate from = farm.span.day(3);
    UUID gone = Shed.id("sold");
    FieldJob told = laid(farm, f, job(f, OwnWork.MANURE, from, 4, gone, 3.0, null).byAnyone());
    assertThat(told.alternatives()).hasSize(1);
    FieldJob untold = laid(farm, f, job(f, OwnWork.MANURE, from, 4, gone, null, null).byAnyone());
    assertThat(untold.alternatives()).isEmpty();
    assertThat(untold.gone()).contains("nothing tells how long it takes");
    FieldJob hay = laid(farm, f, job(f, OwnWork.HAY, from, 4, null, null, null));
    assertThat(hay.alternatives()).as("no mower").isEmpty();
    assertThat(hay.gone()).as("only a machine is lacking").isNull();
  }

  @Test
  void itsNameIsReadBackAndIsNoCovers() {
    String name = JobKind.own(ID);
    assertThat(JobKind.of(name)).isEqualTo(JobKind.OWN);
    assertThat(JobKind.ownId(name)).contains(ID);
    assertThat(JobKind.ownId("seed")).isEmpty();
    assertThat(JobKind.link(name)).isNull();
    assertThat(JobKind.OWN.ofTheSeason()).isFalse();
    assertThat(JobKind.SEED.ofTheSeason()).isTrue();
    assertThat(OwnWork.MANURE.logKind()).isEqualTo(LogKind.MANURED);
    for (OwnWork w : OwnWork.values()) {
      assertThat(OwnWork.of(w.key())).isEqualTo(w).hasToString(w.key());
    }
    assertThatThrownBy(() -> OwnWork.of("nap")).hasMessageContaining("nap");
  }

  @Test
  void aFieldThatIsDividedDividesItsWorkAndJoinedItIsOneAgain() {
    WorkFarm farm = FarmWorkTest.autumn();
    WorkField f = farm.bare("Whole", new WorkFarm.Known());
    LocalDate day = farm.span.day(3);
    OwnJob whole = job(f, OwnWork.MANURE, day, 5, null, 8.0, 400.0);
    OwnJob top = whole.on(Shed.id("1"), Shed.id("top"), 0.25);
    OwnJob foot = whole.on(Shed.id("2"), Shed.id("foot"), 0.75);
    assertThat(top.hours()).isEqualTo(2);
    assertThat(foot.worthUsd()).isEqualTo(300);
    assertThat(top.fieldId()).isEqualTo(Shed.id("top"));
    assertThat(top.like(foot)).isTrue();
    assertThat(top.like(job(f, OwnWork.MANURE, day, 6, null, 8.0, null))).isFalse();
    assertThat(top.like(job(f, OwnWork.HAY, day, 5, null, 8.0, null))).isFalse();
    OwnJob both = top.and(foot);
    assertThat(both.hours()).isEqualTo(8);
    assertThat(both.worthUsd()).isEqualTo(400);
    OwnJob untold = job(f, OwnWork.MANURE, day, 5, null, null, null).on(ID, f.id(), 0.5);
    assertThat(untold.hours()).isNull();
    assertThat(top.and(untold).hours()).as("the machine's width tells").isNull();
  }

  @Test
  void nonsenseIsRefusedInASentence() {
    WorkFarm farm = FarmWorkTest.autumn();
    WorkField f = farm.bare("No", new WorkFarm.Known());
    LocalDate day = farm.span.day(3);
    refused(() -> job(f, OwnWork.HAY, day, -1, null, 2.0, null), "before the first");
    refused(() -> job(f, OwnWork.HAY, day, 201, null, 2.0, null), "at most 200 days");
    assertThat(job(f, OwnWork.HAY, day, 200, null, 500.0, 0.0).hours()).isEqualTo(500);
    refused(() -> job(f, OwnWork.HAY, day, 2, null, 0.0, null), "hours");
    refused(() -> job(f, OwnWork.HAY, day, 2, null, 501.0, null), "at most 500 hours");
    refused(() -> job(f, OwnWork.HAY, day, 2, null, 2.0, -1.0), "worth");
    OwnJob untold = job(f, OwnWork.OTHER, day, 2, null, null, null);
    refused(() -> untold.told(false), "how many hours");
    OwnJob hay = job(f, OwnWork.HAY, day, 2, null, null, null);
    assertThat(hay.told(false)).isSameAs(hay);
    refused(() -> hay.told(true), "how many hours");
  }

  private static void refused(Runnable what, String why) {
    assertThatThrownBy(what::run).isInstanceOf(Refused.class).hasMessageContaining(why);
  }

  @Test
  void aPartTimerWorksTheirOwnDays() {
    LocalDate monday = LocalDate.of(2026, 10, 5);
    Worker w =
        new Worker(ID, "Bo", Set.of(), List.of(8.0, 8.0, 0.0, 4.5, 0.0, 0.0, 2.0), Set.of(monday));
    assertThat(w.hours(monday)).as("off").isZero();
    assertThat(w.hours(monday.plusDays(1))).isEqualTo(8);
    assertThat(w.hours(monday.plusDays(3))).isEqualTo(4.5);
    assertThat(w.hours(monday.plusDays(6))).isEqualTo(2);
    assertThat(w.week()).isEqualTo("22.5 h a week: 8 h Mon to Tue, 4.5 h Thu, 2 h Sun");
    assertThat(
            new Worker(ID, "Al", Set.of(), List.of(0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0), Set.of())
                .week())
        .isEqualTo("no day of the week");
    refused(() -> new Worker(ID, "Al", Set.of(), List.of(8.0), Set.of()), "seven days");
    refused(
        () -> new Worker(ID, "Al", Set.of(), List.of(8.0, 24.5, 0.0, 0.0, 0.0, 0.0, 0.0), Set.of()),
        "24 hours");
  }
}
