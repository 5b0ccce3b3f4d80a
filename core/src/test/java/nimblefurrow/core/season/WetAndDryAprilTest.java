package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import nimblefurrow.core.Farm;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;

/**
 * What living rye does to the ground in spring against rye killed on 10 April, with the rain of the
 * record and with April's rain altered. Ranges are from docs/model.md's envelopes.
 */
class WetAndDryAprilTest {
  private static final Station STATION = Station.shipped().get(0);
  private static final int FIRST = 1991;
  private static final int LAST = 2019;

  /** The station with other rain in April, from the day of the month and the rain of the record. */
  private static Sky april(DoubleBinaryOperator rainMm) {
    DailyWeather w = STATION.record();
    int n = w.days();
    double[][] columns = new double[5][n];
    for (int i = 0; i < n; i++) {
      LocalDate day = w.start().plusDays(i);
      columns[0][i] = w.tminC(i);
      columns[1][i] = w.tmaxC(i);
      columns[2][i] =
          day.getMonthValue() == 4
              ? rainMm.applyAsDouble(day.getDayOfMonth(), w.precipMm(i))
              : w.precipMm(i);
      columns[3][i] = w.windMs(i);
      columns[4][i] = w.dewPointC(i);
    }
    return Sky.over(
        DailyWeather.of(w.start(), columns[0], columns[1], columns[2], columns[3], columns[4]),
        STATION.place());
  }

  private record Year(SeasonRun living, SeasonRun killed) {
    double wetness(boolean alive, int month, int day) {
      SeasonColumns c = (alive ? living : killed).columns();
      return c.topSoilWetness()[c.indexOf(LocalDate.of(c.start().getYear() + 1, month, day))];
    }

    static double day(SeasonRun run) {
      LocalDate first = run.firstFitAfterApr20();
      LocalDate end = LocalDate.of(run.columns().start().getYear() + 1, 7, 31);
      LocalDate from = LocalDate.of(end.getYear(), 4, 20);
      return ChronoUnit.DAYS.between(from, first == null ? end : first);
    }

    double later() {
      return day(killed) - day(living);
    }
  }

  private static List<Year> years(Sky sky) {
    return IntStream.rangeClosed(FIRST, LAST)
        .mapToObj(y -> new Year(run(sky, y, List.of()), run(sky, y, kill(y))))
        .toList();
  }

  private static List<Ending> kill(int year) {
    return List.of(new Ending.Kill(LocalDate.of(year + 1, 4, 10)));
  }

  private static SeasonRun run(Sky sky, int year, List<Ending> endings) {
    return Farm.MODEL.run(
        sky,
        new SeasonPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            new CashCrop.SmallGrain(LocalDate.of(year, 7, 15)),
            List.of(Farm.seed("cereal_rye", 70)),
            Placement.DRILL,
            LocalDate.of(year, 9, 17),
            endings,
            null));
  }

  private static double middle(List<Year> years, ToDoubleFunction<Year> of) {
    return Spread.of(years.stream().mapToDouble(of).toArray()).median();
  }

  @Test
  void inADryAprilLivingRyeLeavesTheTopDrier() {
    List<Year> years = years(april((day, rain) -> 0.5 * rain));
    assertThat(middle(years, y -> y.wetness(true, 5, 1) - y.wetness(false, 5, 1)))
        .isBetween(-1.0, -0.02);
  }

  @Test
  void inAVeryWetAprilDeadRyeKeepsTheGroundWetLonger() {
    List<Year> years = years(april((day, rain) -> day <= 20 && day % 2 == 0 ? 15 : rain));
    assertThat(middle(years, y -> y.wetness(true, 4, 20))).isBetween(0.95, 1.40);
    assertThat(middle(years, y -> y.wetness(false, 4, 20))).isBetween(0.98, 1.40);
    assertThat(middle(years, Year::later)).isBetween(1.0, 15.0);
    assertThat(middle(years, y -> Year.day(y.living()))).isBetween(0.0, 25.0);
    assertThat(middle(years, y -> Year.day(y.killed()))).isBetween(1.0, 40.0);
  }

  @Test
  void underTheRecordsRainLivingRyeIsFitNoLater() {
    assertThat(middle(years(april((day, rain) -> rain)), Year::later)).isBetween(0.0, 15.0);
  }
}
