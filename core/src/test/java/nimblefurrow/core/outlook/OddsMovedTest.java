package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What a day's weather does to the odds of a plan. */
class OddsMovedTest {
  private static final CoverPlan PLAN =
      Farm.plan(Seedings.DRILL, LocalDate.of(2026, 10, 1), Farm.seed("cereal_rye", 70));
  private static final double TARGET = Purpose.SMOTHER_WEEDS.target();

  private static Outlook outlook(double cover, double ripe) {
    return OutlookNumbersTest.with(cover, ripe, 10);
  }

  @Test
  void oddsThatMovedTellWhatMovedWithThem() {
    OddsMoved less =
        OddsMoved.of(PLAN, outlook(TARGET, 500), outlook(TARGET - 1, 503), Purpose.SMOTHER_WEEDS)
            .orElseThrow();
    assertThat(less.before()).isEqualTo(10);
    assertThat(less.now()).isZero();
    assertThat(less.years()).isEqualTo(10);
    assertThat(less.why().stream().map(r -> r.say(UnitSystem.METRIC)))
        .containsExactly("1.0 Mg/ha less cover at the end", "ripe 3 days later");
    OddsMoved more =
        OddsMoved.of(PLAN, outlook(TARGET - 1, 500), outlook(TARGET, 500), Purpose.SMOTHER_WEEDS)
            .orElseThrow();
    assertThat(more.now()).isEqualTo(10);
  }

  @Test
  void oddsThatStandAreNotTold() {
    assertThat(
            OddsMoved.of(
                PLAN, outlook(TARGET - 2, 500), outlook(TARGET - 1, 510), Purpose.SMOTHER_WEEDS))
        .as("more cover and later, and short as before")
        .isEmpty();
  }
}
