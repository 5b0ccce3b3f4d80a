package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.LatePlanting;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

/** Jobs of different kinds are weighed in money by the day they are finished. */
class JobWorthTest {
  private static final int DAYS = 60;

  @Test
  void aStandingCropLosesByItsOwnCurveAndNothingIsCountedOutsideItsDays() {
    double[] corn = JobWorth.harvest(10, HarvestLoss.of("corn"), DAYS, 5, 40);
    assertThat(corn[4]).isZero();
    assertThat(corn[5]).isEqualTo(4000);
    assertThat(corn[12]).as("a week costs nothing").isEqualTo(4000);
    assertThat(corn[15]).isCloseTo(4000 * (1 - 3 * 0.004), within(1e-9));
    assertThat(corn[30]).isCloseTo(4000 * (1 - 14 * 0.004 - 4 * 0.010), within(1e-9));
    assertThat(corn[41]).isZero();
    assertThat(HarvestLoss.of("soybean").left(20)).isLessThan(HarvestLoss.of("corn").left(20));
    assertThat(HarvestLoss.of("silageCorn").left(15)).isLessThan(HarvestLoss.of("corn").left(15));
    assertThat(HarvestLoss.of("soybean").left(400)).isEqualTo(0.10);
    assertThatThrownBy(() -> HarvestLoss.of("hops")).isInstanceOf(Refused.class);
  }

  @Test
  void aGoalCountsByItsShareLessWhatTheJobCosts() {
    double[] share = new double[DAYS];
    Arrays.fill(share, 0.5);
    double[] value = JobWorth.goal(20, 400, share, 0.2, 600, 3, 8);
    assertThat(value[3]).isCloseTo(20 * 400 * 0.7 - 600, within(1e-9));
    assertThat(value[2]).isZero();
    assertThat(value[9]).isZero();
  }

  @Test
  void latePlantingCostsWhatTheFarmsCurveSays() {
    LatePlanting curve = EndingRules.shipped().late(NextCrop.Kind.CORN);
    LocalDate start = LocalDate.of(2027, 5, 1);
    double[] value = JobWorth.planting(10, curve, start, DAYS, 0, 50);
    for (int d : new int[] {0, 20, 45}) {
      assertThat(value[d]).isCloseTo(10 * (300 - curve.usdPerHa(start.plusDays(d))), within(1e-9));
    }
    assertThat(value[45]).isLessThan(value[0]);
  }

  @Test
  void aLookIsWorthHalfOnItsLastDayAndASecondPassTheSameOnAny() {
    double[] look = JobWorth.look(DAYS, 10, 20);
    assertThat(look[20]).isCloseTo(look[10] / 2, within(1e-9));
    assertThat(JobWorth.look(DAYS, 10, 10)[10]).isEqualTo(look[10]);
    double[] second = JobWorth.secondPass(10, 400, DAYS, 2, 6, 100);
    assertThat(second[2]).isEqualTo(second[6]).isCloseTo(1100, within(1e-9));
  }

  @Test
  void onlyWaysOfTwoPassesHaveASecond() {
    List<Species> rye = List.of(Farm.species("cereal_rye"));
    List<Species> ryegrass =
        List.of(Farm.species("crimson_clover"), Farm.species("annual_ryegrass"));
    assertThat(Endings.ROLL_SPRAY.secondPass(rye).orElseThrow().work())
        .isEqualTo(MachineWork.SPRAY);
    assertThat(Endings.ROW_ZONE.secondPass(rye).orElseThrow().least()).isEqualTo(10);
    assertThat(Endings.TILL.secondPass(ryegrass)).isEmpty();
    assertThat(Endings.SPRAY_EARLY.secondPass(rye)).isEmpty();
    assertThat(Endings.SPRAY_EARLY.secondPass(ryegrass).orElseThrow().least()).isEqualTo(14);
    assertThat(Endings.ROLL_SPRAY.secondPass(ryegrass).orElseThrow().most()).isEqualTo(4);
  }
}
