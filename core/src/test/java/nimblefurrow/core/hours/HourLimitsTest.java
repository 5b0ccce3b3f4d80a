package nimblefurrow.core.hours;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import nimblefurrow.core.hours.WorkHours.Judged;
import nimblefurrow.core.hours.WorkHours.Verdict;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every limit of an hour, from both of its sides. */
class HourLimitsTest {
  private static final int HOURS = 24;
  private static final int NOW = 20;

  /** Hours that are all alike: a good hour for any work unless something is said. */
  private static final class Table {
    final double[] temp = filled(20);
    final double[] dew = filled(13.5);
    final double[] wind = filled(3);
    final double[] gust = filled(4);
    final double[] rain = filled(0);
    final double[] sun = filled(400);
    final double[] soil = filled(12);
    double ground = 0.8;

    private static double[] filled(double value) {
      double[] all = new double[HOURS];
      Arrays.fill(all, value);
      return all;
    }

    Table set(String what, double value) {
      double[] column =
          switch (what) {
            case "temp" -> temp;
            case "dew" -> dew;
            case "wind" -> wind;
            case "gust" -> gust;
            case "sun" -> sun;
            case "soil" -> soil;
            default -> throw new IllegalArgumentException(what);
          };
      Arrays.fill(column, value);
      return this;
    }

    /** Air that takes no water, at night and not still: what is wet stays as wet. */
    Table nothingDries() {
      return set("dew", temp[0]).set("sun", 0);
    }

    Table rainAt(int... hours) {
      for (int h : hours) {
        rain[h] = 0.5;
      }
      return this;
    }

    WorkHours hours() {
      return WorkHours.of(new WorkHours.Hourly(temp, dew, wind, gust, rain, sun, soil), ground);
    }
  }

  private static Judged judged(String work, WorkHours hours) {
    return switch (work) {
      case "rolling" -> hours.rolling(NOW);
      case "spraying" -> hours.spraying(NOW);
      case "air" -> hours.air(NOW);
      default -> hours.drilling(NOW);
    };
  }

  @ParameterizedTest
  @CsvSource({"rolling", "spraying", "air", "drilling"})
  void aGoodHourIsGood(String work) {
    assertThat(judged(work, new Table().hours())).isEqualTo(new Judged(Verdict.GO, ""));
  }

  @ParameterizedTest
  @CsvSource({
    "rolling, temp, 15, GO, ''",
    "rolling, temp, 14.9, MARGINAL, cool stems",
    "rolling, temp, 10, MARGINAL, cool stems",
    "rolling, temp, 9.9, NO, cool stems",
    "spraying, wind, 1.35, GO, ''",
    "spraying, wind, 1.34, MARGINAL, too calm",
    "spraying, wind, 4.47, GO, ''",
    "spraying, wind, 4.48, MARGINAL, wind",
    "spraying, wind, 5.81, MARGINAL, wind",
    "spraying, wind, 5.82, NO, wind",
    "spraying, gust, 6.70, GO, ''",
    "spraying, gust, 6.71, MARGINAL, gusts",
    "spraying, gust, 8.94, MARGINAL, gusts",
    "spraying, gust, 8.95, NO, gusts",
    "air, wind, 4.47, GO, ''",
    "air, wind, 4.48, MARGINAL, wind",
    "air, wind, 6.70, MARGINAL, wind",
    "air, wind, 6.71, NO, wind",
    "air, gust, 6.70, GO, ''",
    "air, gust, 6.71, MARGINAL, gusts",
    "air, gust, 8.94, MARGINAL, gusts",
    "air, gust, 8.95, NO, gusts",
    "air, sun, 5, GO, ''",
    "air, sun, 4.9, NO, dark",
    "drilling, soil, 4, GO, ''",
    "drilling, soil, 3.9, MARGINAL, cold ground",
    "drilling, soil, 0, MARGINAL, cold ground",
    "drilling, soil, -0.1, NO, cold ground"
  })
  void limitsHoldFromBothSides(
      String work, String what, double value, Verdict verdict, String limit) {
    assertThat(judged(work, new Table().set(what, value).hours()))
        .isEqualTo(new Judged(verdict, limit));
  }

  @ParameterizedTest
  @CsvSource({
    // air and dew point with a wet bulb within 2 to 8 degrees below
    "9.9, 5.0, MARGINAL, cold leaves",
    "10.1, 5.0, GO, ''",
    "5.0, 0.5, MARGINAL, cold leaves",
    "4.9, 0.5, NO, cold leaves",
    "30.0, 22, GO, ''",
    "30.1, 22, MARGINAL, heat",
    "35.0, 28, MARGINAL, heat",
    "35.1, 28, NO, heat",
    "20, 7, GO, ''",
    "20, 0.5, MARGINAL, dry air",
    "20, -4.5, NO, dry air",
    "20, 17.2, MARGINAL, damp air",
    "20, 19.6, NO, damp air"
  })
  void sprayingWantsLeavesThatTakeItUp(double temp, double dew, Verdict verdict, String limit) {
    Table t = new Table().set("temp", temp).set("dew", dew);
    assertThat(judged("spraying", t.hours())).isEqualTo(new Judged(verdict, limit));
  }

  @ParameterizedTest
  @CsvSource({"119, NO, inversion", "120, MARGINAL, too calm"})
  void calmAirUnderALowSunIsAnInversion(double sun, Verdict verdict, String limit) {
    Table t = new Table().set("wind", 1).set("sun", sun);
    assertThat(judged("spraying", t.hours())).isEqualTo(new Judged(verdict, limit));
  }

  @ParameterizedTest
  @CsvSource({
    "14, 0.1, GO",
    "14, 0, MARGINAL",
    "14, -2, MARGINAL",
    "14, -2.1, NO",
    "15, -5, GO",
    "0, 0, NO"
  })
  void frostOfTheLastFourteenHoursStopsTheSprayer(int ago, double temp, Verdict verdict) {
    Table t = new Table();
    t.temp[NOW - ago] = temp;
    t.dew[NOW - ago] = temp - 3;
    assertThat(judged("spraying", t.hours()).verdict()).isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({
    "1, 1, NO, rain soon",
    "2, 1, NO, rain soon",
    "3, 1, MARGINAL, rain soon",
    "3, 0.1, GO, ''"
  })
  void rainToComeWashesItOff(int ahead, double mm, Verdict verdict, String limit) {
    Table t = new Table();
    t.rain[NOW + ahead] = mm;
    assertThat(judged("spraying", t.hours())).isEqualTo(new Judged(verdict, limit));
  }

  @Test
  void fiveHoursAheadIsSoonAndSixIsNot() {
    Table t = new Table();
    t.rain[23] = 2;
    WorkHours w = t.hours();
    assertThat(w.spraying(18)).isEqualTo(new Judged(Verdict.MARGINAL, "rain soon"));
    assertThat(w.spraying(17)).isEqualTo(new Judged(Verdict.GO, ""));
  }

  @ParameterizedTest
  @CsvSource({
    "rolling, 0.01, NO, rain",
    "spraying, 0.01, NO, rain",
    "air, 0.01, NO, rain",
    "drilling, 0.01, MARGINAL, rain",
    "drilling, 1, MARGINAL, rain",
    "drilling, 1.01, NO, rain"
  })
  void rainStopsWork(String work, double mm, Verdict verdict, String limit) {
    Table t = new Table();
    t.rain[NOW] = mm;
    assertThat(judged(work, t.hours())).isEqualTo(new Judged(verdict, limit));
  }

  @ParameterizedTest
  @CsvSource({
    "rolling, 0.959, GO, ''",
    "rolling, 0.961, MARGINAL, ground",
    "drilling, 0.919, GO, ''",
    "drilling, 0.921, MARGINAL, ground",
    "drilling, 0.979, MARGINAL, ground",
    "drilling, 0.981, NO, ground"
  })
  void groundCarriesUpToItsLimits(String work, double wetness, Verdict verdict, String limit) {
    Table t = new Table().nothingDries();
    t.ground = wetness;
    assertThat(judged(work, t.hours())).isEqualTo(new Judged(verdict, limit));
  }

  @ParameterizedTest
  @CsvSource({
    "0.05, GO, ''",
    "0.06, MARGINAL, wet stems",
    "0.15, MARGINAL, wet stems",
    "0.16, NO, wet stems"
  })
  void stemsAreDryForTheRoller(double mm, Verdict verdict, String limit) {
    Table t = new Table().nothingDries();
    t.rain[NOW - 1] = mm;
    WorkHours w = t.hours();
    assertThat(w.hours().get(NOW).stemWetnessMm()).isCloseTo(mm, within(1e-12));
    assertThat(w.rolling(NOW)).isEqualTo(new Judged(verdict, limit));
  }

  @Test
  void stemsHoldSoMuchAndDryByAirWindAndSun() {
    Table t = new Table().nothingDries();
    t.rain[0] = 5;
    assertThat(t.hours().hours().get(3).stemWetnessMm()).as("the rest runs off").isLessThan(2);
    Table drying = new Table();
    drying.rain[0] = 1;
    Hour first = drying.hours().hours().get(0);
    // 2.3383 − 1.5474 kPa = 0.791; × (0.6 + 0.2·3) + 0.15 × 1.44 MJ = 1.165; a quarter of it goes.
    assertThat(first.vapourDeficitKPa()).isCloseTo(0.791, within(0.002));
    assertThat(first.stemWetnessMm()).isCloseTo(1 - 0.25 * (0.791 * 1.2 + 0.216), within(0.002));
  }

  @Test
  void dewFallsInStillDarkAirNearItsDewPoint() {
    Table t = new Table().set("wind", 1.9).set("sun", 4.9);
    t.set("dew", 20);
    double dew = t.hours().hours().get(0).stemWetnessMm();
    assertThat(dew)
        .as("0.08 mm less a trace of sun")
        .isCloseTo(0.08 - 0.25 * 0.15 * 0.01764, within(1e-9));
    assertThat(
            new Table()
                .set("wind", 2)
                .set("sun", 4.9)
                .set("dew", 20)
                .hours()
                .hours()
                .get(0)
                .stemWetnessMm())
        .isZero();
    assertThat(
            new Table()
                .set("wind", 1.9)
                .set("sun", 5)
                .set("dew", 20)
                .hours()
                .hours()
                .get(0)
                .stemWetnessMm())
        .isZero();
    assertThat(
            new Table()
                .set("wind", 1.9)
                .set("sun", 0)
                .set("dew", 16)
                .hours()
                .hours()
                .get(0)
                .stemWetnessMm())
        .isZero();
  }

  @Test
  void groundTakesRainUpDrainsAndIsDried() {
    Table t = new Table().nothingDries();
    t.ground = 0.9;
    t.rain[0] = 4.8;
    WorkHours w = t.hours();
    assertThat(w.hours().get(0).topSoilWetness()).as("4.8 of 48 mm").isCloseTo(1.0, within(1e-9));
    t.ground = 1.2;
    t.rain[0] = 0;
    assertThat(t.hours().hours().get(0).topSoilWetness())
        .as("a twentieth of what is over")
        .isCloseTo(1.19, within(1e-9));
    Table dries = new Table();
    dries.ground = 1;
    // 0.12 × 1.44 MJ + 0.05 × 0.791 kPa of 48 mm.
    assertThat(dries.hours().hours().get(0).topSoilWetness())
        .isCloseTo(1 - (0.12 * 1.44 + 0.05 * 0.791) / 48, within(1e-5));
    dries.ground = 0.1;
    assertThat(dries.hours().hours().get(0).topSoilWetness()).as("never drier").isEqualTo(0.3);
  }

  @Test
  void fogIsStillAirAtItsDewPoint() {
    Table fog = new Table().set("dew", 19.6).set("wind", 1.9);
    assertThat(judged("air", fog.hours())).isEqualTo(new Judged(Verdict.MARGINAL, "fog"));
    assertThat(judged("air", new Table().set("dew", 19.5).set("wind", 1.9).hours()).verdict())
        .isEqualTo(Verdict.GO);
    assertThat(judged("air", new Table().set("dew", 19.6).set("wind", 2).hours()).verdict())
        .isEqualTo(Verdict.GO);
  }

  @ParameterizedTest
  @CsvSource({
    "temp, 60.1", "temp, -60.1", "dew, 45.1", "dew, -60.1", "wind, 80.1", "wind, -0.1",
    "gust, 120.1", "gust, -0.1", "sun, 1500.1", "sun, -0.1", "soil, 60.1", "soil, -40.1"
  })
  void whatCannotBeIsRefusedWithItsHour(String what, double value) {
    assertThatThrownBy(() -> new Table().set(what, value).hours())
        .isInstanceOf(Refused.class)
        .hasMessageContaining("of hour 0 is " + value);
  }

  @ParameterizedTest
  @CsvSource({
    "temp, 60",
    "dew, 45",
    "dew, -60",
    "wind, 80",
    "wind, 0",
    "gust, 120",
    "gust, 0",
    "sun, 1500",
    "sun, 0",
    "soil, 60",
    "soil, -40"
  })
  void whatJustCanBeIsTaken(String what, double value) {
    assertThat(new Table().set(what, value).hours().hours()).hasSize(HOURS);
  }

  @Test
  void tablesAreWhole() {
    assertThatThrownBy(
            () -> {
              Table t = new Table();
              t.ground = 3.1;
              t.hours();
            })
        .hasMessageContaining("share of 0 to 3");
    Table wet = new Table();
    wet.ground = 3;
    assertThat(wet.hours().hours()).isNotEmpty();
    double[] none = {};
    assertThatThrownBy(
            () -> WorkHours.of(new WorkHours.Hourly(none, none, none, none, none, none, none), 0.8))
        .hasMessageContaining("at least one hour");
    assertThatThrownBy(
            () ->
                WorkHours.of(
                    new WorkHours.Hourly(
                        new double[2],
                        new double[2],
                        new double[1],
                        new double[2],
                        new double[2],
                        new double[2],
                        new double[2]),
                    0.8))
        .hasMessageContaining("windMPerS has 1 hours, tempC has 2");
    Table rainy = new Table();
    rainy.rain[3] = 300.1;
    assertThatThrownBy(rainy::hours).hasMessageContaining("rainMm of hour 3");
  }

  @Test
  void hoursOfASpanAreCountedFromTheFirstThatGoes() {
    WorkHours all = new Table().nothingDries().hours();
    assertThat(all.drillingGoes(0, HOURS)).isEqualTo(new WorkHours.Going(HOURS, 0, ""));
    assertThat(all.drillingGoes(4, 10)).isEqualTo(new WorkHours.Going(6, 4, ""));
    WorkHours rain = new Table().nothingDries().rainAt(0, 1, 5).hours();
    assertThat(rain.drillingGoes(0, 10)).isEqualTo(new WorkHours.Going(7, 2, "rain"));
    assertThat(rain.drillingGoes(0, 2)).isEqualTo(new WorkHours.Going(0, null, "rain"));
  }
}
