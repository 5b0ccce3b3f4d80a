package nimblefurrow.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** A table of days judged by hand. */
class WorkHoursTest {
  /** Thirty hours from midnight, all like this one; then changed where the day is not so. */
  private static WorkHours.Hourly day(
      double temp, double dew, double wind, double gust, double sun) {
    double[][] c = new double[7][30];
    double[] all = {temp, dew, wind, gust, 0, sun, 14};
    for (int k = 0; k < 7; k++) {
      Arrays.fill(c[k], all[k]);
    }
    for (int h = 0; h < 30; h++) {
      int clock = h % 24;
      if (clock < 6 || clock > 20) {
        c[5][h] = 0;
      }
    }
    return new WorkHours.Hourly(c[0], c[1], c[2], c[3], c[4], c[5], c[6]);
  }

  @Test
  void wetDawn() {
    WorkHours w = WorkHours.of(day(12, 11.5, 0.8, 1.5, 0), 0.85);
    assertThat(w.rolling(6)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.NO, "wet stems"));
    // Each hour 0.08 mm of dew, less a quarter of 0.0457 kPa × (0.6 + 0.2 × 0.8).
    assertThat(w.hours().get(6).stemWetnessMm()).isCloseTo(7 * (0.08 - 0.0087), within(0.002));
    assertThat(w.spraying(6).verdict()).isEqualTo(WorkHours.Verdict.NO);
  }

  @Test
  void dryWindyNoon() {
    WorkHours w = WorkHours.of(day(24, 8, 7, 10, 700), 0.85);
    assertThat(w.rolling(12)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.GO, ""));
    assertThat(w.spraying(12)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.NO, "wind"));
    assertThat(w.air(12).verdict()).isEqualTo(WorkHours.Verdict.NO);
    assertThat(w.drilling(12).verdict()).isEqualTo(WorkHours.Verdict.GO);
  }

  @Test
  void goodSprayMorningAndInversionEvening() {
    WorkHours w = WorkHours.of(day(19, 12, 3, 4.5, 500), 0.85);
    assertThat(w.spraying(10)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.GO, ""));
    WorkHours calm = WorkHours.of(day(19, 12, 0.9, 1.2, 60), 0.85);
    assertThat(calm.spraying(19))
        .isEqualTo(new WorkHours.Judged(WorkHours.Verdict.NO, "inversion"));
  }

  @Test
  void frostThenSun() {
    WorkHours.Hourly c = day(11, 4, 3, 4, 400);
    Arrays.fill(c.tempC(), 2, 6, -1.5);
    Arrays.fill(c.dewPointC(), 2, 6, -3);
    WorkHours w = WorkHours.of(c, 0.85);
    assertThat(w.spraying(10).verdict()).isEqualTo(WorkHours.Verdict.MARGINAL);
    assertThat(w.spraying(10).limit()).isEqualTo("frost last night");
    Arrays.fill(c.tempC(), 2, 6, -4);
    Arrays.fill(c.dewPointC(), 2, 6, -6);
    assertThat(WorkHours.of(c, 0.85).spraying(10).verdict()).isEqualTo(WorkHours.Verdict.NO);
  }

  @Test
  void showers() {
    WorkHours.Hourly c = day(18, 12, 3, 4, 300);
    c.rainMm()[12] = 3;
    WorkHours w = WorkHours.of(c, 0.90);
    assertThat(w.spraying(11)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.NO, "rain soon"));
    assertThat(w.spraying(8).verdict()).isEqualTo(WorkHours.Verdict.MARGINAL);
    assertThat(w.rolling(12)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.NO, "rain"));
    assertThat(w.drilling(13).limit()).isEqualTo("ground");
    assertThat(w.rolling(14).limit()).isEqualTo("wet stems");
    assertThat(w.rolling(20).verdict()).isNotEqualTo(WorkHours.Verdict.NO);
  }

  @Test
  void darkAndFaultyWeather() {
    WorkHours w = WorkHours.of(day(18, 12, 3, 4, 300), 0.85);
    assertThat(w.air(2)).isEqualTo(new WorkHours.Judged(WorkHours.Verdict.NO, "dark"));
    WorkHours.Hourly c = day(18, 12, 3, 4, 300);
    c.windMPerS()[4] = Double.NaN;
    assertThatThrownBy(() -> WorkHours.of(c, 0.85)).hasMessageContaining("windMPerS of hour 4");
  }
}
