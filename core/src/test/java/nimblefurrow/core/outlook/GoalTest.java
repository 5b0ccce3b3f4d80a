package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a grower asks of a cover, in words, and in how many years it must be reached. */
class GoalTest {
  private static final LocalDate MAY = LocalDate.of(2027, 5, 20);

  @ParameterizedTest
  @EnumSource(Purpose.class)
  void aPurposeIsAskedInItsOwnWordsUnitAndTarget(Purpose purpose) {
    Goal goal = Goal.of(purpose);
    assertThat(goal.measure().words()).isEqualTo(purpose.measure()).isNotBlank();
    assertThat(goal.measure().unit()).isEqualTo(purpose.unit());
    assertThat(goal.target()).isEqualTo(purpose.target());
    assertThat(goal.share()).isEqualTo(0.7);
  }

  @Test
  void coverAndShadeOfADayHaveTheirOwn() {
    assertThat(new Goal.CoverOn(MAY).words()).isEqualTo("cover standing");
    assertThat(new Goal.CoverOn(MAY).unit()).isEqualTo(Unit.MG_PER_HA);
    assertThat(new Goal.GroundOn(MAY).words()).isEqualTo("shade");
    assertThat(new Goal.GroundOn(MAY).unit()).isEqualTo(Unit.SHARE);
  }

  @ParameterizedTest
  @CsvSource({"0.7, 30, 21", "0.7, 10, 7", "0.5, 29, 15", "1, 30, 30", "0.01, 30, 1"})
  void soManyYearsMustReachIt(double share, int years, int wanted) {
    assertThat(new Goal(new Goal.CoverOn(MAY), 3, share).wanted(years)).isEqualTo(wanted);
  }

  @ParameterizedTest
  @CsvSource({"-0.01, 0.7", "1e6, 0.7", "NaN, 0.7", "3, 0", "3, 1.01", "3, NaN"})
  void whatCannotBeAskedIsRefused(double target, double share) {
    assertThatThrownBy(() -> new Goal(new Goal.CoverOn(MAY), target, share))
        .isInstanceOf(Refused.class);
  }

  @ParameterizedTest
  @CsvSource({"0, 0.01", "999999, 1"})
  void whatCanJustBeAskedIsTaken(double target, double share) {
    assertThat(new Goal(new Goal.GroundOn(MAY), target, share).target()).isEqualTo(target);
  }

  @Test
  void theDayBehindTheLastOneHasNothing() {
    CropSeasons beans = Farm.seasons(Farm.SOYBEAN);
    CoverPlan rye =
        Farm.plan(Seedings.DRILL, LocalDate.of(2026, 10, 1), Farm.seed("cereal_rye", 78));
    Forecaster forecaster = new Forecaster(Farm.MODEL);
    LocalDate last = LocalDate.of(2027, 7, 31);
    assertThat(new Goal(new Goal.CoverOn(last), 0.1, 0.5).met(forecaster, rye, beans)).isPositive();
    assertThat(new Goal(new Goal.CoverOn(last.plusDays(1)), 0.1, 0.5).met(forecaster, rye, beans))
        .isZero();
    assertThat(new Goal(new Goal.GroundOn(last.plusDays(1)), 0.01, 0.5).met(forecaster, rye, beans))
        .isZero();
  }
}
