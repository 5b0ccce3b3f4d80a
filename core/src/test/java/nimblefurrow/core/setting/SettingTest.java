package nimblefurrow.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** Machines set: each formula by hand. */
class SettingTest {

  @Test
  void catchTestByHandInBothSystems() {
    // 0.42 kg from 4 openers at 0.19 m over 80 m: 60.8 m², 69.08 kg/ha.
    assertThat(Rates.caught(0.42, 4, 0.19, 80)).isCloseTo(69.0789, within(1e-3));
    // 1 lb from 6 openers at 7.5 in over 200 ft: 750 ft², 58.08 lb/ac.
    double rate = Rates.caught(0.45359237, 6, 7.5 * 0.0254, 200 * 0.3048);
    assertThat(UnitSystem.US.convert(rate, Unit.KG_PER_HA)).isCloseTo(58.08, within(1e-6));
    assertThatThrownBy(() -> Rates.caught(1, 4, 0.19, 0)).hasMessageContaining("distance");
  }

  @Test
  void timedCatchByHand() {
    // 14 kg/min over 12 m at 10 km/h: 600·14/(10·12) = 70 kg/ha.
    Rates.Timed t = Rates.timed(14, 12, List.of(8.0, 10.0), 70);
    assertThat(t.rates().get(0).rateKgPerHa()).isCloseTo(87.5, within(1e-9));
    assertThat(t.rates().get(1).rateKgPerHa()).isCloseTo(70, within(1e-9));
    assertThat(t.speedForTargetKmh()).isCloseTo(10, within(1e-9));
    assertThat(600 * 14 / (t.speedBandKmh().get(0) * 12)).isCloseTo(77, within(1e-9));
    assertThat(600 * 14 / (t.speedBandKmh().get(1) * 12)).isCloseTo(63, within(1e-9));
  }

  @Test
  void gateAndRunningCheckByHand() {
    assertThat(Rates.gate(0.5, 7, 9)).isCloseTo(79.365, within(1e-3));
    // 300 kg gone on 5 ha: 60 kg/ha against 70; setting 40 wants 46.67; 200 kg left do 2.857 ha.
    Rates.Running r = Rates.running(500, 200, 5, 70, 40);
    assertThat(r.achievedKgPerHa()).isEqualTo(60);
    assertThat(r.offByFraction()).isCloseTo(-1 / 7.0, within(1e-12));
    assertThat(r.newSetting()).isCloseTo(46.6667, within(1e-4));
    assertThat(r.areaLeftHa()).isCloseTo(200 / 70.0, within(1e-12));
    assertThatThrownBy(() -> Rates.running(200, 300, 5, 70, 40)).hasMessageContaining("refilled");
  }

  @Test
  void aLineThroughTriesIsReadBackwards() {
    List<SettingLine.Try> exact =
        List.of(
            new SettingLine.Try(20, 45), new SettingLine.Try(30, 65), new SettingLine.Try(40, 85));
    SettingLine.Answer a = SettingLine.through(exact, 75).forRate(75);
    assertThat(a.setting()).isCloseTo(35, within(1e-9));
    assertThat(a.low()).isCloseTo(35, within(1e-6));
    assertThat(a.extrapolated()).isFalse();
    assertThat(SettingLine.through(exact, 95).forRate(95).extrapolated()).isTrue();
    SettingLine.Answer two = SettingLine.through(exact.subList(0, 2), 55).forRate(55);
    assertThat(two.setting()).isCloseTo(25, within(1e-9));
    assertThat(two.low()).isNull();
  }

  @Test
  void onesIntervalHoldsTheTruthAboutNineTimesInTen() {
    Random random = new Random(5);
    int held = 0;
    for (int n = 0; n < 4000; n++) {
      List<SettingLine.Try> tries =
          IntStream.range(0, 5)
              .mapToObj(
                  i ->
                      new SettingLine.Try(20 + 5 * i, 3 * (20 + 5 * i) + 2 * random.nextGaussian()))
              .toList();
      // A prediction: the next catch at some setting is off the line like the others.
      double caught = 3 * 28 + 2 * random.nextGaussian();
      SettingLine.Answer a = SettingLine.through(tries, caught).forRate(caught);
      held += a.low() <= 28 && 28 <= a.high() ? 1 : 0;
    }
    assertThat(held / 4000.0).isBetween(0.88, 0.92);
  }

  @Test
  void triesThatGiveNoLineAreExplained() {
    assertThatThrownBy(() -> SettingLine.through(List.of(new SettingLine.Try(30, 60)), 90))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("One try gives no line")
        .hasMessageContaining("45.0");
    assertThatThrownBy(
            () ->
                SettingLine.through(
                    List.of(new SettingLine.Try(30, 60), new SettingLine.Try(30, 61)), 90))
        .hasMessageContaining("at one setting");
    assertThatThrownBy(
            () ->
                SettingLine.through(
                    List.of(new SettingLine.Try(30, 60), new SettingLine.Try(40, 60)), 90))
        .hasMessageContaining("does not move");
  }

  @Test
  void patternsOverlapAsTheyShould() {
    SpreadPattern flat = SpreadPattern.of(1, Collections.nCopies(12, 10.0), 0.15);
    assertThat(flat.goodSwathM().oneWay()).isEqualTo(12);
    assertThat(flat.goodSwathM().backAndForth()).isEqualTo(12);
    assertThat(flat.skew()).isZero();
    // A triangle is even at half its foot.
    SpreadPattern triangle = SpreadPattern.of(2, List.of(0., 1., 2., 3., 4., 3., 2., 1.), 0.15);
    assertThat(triangle.swaths().get(3).oneWayCv()).isCloseTo(0, within(1e-9));
    assertThat(triangle.goodSwathM().oneWay()).isBetween(8.0, 10.0);
    // A ramp one way makes a saw; back and forth its sides meet in a roof.
    SpreadPattern ramp = SpreadPattern.of(1, List.of(1., 2., 3., 4., 5., 6.), 0.2);
    assertThat(ramp.skew()).isCloseTo(9 / 21.0, within(1e-12));
    assertThat(SpreadPattern.overlapped(new double[] {1, 2, 3}, 3, true))
        .containsExactly(1, 2, 3, 3, 2, 1);
    assertThat(SpreadPattern.overlapped(new double[] {1, 2, 3}, 2, false)).containsExactly(4, 2);
    assertThatThrownBy(() -> SpreadPattern.of(1, List.of(0., 0., 0.), 0.2))
        .hasMessageContaining("empty");
  }

  @Test
  void depthByHand() {
    DepthCheck d = DepthCheck.of(List.of(10., 20., 25., 30., 35., 40., 25., 25., 60., 30.), 20, 40);
    assertThat(d.meanMm()).isEqualTo(30);
    assertThat(d.shareInside()).isEqualTo(0.8);
    assertThat(d.low()).isLessThan(0.8).isGreaterThan(0.4);
    assertThatThrownBy(() -> DepthCheck.of(List.of(), 20, 40)).hasMessageContaining("Dig");
  }

  @Test
  void rowsZonesBlendsAndLimitsByHand() {
    // Three openers 19 cm apart in a 76 cm gap: 19, 38 and 57 cm from the row.
    RowPlan rows = RowPlan.of(0.76, 3, 0.19, null, 0.38, 0.30);
    assertThat(rows.coverRowsM().get(0)).isCloseTo(0.19, within(1e-9));
    assertThat(rows.clearOfNextM()).isCloseTo(0, within(1e-9));
    assertThat(rows.clearOfBandM()).isCloseTo(0.08, within(1e-9));
    assertThat(rows.warnings()).hasSize(1);
    assertThatThrownBy(() -> RowPlan.of(0.5, 4, 0.19, null, null, null))
        .hasMessageContaining("do not fit");
    List<RowPlan.ZoneSeed> zones =
        RowPlan.zones(
            List.of(
                new RowPlan.Zone("cereal_rye", 0.5, 70, "rear"),
                new RowPlan.Zone("oats", 0.25, 60, "front")),
            30);
    assertThat(zones.get(0).seedKg()).isCloseTo(70 * 2 / 3.0 * 30, within(1e-9));
    assertThat(zones.get(1).share()).isCloseTo(1 / 3.0, within(1e-12));
    // 20 kg/ha of seed in 180 of fertiliser: a tenth; a 4 t batch takes 400 kg of seed.
    Blend blend = Blend.of(20, 180, 4000, 8, 720, 1000);
    assertThat(blend.batchSeedKg()).isEqualTo(400);
    assertThat(blend.totalKgPerHa()).isEqualTo(200);
    assertThat(blend.cautions()).hasSize(2);
    List<SettingLine.Try> tries = List.of(new SettingLine.Try(5, 12), new SettingLine.Try(60, 110));
    assertThat(MeterLimits.of(tries, 50).holds()).isTrue();
    assertThat(MeterLimits.of(tries, 6).waysOut().get(0).say(UnitSystem.METRIC)).contains("100 %");
    assertThat(MeterLimits.of(tries, 150).waysOut().get(0).say(UnitSystem.METRIC))
        .contains("75 kg/ha a pass");
  }
}
