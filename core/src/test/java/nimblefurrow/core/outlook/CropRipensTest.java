package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;

/** Whether the next crop is ripe before frost, in the calendar years of a record. */
class CropRipensTest {
  private static final LocalDate FIRST = Farm.RECORD.start();
  private static final int FROM = FIRST.getYear() + (FIRST.getDayOfYear() > 1 ? 1 : 0);

  private static CashCrop corn(int year, int month, int day) {
    return new CashCrop.Corn(LocalDate.of(year, month, day), 108, null, false, 20);
  }

  private static CropRipens ripens(DailyWeather past, int month, int day) {
    return CropRipens.of(
        Farm.MODEL, y -> corn(y, month, day), past, Station.shipped().get(0).place());
  }

  private static DailyWeather years(int from, int to) {
    return Farm.RECORD.slice(LocalDate.of(from, 1, 1), LocalDate.of(to, 12, 31));
  }

  @Test
  void cornOfMayIsRipeInMostYearsAndCornOfAugustNever() {
    DailyWeather ten = years(FROM, FROM + 9);
    CropRipens early = ripens(ten, 5, 1);
    assertThat(early.years()).isEqualTo(10);
    assertThat(early.ripe()).isGreaterThanOrEqualTo(8);
    CropRipens late = ripens(ten, 8, 1);
    assertThat(late.years()).isEqualTo(10);
    assertThat(late.ripe()).isZero();
    CropRipens june = ripens(ten, 6, 5);
    assertThat(june.daysToSpare().median()).isLessThan(early.daysToSpare().median());
  }

  @Test
  void theDaysToSpareAreFromRipeToTheFirstFrostOfTwoDegreesAfterMidsummer() {
    List<Double> spare = new ArrayList<>();
    int ripe = 0;
    for (int year = FROM; year < FROM + 6; year++) {
      DailyWeather one = years(year, year);
      int mature =
          Farm.MODEL
              .crop(corn(year, 5, 20), Sky.over(one, Station.shipped().get(0).place()))
              .matureIndex();
      int frost = 200;
      while (frost < one.days() && one.tminC(frost) > -2) {
        frost++;
      }
      if (mature >= 0 && mature < frost) {
        ripe++;
        spare.add((double) frost - mature);
      }
    }
    CropRipens all = ripens(years(FROM, FROM + 5), 5, 20);
    assertThat(all.ripe()).isEqualTo(ripe).isPositive();
    Spread wanted = Spread.of(spare.stream().mapToDouble(d -> d).toArray());
    assertThat(all.daysToSpare().median()).isEqualTo(wanted.median());
    assertThat(all.daysToSpare().quantile(0.1)).isEqualTo(wanted.quantile(0.1));
  }

  @Test
  void onlyWholeYearsCount() {
    LocalDate newYear = LocalDate.of(FROM, 1, 1);
    assertThat(ripens(Farm.RECORD.slice(newYear, newYear.plusYears(2).minusDays(1)), 5, 1).years())
        .isEqualTo(2);
    assertThat(
            ripens(Farm.RECORD.slice(newYear.plusDays(1), newYear.plusYears(3).minusDays(1)), 5, 1)
                .years())
        .as("the first began on 2 January")
        .isEqualTo(2);
    assertThat(ripens(Farm.RECORD.slice(newYear, LocalDate.of(FROM + 2, 11, 30)), 5, 1).years())
        .as("the last ends in November")
        .isEqualTo(2);
    assertThat(
            ripens(Farm.RECORD.slice(newYear.plusDays(9), LocalDate.of(FROM, 11, 30)), 5, 1)
                .years())
        .isZero();
  }
}
