package nimblefurrow.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** Where to begin after tries, and how far a guess is from them. */
class SettingMemoryTest {
  private static SettingMemory of(double target, double... tries) {
    List<SettingLine.Try> all = new java.util.ArrayList<>();
    for (int i = 0; i < tries.length; i += 2) {
      all.add(new SettingLine.Try(tries[i], tries[i + 1]));
    }
    return SettingMemory.of(all, target);
  }

  private static String said(SettingMemory memory) {
    Reason note = memory.note();
    return note == null ? "" : note.say(UnitSystem.US);
  }

  @Test
  void amongTheTriesNothingIsToBeSaid() {
    SettingMemory memory = of(60, 20, 40, 40, 80);
    assertThat(memory.setting()).isCloseTo(30, within(1e-9));
    assertThat(memory.note()).isNull();
    assertThat(of(80, 20, 40, 40, 80).note()).as("on the edge").isNull();
  }

  @Test
  void outsideThemItSaysByHowFar() {
    assertThat(said(of(100, 20, 40, 40, 80)))
        .isEqualTo("50 is 10 above the highest try, 40: a guess until it is tried");
    assertThat(said(of(30, 20, 40, 40, 80)))
        .isEqualTo("15 is 5 below the lowest try, 20: a guess until it is tried");
  }

  @Test
  void oneTryIsBelievedWithinATenthOfIt() {
    assertThat(of(87, 40, 80).note()).isNull();
    assertThat(said(of(90, 40, 80))).startsWith("45 is 5 above the one try, 40");
    assertThat(of(90, 40, 80).setting()).isCloseTo(45, within(1e-9));
  }

  @Test
  void triesThatTellNothingAreNotGuessedFrom() {
    assertThat(of(90, 40, 0).setting()).isNull();
    assertThat(said(of(90, 40, 0))).contains("gave nothing");
    assertThat(said(of(90, 40, 60, 50, 60))).contains("did not move");
  }
}
