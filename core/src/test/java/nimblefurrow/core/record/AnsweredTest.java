package nimblefurrow.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import nimblefurrow.core.ending.SecondPass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AnsweredTest {
  @ParameterizedTest
  @CsvSource({
    "counted, kill survivors regrowth slow",
    "cropStand, cropStand",
    "weeds, weeds volunteers",
    "sprayed, secondPass",
    "rolled, secondPass",
    "mowed, secondPass",
    "tilled, secondPass",
    "note, ''",
    "seeded, ''",
    "plants, ''",
  })
  void anEntryAnswersWhatWasTakenOn(String kind, String keys) {
    assertThat(LogKind.of(kind).answers())
        .containsExactlyInAnyOrder(keys.isEmpty() ? new String[0] : keys.split(" "));
  }

  @ParameterizedTest
  @CsvSource({"roll, rolled", "mow, mowed", "till, tilled", "spray, sprayed", "second, sprayed"})
  void aSecondPassIsWrittenDownAsWhatItDid(String way, String kind) {
    assertThat(LogKind.ofSecondPass(SecondPass.workOf(way))).hasToString(kind);
    assertThat(LogKind.of(kind).endsSurvivors()).isTrue();
    assertThat(LogKind.ENDED.endsSurvivors()).isFalse();
    assertThat(LogKind.COUNTED.endsSurvivors()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "weeds, 2026-09-10, true",
    "weeds, 2026-09-09, false",
    "weeds, 2026-10-20, true",
    "note, 2026-09-20, false"
  })
  void fiveDaysBeforeItsTimeIsEarlyEnough(String kind, LocalDate on, boolean answers) {
    Answered weeds = new Answered("weeds", LocalDate.of(2026, 9, 15));
    assertThat(weeds.by(LogKind.of(kind), on)).isEqualTo(answers);
  }
}
