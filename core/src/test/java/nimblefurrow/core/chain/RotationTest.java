package nimblefurrow.core.chain;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A repeating list of years over seasons. */
class RotationTest {
  @ParameterizedTest
  @CsvSource({"2027,0,0", "2028,0,1", "2030,0,0", "2027,2,2", "2028,2,0", "2026,0,2", "2020,1,0"})
  void itComesRound(int season, int offset, int year) {
    assertThat(Rotation.yearOf(season, 2027, offset, 3)).isEqualTo(year);
  }

  @ParameterizedTest
  @CsvSource({"09-20,2027-09-20", "03-31,2028-03-31", "04-01,2027-04-01", "02-15,2028-02-15"})
  void lateWinterBelongsToTheAutumnBefore(String on, LocalDate day) {
    assertThat(Rotation.seedOn(2027, MonthDay.parse("--" + on))).isEqualTo(day);
  }

  @Test
  void aCoverEndsOnTheFirstSuchDayAfterItIsSeeded() {
    LocalDate september = LocalDate.of(2027, 9, 20);
    assertThat(Rotation.endOn(september, MonthDay.of(4, 25))).isEqualTo(LocalDate.of(2028, 4, 25));
    assertThat(Rotation.endOn(september, MonthDay.of(12, 1))).isEqualTo(LocalDate.of(2027, 12, 1));
    assertThat(Rotation.endOn(september, MonthDay.of(9, 20))).isEqualTo(LocalDate.of(2028, 9, 20));
  }
}
