package nimblefurrow.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import nimblefurrow.core.units.Interval;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FarmLearningTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

  private static FarmLearning.Seen seen(Learnt what, String subject, double said, double came) {
    return new FarmLearning.Seen(what, subject, subject, "Creek Forty", DAY, said, came);
  }

  private static FarmLearning of(FarmLearning.Seen one, int times) {
    return new FarmLearning(Collections.nCopies(times, one), Set.of());
  }

  @Test
  void twoRecordsChangeNothingAndThreeDo() {
    FarmLearning.Seen short1 = seen(Learnt.GROWTH, "", 5, 4);
    assertThat(of(short1, 2).factor(Learnt.GROWTH, "")).isEqualTo(1);
    double three = of(short1, 3).factor(Learnt.GROWTH, "");
    assertThat(three).isEqualTo(of(short1, 3).of(Learnt.GROWTH).factor()).isLessThan(0.9);
    assertThat(of(short1, 3).factor(Learnt.STAND, "")).isEqualTo(1);
    assertThat(FarmLearning.NOTHING.factor(Learnt.HOURS, "drill")).isEqualTo(1);
  }

  @Test
  void aFailureIsSetAside() {
    List<FarmLearning.Seen> all =
        new ArrayList<>(Collections.nCopies(4, seen(Learnt.GROWTH, "", 5, 4.5)));
    double factor = new FarmLearning(all, Set.of()).factor(Learnt.GROWTH, "");
    all.add(seen(Learnt.GROWTH, "", 5, 0.7));
    all.add(seen(Learnt.GROWTH, "", 1, 3.01));
    assertThat(new FarmLearning(all, Set.of()).factor(Learnt.GROWTH, "")).isEqualTo(factor);
    all.add(seen(Learnt.GROWTH, "", 3.01, 1.01));
    all.add(seen(Learnt.GROWTH, "", 1, 2.99));
    assertThat(new FarmLearning(all, Set.of()).of(Learnt.GROWTH).n()).isEqualTo(6);
  }

  @Test
  void whatIsSwitchedOffIsNotAppliedAndStillReckoned() {
    List<FarmLearning.Seen> records = Collections.nCopies(6, seen(Learnt.HOURS, "drill", 10, 12));
    FarmLearning off = new FarmLearning(records, Set.of(Learnt.HOURS));
    assertThat(off.factor(Learnt.HOURS, "drill")).isEqualTo(1);
    assertThat(off.of(Learnt.HOURS).factor()).isGreaterThan(1.1);
  }

  @Test
  void aMachineHasItsOwnFactorFromFiveRecordsOnDrawnTowardTheFarms() {
    List<FarmLearning.Seen> all = new ArrayList<>();
    all.addAll(Collections.nCopies(4, seen(Learnt.RATE, "drill", 50, 60)));
    all.addAll(Collections.nCopies(8, seen(Learnt.RATE, "spreader", 50, 43)));
    FarmLearning four = new FarmLearning(all, Set.of());
    double farm = four.of(Learnt.RATE).factor();
    assertThat(four.factor(Learnt.RATE, "drill")).isEqualTo(farm);
    assertThat(four.factor(Learnt.RATE, "spreader")).isLessThan(farm).isGreaterThan(0.86);
    assertThat(four.factor(Learnt.RATE, "never used")).isEqualTo(farm);
    assertThat(four.of(Learnt.RATE, "")).isEmpty();
    all.add(seen(Learnt.RATE, "drill", 50, 60));
    FarmLearning five = new FarmLearning(all, Set.of());
    assertThat(five.factor(Learnt.RATE, "drill"))
        .isGreaterThan(five.of(Learnt.RATE).factor())
        .isLessThan(1.2);
  }

  /** By hand: Σd = 8 ln 0.86, μ = ln 0.9: m = (Σd/0.09 + μ/0.0625) / (8/0.09 + 16). */
  @Test
  void aPartIsDrawnTowardTheWhole() {
    Correction.Pair p = new Correction.Pair(50, 43);
    Correction c = Correction.of(Collections.nCopies(8, p), 0.9, 0.25, 0.3);
    double m = (8 * Math.log(0.86) / 0.09 + Math.log(0.9) / 0.0625) / (8 / 0.09 + 16);
    assertThat(c.factor()).isCloseTo(Math.exp(m), within(1e-12));
    assertThat(Correction.of(List.of(), 0.9, 0.25, 0.3).factor()).isCloseTo(0.9, within(1e-12));
    assertThatThrownBy(() -> Correction.of(List.of(), 0, 0.25, 0.3)).hasMessageContaining("farm");
  }

  /** Farms at 0.8 of the growth, 1.2 of the hours, 0.86 of the chart. */
  @ParameterizedTest
  @CsvSource({"GROWTH, 0.8, 0.20", "HOURS, 1.2, 0.15", "RATE, 0.86, 0.15"})
  void afterTenRecordsRangesHoldEightOfTenOfWhatComes(
      Learnt what, double truth, double saidBefore) {
    Random luck = new Random(11);
    int farms = 4000;
    int held = 0;
    int before = 0;
    for (int f = 0; f < farms; f++) {
      List<FarmLearning.Seen> records = new ArrayList<>();
      for (int i = 0; i < 10; i++) {
        records.add(seen(what, "", 5, 5 * truth * noise(luck)));
      }
      double comes = 5 * truth * noise(luck);
      Correction learnt = new FarmLearning(records, Set.of()).of(what);
      held += holds(learnt.comes(5, Correction.USUAL_NOISE_SD), comes) ? 1 : 0;
      before += holds(new Correction(0, 1, 1, 1).comes(5, saidBefore), comes) ? 1 : 0;
    }
    assertThat(held / (double) farms).isBetween(0.75, 0.85);
    assertThat(before / (double) farms).isLessThan(0.55);
  }

  private static double noise(Random luck) {
    return Math.exp(Correction.USUAL_NOISE_SD * luck.nextGaussian());
  }

  private static boolean holds(Interval range, double value) {
    return range.low() <= value && value <= range.high();
  }

  @Test
  void kindsAreFoundByTheirKeys() {
    for (Learnt l : Learnt.values()) {
      assertThat(Learnt.of(l.key())).isEqualTo(l).hasToString(l.key());
      assertThat(l.label()).isNotBlank();
      assertThat(l.usedFor()).isNotBlank();
      assertThat(l.how()).isNotBlank();
      assertThat(l.unit()).isNotNull();
    }
    assertThatThrownBy(() -> Learnt.of("luck")).hasMessageContaining("“luck”");
  }
}
