package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a late planting costs, by hand along its straight lines. */
class LatePlantingTest {
  private static final LatePlanting CORN = curve(0.03, 0.08, 0.16, 0.32);

  private static LatePlanting curve(Double... losses) {
    return new LatePlanting(
        "corn", MonthDay.of(5, 10), MonthDay.of(6, 12), List.of(losses), 12, 170);
  }

  @ParameterizedTest
  @CsvSource({
    // No loss until 10 May.
    "2027-04-20, 0",
    "2027-05-10, 0",
    // To 3 % by 20 May.
    "2027-05-11, 0.003",
    "2027-05-15, 0.015",
    "2027-05-20, 0.03",
    // Half way from 3 to 8 %, from 8 to 16 %, and a third of the way from 16 to 32 %.
    "2027-05-25, 0.055",
    "2027-05-30, 0.08",
    "2027-06-04, 0.12",
    "2027-06-09, 0.16",
    "2027-06-14, 0.2133333333",
    "2027-06-24, 0.32",
    // Beyond the curve it goes on as before: 16 % more in 15 days.
    "2027-07-09, 0.48",
  })
  void followsItsLines(LocalDate plantOn, double share) {
    assertThat(CORN.lossShare(plantOn)).isCloseTo(share, within(1e-9));
    assertThat(CORN.usdPerHa(plantOn)).isCloseTo(share * 12 * 170, within(1e-5));
  }

  @Test
  void neverMoreThanAllIsLost() {
    assertThat(curve(0.3, 0.5, 0.7, 1.0).lossShare(LocalDate.of(2027, 7, 1))).isEqualTo(1);
  }

  @Test
  void isTooLateTheDayAfterTheLast() {
    assertThat(CORN.tooLate(LocalDate.of(2027, 6, 12))).isFalse();
    assertThat(CORN.tooLate(LocalDate.of(2027, 6, 13))).isTrue();
  }

  @Test
  void lossesGrowAndDaysComeInTheirOrder() {
    assertThatThrownBy(() -> curve(0.03, 0.08, 0.16))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("10, 20, 30 and 45 days");
    assertThatThrownBy(() -> curve(0.03, 0.08, 0.07, 0.32)).hasMessageContaining("after 30 days");
    assertThatThrownBy(() -> curve(0.03, 0.08, 0.16, 1.01)).hasMessageContaining("after 45 days");
    assertThatThrownBy(() -> curve(-0.01, 0.08, 0.16, 0.32)).hasMessageContaining("after 10 days");
    assertThat(curve(0.0, 0.0, 0.0, 1.0).lossShare(LocalDate.of(2027, 6, 24))).isEqualTo(1);
    assertThatThrownBy(
            () ->
                new LatePlanting(
                    "corn",
                    MonthDay.of(5, 10),
                    MonthDay.of(5, 9),
                    List.of(0.0, 0.0, 0.0, 0.0),
                    12,
                    170))
        .hasMessageContaining("last day of planting");
  }

  @Test
  void eachCropHasItsOwnCurve() {
    EndingRules rules = EndingRules.shipped();
    LocalDate day = LocalDate.of(2027, 6, 9);
    // 30 days after 10 May; 28 after 12 May, 7 % and 8 of 10 days to 13 %; 9 after 31 May.
    assertThat(rules.late(NextCrop.Kind.CORN).lossShare(day)).isCloseTo(0.16, within(1e-9));
    assertThat(rules.late(NextCrop.Kind.SOYBEAN).lossShare(day)).isCloseTo(0.118, within(1e-9));
    assertThat(rules.late(NextCrop.Kind.OTHER).lossShare(day)).isZero();
  }
}
