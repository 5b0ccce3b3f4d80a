package nimblefurrow.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import nimblefurrow.core.Farm;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.ForecastStandIn;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;

/** Hours made of days keep the days' sums and bounds; the forecast errs more the further ahead. */
class HourlyFromDailyTest {
  private static final LocalDate MAY = LocalDate.of(2020, 5, 1);
  private static final DailyWeather DAYS = Farm.RECORD.slice(MAY, MAY.plusDays(29));

  @Test
  void hoursAddUpToTheirDays() {
    WorkHours.Hourly h = HourlyFromDaily.of(DAYS, Station.shipped().get(0).place());
    Sky sky = Sky.over(DAYS, Station.shipped().get(0).place());
    for (int d = 0; d < DAYS.days(); d++) {
      assertThat(sum(h.rainMm(), d)).isCloseTo(DAYS.precipMm(d), within(1e-9));
      assertThat(sum(h.solarWPerM2(), d) * 3600 / 1e6).isCloseTo(sky.solarMj(d), within(1e-9));
      assertThat(sum(h.windMPerS(), d) / 24).isCloseTo(DAYS.windMs(d), within(1e-9));
      double high = Arrays.stream(h.tempC(), d * 24, d * 24 + 24).max().orElseThrow();
      assertThat(high).isCloseTo(DAYS.tmaxC(d), within(0.5));
    }
    assertThat(h.tempC()[14 + 24]).as("afternoons are warmer").isGreaterThan(h.tempC()[4 + 24]);
  }

  private static double sum(double[] hours, int day) {
    return Arrays.stream(hours, day * 24, day * 24 + 24).sum();
  }

  @Test
  void theForecastErrsMoreTheFurtherAheadAndIsTheSameAllDay() {
    double near = 0;
    double far = 0;
    int wrongNear = 0;
    int wrongFar = 0;
    for (int i = 0; i < 300; i++) {
      LocalDate issued = LocalDate.of(2015, 3, 1).plusDays(i);
      DailyWeather truth = Farm.RECORD.slice(issued.plusDays(1), issued.plusDays(10));
      DailyWeather f = ForecastStandIn.of(truth, Farm.RECORD, issued);
      near += Math.abs(f.tmaxC(0) - truth.tmaxC(0));
      far += Math.abs(f.tmaxC(9) - truth.tmaxC(9));
      wrongNear += f.precipMm(0) > 0 != truth.precipMm(0) > 0 ? 1 : 0;
      wrongFar += f.precipMm(9) > 0 != truth.precipMm(9) > 0 ? 1 : 0;
      assertThat(f.precipMm(3))
          .isEqualTo(ForecastStandIn.of(truth, Farm.RECORD, issued).precipMm(3));
    }
    assertThat(near / 300).isBetween(0.4, 1.0);
    assertThat(far).isGreaterThan(3 * near);
    assertThat(wrongFar).isGreaterThan(2 * wrongNear);
  }

  @Test
  void wetGroundDriesInTheSunAndDrains() {
    int n = 72;
    double[] calm = new double[n];
    Arrays.fill(calm, 3);
    double[] warm = new double[n];
    Arrays.fill(warm, 22);
    double[] dew = new double[n];
    Arrays.fill(dew, 10);
    double[] sun = new double[n];
    for (int i = 0; i < n; i++) {
      sun[i] = i % 24 > 6 && i % 24 < 19 ? 500 : 0;
    }
    WorkHours w =
        WorkHours.of(new WorkHours.Hourly(warm, dew, calm, calm, new double[n], sun, warm), 1.1);
    assertThat(w.hours().get(0).topSoilWetness()).isGreaterThan(1.05);
    assertThat(w.hours().get(n - 1).topSoilWetness()).isBetween(0.6, 0.95);
    assertThat(w.drilling(n - 1).verdict()).isEqualTo(WorkHours.Verdict.GO);
  }
}
