package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.standing.Deed;
import org.junit.jupiter.api.Test;

/** Two covers of one season on one field: rye that is rolled, a summer cover drilled into it. */
class CoverBehindCoverWorkTest {
  private static final LocalDate SEED = LocalDate.of(2027, 5, 20);

  private static WorkFarm farm() {
    return new WorkFarm()
        .from(LocalDate.of(2027, 4, 1), 100)
        .with(Shed.of(MachineWork.ROLL), Shed.of(MachineWork.PLANT), Shed.seeder(Seedings.DRILL))
        .worker("Ann", Set.of("roll", "plant", Seedings.DRILL.key()));
  }

  private static WorkFarm.Known open() {
    WorkFarm.Known k = new WorkFarm.Known();
    k.crop = new CashCrop.None();
    k.cropKey = "none";
    k.logged.put(Deed.SEEDING, LocalDate.of(2026, 10, 1));
    return k;
  }

  private static int job(FarmWork work, WorkField f, JobKind kind) {
    return work.job(f.id(), kind.on(f.link()));
  }

  @Test
  void theSecondIsSeededBehindTheEndingOfTheFirst() {
    WorkFarm farm = farm();
    WorkField rye = farm.rye("North", Seedings.DRILL, Endings.ROLL_PLANT, open());
    WorkField summer = farm.behind(rye, Seedings.DRILL, Endings.WINTER, SEED);
    FarmWork work = farm.work();

    int end = job(work, rye, JobKind.END);
    int seed = job(work, summer, JobKind.SEED);
    assertThat(end).isNotNegative();
    assertThat(seed).isNotNegative().isNotEqualTo(end);
    WorkProblem.After after = work.problem().jobs().get(seed).after();
    assertThat(after).isNotNull();
    assertThat(after.job()).isEqualTo(end);
    assertThat(after.least()).isZero();
    assertThat(job(work, rye, JobKind.SEED)).as("rye is in the ground").isNegative();
    assertThat(work.jobs().get(seed).kind()).isEqualTo(JobKind.SEED);
    assertThat(work.job(rye.id(), "seed")).as("its name says which cover").isNegative();
  }

  @Test
  void aFirstCoverThatIsOverHoldsNobodyUp() {
    WorkFarm farm = farm();
    WorkFarm.Known k = open();
    k.logged.put(Deed.ENDING, LocalDate.of(2027, 3, 28));
    WorkField rye = farm.rye("North", Seedings.DRILL, Endings.ROLL_PLANT, k);
    WorkField summer = farm.behind(rye, Seedings.DRILL, Endings.WINTER, SEED);
    FarmWork work = farm.work();
    assertThat(job(work, rye, JobKind.END)).isNegative();
    assertThat(work.problem().jobs().get(job(work, summer, JobKind.SEED)).after()).isNull();
  }

  @Test
  void whatIsKeptOfTheOneIsNotOfTheOther() {
    WorkFarm farm = farm();
    WorkField rye = farm.rye("North", Seedings.DRILL, Endings.ROLL_PLANT, open());
    WorkField summer = farm.behind(rye, Seedings.DRILL, Endings.WINTER, SEED);
    KeptJob done = new KeptJob("x", Shed.id("roll"), SEED, 1);
    farm.kept.put(FarmWork.key(rye.id(), JobKind.SEED.on(null)), done);
    assertThat(job(farm.work(), summer, JobKind.SEED)).isNotNegative();
    farm.kept.put(FarmWork.key(rye.id(), JobKind.SEED.on(summer.link())), done);
    assertThat(job(farm.work(), summer, JobKind.SEED)).as("done").isNegative();
  }

  @Test
  void oneFieldIsLookedAtOnceAlthoughItHasTwoCovers() {
    WorkFarm farm = farm();
    WorkField rye = farm.rye("North", Seedings.DRILL, Endings.ROLL_PLANT, open());
    farm.behind(rye, Seedings.DRILL, Endings.WINTER, SEED);
    farm.looks.add(new Look(rye.id(), "slugs", SEED.minusDays(9), SEED, "look for slugs"));
    List<FieldJob> looks =
        farm.work().jobs().stream().filter(j -> j.kind() == JobKind.LOOK).toList();
    assertThat(looks).hasSize(1);
  }

  @Test
  void namesOfJobsSayWhichCover() {
    var id = Shed.id("a cover");
    assertThat(JobKind.SEED.on(null)).isEqualTo("seed");
    assertThat(JobKind.SEED.on(id)).isEqualTo("seed:" + id);
    assertThat(JobKind.of("end:" + id)).isEqualTo(JobKind.END);
    assertThat(JobKind.link("end:" + id)).isEqualTo(id);
    assertThat(JobKind.link("end")).isNull();
    assertThat(JobKind.link("look:slugs")).isNull();
    assertThat(JobKind.about("end:" + id)).isEmpty();
    assertThatThrownBy(() -> JobKind.of("seed:x")).hasMessageContaining("no kind of job");
  }
}
