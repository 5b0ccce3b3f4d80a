package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import nimblefurrow.core.Farm;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherEnsemble;
import org.junit.jupiter.api.Test;

/** A cover behind one of the season before, where the record gives the seasons unlike many ways. */
class FollowTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 12);

  private static WeatherEnsemble skies(int season, int firstPastYear) {
    return WeatherEnsemble.join(
        season,
        TODAY,
        Farm.RECORD.slice(LocalDate.of(firstPastYear, 1, 1), Farm.RECORD.end()),
        null,
        Station.shipped().get(0).place());
  }

  private static CashCrop.AfterCover after() {
    LocalDate ended = LocalDate.of(2028, 6, 4);
    SeasonPlan rye =
        new SeasonPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            new CashCrop.Soybean(LocalDate.of(2027, 5, 14), 2.6, 0.76, null),
            List.of(Farm.seed("cereal_rye", 110)),
            Placement.DRILL,
            LocalDate.of(2027, 10, 4),
            List.of(new Ending.Kill(ended)),
            null);
    return new CashCrop.AfterCover(rye, ended);
  }

  private static CropSeasons under(WeatherEnsemble skies) {
    return CropSeasons.grow(Farm.MODEL, after().before().crop(), skies);
  }

  @Test
  void aThirdCoverStandsOnWhatTheSecondLeftOfTheSeasonBefore() {
    int first = Farm.RECORD.start().getYear() + 1;
    WeatherEnsemble earlier = skies(2027, first);
    WeatherEnsemble later = skies(2028, first);
    CropSeasons behindRye = CropSeasons.follow(Farm.MODEL, after(), under(earlier), later);
    LocalDate mown = LocalDate.of(2028, 9, 8);
    SeasonPlan summer =
        new SeasonPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            after(),
            List.of(Farm.seed("sorghum_sudan", 28)),
            Placement.DRILL,
            LocalDate.of(2028, 6, 7),
            List.of(new Ending.Kill(mown)),
            null);
    CropSeasons third =
        CropSeasons.follow(Farm.MODEL, new CashCrop.AfterCover(summer, mown), behindRye, later);
    assertThat(third.years()).hasSize(later.years());
    assertThat(third.day(third.harvest().median())).isEqualTo(mown);
  }

  private static List<Integer> years(WeatherEnsemble of) {
    return IntStream.range(0, of.years()).mapToObj(of::pastYear).toList();
  }

  @Test
  void eachWayIsLedIntoByTheWayOfTheSamePastYearOrTheNearest() {
    int first = Farm.RECORD.start().getYear() + 1;
    for (int[] from : new int[][] {{first, first}, {first + 3, first}, {first, first + 3}}) {
      WeatherEnsemble earlier = skies(2027, from[0]);
      WeatherEnsemble later = skies(2028, from[1]);
      CropSeasons seasons = CropSeasons.follow(Farm.MODEL, after(), under(earlier), later);
      assertThat(seasons.years()).hasSize(later.years());
      for (int y : new int[] {0, 1, 4, later.years() - 1}) {
        int wanted = later.pastYear(y);
        int nearest =
            years(earlier).stream()
                .min(java.util.Comparator.comparingInt(p -> Math.abs(p - wanted)))
                .orElseThrow();
        Sky before = earlier.ensemble().get(nearest - earlier.pastYear(0));
        CropColumns alone =
            Farm.MODEL.behind(
                after(),
                before,
                Farm.MODEL.crop(after().before().crop(), before),
                later.ensemble().get(y));
        int july = seasons.count(LocalDate.of(2028, 7, 1));
        assertThat(seasons.years().get(y).lightAtGround(july))
            .as("past year %d behind %d", wanted, nearest)
            .isEqualTo(alone.lightAtGround(july));
        assertThat(seasons.years().get(y).harvestIndex()).isEqualTo(alone.harvestIndex());
      }
    }
  }
}
