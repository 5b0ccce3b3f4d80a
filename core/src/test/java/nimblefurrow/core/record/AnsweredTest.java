package nimblefurrow.core.record;

import static org.assertj.core.api.Assertions.assertThat;

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
    "note, ''",
    "seeded, ''",
    "plants, ''",
  })
  void anEntryAnswersWhatWasTakenOn(String kind, String keys) {
    assertThat(LogKind.of(kind).answers())
        .containsExactlyInAnyOrder(keys.isEmpty() ? new String[0] : keys.split(" "));
  }
}
