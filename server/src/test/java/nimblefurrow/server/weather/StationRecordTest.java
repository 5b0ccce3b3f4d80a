package nimblefurrow.server.weather;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class StationRecordTest {
  private static final LocalDate FIRST = LocalDate.of(2025, 2, 26);

  /** Ten days with the fifth, 2 March, missing; the minimum is the number of the day. */
  private static StationRecord withAGap() {
    List<StationDays.Row> rows = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      if (i != 4) {
        rows.add(new StationDays.Row(FIRST.plusDays(i), i, i + 10.1f, 0.3f, null, i - 1f));
      }
    }
    return new StationRecord(rows);
  }

  @Test
  void whatLeadsUpToADayBeginsAfterTheLastGap() {
    assertThat(withAGap().until(LocalDate.of(2025, 3, 5)).start())
        .isEqualTo(LocalDate.of(2025, 3, 3));
    assertThat(withAGap().until(LocalDate.of(2025, 3, 5)).end())
        .isEqualTo(LocalDate.of(2025, 3, 5));
    // before the gap, and on the day that is missing
    assertThat(withAGap().until(LocalDate.of(2025, 3, 1)).days()).isEqualTo(4);
    assertThat(withAGap().until(LocalDate.of(2025, 3, 2)).end())
        .isEqualTo(LocalDate.of(2025, 3, 1));
    assertThat(withAGap().until(LocalDate.of(2030, 1, 1)).days()).isEqualTo(5);
  }

  @Test
  void whatIsAheadBeginsOnTheDayAskedForAndHasNoGap() {
    assertThat(withAGap().from(LocalDate.of(2025, 3, 3), LocalDate.of(2025, 3, 5)).days())
        .isEqualTo(3);
    assertThat(withAGap().from(LocalDate.of(2025, 3, 3), LocalDate.of(2025, 4, 5)).days())
        .isEqualTo(5);
    assertThat(withAGap().from(LocalDate.of(2025, 3, 2), LocalDate.of(2025, 3, 5))).isNull();
    assertThat(withAGap().from(LocalDate.of(2025, 3, 1), LocalDate.of(2025, 3, 5))).isNull();
    assertThat(withAGap().from(LocalDate.of(2025, 4, 1), LocalDate.of(2025, 4, 5))).isNull();
  }

  @Test
  void columnsAreTheDecimalsThatWereStored() {
    var days = withAGap().until(LocalDate.of(2025, 3, 1));
    assertThat(days.tminC(3)).isEqualTo(3.0);
    assertThat(days.tmaxC(3)).isEqualTo(13.1);
    assertThat(days.precipMm(3)).isEqualTo(0.3);
    assertThat(days.windMs(3)).isNaN();
    assertThat(days.dewPointC(3)).isEqualTo(2.0);
  }

  @Test
  void aStationWithoutDaysSaysSo() {
    assertThat(new StationRecord(List.of()).isEmpty()).isTrue();
    assertThat(withAGap().isEmpty()).isFalse();
    assertThat(withAGap().first()).isEqualTo(FIRST);
    assertThat(withAGap().last()).isEqualTo(LocalDate.of(2025, 3, 7));
  }
}
