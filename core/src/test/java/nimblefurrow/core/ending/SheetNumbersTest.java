package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.ending.RollerPull.Footing;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The sheets that crews take along, by hand. */
class SheetNumbersTest {
  @ParameterizedTest
  @CsvSource({
    // (900 + 900) / 4.5 m; 0.6 and four tenths of 400 / 450.
    "900, 4.5, 900, 400, 0.955555556",
    "900, 4.5, 0, 200, 0.777777778",
    // From 450 kg/m on it weighs enough.
    "2025, 4.5, 0, 450, 1",
    "3000, 4.5, 600, 800, 1",
  })
  void rollersWeigh(double empty, double width, double water, double perM, double factor) {
    RollerWeight w = RollerWeight.of(empty, width, water);
    assertThat(w.kgPerM()).isCloseTo(perM, within(1e-9));
    assertThat(w.weightFactor()).isCloseTo(factor, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    // Behind: 0.42 less 2700 · 2 / 2.5 / 8000 leaves 0.15; 0.05 · 8000 / (1 + 1 / 2.5) = 285.714
    // kg.
    "REAR, 1500, 8000, 0.42, 2.5, 2, 1, 0.27, 0.20, 0",
    "REAR, 2700, 8000, 0.42, 2.5, 2, 1, 0.15, 0.20, 285.7142857",
    // In front: 0.58 less 0.15 leaves 0.43 on the rear axle; 0.02 · 8000 / 1.4.
    "FRONT, 1500, 8000, 0.42, 2.5, 2, 1, 0.43, 0.45, 114.2857143",
    "FRONT, 1300, 8000, 0.42, 2.5, 2, 1, 0.45, 0.45, 0",
    "FRONT, 1500, 8000, 0.42, 2.5, 2, 0, 0.43, 0.45, 160",
  })
  void aLiftedRollerLightensTheOtherAxle(
      CarriedRoller.Where where,
      double roller,
      double tractor,
      double steering,
      double wheelbase,
      double overhang,
      double counter,
      double left,
      double least,
      double kg) {
    CarriedRoller c =
        CarriedRoller.of(
            where,
            roller,
            new CarriedRoller.Tractor(tractor, steering, wheelbase),
            overhang,
            counter);
    assertThat(c.leftShare()).isCloseTo(left, within(1e-9));
    assertThat(c.leastShare()).isEqualTo(least);
    assertThat(c.counterKg()).isCloseTo(kg, within(1e-6));
  }

  @Test
  void aTractorThatCannotBeIsRefused() {
    assertThatThrownBy(() -> new CarriedRoller.Tractor(8000, 1, 2.5))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("between nothing and all of it");
    assertThatThrownBy(() -> new CarriedRoller.Tractor(8000, 0, 2.5)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new CarriedRoller.Tractor(0, 0.4, 2.5)).isInstanceOf(Refused.class);
    CarriedRoller.Tractor t = new CarriedRoller.Tractor(8000, 0.4, 2.5);
    assertThatThrownBy(() -> CarriedRoller.of(CarriedRoller.Where.REAR, 1000, t, 0, 1))
        .hasMessageContaining("distance to the drum");
  }

  @ParameterizedTest
  @CsvSource({
    // On the flat: 2000 · 9.81 · 0.12 = 2.354 kN asked; 8000 · 9.81 · (0.40 − 0.12) = 21.974 left.
    "2000, 8000, 0, COVERED, 2.3544, 21.9744",
    "2000, 8000, 0, FIRM, 1.5696, 32.9616",
    "2000, 8000, 0, WET, 3.5316, 7.848",
    // One in ten: sine 0.0995037, cosine 0.9950372.
    "2000, 8000, 10, COVERED, 4.2949786, 14.0562940",
  })
  void tractorsHold(
      double roller, double tractor, double slope, Footing footing, double pull, double grip) {
    RollerPull p = RollerPull.of(roller, tractor, slope, footing);
    assertThat(p.pullKN()).isCloseTo(pull, within(1e-4));
    assertThat(p.gripKN()).isCloseTo(grip, within(1e-4));
    assertThat(p.share()).isCloseTo(pull / grip, within(1e-4));
  }

  @Test
  void whereTheTractorItselfSlidesNothingIsLeft() {
    RollerPull p = RollerPull.of(2000, 8000, 40, Footing.WET);
    assertThat(p.gripKN()).isZero();
    assertThat(p.share()).isEqualTo(Double.MAX_VALUE);
  }

  private static List<String> advice(
      double frame, int rows, double cover, boolean green, boolean wet) {
    return PlanterSetup.of(frame, rows, cover, green, wet).advice().stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .toList();
  }

  @Test
  void planterRowsAreWeighedAgainstWhatCuts() {
    // 5 Mg/ha takes 175 kg a row.
    assertThat(PlanterSetup.of(2800, 16, 5, false, false).kgPerRow()).isEqualTo(175);
    assertThat(advice(2800, 16, 5, false, false).get(0)).contains("175 kg on a row cuts");
    assertThat(advice(2799, 16, 5, false, false).get(0)).contains("is light: about 175 kg cuts");
  }

  @Test
  void planterAdviceHangsOnWhatLiesThere() {
    assertThat(advice(3000, 16, 1.99, false, false)).anyMatch(a -> a.contains("just touching"));
    assertThat(advice(3000, 16, 2, false, false)).anyMatch(a -> a.contains("move residue"));
    assertThat(advice(3000, 16, 2, true, false)).anyMatch(a -> a.contains("do not wrap"));
    assertThat(advice(3000, 16, 2, false, true)).anyMatch(a -> a.contains("spiked wheels"));
    assertThat(advice(3000, 16, 2, false, false)).anyMatch(a -> a.contains("some teeth"));
    assertThat(advice(3000, 16, 4.99, false, false)).hasSize(3);
    assertThat(advice(3000, 16, 5, false, false)).hasSize(4).last().asString().contains("dig");
  }

  @Test
  void tanksAreFullButForTheLast() {
    // 40 ha at 150 L/ha are 6,000 L.
    TankMix m = TankMix.of(List.of(new TankMix.Rate("A", 2, "L")), 150, 2500, 40);
    assertThat(m.tanks()).isEqualTo(3);
    assertThat(m.lastTankL()).isCloseTo(1000, within(1e-9));
    assertThat(m.haPerTank()).isCloseTo(2500 / 150.0, within(1e-9));
    TankMix.Product a = m.products().get(0);
    assertThat(a.perTank()).isCloseTo(33.3333333, within(1e-6));
    assertThat(a.lastTank()).isCloseTo(13.3333333, within(1e-6));
    assertThat(a.total()).isCloseTo(80, within(1e-9));
    assertThat(2 * a.perTank() + a.lastTank()).isCloseTo(a.total(), within(1e-9));
  }

  @Test
  void oneTankThatIsNotFullIsTheLast() {
    TankMix m = TankMix.of(List.of(new TankMix.Rate("A", 2, "L")), 100, 2500, 5);
    assertThat(m.tanks()).isEqualTo(1);
    assertThat(m.lastTankL()).isEqualTo(500);
    assertThat(TankMix.of(List.of(new TankMix.Rate("A", 2, "L")), 100, 2500, 50).tanks())
        .isEqualTo(2);
    assertThatThrownBy(() -> TankMix.of(List.of(), 100, 2500, 5))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("at least one product");
    assertThatThrownBy(
            () ->
                TankMix.of(
                    List.of(new TankMix.Rate("A", 2, "L"), new TankMix.Rate("B", 0, "L")),
                    100,
                    2500,
                    5))
        .hasMessageContaining("The rate of B");
  }

  @Test
  void rulesKeepToWhatCanBe() {
    EndingRules r = EndingRules.shipped();
    assertThat(r.insurer().zone()).isEqualTo("4");
    assertThat(r.weedMulchMgPerHa()).isEqualTo(4);
    assertThat(r.emergenceDays()).isEqualTo(8);
    assertThat(r.nitrogenUsdPerKg()).isEqualTo(1.1);
    EndingMethod mow = EndingMethod.of("mow");
    assertThat(r.cost(mow).usdPerHa()).isEqualTo(mow.traits().usdPerHa());
    EndingRules own =
        new EndingRules(
            "2", r.zones(), r.latePlanting(), List.of(new WayCost("mow", "mow", 99)), 1, 4, 8);
    assertThat(own.cost(mow).usdPerHa()).isEqualTo(99);
    EndingMethod till = EndingMethod.of("till");
    assertThat(own.cost(till).usdPerHa()).isEqualTo(till.traits().usdPerHa());
    for (int days : new int[] {0, 41}) {
      assertThatThrownBy(
              () -> new EndingRules("2", r.zones(), r.latePlanting(), r.ways(), 1, 4, days))
          .hasMessageContaining("1 to 40 days");
    }
    for (int days : new int[] {1, 40}) {
      assertThat(new EndingRules("2", r.zones(), r.latePlanting(), r.ways(), 1, 4, days))
          .isNotNull();
    }
    assertThatThrownBy(() -> new EndingRules("9", r.zones(), r.latePlanting(), r.ways(), 1, 4, 8))
        .hasMessageContaining("insurer zone “9”");
  }
}
