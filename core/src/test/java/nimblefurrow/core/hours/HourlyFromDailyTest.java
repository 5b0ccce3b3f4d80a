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

  /** Days that are all alike. */
  private static WorkHours.Hourly alike(
      int days, double low, double high, double rainMm, double wind, double dew) {
    double[][] c = new double[5][days];
    double[] values = {low, high, rainMm, wind, dew};
    for (int k = 0; k < c.length; k++) {
      Arrays.fill(c[k], values[k]);
    }
    DailyWeather weather = DailyWeather.of(MAY, c[0], c[1], c[2], c[3], c[4]);
    return HourlyFromDaily.of(weather, Station.shipped().get(0).place());
  }

  @Test
  void windIsStrongestInTheAfternoonAndGustsByAUsualFactor() {
    WorkHours.Hourly h = alike(3, 8, 20, 0, 4, 5);
    assertThat(h.windMPerS()[15]).isCloseTo(4 * 1.45, within(1e-9));
    assertThat(h.windMPerS()[3]).isCloseTo(4 * 0.55, within(1e-9));
    assertThat(h.windMPerS()[9]).isCloseTo(4, within(1e-9));
    assertThat(h.gustMPerS()[15]).isCloseTo(4 * 1.45 * 1.6, within(1e-9));
    assertThat(alike(1, 8, 20, 0, Double.NaN, 5).windMPerS()[9])
        .as("wind that is not known")
        .isCloseTo(3, within(1e-9));
  }

  @Test
  void rainFallsInOneSpell() {
    double[] cool = alike(1, 8, 23.9, 6, 3, 5).rainMm();
    for (int i = 0; i < 24; i++) {
      assertThat(cool[i]).as("hour %d", i).isEqualTo(i >= 8 && i < 11 ? 2 : 0);
    }
    double[] warm = alike(1, 8, 24, 6, 3, 5).rainMm();
    assertThat(warm[17]).isEqualTo(2);
    assertThat(warm[19]).isEqualTo(2);
    assertThat(warm[16]).isZero();
    double[] flood = alike(1, 8, 20, 60, 3, 5).rainMm();
    assertThat(flood[8]).isEqualTo(5);
    assertThat(flood[19]).isEqualTo(5);
    assertThat(flood[20]).isZero();
    double[] night = alike(1, 8, 30, 60, 3, 5).rainMm();
    assertThat(night[22]).isEqualTo(5);
    assertThat(night[23]).as("the rest before midnight").isCloseTo(30, within(1e-9));
    assertThat(alike(1, 8, 20, 0.5, 3, 5).rainMm()[8]).isEqualTo(0.5);
  }

  @Test
  void airIsColdestAtDawnAndWarmestInTheAfternoon() {
    double[] t = alike(3, 8, 20, 0, 3, 5).tempC();
    int coldest = 0;
    int warmest = 0;
    for (int i = 24; i < 48; i++) {
      coldest = t[i] < t[24 + coldest] ? i - 24 : coldest;
      warmest = t[i] > t[24 + warmest] ? i - 24 : warmest;
    }
    assertThat(coldest).isBetween(4, 5);
    assertThat(warmest).isBetween(13, 14);
    assertThat(t[24 + coldest]).isCloseTo(8, within(1.2));
    assertThat(t[24 + warmest]).isCloseTo(20, within(0.1));
    for (int i = 20; i < 28; i++) {
      assertThat(t[i + 1]).as("nights cool to dawn").isLessThan(t[i]);
    }
    assertThat(t[24 + 23] - 8).as("most of it before midnight").isLessThan((t[24 + 19] - 8) / 2);
  }

  @Test
  void dewPointIsNeverAboveTheAirAndUsuallyNearTheNightsLow() {
    WorkHours.Hourly humid = alike(2, 8, 20, 0, 3, 15);
    assertThat(humid.dewPointC()[5]).isEqualTo(humid.tempC()[5]);
    assertThat(humid.dewPointC()[14]).isEqualTo(15);
    assertThat(alike(2, 8, 20, 0, 3, Double.NaN).dewPointC()[14]).isEqualTo(7.5);
  }

  @Test
  void soilFollowsTheMeanOfFiveDays() {
    double[] soil = alike(8, 8, 20, 0, 3, 5).soilTempC();
    assertThat(soil[24 * 7 + 17])
        .as("14 and a quarter of half the range")
        .isCloseTo(15.5, within(1e-9));
    assertThat(soil[24 * 7 + 5]).isCloseTo(12.5, within(1e-9));
    double[] low = new double[6];
    double[] high = new double[6];
    Arrays.fill(low, 10);
    Arrays.fill(high, 10);
    low[0] = 60;
    high[0] = 60;
    double[] none = new double[6];
    DailyWeather weather = DailyWeather.of(MAY, low, high, none, none, none);
    double[] after = HourlyFromDaily.of(weather, Station.shipped().get(0).place()).soilTempC();
    assertThat(after[24 * 4 + 12]).as("a fifth of the hot day").isCloseTo(20, within(1e-9));
    assertThat(after[24 * 5 + 12]).as("six days on it is forgotten").isCloseTo(10, within(1e-9));
  }

  @Test
  void sunStandsHighestAtNoonAndNotAtNight() {
    double[] sun = alike(1, 8, 20, 0, 3, 5).solarWPerM2();
    assertThat(sun[11]).isCloseTo(sun[12], within(1e-6)).isGreaterThan(sun[10]);
    assertThat(sun[2]).isZero();
    assertThat(sun[21]).isZero();
    assertThat(sun[6]).isCloseTo(sun[17], within(1e-6)).isPositive();
  }

  @Test
  void wetBulbAndDeficitAreThePublishedOnes() {
    Hour half = new Hour(20, 9.27, 0, 0, 0, 0, 0, 0, 0);
    assertThat(half.wetBulbDepressionC())
        .as("Stull 2011: 13.7 at 50 %")
        .isCloseTo(6.3, within(0.05));
    assertThat(half.vapourDeficitKPa()).as("half of 2.339 kPa").isCloseTo(1.1695, within(0.003));
    assertThat(new Hour(20, 21, 0, 0, 0, 0, 0, 0, 0).vapourDeficitKPa()).isZero();
    assertThat(new Hour(20, 20, 0, 0, 0, 0, 0, 0, 0).wetBulbDepressionC())
        .isCloseTo(0, within(0.1));
  }
}
