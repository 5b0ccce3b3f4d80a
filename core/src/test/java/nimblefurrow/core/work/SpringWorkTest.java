package nimblefurrow.core.work;

import static nimblefurrow.core.work.FarmWorkTest.asked;
import static nimblefurrow.core.work.FarmWorkTest.only;
import static nimblefurrow.core.work.FarmWorkTest.seeded;
import static nimblefurrow.core.work.FarmWorkTest.spring;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.standing.Deed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Endings, what follows them, and planting: jobs of spring, with days worked by hand. */
class SpringWorkTest {
  @ParameterizedTest
  @CsvSource({
    "sprayEarly, spray, 2.0",
    "rollPlant, roll, 2.0",
    "mow, mow, 2.0",
    "hay, mow, 2.0",
    "till, till, 2.0",
    "rollSpray, roll, 2.0",
    "graze, Ann on foot, 2.0"
  })
  void anEndingIsDoneByItsMachineRoundItsDay(String key, String doer, double hours) {
    WorkFarm farm = spring();
    EndingMethod method = EndingMethod.of(key);
    WorkField f = farm.rye("Creek", Seedings.DRILL, method, seeded());
    FarmWork work = farm.work();
    Option end = only(WorkFarm.job(work, f, "end"));
    assertThat(work.doers().get(end.machine()).name()).isEqualTo(doer);
    assertThat(end.hours()).isEqualTo(hours);
    int planned = farm.span.index(WorkFarm.END);
    assertThat(end.first()).isEqualTo(planned - 10);
    assertThat(end.last()).isEqualTo(planned + 14);
    double cost = doer.endsWith("foot") ? 0 : 60 * hours;
    assertThat(end.value()[planned])
        .isCloseTo(10 * 400 * (JobWorth.ENDED_ANYWAY + 0.5) - cost, within(1e-9));
  }

  @Test
  void winterAndRescuesAreNobodysWork() {
    WorkFarm farm = spring();
    WorkField winter = farm.rye("Winter", Seedings.DRILL, Endings.WINTER, seeded());
    WorkField rescue = farm.rye("Rescue", Seedings.DRILL, Endings.CULTIVATE, seeded());
    FarmWork work = farm.work();
    assertThat(work.job(winter.id(), "end")).isEqualTo(-1);
    assertThat(work.job(rescue.id(), "end")).isEqualTo(-1);
    assertThat(asked(work, winter, "plant").after()).isNull();
  }

  @ParameterizedTest
  @CsvSource({
    // days from ending to planting; those that wait may wait two weeks more for the ground
    "sprayEarly, 10, 35",
    "rollPlant, 0, 1",
    "till, 2, 28",
    "rowZone, 0, 3"
  })
  void plantingWaitsForTheEndingAsItsMethodAsks(String key, int least, int most) {
    WorkFarm farm = spring();
    WorkField f = farm.rye("Creek", Seedings.DRILL, EndingMethod.of(key), seeded());
    FarmWork work = farm.work();
    WorkProblem.Job plant = asked(work, f, "plant");
    assertThat(plant.after())
        .isEqualTo(new WorkProblem.After(work.job(f.id(), "end"), least, most));
  }

  @ParameterizedTest
  @CsvSource({"plantGreenSpray, 0, 3", "plantGreenRoll, 14, 28"})
  void greenIsPlantedFirst(String key, int least, int most) {
    WorkFarm farm = spring();
    WorkField f = farm.rye("Creek", Seedings.DRILL, EndingMethod.of(key), seeded());
    FarmWork work = farm.work();
    assertThat(asked(work, f, "plant").after()).isNull();
    assertThat(asked(work, f, "end").after())
        .isEqualTo(new WorkProblem.After(work.job(f.id(), "plant"), least, most));
  }

  @Test
  void plantingLosesByTheFarmsCurve() {
    WorkFarm farm = spring();
    WorkField f = farm.bare("Bare", seeded());
    Option plant = only(WorkFarm.job(farm.work(), f, "plant"));
    int wish = farm.span.index(WorkFarm.PLANT);
    assertThat(plant.first()).isEqualTo(wish - 7);
    assertThat(plant.last()).isGreaterThanOrEqualTo(wish + 10);
    var curve = farm.frame().rules().late(NextCrop.Kind.SOYBEAN);
    assertThat(plant.value()[plant.last()])
        .isEqualTo(10 * (300 - curve.usdPerHa(farm.span.day(plant.last()))));
    assertThat(plant.label()).isEqualTo("plant soybeans");
  }

  @Test
  void endedCoverHoldsPlantingBackByItsLag() {
    WorkFarm farm = spring();
    WorkFarm.Known k = seeded();
    LocalDate ended = LocalDate.of(2027, 5, 1);
    WorkFarm later = farm.from(LocalDate.of(2027, 5, 3), 90);
    k.logged.put(Deed.ENDING, ended);
    WorkField f = later.rye("Creek", Seedings.DRILL, Endings.SPRAY_EARLY, k);
    FarmWork work = later.work();
    assertThat(work.job(f.id(), "end")).isEqualTo(-1);
    assertThat(only(WorkFarm.job(work, f, "plant")).first())
        .as("ten days after the first of May")
        .isEqualTo(later.span.index(ended.plusDays(10)));
  }

  @Test
  void secondPassesFollowTheFirst() {
    WorkFarm farm = spring();
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_SPRAY, seeded());
    FarmWork work = farm.work();
    WorkProblem.Job second = asked(work, f, "second");
    assertThat(second.after()).isEqualTo(new WorkProblem.After(work.job(f.id(), "end"), 0, 5));
    Option pass = only(WorkFarm.job(work, f, "second"));
    int planned = farm.span.index(WorkFarm.END);
    assertThat(pass.first()).isEqualTo(planned - 10);
    assertThat(pass.last()).isEqualTo(planned + 14 + 4);
    assertThat(pass.value()[planned]).isCloseTo(10 * 400 * 0.3 - 120, within(1e-9));
    assertThat(farm.machines.get(pass.machine()).name()).isEqualTo("spray");
  }

  @Test
  void aSecondPassBehindAnEndingThatIsDoneCountsFromItsDay() {
    WorkFarm farm = spring().from(LocalDate.of(2027, 5, 12), 80);
    WorkFarm.Known k = seeded();
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 10));
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROW_ZONE, k);
    Option pass = only(WorkFarm.job(farm.work(), f, "second"));
    assertThat(pass.first()).isEqualTo(8);
    assertThat(pass.last()).isEqualTo(26);
    WorkFarm late = spring().from(LocalDate.of(2027, 6, 8), 40);
    WorkField gone = late.rye("Creek", Seedings.DRILL, Endings.ROW_ZONE, k);
    assertThat(late.work().job(gone.id(), "second")).isEqualTo(-1);
  }

  /** Counted on 20 May, ten days after the rolling: due within the week, from today on. */
  @Test
  void whatACountFoundAliveIsSprayedWithinTheWeek() {
    WorkFarm farm = spring().from(LocalDate.of(2027, 5, 22), 80);
    WorkFarm.Known k = seeded();
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 10));
    k.killed = new KillSeen(LocalDate.of(2027, 5, 20), 0.8999);
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, k);
    FarmWork work = farm.work();
    Option pass = only(WorkFarm.job(work, f, "second"));
    assertThat(pass.label()).isEqualTo("spray what is still alive");
    assertThat(pass.first()).isZero();
    assertThat(pass.last()).as("27 May").isEqualTo(5);
    assertThat(farm.machines.get(pass.machine()).name()).isEqualTo("spray");
  }

  @ParameterizedTest
  @CsvSource({
    "2027-05-20, 0.90, false, 2027-05-22",
    "2027-05-20, 0.90, true, 2027-05-22",
    "2027-05-09, 0.80, false, 2027-05-22",
    "2027-05-14, 0.80, false, 2027-05-22",
    "2027-05-11, 0.80, true, 2027-05-22",
  })
  void noneWhereEnoughDiedOrItIsOver(
      LocalDate counted, double share, boolean organic, LocalDate today) {
    WorkFarm farm = spring().from(today, 80);
    WorkFarm.Known k = seeded();
    k.organic = organic;
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 10));
    k.killed = new KillSeen(counted, share);
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, k);
    assertThat(farm.work().job(f.id(), "second")).isEqualTo(-1);
  }

  /** On an organic field what ended the cover is done again, or it is cut. */
  @ParameterizedTest
  @CsvSource({
    "rollPlant, roll, roll what stands up again, 8",
    "till, till, till what is still alive, 5",
    "graze, mow, mow what is still alive, 8",
    "mow, mow, mow what is still alive, 8",
  })
  void anOrganicFieldIsNotSprayedASecondTime(String way, String machine, String label, int last) {
    WorkFarm farm = spring().from(LocalDate.of(2027, 5, 22), 80);
    WorkFarm.Known k = seeded();
    k.organic = true;
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 12));
    k.killed = new KillSeen(LocalDate.of(2027, 5, 20), 0.7);
    WorkField f = farm.rye("Creek", Seedings.DRILL, EndingMethod.of(way), k);
    FarmWork work = farm.work();
    Option pass = only(WorkFarm.job(work, f, "second"));
    assertThat(pass.label()).isEqualTo(label);
    assertThat(pass.last()).isEqualTo(last);
    assertThat(work.doers().get(pass.machine()).name()).isEqualTo(machine);
  }

  /** Planted on 15 May: rows close some weeks after, and nothing goes between them any more. */
  @ParameterizedTest
  @CsvSource({
    "2027-06-08, 4, false, spray, rescue: spray the weeds that came through, 2027-06-18",
    "2027-06-08, 4, true, till, rescue: cultivate between the rows, 2027-06-18",
    "2027-06-08, 3.9, true, , ,",
  })
  void weedsThatCameThroughAreRescuedFrom(
      LocalDate rated, double of10, boolean organic, String machine, String label, LocalDate last) {
    WorkFarm farm = spring().from(rated, 80);
    WorkFarm.Known k = seeded();
    k.organic = organic;
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 12));
    k.weeds = new WeedsSeen(rated, of10);
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, k);
    FarmWork work = farm.work();
    if (label == null) {
      assertThat(work.job(f.id(), "second")).isEqualTo(-1);
      return;
    }
    Option pass = only(WorkFarm.job(work, f, "second"));
    assertThat(pass.label()).isEqualTo(label);
    assertThat(work.doers().get(pass.machine()).name()).isEqualTo(machine);
    assertThat(farm.span.day(pass.last())).isEqualTo(last);
  }

  @Test
  void survivorsComeBeforeWeedsAndClosedRowsEndTheRescue() {
    LocalDate plant = LocalDate.of(2027, 5, 15);
    LocalDate closed = EndingMethod.of("cultivate").traits().lag().lastEnd(plant);
    assertThat(SecondPass.rescue(true, closed.minusDays(3), plant).most()).isEqualTo(3);
    assertThat(SecondPass.rescue(true, closed.minusDays(30), plant).most()).isEqualTo(10);
    WorkFarm farm = spring().from(LocalDate.of(2027, 6, 8), 80);
    WorkFarm.Known k = seeded();
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 5, 12));
    k.killed = new KillSeen(LocalDate.of(2027, 6, 7), 0.7);
    k.weeds = new WeedsSeen(LocalDate.of(2027, 6, 7), 8);
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, k);
    assertThat(only(WorkFarm.job(farm.work(), f, "second")).label())
        .isEqualTo("spray what is still alive");
  }

  /** The drum comes within ten days of mid-anthesis, whatever day was meant; a sprayer does not. */
  @Test
  void whatWasSeenRipeIsRolledWhileItIs() {
    LocalDate ripe = LocalDate.of(2027, 5, 28);
    WorkFarm farm = spring().from(ripe.plusDays(1), 60);
    WorkFarm.Known k = seeded();
    k.seen = List.of(new Sighting.Stage(ripe, 0, 1.0));
    WorkField rolled = farm.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, k);
    WorkField sprayed = farm.rye("Ridge", Seedings.DRILL, Endings.PLANT_GREEN_SPRAY, k);
    FarmWork work = farm.work();
    Option roll = only(WorkFarm.job(work, rolled, "end"));
    assertThat(roll.first()).isZero();
    assertThat(roll.last()).as("7 Jun").isEqualTo(9);
    assertThat(only(WorkFarm.job(work, sprayed, "end")).last()).isNotEqualTo(9);
    WorkFarm late = spring().from(ripe.plusDays(11), 60);
    WorkField gone = late.rye("Creek", Seedings.DRILL, Endings.ROLL_PLANT, k);
    assertThat(only(WorkFarm.job(late.work(), gone, "end")).last())
        .as("the day that was meant, when the ripe days are over")
        .isNotEqualTo(-1);
  }
}
