package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** Ways of seeding beside each other, each reckoned here once more by itself. */
class WaySideBySideTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final WindowFinder FINDER = new WindowFinder(Farm.CLIMATE, BEANS);
  private static final LocalDate END = LocalDate.of(2027, 5, 20);
  private static final CoverPlan RYE =
      Farm.plan(Seedings.DRILL, LocalDate.of(2026, 10, 5), Farm.seed("cereal_rye", 70))
          .ended(END, END, Endings.ROLL_PLANT.acts(END));

  private static Window window(SeedingMethod method) {
    return FINDER.find(List.of(Farm.species("cereal_rye")), method, RYE.soil());
  }

  private static List<WaySideBySide> on(LocalDate today, Purpose purpose) {
    return WaySideBySide.of(FORECASTER, FINDER, RYE, BEANS, today, purpose);
  }

  @Test
  void eachWayThatIsStillOpenIsThereOnceInTheOrderOfItsDays() {
    for (LocalDate today :
        List.of(LocalDate.of(2026, 8, 1), window(Seedings.DRILL).closes().day())) {
      List<WaySideBySide> all = on(today, Purpose.HOLD_SOIL);
      assertThat(all.stream().map(WaySideBySide::method))
          .containsExactlyInAnyOrderElementsOf(
              SeedingMethods.all().stream()
                  .filter(m -> window(m).possible())
                  .filter(m -> !window(m).closes().day().isBefore(today))
                  .toList());
      for (int i = 1; i < all.size(); i++) {
        assertThat(all.get(i).seedOn()).isAfterOrEqualTo(all.get(i - 1).seedOn());
      }
    }
    LocalDate after = window(Seedings.DRILL).closes().day().plusDays(1);
    assertThat(on(after, Purpose.HOLD_SOIL)).noneMatch(w -> w.method() == Seedings.DRILL);
  }

  @Test
  void thePlansOwnWayKeepsItsDayAndOthersTakeTheirFirst() {
    LocalDate early = LocalDate.of(2026, 8, 1);
    for (WaySideBySide w : on(early, Purpose.HOLD_SOIL)) {
      LocalDate opens = window(w.method()).opens().day();
      LocalDate first = opens.isBefore(early) ? early : opens;
      assertThat(w.seedOn())
          .as(w.method().key())
          .isEqualTo(w.method() == Seedings.DRILL ? RYE.seedOn() : first);
    }
    LocalDate late = RYE.seedOn().plusDays(3);
    for (WaySideBySide w : on(late, Purpose.HOLD_SOIL)) {
      LocalDate opens = window(w.method()).opens().day();
      assertThat(w.seedOn())
          .as("the plan's day is past: %s", w.method())
          .isEqualTo(opens.isBefore(late) ? late : opens);
    }
    LocalDate same = RYE.seedOn();
    assertThat(
            on(same, Purpose.HOLD_SOIL).stream()
                .filter(w -> w.method() == Seedings.DRILL)
                .findFirst()
                .orElseThrow()
                .seedOn())
        .isEqualTo(same);
  }

  @Test
  void itsFiguresAreThoseOfItsOwnRuns() {
    for (Purpose purpose : List.of(Purpose.SMOTHER_WEEDS, Purpose.HOLD_SOIL)) {
      for (WaySideBySide w : on(LocalDate.of(2026, 8, 1), purpose)) {
        CoverPlan tried = RYE.seeded(w.method(), RYE.coverFor(w.method()), w.seedOn());
        List<SeasonRun> runs = FORECASTER.runs(tried, BEANS);
        List<SeasonRun> read = purpose.hangsOnEnding() ? FORECASTER.ended(tried, BEANS) : runs;
        assertThat(w.years()).isEqualTo(runs.size());
        assertThat(w.goodStand())
            .isEqualTo((int) runs.stream().filter(r -> Stand.good(tried.cover(), r)).count());
        assertThat(w.met())
            .as(w.method().key())
            .isEqualTo(Worth.spread(purpose, tried, read).atLeast(purpose.target()));
        Spread end =
            Spread.of(
                    runs.stream()
                        .mapToDouble(r -> r.columns().totalCoverMgPerHa(r.columns().indexOf(END)))
                        .toArray())
                .with(OwnErrors.of(tried).growth(END));
        assertThat(w.coverMgPerHa().median()).isEqualTo(end.median());
        assertThat(w.seedUsdPerHa())
            .isCloseTo(
                tried.cover().get(0).rateKgPerHa() * Farm.species("cereal_rye").seedUsdPerKg(),
                within(1e-9));
        assertThat(w.cover()).isEqualTo(tried.cover());
      }
    }
  }
}
