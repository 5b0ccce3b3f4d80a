package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Days out of somebody's table: what cannot be is refused, gaps are found and filled. */
class ReportedDaysTest {
  private static final LocalDate FIRST = LocalDate.of(2020, 3, 1);
  private static final double NAN = Double.NaN;

  private static ReportedDays.Day day(double tmin, double tmax, double rain) {
    return new ReportedDays.Day(tmin, tmax, rain, 3, tmin - 1);
  }

  private static ReportedDays of(int... days) {
    ReportedDays all = new ReportedDays();
    for (int d : days) {
      all.put(FIRST.plusDays(d), day(d, 10 + d, d));
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "-65, 60, 0, ''",
    "-65.1, 10, 0, cannot be",
    "10, 60.1, 0, cannot be",
    "5, 5, 700, ''",
    "5, 4.9, 0, is above the highest",
    "5, 6, -0.1, of rain cannot be",
    "5, 6, 700.1, of rain cannot be",
    "NaN, 6, 0, is missing",
    "5, NaN, 0, is missing",
    "5, 6, NaN, is missing",
  })
  void whatCannotBeIsSaid(double tmin, double tmax, double rain, String fault) {
    String said = ReportedDays.fault(FIRST, day(tmin, tmax, rain)).orElse("");
    assertThat(said).contains(fault);
    assertThat(said.isEmpty()).isEqualTo(fault.isEmpty());
    if (!said.isEmpty()) {
      assertThat(said).contains("2020-03-01");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "0, 5, true, true",
    "59.9, 5, true, true",
    "60, 5, false, true",
    "-0.1, 5, false, true",
    "3, 13, true, true",
    "3, 13.1, true, false",
    "3, -79.9, true, true",
    "3, -80, true, false",
  })
  void windAndDewThatCannotBeAreLeftOut(
      double wind, double dew, boolean windSound, boolean dewSound) {
    ReportedDays.Day sound = new ReportedDays.Day(5, 10, 0, wind, dew).sound();
    assertThat(Double.isNaN(sound.windMPerS())).isNotEqualTo(windSound);
    assertThat(Double.isNaN(sound.dewPointC())).isNotEqualTo(dewSound);
  }

  @Test
  void gapsAreFoundBetweenTheFirstDayAndTheLast() {
    ReportedDays days = of(6, 0, 2, 3);
    assertThat(days.first()).isEqualTo(FIRST);
    assertThat(days.last()).isEqualTo(FIRST.plusDays(6));
    assertThat(days.span()).isEqualTo(7);
    assertThat(days.gaps())
        .containsExactly(
            new ReportedDays.Gap(FIRST.plusDays(1), FIRST.plusDays(1)),
            new ReportedDays.Gap(FIRST.plusDays(4), FIRST.plusDays(5)));
    assertThat(days.whole(false)).isEmpty();
    assertThat(of(0, 1, 2).gaps()).isEmpty();
    assertThat(of(0, 1, 2).whole(false)).isPresent();
  }

  @Test
  void aLaterReportOfADayOutranksTheOneBefore() {
    ReportedDays days = new ReportedDays();
    assertThat(days.isEmpty()).isTrue();
    assertThat(days.put(FIRST, day(1, 2, 3))).isFalse();
    assertThat(days.put(FIRST, day(4, 5, 6))).isTrue();
    assertThat(days.whole(false).orElseThrow().weather().tminC(0)).isEqualTo(4);
  }

  @Test
  void shortGapsLieBetweenTheirNeighboursWithoutRain() {
    var whole = of(0, 3).whole(true).orElseThrow();
    assertThat(whole.filled()).containsExactly(false, true, true, false);
    assertThat(whole.weather().tminC(1)).isCloseTo(1, within(1e-9));
    assertThat(whole.weather().tminC(2)).isCloseTo(2, within(1e-9));
    assertThat(whole.weather().tmaxC(2)).isCloseTo(12, within(1e-9));
    assertThat(whole.weather().precipMm(1)).isZero();
  }

  @Test
  void longGapsTakeTheMeanOfOtherYears() {
    ReportedDays days = new ReportedDays();
    for (int year = 2019; year <= 2021; year++) {
      for (int d = 1; d <= 31; d++) {
        LocalDate on = LocalDate.of(year, 3, d);
        boolean gap = year == 2020 && d >= 10 && d <= 15;
        if (!gap) {
          days.put(on, day(year - 2015, 20, year - 2019));
        }
      }
      for (int d = 0; year < 2021 && d < 335; d++) {
        days.put(LocalDate.of(year, 4, 1).plusDays(d), day(0, 10, 0));
      }
    }
    // Six days are long: 2019 has 4 °C and no rain there, 2021 6 °C and 2 mm.
    var whole = days.whole(true).orElseThrow();
    int i = whole.weather().indexOf(LocalDate.of(2020, 3, 12));
    assertThat(whole.filled()[i]).isTrue();
    assertThat(whole.weather().tminC(i)).isCloseTo(5, within(1e-9));
    assertThat(whole.weather().precipMm(i)).isCloseTo(1, within(1e-9));
  }

  @Test
  void aLongGapThatNoOtherYearKnowsIsNotFilled() {
    assertThat(of(0, 6).whole(true)).as("five days are short").isPresent();
    assertThat(of(0, 7).whole(true)).as("six are not").isEmpty();
  }

  @Test
  void moreYearsThanAnyoneMeasuresAreAMistake() {
    ReportedDays days = new ReportedDays();
    days.put(LocalDate.of(1820, 1, 1), day(1, 2, 0));
    days.put(LocalDate.of(2020, 1, 1), day(1, 2, 0));
    assertThat(days.spanTooMuch()).isFalse();
    days.put(LocalDate.of(2020, 1, 2), day(1, NAN, 0));
    assertThat(days.spanTooMuch()).isTrue();
  }
}
