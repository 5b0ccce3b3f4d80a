package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import nimblefurrow.core.Farm;
import org.junit.jupiter.api.Test;

/** Sky, joined seasons, climate and made-up weather. */
class WeatherTest {
  @Test
  void skyGivesTheSameAsASeparateImplementation() throws Exception {
    JsonNode cases;
    try (var in = WeatherTest.class.getResourceAsStream("/vectors/sky.json")) {
      cases = new ObjectMapper().readTree(Objects.requireNonNull(in));
    }
    for (JsonNode c : cases) {
      Station station = Station.shipped().get(c.get("station").asText().equals("A") ? 0 : 1);
      Sky sky = Sky.over(station.record(), station.place());
      int i = sky.weather().indexOf(LocalDate.parse(c.get("date").asText()));
      assertThat(sky.weather().tmaxC(i)).isEqualTo(c.get("tmax").asDouble());
      near(sky.extraterrestrialMj(i), c.get("ra"));
      near(sky.dayLengthH(i), c.get("daylength"));
      near(sky.solarMj(i), c.get("rs"));
      near(sky.et0Mm(i), c.get("et0"));
    }
  }

  private static void near(double got, JsonNode want) {
    assertThat(got).isCloseTo(want.asDouble(), within(1e-3 * want.asDouble()));
  }

  @Test
  void aSeasonIsWhatWasSeenAndThenAnotherYear() {
    LocalDate today = LocalDate.of(2018, 9, 12);
    Place place = Station.shipped().get(0).place();
    WeatherEnsemble ensemble = WeatherEnsemble.join(2018, today, Farm.RECORD, Farm.RECORD, place);
    int seen = Farm.RECORD.indexOf(LocalDate.of(2018, 9, 12));
    int then = Farm.RECORD.indexOf(LocalDate.of(1991, 9, 13));
    Sky first = ensemble.ensemble().get(0);
    int at = first.weather().indexOf(today);
    assertThat(first.weather().tmaxC(at)).isEqualTo(Farm.RECORD.tmaxC(seen));
    assertThat(first.weather().tmaxC(at + 1)).isEqualTo(Farm.RECORD.tmaxC(then));
    assertThat(ensemble.years()).isEqualTo(29);
    for (Sky sky : ensemble.ensemble()) {
      assertThat(sky.weather().start()).isEqualTo(LocalDate.of(2018, 1, 1));
      assertThat(sky.weather().end()).isAfterOrEqualTo(LocalDate.of(2019, 7, 31));
    }
  }

  @Test
  void aForecastIsBelievedInAsManyWaysAsItsSkillSays() {
    LocalDate today = LocalDate.of(2018, 9, 12);
    Place place = Station.shipped().get(0).place();
    WeatherEnsemble ensemble = WeatherEnsemble.join(2018, today, Farm.RECORD, Farm.RECORD, place);
    double[] cool = {8, 8, 8, 8, 8, 8, 8};
    double[] warm = {18, 18, 18, 18, 18, 18, 18};
    double[] wet = {41, 42, 43, 44, 45, 46, 47};
    double[] wind = {2, 2, 2, 2, 2, 2, 2};
    DailyWeather ahead = DailyWeather.of(today.plusDays(1), cool, warm, wet, wind, cool);
    List<Sky> told = ensemble.foretold(ahead).ensemble();
    for (int lead = 1; lead <= 8; lead++) {
      LocalDate day = today.plusDays(lead);
      double mm = 40 + lead;
      long believe =
          told.stream().filter(s -> s.weather().precipMm(s.weather().indexOf(day)) == mm).count();
      double share = lead > 7 ? 0 : ForecastStandIn.skill(lead);
      assertThat((double) believe / told.size()).isCloseTo(share, within(0.07));
    }
    for (int i = 0; i < told.size(); i++) {
      DailyWeather then = ensemble.ensemble().get(i).weather();
      DailyWeather now = told.get(i).weather();
      assertThat(now.end()).isEqualTo(then.end());
      int later = now.indexOf(today.plusDays(8));
      assertThat(now.precipMm(later)).isEqualTo(then.precipMm(later));
      assertThat(now.tmaxC(later - 8)).isEqualTo(then.tmaxC(later - 8));
      isAsComputedAnew(told.get(i), place);
      isAsComputedAnew(ensemble.ensemble().get(i), place);
    }
    assertThatThrownBy(() -> ensemble.foretold(ahead.startingOn(today)))
        .hasMessageContaining("2018-09-12, not on the day after");
  }

  @Test
  void climateKnowsFrostHeatAndRain() {
    Climate climate = Farm.CLIMATE;
    assertThat(climate.years()).isEqualTo(30);
    assertThat(climate.averageKillingFrost()).isBetween(280.0, 300.0);
    assertThat(climate.heatFrom(240).median()).isGreaterThan(climate.heatFrom(270).median());
    assertThat(climate.freezeThawBegins().median()).isLessThan(climate.growthStarts().median());
  }

  @Test
  void madeUpWeatherIsTheSameForASeedAndLikeItsStation() {
    WeatherGenerator generator = WeatherGenerator.of("Quillon Flats");
    LocalDate from = LocalDate.of(2000, 1, 1);
    LocalDate to = LocalDate.of(2029, 12, 31);
    DailyWeather a = generator.generate(from, to, 5);
    assertThat(generator.generate(from, to, 5).tmaxC(4000)).isEqualTo(a.tmaxC(4000));
    assertThat(generator.generate(from, to, 6).tmaxC(4000)).isNotEqualTo(a.tmaxC(4000));
    double july = 0;
    double rain = 0;
    int days = 0;
    for (int i = 0; i < a.days(); i++) {
      rain += a.precipMm(i);
      if (a.start().plusDays(i).getMonthValue() == 7) {
        july += a.tmaxC(i);
        days++;
      }
    }
    assertThat(july / days).isCloseTo(30.4, within(1.0));
    assertThat(rain / 30).as("yearly rain").isCloseTo(754, within(90.0));
  }

  @Test
  void impossibleWeatherIsRefusedByDay() {
    double[] one = {5};
    double[] none = {Double.NaN};
    LocalDate day = LocalDate.of(2020, 3, 1);
    assertThatThrownBy(() -> DailyWeather.of(day, one, new double[] {4}, one, none, none))
        .hasMessageContaining("above the maximum")
        .hasMessageContaining("2020-03-01");
    assertThatThrownBy(() -> DailyWeather.of(day, one, one, new double[] {-1}, none, none))
        .hasMessageContaining("rain of -1.0");
    assertThatThrownBy(() -> DailyWeather.of(day, none, one, one, none, none))
        .hasMessageContaining("no temperature");
  }

  @Test
  void rainIsToldWhereItWetTheGround() {
    LocalDate first = LocalDate.of(2026, 9, 10);
    double[] none = {Double.NaN, Double.NaN, Double.NaN};
    DailyWeather three =
        DailyWeather.of(
            first,
            new double[] {8, 8, 8},
            new double[] {20, 20, 20},
            new double[] {0.99, 1, 12},
            none,
            none);
    assertThat(three.wettingMm(first)).isEmpty();
    assertThat(three.wettingMm(first.plusDays(1))).hasValue(1);
    assertThat(three.wettingMm(first.plusDays(2))).hasValue(12);
    assertThat(three.wettingMm(first.plusDays(3))).isEmpty();
    assertThat(three.wettingMm(first.minusDays(1))).isEmpty();
  }

  @Test
  void theNextDaysAreWetInAsManyYearsAsTheyWere() {
    LocalDate today = LocalDate.of(2018, 9, 12);
    Place place = Station.shipped().get(0).place();
    WeatherEnsemble ensemble = WeatherEnsemble.join(2018, today, Farm.RECORD, Farm.RECORD, place);
    double[] shares = ensemble.wetShares(3);
    for (int d = 0; d < 3; d++) {
      int wet = 0;
      for (int y = 0; y < ensemble.years(); y++) {
        LocalDate then = today.plusDays(d + 1).withYear(ensemble.pastYear(y));
        wet += Farm.RECORD.precipMm(Farm.RECORD.indexOf(then)) >= 1 ? 1 : 0;
      }
      assertThat(shares[d]).isBetween(0.0, 1.0).isEqualTo((double) wet / ensemble.years());
    }
    assertThat(shares).doesNotContain(0.0);
  }

  /** What is taken over from another sky is what would be computed from the days alone. */
  private static void isAsComputedAnew(Sky sky, Place place) {
    Sky anew = Sky.over(sky.weather(), place);
    for (int i = 0; i < sky.weather().days(); i++) {
      assertThat(sky.meanC(i)).isEqualTo(anew.meanC(i));
      assertThat(sky.dayLengthH(i)).isEqualTo(anew.dayLengthH(i));
      assertThat(sky.extraterrestrialMj(i)).isEqualTo(anew.extraterrestrialMj(i));
      assertThat(sky.solarMj(i)).isEqualTo(anew.solarMj(i));
      assertThat(sky.et0Mm(i)).isEqualTo(anew.et0Mm(i));
      assertThat(sky.photothermalUnits(i)).isEqualTo(anew.photothermalUnits(i));
    }
  }
}
