package nimblefurrow.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What a treatment brings beside the first, and how it is said. */
class PayTest {
  private static BlockTrial trial(double[]... byTreatment) {
    String[] names = {"early", "late", "never"};
    List<BlockTrial.Strip> strips = new ArrayList<>();
    for (int b = 0; b < byTreatment[0].length; b++) {
      for (int t = 0; t < byTreatment.length; t++) {
        strips.add(new BlockTrial.Strip("" + b, names[t], byTreatment[t][b]));
      }
    }
    return BlockTrial.of(strips, 0.9);
  }

  @Test
  void yieldAtItsPriceLessWhatItCostsMore() {
    BlockTrial t = trial(new double[] {4, 4.2, 4.1}, new double[] {3.6, 3.9, 3.6});
    List<Pay> pays = Pay.of(t, 400, List.of(50.0, 20.0));
    // 0.4 Mg/ha less, and 30 $/ha saved.
    assertThat(pays).hasSize(1);
    assertThat(pays.get(0).treatment()).isEqualTo("late");
    assertThat(pays.get(0).usdPerHa()).isCloseTo(30 - 0.4 * 400, within(1e-9));
    BlockTrial.Difference d = t.differences().get(0);
    assertThat(pays.get(0).low()).isCloseTo(30 - d.high() * 400, within(1e-9));
    assertThat(pays.get(0).high()).isCloseTo(30 - d.low() * 400, within(1e-9));
  }

  @Test
  void eachStandsBesideTheFirst() {
    BlockTrial t = trial(new double[] {4, 4.2}, new double[] {3.6, 3.9}, new double[] {4.5, 4.8});
    assertThat(Pay.of(t, 1, List.of(0.0, 0.0, 5.0)))
        .extracting(Pay::treatment)
        .containsExactly("late", "never");
    assertThat(Pay.of(t, 1, List.of(0.0, 0.0, 5.0)).get(1).usdPerHa())
        .isCloseTo(0.55 - 5, within(1e-9));
  }

  @Test
  void theSentenceIsSaidInTheReadersUnits() {
    BlockTrial t = trial(new double[] {4, 4.2, 4.3, 4.1}, new double[] {3.6, 3.7, 3.9, 3.6});
    String us = Sentence.of(t, 0.9, Unit.BEAN_MG_PER_HA).say(UnitSystem.US);
    assertThat(us)
        .startsWith("early came to 7 bu/ac more than late, between ")
        .contains("nine times in ten");
    assertThat(Sentence.of(t, 0.9, Unit.BEAN_MG_PER_HA).say(UnitSystem.METRIC))
        .contains("0.5 Mg/ha");
  }
}
