package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** Feed from October on, and how long a herd lives on it. */
class FeedOnHandTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);
  private static final CoverPlan OATS =
      Farm.plan(Seedings.DRILL, LocalDate.of(2026, 8, 5), Farm.seed("oats", 90));

  @Test
  void isAskedTwiceAMonthFromOctoberUntilTheCoverEnds() {
    List<FeedOnHand> all = FeedOnHand.of(FORECASTER, OATS, WHEAT);
    assertThat(all.get(0).day()).isEqualTo(LocalDate.of(2026, 10, 1));
    assertThat(all.get(1).day()).isEqualTo(LocalDate.of(2026, 10, 15));
    assertThat(all.get(2).day()).isEqualTo(LocalDate.of(2026, 11, 1));
    assertThat(all.get(all.size() - 1).day()).isEqualTo(LocalDate.of(2027, 5, 15));
    CoverPlan late = OATS.seededOn(LocalDate.of(2026, 10, 20));
    assertThat(FeedOnHand.of(FORECASTER, late, WHEAT).get(0).day())
        .isEqualTo(LocalDate.of(2026, 11, 1));
  }

  @Test
  void aHerdLivesOnWhatIsAboveTheStubbleLessWhatIsTrodden() {
    LocalDate october = LocalDate.of(2026, 10, 15);
    CoverPlan clipped = OATS.seeing(List.of(new Sighting.Cover(october, 2.8)));
    FeedOnHand feed = FeedOnHand.of(FORECASTER, clipped, WHEAT).get(1);
    assertThat(feed.mgPerHa(0.5)).isCloseTo(0.8 * (2.8 - 0.8), within(1e-9));
    assertThat(feed.mgPerHa(0.9)).as("measured that day").isEqualTo(feed.mgPerHa(0.1));
    assertThat(feed.days(0.5, 20, 40, 10)).isCloseTo(1600.0 * 20 / 400, within(1e-6));
  }

  @Test
  void oatsThatFrostKilledFeedNothingInSpring() {
    List<FeedOnHand> all = FeedOnHand.of(FORECASTER, OATS, WHEAT);
    assertThat(all.get(1).mgPerHa(0.5)).isGreaterThan(1);
    assertThat(all.get(all.size() - 1).mgPerHa(0.5)).isZero();
    assertThat(all.get(1).mgPerHa(0.1)).isLessThan(all.get(1).mgPerHa(0.9));
  }

  @Test
  void feedOfADayIsThatOfTheListAndNothingBeforeSeeding() {
    List<SeasonRun> runs = FORECASTER.runs(OATS, WHEAT);
    FeedOnHand listed = FeedOnHand.of(FORECASTER, OATS, WHEAT).get(2);
    Spread on = FeedOnHand.on(runs, OATS, listed.day());
    assertThat(on.years()).isEqualTo(runs.size());
    assertThat(on.median()).isCloseTo(listed.mgPerHa(0.5), within(0.05));
    assertThat(FeedOnHand.on(runs, OATS, OATS.seedOn()).quantile(0.99)).isZero();
    assertThat(FeedOnHand.on(runs, OATS, OATS.seedOn().plusDays(50)).median()).isPositive();
  }

  @Test
  void groundThatCarriesIsCountedOverTheYears() {
    List<SeasonRun> runs = FORECASTER.runs(OATS, WHEAT);
    int august = FeedOnHand.fit(runs, LocalDate.of(2026, 8, 20));
    int march = FeedOnHand.fit(runs, LocalDate.of(2027, 3, 15));
    assertThat(august).isBetween(1, runs.size());
    assertThat(march).isBetween(0, runs.size()).isLessThan(august);
  }
}
