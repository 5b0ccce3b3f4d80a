package nimblefurrow.core.count;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import nimblefurrow.core.ending.RollerWeight;
import nimblefurrow.core.ending.TankMix;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Counts before and after an ending: by hand, and by simulation for their error rates. */
class EndingCountsTest {
  private static final int RUNS = 3000;

  private record Tally(double roll, double waitEarly, double stops) {}

  /** Beta-binomial stops of ten heads: share p, correlation rho within a stop. */
  private static Tally simulate(double p, double rho, long start) {
    Random random = new Random(start);
    int roll = 0;
    int wait = 0;
    int stops = 0;
    for (int r = 0; r < RUNS; r++) {
      List<FloweringCount.Stop> seen = new ArrayList<>();
      FloweringCount c;
      do {
        double here = rho > 0 ? beta(p, rho, random) : p;
        int flowering =
            (int) IntStream.range(0, 10).filter(i -> random.nextDouble() < here).count();
        seen.add(new FloweringCount.Stop(10, flowering));
        c = FloweringCount.of(seen, 0.8, 0.1, 0.1, 20);
      } while (c.decision() == FloweringCount.Decision.ANOTHER);
      stops += seen.size();
      roll += c.decision() == FloweringCount.Decision.ROLL ? 1 : 0;
      wait += c.decision() == FloweringCount.Decision.WAIT && seen.size() < 20 ? 1 : 0;
    }
    return new Tally((double) roll / RUNS, (double) wait / RUNS, (double) stops / RUNS);
  }

  private static double beta(double p, double rho, Random random) {
    double size = 1 / rho - 1;
    double a = gamma(p * size, random);
    double b = gamma((1 - p) * size, random);
    return a / (a + b);
  }

  /** Marsaglia and Tsang 2000. */
  private static double gamma(double shape, Random random) {
    if (shape < 1) {
      return gamma(shape + 1, random) * Math.pow(random.nextDouble(), 1 / shape);
    }
    double d = shape - 1.0 / 3;
    double c = 1 / Math.sqrt(9 * d);
    while (true) {
      double x = random.nextGaussian();
      double v = Math.pow(1 + c * x, 3);
      if (v > 0 && Math.log(random.nextDouble()) < 0.5 * x * x + d - d * v + d * Math.log(v)) {
        return d * v;
      }
    }
  }

  @Test
  @Tag("long")
  void theStopRuleKeepsItsRisks() {
    for (double rho : new double[] {0, 0.1, 0.2}) {
      for (double p : new double[] {0.5, 0.6, 0.7, 0.75, 0.8, 0.85, 0.9, 0.95}) {
        Tally t = simulate(p, rho, 11);
        System.out.printf(
            "share %.2f correlation %.1f: roll %.3f, wait before the last stop %.3f, stops %.1f of 20%n",
            p, rho, t.roll(), t.waitEarly(), t.stops());
        if (p <= 0.7) {
          assertThat(t.roll()).as("roll at %s, %s", p, rho).isLessThanOrEqualTo(0.12);
        }
        if (p >= 0.85) {
          assertThat(t.waitEarly()).as("wait at %s, %s", p, rho).isLessThanOrEqualTo(0.12);
        }
      }
    }
  }

  @Test
  void noVerdictBeforeFourStopsAndNoFalseCertainty() {
    List<FloweringCount.Stop> three = Collections.nCopies(3, new FloweringCount.Stop(10, 10));
    assertThat(FloweringCount.of(three, 0.8, 0.1, 0.1, 20).decision())
        .isEqualTo(FloweringCount.Decision.ANOTHER);
    FloweringCount alike =
        FloweringCount.of(
            Collections.nCopies(6, new FloweringCount.Stop(10, 8)), 0.8, 0.1, 0.1, 20);
    assertThat(alike.high() - alike.low()).isGreaterThan(0.05);
    FloweringCount last =
        FloweringCount.of(
            Collections.nCopies(20, new FloweringCount.Stop(10, 8)), 0.8, 0.01, 0.01, 20);
    assertThat(last.stopsLeft()).isZero();
    assertThatThrownBy(
            () -> FloweringCount.of(List.of(new FloweringCount.Stop(10, 11)), 0.8, 0.1, 0.1, 20))
        .hasMessageContaining("11 of 10");
  }

  @Test
  void mulchAndKillByHand() {
    // 2 kg wet on a quarter m² at 20 % dry: 1.6 kg/m², 16 Mg/ha; 1 kg: 8.
    MulchSample m =
        MulchSample.of(
            List.of(new MulchSample.Hoop(2, 0.25), new MulchSample.Hoop(1, 0.25)), 0.2, 8, 0.9);
    assertThat(m.mgPerHa()).isCloseTo(12, within(1e-9));
    assertThat(m.oddsAboveTarget()).isBetween(0.75, 0.95);
    assertThat(MulchSample.of(List.of(new MulchSample.Hoop(1, 0.25)), 0.2, 8, 0.9).low())
        .isLessThan(8);
    KillCount k =
        KillCount.of(List.of(new KillCount.Frame(50, 5), new KillCount.Frame(50, 10)), 0.9);
    assertThat(k.kill()).isCloseTo(0.85, within(1e-12));
    assertThat(k.secondPass()).isTrue();
    assertThat(KillCount.of(List.of(new KillCount.Frame(40, 0)), 0.9).low()).isBetween(0.3, 0.6);
    assertThatThrownBy(() -> KillCount.of(List.of(new KillCount.Frame(0, 0)), 0.9))
        .hasMessageContaining("nothing to judge");
  }

  @Test
  @Tag("long")
  void intervalsHoldTheTruthNineTimesInTen() {
    Random random = new Random(8);
    int mulch = 0;
    int kill = 0;
    for (int r = 0; r < RUNS; r++) {
      List<MulchSample.Hoop> hoops =
          IntStream.range(0, 8)
              .mapToObj(i -> new MulchSample.Hoop(1 + 0.25 * random.nextGaussian(), 0.25))
              .toList();
      MulchSample m = MulchSample.of(hoops, 0.2, 8, 0.9);
      mulch += m.low() <= 8 && 8 <= m.high() ? 1 : 0;
      List<KillCount.Frame> frames =
          IntStream.range(0, 10)
              .mapToObj(
                  i -> {
                    double alive = beta(0.3, 0.1, random);
                    int after =
                        (int)
                            IntStream.range(0, 60).filter(s -> random.nextDouble() < alive).count();
                    return new KillCount.Frame(60, after);
                  })
              .toList();
      KillCount k = KillCount.of(frames, 0.9);
      kill += k.low() <= 0.7 && 0.7 <= k.high() ? 1 : 0;
    }
    assertThat(mulch / (double) RUNS).isBetween(0.88, 0.92);
    assertThat(kill / (double) RUNS).isBetween(0.87, 0.92);
  }

  @Test
  void rollerAndTanksByHand() {
    // 3 600 kg and 1 800 L on 12 m: 450 kg/m, full weight.
    assertThat(RollerWeight.of(3600, 12, 1800).kgPerM()).isEqualTo(450);
    assertThat(RollerWeight.of(3600, 12, 1800).weightFactor()).isEqualTo(1);
    assertThat(RollerWeight.of(2700, 12, 0).weightFactor()).isCloseTo(0.8, within(1e-12));
    // 40 ha × 140 L = 5 600 L from a 2 400 L tank: three tanks, the last of 800 L.
    TankMix t = TankMix.of(List.of(new TankMix.Rate("Demo systemic A", 2.1, "L")), 140, 2400, 40);
    assertThat(t.tanks()).isEqualTo(3);
    assertThat(t.lastTankL()).isCloseTo(800, within(1e-9));
    assertThat(t.products().get(0).perTank()).isCloseTo(36, within(1e-9));
    assertThat(t.products().get(0).lastTank()).isCloseTo(12, within(1e-9));
    assertThat(t.products().get(0).total()).isCloseTo(84, within(1e-9));
  }
}
