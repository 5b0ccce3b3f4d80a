package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.hours.WindLimit;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.schedule.WorkProblem;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The days of a plan, and their hours. */
class WorkDaysTest {
  private static final LocalDate SEPTEMBER = LocalDate.of(2026, 9, 1);

  @Test
  void aRunningSeasonIsLaidOutFromTodayOn() {
    WorkFarm farm = new WorkFarm();
    farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    LocalDate november = LocalDate.of(2026, 11, 1);
    assertThat(WorkSpan.of(november, 2026, farm.fields)).isEqualTo(new WorkSpan(november, 100));
    LocalDate july = LocalDate.of(2027, 7, 1);
    assertThat(WorkSpan.of(july, 2026, farm.fields)).isEqualTo(new WorkSpan(july, 31));
    assertThatThrownBy(() -> WorkSpan.of(LocalDate.of(2027, 8, 1), 2026, farm.fields))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("2026 is over");
  }

  @Test
  void aSeasonAheadBeginsTwoWeeksBeforeItsFirstWork() {
    WorkFarm farm = new WorkFarm();
    WorkField f = farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    LocalDate clear = f.crop().day(f.crop().harvest().quantile(0.1));
    LocalDate first =
        clear.isBefore(f.covered().plan().seedOn()) ? clear : f.covered().plan().seedOn();
    WorkSpan span = WorkSpan.of(LocalDate.of(2026, 2, 1), 2026, farm.fields);
    assertThat(span.start()).isEqualTo(first.minusDays(14));
    assertThat(span.days()).isEqualTo(300);
    WorkSpan empty = WorkSpan.of(LocalDate.of(2025, 11, 1), 2026, List.of());
    assertThat(empty.start()).isEqualTo(LocalDate.of(2026, 1, 1));
    assertThat(empty.last()).isEqualTo(empty.day(299));
    assertThat(empty.index(empty.day(7))).isEqualTo(7);
    assertThat(empty.clamp(-3)).isZero();
    assertThat(empty.clamp(400)).isEqualTo(299);
  }

  @ParameterizedTest
  @CsvSource({
    // 10 mph are 4.47 m/s, 13 mph 5.81, 15 mph 6.71
    "FLYING, 0, 4.47, 1",
    "FLYING, 0, 4.48, 0.5",
    "FLYING, 0, 6.70, 0.5",
    "FLYING, 0, 6.71, 0",
    "SPRAYING, 0, 4.47, 1",
    "SPRAYING, 0, 4.48, 0.5",
    "SPRAYING, 0, 5.81, 0.5",
    "SPRAYING, 0, 5.82, 0",
    "FLYING, 1.9, 3, 1",
    "FLYING, 2.0, 3, 0",
    "SPRAYING, 0, NaN, 1"
  })
  void aDayIsJudgedByTheLimitsOfItsHours(
      WindLimit limit, double rainMm, double windMPerS, double share) {
    assertThat(WorkableDays.share(limit, rainMm, windMPerS)).isEqualTo(share);
  }

  @Test
  void groundAndWindAreOfTheFarmsYears() {
    WorkFarm farm = new WorkFarm().from(SEPTEMBER, 60);
    farm.rye("Creek", Seedings.DRILL, Endings.WINTER, new WorkFarm.Known());
    farm.bare("Bare", new WorkFarm.Known());
    WorkableDays days = WorkableDays.of(new Forecaster(Farm.MODEL), farm.fields, farm.span);
    assertThat(days.years()).isEqualTo(Farm.SKIES.years());
    for (double[] year : days.wheels()) {
      for (double share : year) {
        assertThat(share).isIn(0.0, 0.5, 1.0);
      }
    }
    for (double hours : days.light()) {
      assertThat(hours).isBetween(6.0, 12.0);
    }
    assertThat(days.light()[0]).as("days shorten").isGreaterThan(days.light()[59]);
    Doer drill = Doer.of(Shed.seeder(Seedings.DRILL));
    Doer drone = Doer.of(Shed.seeder(Seedings.DRONE));
    Doer sprayer = Doer.of(Shed.of(MachineWork.SPRAY));
    double wheels = 0;
    double wings = 0;
    double sprayed = 0;
    double flown = 0;
    for (int y = 0; y < days.years(); y++) {
      wheels += days.hours(drill, y, 5);
      wings += days.hours(drone, y, 5);
      for (int d = 0; d < 60; d++) {
        sprayed += days.hours(sprayer, y, d);
        flown += days.hours(drone, y, d);
      }
    }
    assertThat(days.hours(drill, 5)).isCloseTo(wheels / days.years(), within(1e-9));
    assertThat(days.hours(drone, 5)).isCloseTo(wings / days.years(), within(1e-9));
    assertThat(sprayed).as("a sprayer stops sooner").isLessThan(flown);
    assertThat(WorkableDays.of(new Forecaster(Farm.MODEL), List.of(), farm.span).years()).isZero();
    WorkFarm bare = new WorkFarm().from(SEPTEMBER, 10);
    bare.bare("Bare", new WorkFarm.Known());
    assertThat(WorkableDays.of(new Forecaster(Farm.MODEL), bare.fields, bare.span).years())
        .isEqualTo(Farm.SKIES.years());
  }

  @Test
  void aYearOfItsOwnHasItsOwnHoursAndPace() {
    WorkFarm farm =
        new WorkFarm()
            .from(SEPTEMBER, 10)
            .with(Shed.of(MachineWork.ROLL), Shed.of(MachineWork.TILL))
            .worker("Ann", Set.of("roll"));
    farm.bare("Bare", new WorkFarm.Known());
    FarmWork work = farm.work();
    double pace = OwnErrors.hours().at(1, Spread.point(1));
    WorkProblem under = YearsOfWork.under(work, 1);
    assertThat(under.machines().get(0).hours()[3]).isCloseTo(12 / pace, within(1e-9));
    assertThat(under.machines().get(1).hours()).as("nobody runs it").containsOnly(0);
    assertThat(under.machines().get(2)).as("on foot").isEqualTo(work.problem().machines().get(2));
    assertThat(under.usdPerMove()).isZero();
    WorkProblem more = YearsOfWork.oneMoreDay(work, under, 1, 4);
    assertThat(more.machines().get(1).hours()[4]).isEqualTo(12);
    assertThat(more.machines().get(1).hours()[5]).isZero();
    assertThat(under.machines().get(1).hours()[4]).as("the other stays").isZero();
  }
}
