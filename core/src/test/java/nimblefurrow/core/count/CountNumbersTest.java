package nimblefurrow.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.count.FloweringCount.Decision;
import nimblefurrow.core.count.FloweringCount.Stop;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Counts against numbers reckoned apart from the program, by the formulas their docs name. */
class CountNumbersTest {
  private static final double EXACT = 1e-7;
  private static final double[] HITS = {4, 9, 3, 7, 5};
  private static final double[] TRIED = {10, 12, 8, 10, 10};

  private static List<Stop> stops(double[] hits, double[] tried) {
    List<Stop> all = new ArrayList<>();
    for (int i = 0; i < hits.length; i++) {
      all.add(new Stop((int) tried[i], (int) hits[i]));
    }
    return all;
  }

  /** So many in flower of ten at each of some stops, as even as can be. */
  private static List<Stop> even(int flowering, int stops) {
    List<Stop> all = new ArrayList<>();
    for (int i = 0; i < stops; i++) {
      all.add(new Stop(10, flowering / stops + (i < flowering % stops ? 1 : 0)));
    }
    return all;
  }

  @Test
  void aShareOfSomeStopsHasItsInterval() {
    Interval range = ClusteredShare.of(HITS, TRIED, 0.9);
    assertThat(range.low()).isCloseTo(0.40862749532172526, within(EXACT));
    assertThat(range.high()).isCloseTo(0.700979446893641, within(EXACT));
  }

  @Test
  void oneStopTakesTheUsualCorrelation() {
    Interval range = ClusteredShare.of(new double[] {6}, new double[] {10}, 0.9);
    assertThat(range.low()).isCloseTo(0.12100302472904317, within(EXACT));
    assertThat(range.high()).isCloseTo(0.9423450898310208, within(EXACT));
  }

  @Test
  void stopsThatAllSayAllSayNothingOfHowTheyDiffer() {
    Interval range = ClusteredShare.of(new double[] {10, 10, 10}, new double[] {10, 10, 10}, 0.9);
    assertThat(range.low()).isCloseTo(0.7229217038685716, within(EXACT));
    assertThat(range.high()).isEqualTo(1);
    Interval none = ClusteredShare.of(new double[] {0, 0, 0}, new double[] {10, 10, 10}, 0.9);
    assertThat(none.high()).isCloseTo(1 - 0.7229217038685716, within(EXACT));
    assertThat(none.low()).isZero();
  }

  @Test
  void stopsOfNoneAreLeftOutAndMoreThanTriedIsAll() {
    Interval with =
        ClusteredShare.of(
            new double[] {4, 0, 9, 3, 7, 5}, new double[] {10, 0, 12, 8, 10, 10}, 0.9);
    assertThat(with.low()).isCloseTo(0.40862749532172526, within(EXACT));
    Interval more = ClusteredShare.of(new double[] {14, 10, 10}, new double[] {10, 10, 10}, 0.9);
    assertThat(more.low()).isCloseTo(0.7229217038685716, within(EXACT));
  }

  @Test
  void floweringHasItsShareAndItsCorrelation() {
    FloweringCount c = FloweringCount.of(stops(HITS, TRIED), 0.7, 0.1, 0.1, 12);
    assertThat(c.share()).isCloseTo(0.56, within(EXACT));
    assertThat(c.correlation()).isCloseTo(0.06024873203018817, within(EXACT));
    assertThat(c.low()).isCloseTo(0.40862749532172526, within(EXACT));
    assertThat(c.high()).isCloseTo(0.700979446893641, within(EXACT));
    assertThat(c.decision()).isEqualTo(Decision.ANOTHER);
    assertThat(c.stopsLeft()).isEqualTo(7);
    assertThat(FloweringCount.of(List.of(new Stop(10, 6)), 0.7, 0.1, 0.1, 12).correlation())
        .isCloseTo(0.1, within(EXACT));
  }

  @ParameterizedTest
  @CsvSource({"36,ANOTHER", "37,ROLL", "40,ROLL", "19,ANOTHER", "18,WAIT", "4,WAIT"})
  void fourStopsDecideWhenTheyStandClear(int flowering, Decision decision) {
    assertThat(FloweringCount.of(even(flowering, 4), 0.7, 0.1, 0.1, 12).decision())
        .isEqualTo(decision);
  }

  @Test
  void threeStopsDecideNothingYetAndTheLastDecides() {
    FloweringCount three = FloweringCount.of(even(30, 3), 0.7, 0.1, 0.1, 12);
    assertThat(three.decision()).isEqualTo(Decision.ANOTHER);
    assertThat(three.stopsLeft()).isEqualTo(9);
    FloweringCount last = FloweringCount.of(even(28, 4), 0.7, 0.1, 0.1, 4);
    assertThat(last.decision()).isEqualTo(Decision.WAIT);
    assertThat(last.stopsLeft()).isZero();
    // Two stops cannot be clear, however ripe they look.
    assertThat(FloweringCount.of(even(20, 2), 0.3, 0.1, 0.1, 2).decision())
        .isEqualTo(Decision.WAIT);
  }

  @ParameterizedTest
  @CsvSource({
    "0.15,0.1,0.1,12,target",
    "1,0.1,0.1,12,target",
    "0.7,0,0.1,12,riskTooEarly",
    "0.7,0.5,0.1,12,riskTooEarly",
    "0.7,0.1,0,12,riskTooLate",
    "0.7,0.1,0.5,12,riskTooLate",
    "0.7,0.1,0.1,0,maxStops",
    "0.7,0.1,0.1,201,maxStops"
  })
  void whatCannotBeIsSaidWithItsPlace(
      double target, double early, double late, int most, String where) {
    assertThatThrownBy(() -> FloweringCount.of(even(20, 4), target, early, late, most))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }

  @Test
  void limitsThatCanJustBe() {
    assertThat(FloweringCount.of(even(2, 1), 0.16, 0.49, 0.49, 1).decision())
        .isEqualTo(Decision.WAIT);
    assertThat(FloweringCount.of(even(20, 4), 0.99, 0.01, 0.01, 200).stopsLeft()).isBetween(0, 196);
  }

  @Test
  void stopsThatCannotBe() {
    assertThatThrownBy(() -> FloweringCount.of(List.of(), 0.7, 0.1, 0.1, 12))
        .hasMessageContaining("first stop");
    assertThatThrownBy(
            () -> FloweringCount.of(List.of(new Stop(10, 3), new Stop(10, 11)), 0.7, 0.1, 0.1, 12))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.where()).isEqualTo("stops[1].flowering"))
        .hasMessageContaining("11 of 10 heads");
    assertThatThrownBy(() -> FloweringCount.of(List.of(new Stop(0, 0)), 0.7, 0.1, 0.1, 12))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> FloweringCount.of(List.of(new Stop(10, -1)), 0.7, 0.1, 0.1, 12))
        .isInstanceOf(Refused.class);
  }

  private static MulchSample.Hoop hoop(double wetKg) {
    return new MulchSample.Hoop(wetKg, 0.25);
  }

  @Test
  void fourHoopsHaveTheirMeanAndInterval() {
    MulchSample m =
        MulchSample.of(List.of(hoop(0.62), hoop(0.75), hoop(0.51), hoop(0.70)), 0.22, 5, 0.9);
    assertThat(m.mgPerHa()).isCloseTo(5.676, within(EXACT));
    assertThat(m.low()).isCloseTo(4.591626240980617, within(EXACT));
    assertThat(m.high()).isCloseTo(6.760373759019384, within(EXACT));
    assertThat(m.oddsAboveTarget()).isCloseTo(0.8806831423473804, within(EXACT));
    assertThat(m.samplesFor15Percent()).isEqualTo(6);
  }

  @Test
  void oneHoopTakesAUsualSpread() {
    MulchSample m = MulchSample.of(List.of(hoop(0.62)), 0.22, 5, 0.9);
    assertThat(m.mgPerHa()).isCloseTo(5.456, within(EXACT));
    assertThat(m.low()).isCloseTo(2.4555607518282754, within(EXACT));
    assertThat(m.high()).isCloseTo(8.456439248171723, within(EXACT));
    assertThat(m.oddsAboveTarget()).isCloseTo(0.606573580792571, within(EXACT));
    assertThat(m.samplesFor15Percent()).isEqualTo(13);
    // Hoops that weigh the same to the gram cannot tell their spread either.
    MulchSample same = MulchSample.of(List.of(hoop(0.62), hoop(0.62)), 0.22, 5, 0.9);
    assertThat(same.high() - same.low())
        .isCloseTo((m.high() - m.low()) / Math.sqrt(2), within(EXACT));
  }

  @Test
  void nothingInTheHoopIsNothing() {
    MulchSample none = MulchSample.of(List.of(hoop(0)), 0.22, 5, 0.9);
    assertThat(none.mgPerHa()).isZero();
    assertThat(none.samplesFor15Percent()).isZero();
    assertThat(none.oddsAboveTarget()).isZero();
    assertThat(MulchSample.of(List.of(hoop(0)), 0.22, 0, 0.9).oddsAboveTarget()).isZero();
    assertThat(MulchSample.of(List.of(hoop(0.1), hoop(3)), 0.22, 0, 0.9).low()).isZero();
    assertThat(MulchSample.of(List.of(hoop(0.001), hoop(9)), 0.22, 0, 0.99).samplesFor15Percent())
        .isEqualTo(500);
  }

  @Test
  void hoopsThatCannotBe() {
    assertThatThrownBy(() -> MulchSample.of(List.of(), 0.22, 5, 0.9))
        .hasMessageContaining("at least one hoop");
    assertThatThrownBy(() -> MulchSample.of(List.of(hoop(-1)), 0.22, 5, 0.9))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.where()).isEqualTo("samples[0].wetKg"));
    assertThatThrownBy(() -> MulchSample.of(List.of(new MulchSample.Hoop(1, 0)), 0.22, 5, 0.9))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.where()).isEqualTo("samples[0].frameM2"));
    assertThatThrownBy(() -> MulchSample.of(List.of(hoop(1)), 0, 5, 0.9))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> MulchSample.of(List.of(hoop(1)), 0.22, -1, 0.9))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> MulchSample.of(List.of(hoop(1)), 0.22, 5, 1))
        .isInstanceOf(Refused.class);
  }
}
