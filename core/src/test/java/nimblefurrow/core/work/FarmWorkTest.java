package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.ending.TriedEnding;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.machine.Presence;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.outlook.HarvestLoss;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.TriedSeeding;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Registry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Jobs out of plans, with hours and money worked by hand. */
class FarmWorkTest {
  static final LocalDate APRIL = LocalDate.of(2027, 4, 1);

  static WorkFarm.Known seeded() {
    WorkFarm.Known k = new WorkFarm.Known();
    k.logged.put(Deed.HARVEST, LocalDate.of(2026, 9, 20));
    k.logged.put(Deed.SEEDING, LocalDate.of(2026, 10, 1));
    return k;
  }

  static WorkFarm autumn() {
    return new WorkFarm()
        .with(Shed.of(MachineWork.HARVEST), Shed.seeder(Seedings.DRILL))
        .worker("Ann", Set.of("harvest", "drill"));
  }

  static WorkFarm spring() {
    return new WorkFarm()
        .from(APRIL, 100)
        .with(
            Shed.of(MachineWork.ROLL),
            Shed.of(MachineWork.SPRAY),
            Shed.of(MachineWork.PLANT),
            Shed.of(MachineWork.MOW),
            Shed.of(MachineWork.TILL))
        .worker("Ann", Set.of("roll", "spray", "plant", "mow", "till"));
  }

  static Option only(FieldJob job) {
    assertThat(job.alternatives()).hasSize(1);
    return job.alternatives().get(0).option();
  }

  static WorkProblem.Job asked(FarmWork w, WorkField f, String kind) {
    return w.problem().jobs().get(w.job(f.id(), kind));
  }

  @Test
  void aHarvestTakesItsAreaAndLosesByItsCurve() {
    WorkFarm farm = autumn();
    WorkField f = farm.bare("Long Acre", new WorkFarm.Known());
    FarmWork work = farm.work();
    Option cut = only(WorkFarm.job(work, f, "harvest"));
    assertThat(cut.hours()).as("10 ha at 5 an hour").isEqualTo(2);
    assertThat(cut.first()).isEqualTo(farm.span.index(f.clear()));
    assertThat(cut.last()).isEqualTo(cut.first() + 35);
    HarvestLoss loss = HarvestLoss.of("soybean");
    assertThat(cut.value()[cut.first()]).isEqualTo(10 * loss.usdPerHa());
    assertThat(cut.value()[cut.first() + 20]).isEqualTo(10 * loss.usdPerHa() * loss.left(20));
    assertThat(cut.label()).isEqualTo("combine");
    assertThat(asked(work, f, "harvest").kit()).isEqualTo("soybean");
    assertThat(work.anyway()).isEqualTo(cut.value()[cut.last()]);
    assertThat(work.anyway(work.job(f.id(), "harvest"))).isEqualTo(work.anyway());
  }

  @Test
  void silageIsChoppedAndSmallRestsTakeAQuarterHour() {
    WorkFarm farm = autumn().with(Shed.of(MachineWork.CHOP));
    WorkFarm.Known k = new WorkFarm.Known();
    k.crop = new CashCrop.Corn(LocalDate.of(2026, 5, 8), 108, null, true, 20);
    k.cropKey = "silageCorn";
    k.said.put(Deed.HARVEST, new FieldStanding.Said(LocalDate.of(2026, 8, 30), 0.98));
    WorkField f = farm.bare("Silo", k);
    Option cut = only(WorkFarm.job(farm.work(), f, "harvest"));
    assertThat(cut.label()).isEqualTo("chop");
    assertThat(farm.machines.get(cut.machine()).name()).isEqualTo("chop");
    assertThat(cut.hours()).isEqualTo(0.25);
  }

  @Test
  void whatIsDoneNotOursOrWithoutACropIsNotHarvested() {
    WorkFarm farm = autumn();
    WorkFarm.Known theirs = new WorkFarm.Known();
    theirs.ours = false;
    WorkFarm.Known none = new WorkFarm.Known();
    none.crop = new CashCrop.None();
    none.cropKey = "none";
    List<WorkField> all =
        List.of(
            farm.bare("Done", seeded()), farm.bare("Theirs", theirs), farm.bare("Fallow", none));
    FarmWork work = farm.work();
    assertThat(all).allMatch(f -> work.job(f.id(), "harvest") == -1);
  }

  @Test
  void seedBehindTheCombineWaitsForItAndFlownSeedDoesNot() {
    WorkFarm farm = autumn().with(Shed.seeder(Seedings.DRONE));
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.SPRAY_EARLY, new WorkFarm.Known());
    FarmWork work = farm.work();
    WorkProblem.Job seed = asked(work, f, "seed");
    assertThat(seed.after().job()).isEqualTo(work.job(f.id(), "harvest"));
    assertThat(seed.kit()).isEqualTo("conventional");
    List<FieldJob.Alternative> ways = WorkFarm.job(work, f, "seed").alternatives();
    assertThat(ways).extracting(FieldJob.Alternative::key).containsExactly("drill", "drone");
    Option drill = ways.get(0).option();
    assertThat(drill.free()).isFalse();
    assertThat(ways.get(1).option().free()).isTrue();
    Machine machine = Shed.seeder(Seedings.DRILL);
    double hours = machine.seedingHours(10, List.of(Farm.seed("cereal_rye", 70)));
    assertThat(drill.hours()).isEqualTo(hours);
    assertThat(drill.value()[drill.last()])
        .as("half of a 400 dollar goal on 10 ha, less the hours")
        .isCloseTo(10 * 400 * 0.5 - 60 * hours, within(1e-9));
    double seedUsd = 70 * Farm.species("cereal_rye").seedUsdPerKg();
    double more =
        Farm.species("cereal_rye").seed().surface().typical()
            / Farm.species("cereal_rye").seed().drilled().typical();
    Option drone = ways.get(1).option();
    assertThat(drone.value()[drone.last()])
        .as("spread seed costs more seed")
        .isCloseTo(10 * 400 * 0.5 - 60 * drone.hours() - 10 * seedUsd * (more - 1), within(1e-6));
  }

  @Test
  void aHeadSeederIsOneJobWithItsHarvest() {
    WorkFarm farm = autumn().with(Shed.seeder(Seedings.COMBINE_HEAD));
    WorkField f =
        farm.rye("Creek", Seedings.COMBINE_HEAD, Endings.SPRAY_EARLY, new WorkFarm.Known());
    FarmWork work = farm.work();
    assertThat(work.job(f.id(), "seed")).isEqualTo(-1);
    List<FieldJob.Alternative> ways = WorkFarm.job(work, f, "harvest").alternatives();
    assertThat(ways)
        .extracting(FieldJob.Alternative::key)
        .containsExactly("combineHead", "harvest");
    int first = ways.get(0).option().first();
    assertThat(ways.get(0).option().value()[first])
        .isEqualTo(ways.get(1).option().value()[first] + 10 * 400 * 0.5);
    farm.machines.remove(2);
    FarmWork without = farm.work();
    assertThat(WorkFarm.job(without, f, "harvest").alternatives()).hasSize(1);
    assertThat(without.job(f.id(), "seed")).as("then it is seeded another way").isNotNegative();
  }

  @Test
  void whatCannotBeSeededAnyMoreSaysWhy() {
    WorkFarm early = new WorkFarm().worker("Ann", Set.of());
    WorkField f = early.rye("Bare", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    assertThat(WorkFarm.job(early.work(), f, "seed").gone())
        .isEqualTo("no machine in the shed does it: drill after harvest");
    WorkFarm.Known wheat = new WorkFarm.Known();
    wheat.crop = Farm.WHEAT;
    wheat.cropKey = "smallGrain";
    WorkField none = early.rye("Wheat", Seedings.DRONE, Endings.WINTER, wheat);
    assertThat(WorkFarm.job(early.work(), none, "seed").gone())
        .isEqualTo("drone has no window on Wheat");
  }

  @Test
  void looksAreWalkedOnceEachByWhoeverWalks() {
    WorkFarm farm = spring();
    WorkField f = farm.bare("Bare", seeded());
    farm.looks.add(new Look(f.id(), "slugs", APRIL.plusDays(3), APRIL.plusDays(9), "see slugs"));
    farm.looks.add(new Look(f.id(), "slugs", APRIL.plusDays(4), APRIL.plusDays(9), "again"));
    farm.looks.add(new Look(f.id(), "weeds", APRIL.plusDays(100), APRIL.plusDays(120), "far"));
    FarmWork work = farm.work();
    Option look = only(WorkFarm.job(work, f, "look:slugs"));
    assertThat(look.hours()).isEqualTo(0.5);
    assertThat(look.first()).isEqualTo(3);
    assertThat(look.last()).isEqualTo(9);
    assertThat(work.doers().get(look.machine()).name()).isEqualTo("Ann on foot");
    assertThat(work.job(f.id(), "look:weeds")).isEqualTo(-1);
    assertThat(JobKind.of("look:slugs")).isEqualTo(JobKind.LOOK);
    assertThat(JobKind.about("look:slugs")).isEqualTo("slugs");
    assertThat(JobKind.of("harvest")).isEqualTo(JobKind.HARVEST);
    assertThat(JobKind.about("harvest")).isEmpty();
    for (JobKind kind : JobKind.values()) {
      assertThat(kind).hasToString(kind.key());
    }
    assertThat(JobKind.SECOND.deed()).as("a second pass is no deed of the season").isEmpty();
    assertThat(JobKind.END.deed()).contains(Deed.ENDING);
    assertThatThrownBy(() -> JobKind.of("look")).hasMessageContaining("no kind of job");
    assertThatThrownBy(() -> JobKind.of("plough")).hasMessageContaining("plough");
  }

  @Test
  void keptJobsComeFirstInTheirWayWithTheRestOfTheirHours() {
    WorkFarm farm = autumn().with(Shed.seeder(Seedings.DRONE));
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    double whole = WorkFarm.job(farm.work(), f, "seed").alternatives().get(1).option().hours();
    farm.kept.put(
        FarmWork.key(f.id(), "seed"),
        new KeptJob("drone", Shed.id("drone"), farm.span.day(20), 0.75));
    FarmWork work = farm.work();
    FieldJob.Alternative first = WorkFarm.job(work, f, "seed").alternatives().get(0);
    assertThat(first.key()).isEqualTo("drone");
    assertThat(first.option().hours()).isCloseTo(whole / 4, within(1e-9));
    WorkProblem.Kept kept = asked(work, f, "seed").kept();
    assertThat(kept).isEqualTo(new WorkProblem.Kept(2, 20, true));
    farm.kept.put(
        FarmWork.key(f.id(), "seed"), new KeptJob("drone", Shed.id("drone"), farm.span.day(20), 1));
    assertThat(farm.work().job(f.id(), "seed")).as("done").isEqualTo(-1);
    farm.kept.put(
        FarmWork.key(f.id(), "seed"), new KeptJob("drone", Shed.id("sold"), farm.span.day(20), 0));
    assertThat(asked(farm.work(), f, "seed").kept()).as("its machine is gone").isNull();
  }

  @Test
  void pinsHoldForMachinesThatAreThereAndDaysToCome() {
    WorkFarm farm = autumn().with(Shed.seeder(Seedings.DRONE));
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    String key = FarmWork.key(f.id(), "seed");
    farm.pins.put(
        key,
        new JobPin(farm.span.day(30), Shed.id("drill"), Set.of(Shed.id("drone"), Shed.id("sold"))));
    assertThat(asked(farm.work(), f, "seed").pin())
        .isEqualTo(new WorkProblem.Pin(30, Set.of(1), Set.of(2)));
    farm.pins.put(key, new JobPin(farm.span.day(-9), Shed.id("sold"), Set.of()));
    assertThat(asked(farm.work(), f, "seed").pin())
        .isEqualTo(new WorkProblem.Pin(-1, Set.of(), Set.of()));
  }

  @Test
  void organicSeedGoesIntoACleanBox() {
    WorkFarm farm = autumn();
    WorkFarm.Known k = new WorkFarm.Known();
    k.organic = true;
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, k);
    assertThat(asked(farm.work(), f, "seed").kit()).isEqualTo("organic");
  }

  @Test
  void machinesWorkWhenTheyAreThereAndSomeoneRunsThem() {
    Machine weekdays =
        with(
            Shed.of(MachineWork.ROLL),
            new Presence(Set.of(DayOfWeek.MONDAY), Set.of(), null),
            false);
    Machine called =
        with(
            Shed.of(MachineWork.SPRAY),
            new Presence(Presence.ALWAYS.weekdays(), Set.of(LocalDate.of(2028, 1, 1)), null),
            true);
    WorkFarm farm =
        new WorkFarm()
            .from(APRIL, 14)
            .with(weekdays, called, Shed.of(MachineWork.TILL))
            .worker("Ann", Set.of("roll"));
    farm.bare("Bare", seeded());
    FarmWork work = farm.work();
    List<WorkProblem.Machine> machines = work.problem().machines();
    List<LocalDate> days = new ArrayList<>();
    for (int d = 0; d < 14; d++) {
      if (machines.get(0).hours()[d] > 0) {
        days.add(farm.span.day(d));
      }
    }
    assertThat(days).hasSize(2).allMatch(d -> d.getDayOfWeek() == DayOfWeek.MONDAY);
    assertThat(machines.get(0).runBy()).containsExactly(0);
    assertThat(machines.get(0).setUpH()).isEqualTo(0.4);
    assertThat(machines.get(0).changeH()).isEqualTo(0.75);
    assertThat(machines.get(0).roadKmh()).isEqualTo(25);
    assertThat(machines.get(2).hours()).containsOnly(0);
    assertThat(machines.get(3).roadKmh()).as("on foot by car").isEqualTo(40);
    assertThat(work.notes())
        .containsExactly(
            "spray comes only on days outside this plan; its jobs go to others.",
            "till stands still: nobody on the crew can run it.");
    WorkProblem.Person ann = work.problem().people().get(0);
    for (int d = 0; d < 14; d++) {
      boolean sunday = farm.span.day(d).getDayOfWeek() == DayOfWeek.SUNDAY;
      assertThat(ann.hours()[d]).isEqualTo(sunday ? 0 : 10);
    }
  }

  private static Machine with(Machine m, Presence presence, boolean hired) {
    return new Machine(
        m.id(),
        m.name(),
        m.works(),
        m.methods(),
        m.drive(),
        m.box(),
        presence,
        new Price(60.0, null, hired),
        m.setUpH(),
        m.changeH());
  }

  @Test
  void methodsOfOnesOwnAreLaidOutWithoutAnotherChange() {
    TriedEnding steam = new TriedEnding();
    TriedSeeding cannon = new TriedSeeding();
    try (Registry.Added ending = EndingMethods.add(steam);
        Registry.Added seeding = SeedingMethods.add(cannon)) {
      WorkFarm farm = autumn().with(Shed.seeder(cannon));
      WorkField f = farm.rye("Creek", cannon, Endings.WINTER, new WorkFarm.Known());
      assertThat(WorkFarm.job(farm.work(), f, "seed").alternatives())
          .extracting(FieldJob.Alternative::key)
          .contains("cannon");
      WorkFarm later = spring();
      WorkField g = later.rye("Creek", Seedings.DRILL, steam, seeded());
      FarmWork work = later.work();
      Option end = only(WorkFarm.job(work, g, "end"));
      assertThat(later.machines.get(end.machine()).name()).isEqualTo("mow");
      assertThat(asked(work, g, "plant").after().least()).isEqualTo(5);
    }
  }

  @Test
  void aHarvestThatIsRipeAlreadyBeginsTodayAndOneBeyondThePlanIsLeft() {
    LocalDate clear = new WorkFarm().bare("Any", new WorkFarm.Known()).clear();
    WorkFarm late = autumn().from(clear.plusDays(5), 50);
    WorkField ripe = late.bare("Ripe", notHarvested(clear.plusDays(5)));
    Option cut = only(WorkFarm.job(late.work(), ripe, "harvest"));
    assertThat(cut.first()).isZero();
    assertThat(cut.last()).isEqualTo(35);
    WorkFarm edge = autumn().from(clear.minusDays(9), 10);
    WorkField last = edge.bare("Last", new WorkFarm.Known());
    assertThat(only(WorkFarm.job(edge.work(), last, "harvest")).first()).isEqualTo(9);
    assertThat(only(WorkFarm.job(edge.work(), last, "harvest")).last()).isEqualTo(9);
    WorkFarm early = autumn().from(clear.minusDays(10), 10);
    WorkField beyond = early.bare("Beyond", new WorkFarm.Known());
    assertThat(early.work().job(beyond.id(), "harvest")).isEqualTo(-1);
  }

  /** Said not to be done that day: then it is due on from there. */
  private static WorkFarm.Known notHarvested(LocalDate said) {
    WorkFarm.Known k = new WorkFarm.Known();
    k.said.put(Deed.HARVEST, new FieldStanding.Said(said, 0));
    return k;
  }

  @Test
  void theHeadSeederAddsItsGoalOnEveryDayAndOnlyWhereSeedIsStillDue() {
    WorkFarm farm = autumn().with(Shed.seeder(Seedings.COMBINE_HEAD));
    WorkField f =
        farm.rye("Creek", Seedings.COMBINE_HEAD, Endings.SPRAY_EARLY, new WorkFarm.Known());
    List<FieldJob.Alternative> ways = WorkFarm.job(farm.work(), f, "harvest").alternatives();
    Option both = ways.get(0).option();
    Option bare = ways.get(1).option();
    for (int d = both.first(); d <= both.last(); d++) {
      assertThat(both.value()[d] - bare.value()[d]).isCloseTo(2000, within(1e-6));
    }
    WorkFarm.Known k = new WorkFarm.Known();
    k.logged.put(Deed.SEEDING, LocalDate.of(2026, 8, 30));
    WorkField done = farm.rye("Done", Seedings.COMBINE_HEAD, Endings.SPRAY_EARLY, k);
    FarmWork work = farm.work();
    assertThat(WorkFarm.job(work, done, "harvest").alternatives()).hasSize(1);
    assertThat(work.job(done.id(), "seed")).isEqualTo(-1);
  }

  @Test
  void seedingRunsFromTodayToTheWindowsLastDay() {
    WorkFarm farm = autumn().from(LocalDate.of(2026, 10, 3), 100);
    WorkFarm.Known k = new WorkFarm.Known();
    k.logged.put(Deed.HARVEST, LocalDate.of(2026, 9, 20));
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, k);
    FarmWork work = farm.work();
    Option drill = only(WorkFarm.job(work, f, "seed"));
    assertThat(drill.first()).as("open since September").isZero();
    LocalDate closes =
        new nimblefurrow.core.seeding.WindowFinder(Farm.CLIMATE, f.crop())
            .find(List.of(Farm.species("cereal_rye")), Seedings.DRILL, f.covered().plan().soil())
            .closes()
            .day();
    assertThat(drill.last()).isEqualTo(farm.span.index(closes));
    assertThat(asked(work, f, "seed").after()).as("the crop is off").isNull();
    WorkFarm cut = autumn().from(LocalDate.of(2026, 10, 3), 5);
    WorkField g = cut.rye("Creek", Seedings.DRILL, Endings.WINTER, k);
    assertThat(only(WorkFarm.job(cut.work(), g, "seed")).last()).isEqualTo(4);
    WorkFarm shut = autumn().from(closes, 20);
    WorkField last = shut.rye("Creek", Seedings.DRILL, Endings.WINTER, k);
    assertThat(only(WorkFarm.job(shut.work(), last, "seed")).last()).isZero();
    WorkFarm over = autumn().from(closes.plusDays(1), 20);
    WorkField none = over.rye("Creek", Seedings.DRILL, Endings.WINTER, k);
    assertThat(over.work().job(none.id(), "seed")).as("too late is no work").isNegative();
    // Said today not to be done yet, it is asked after again, and the window has shut meanwhile.
    k.said.put(Deed.SEEDING, new FieldStanding.Said(closes.plusDays(1), 0));
    WorkField asked = over.rye("Meadow", Seedings.DRILL, Endings.WINTER, k);
    FieldJob gone = WorkFarm.job(over.work(), asked, "seed");
    assertThat(gone.alternatives()).isEmpty();
    assertThat(gone.gone()).startsWith("drill after harvest closed on");
  }

  @Test
  void seedThatIsPartlyOutTakesTheRestOfItsHours() {
    WorkFarm farm = autumn().from(LocalDate.of(2026, 10, 3), 100);
    WorkFarm.Known k = new WorkFarm.Known();
    k.logged.put(Deed.HARVEST, LocalDate.of(2026, 9, 20));
    WorkField whole = farm.rye("Whole", Seedings.DRILL, Endings.WINTER, k);
    k.said.put(Deed.SEEDING, new FieldStanding.Said(LocalDate.of(2026, 10, 2), 0.75));
    WorkField part = farm.rye("Part", Seedings.DRILL, Endings.WINTER, k);
    FarmWork work = farm.work();
    assertThat(only(WorkFarm.job(work, part, "seed")).hours())
        .isCloseTo(only(WorkFarm.job(work, whole, "seed")).hours() / 4, within(1e-9));
  }

  @Test
  void withoutItsHarvestInThePlanNothingGoesOutBehindTheCombine() {
    LocalDate clear = new WorkFarm().bare("Any", new WorkFarm.Known()).clear();
    WorkFarm farm = autumn().with(Shed.seeder(Seedings.DRONE)).from(clear.minusDays(20), 20);
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    FarmWork work = farm.work();
    assertThat(work.job(f.id(), "harvest")).isEqualTo(-1);
    assertThat(WorkFarm.job(work, f, "seed").alternatives())
        .extracting(FieldJob.Alternative::key)
        .doesNotContain("drill");
    WorkFarm near = autumn().from(clear.minusDays(19), 20);
    near.machines.remove(0);
    WorkField g = near.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    FarmWork hired = near.work();
    assertThat(hired.job(g.id(), "harvest")).as("no combine of our own").isEqualTo(-1);
    assertThat(WorkFarm.job(hired, g, "seed").alternatives())
        .as("but somebody cuts it on the last day")
        .hasSize(1);
  }

  @ParameterizedTest
  @CsvSource({"94, true", "95, true", "45, true", "44, false", "40, false"})
  void whatLiesInThePlansLastDaysIsLeftToTheNext(int days, boolean there) {
    // The tenth of May is day 39 from the first of April.
    WorkFarm farm = spring().from(APRIL, days);
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, seeded());
    WorkField bare = farm.bare("Bare", seeded());
    FarmWork work = farm.work();
    assertThat(work.job(f.id(), "end") >= 0).isEqualTo(there);
    assertThat(work.job(f.id(), "plant") >= 0).isEqualTo(there);
    assertThat(work.job(bare.id(), "plant") >= 0).isEqualTo(there);
  }

  @Test
  void othersPlantForThemselvesAndWhatIsPlantedIsNotPlantedAgain() {
    WorkFarm farm = spring();
    WorkFarm.Known theirs = seeded();
    theirs.ours = false;
    WorkField f = farm.rye("Theirs", Seedings.DRILL, Endings.ROLL_PLANT, theirs);
    WorkField bare = farm.bare("Bare", theirs);
    WorkFarm.Known planted = seeded();
    planted.logged.put(Deed.PLANTING, LocalDate.of(2027, 4, 28));
    WorkField done = farm.bare("Done", planted);
    FarmWork work = farm.work();
    assertThat(work.job(f.id(), "end")).isNotNegative();
    assertThat(work.job(f.id(), "plant")).isEqualTo(-1);
    assertThat(work.job(bare.id(), "plant")).isEqualTo(-1);
    assertThat(work.job(done.id(), "plant")).isEqualTo(-1);
  }

  @Test
  void plantingOfTheFirstDaysBeginsToday() {
    WorkFarm farm = spring().from(WorkFarm.PLANT, 60);
    WorkField f = farm.bare("Bare", seeded());
    Option plant = only(WorkFarm.job(farm.work(), f, "plant"));
    assertThat(plant.first()).isZero();
    WorkFarm.Known ended = seeded();
    ended.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 10));
    WorkField rolled = farm.rye("Rolled", Seedings.DRILL, Endings.ROLL_PLANT, ended);
    assertThat(only(WorkFarm.job(farm.work(), rolled, "plant")).first()).isZero();
    WorkField sprayed = farm.rye("Sprayed", Seedings.DRILL, Endings.SPRAY_EARLY, ended);
    assertThat(only(WorkFarm.job(farm.work(), sprayed, "plant")).first()).isEqualTo(10);
  }

  @Test
  void keptJobsOfBeforeStandOnTheFirstDay() {
    WorkFarm farm = autumn();
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    String key = FarmWork.key(f.id(), "seed");
    farm.kept.put(key, new KeptJob("drill", Shed.id("drill"), farm.span.day(-3), 0));
    assertThat(asked(farm.work(), f, "seed").kept()).isEqualTo(new WorkProblem.Kept(1, 0, false));
    farm.kept.put(key, new KeptJob("drill", Shed.id("harvest"), farm.span.day(3), 0.999));
    FarmWork work = farm.work();
    assertThat(only(WorkFarm.job(work, f, "seed")).hours()).as("never nothing").isEqualTo(0.05);
    assertThat(asked(work, f, "seed").kept()).isEqualTo(new WorkProblem.Kept(0, 3, true));
    farm.pins.put(key, new JobPin(null, null, Set.of()));
    assertThat(asked(farm.work(), f, "seed").pin())
        .isEqualTo(new WorkProblem.Pin(-1, Set.of(), Set.of()));
    farm.pins.put(key, new JobPin(farm.span.day(0), Shed.id("harvest"), Set.of()));
    assertThat(asked(farm.work(), f, "seed").pin())
        .isEqualTo(new WorkProblem.Pin(0, Set.of(0), Set.of()));
    assertThat(key).startsWith(f.id().toString()).endsWith("seed");
  }

  @Test
  void progressRunsToTheWhole() {
    WorkFarm farm = autumn();
    farm.bare("One", new WorkFarm.Known());
    farm.bare("Two", new WorkFarm.Known());
    List<Double> told = new ArrayList<>();
    FarmWork.of(
        farm.frame(),
        farm.fields,
        farm.people,
        farm.fair(),
        new FarmWork.Standing(farm.kept, farm.pins, farm.looks, farm.own),
        7,
        told::add);
    assertThat(told).containsExactly(0.5, 1.0);
  }
}
