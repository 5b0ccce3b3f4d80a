package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherEnsemble;
import org.junit.jupiter.api.Test;

/** Rain after spreading, by the years and by the forecast for the days it knows. */
class RainSoonTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 10, 20);
  private static final WeatherEnsemble SKIES =
      WeatherEnsemble.join(2026, TODAY, Farm.RECORD, Farm.RECORD, Station.shipped().get(0).place());
  private static final CropSeasons BEANS = CropSeasons.grow(Farm.MODEL, Farm.SOYBEAN, SKIES);

  private static Window window(SeedingMethod method) {
    return new WindowFinder(Farm.CLIMATE, BEANS)
        .find(List.of(Farm.species("cereal_rye")), method, Soil.USUAL);
  }

  private static String said(SeedingMethod method, WeatherEnsemble ensemble) {
    return RainSoon.after(window(method), ensemble).map(r -> r.say(UnitSystem.METRIC)).orElse("");
  }

  private static WeatherEnsemble foretold(double mmADay) {
    int days = 9;
    double[] cool = filled(days, 8);
    double[] none = filled(days, Double.NaN);
    return SKIES.foretold(
        DailyWeather.of(
            TODAY.plusDays(1), cool, filled(days, 18), filled(days, mmADay), none, none));
  }

  private static double[] filled(int days, double value) {
    double[] all = new double[days];
    Arrays.fill(all, value);
    return all;
  }

  private static int years(WeatherEnsemble ensemble) {
    Matcher m = Pattern.compile("(\\d+) of 29 years").matcher(said(Seedings.BROADCAST, ensemble));
    assertThat(m.find()).isTrue();
    return Integer.parseInt(m.group(1));
  }

  /** It is believed by its skill: a dry one lowers the odds, a wet one raises them. */
  @Test
  void aForecastCountsForTheDaysItKnows() {
    assertThat(years(foretold(0))).isLessThan(years(SKIES) - 2);
    assertThat(years(foretold(3))).isGreaterThan(years(SKIES) + 8);
    assertThat(years(foretold(0.2))).isLessThan(years(foretold(3)));
  }

  @Test
  void seedInTheSoilAsksForNone() {
    assertThat(said(Seedings.DRILL, SKIES)).isEmpty();
    assertThat(said(Seedings.FROST, SKIES)).isEmpty();
  }
}
