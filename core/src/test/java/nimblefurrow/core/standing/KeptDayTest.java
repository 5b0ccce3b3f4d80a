package nimblefurrow.core.standing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Seedings;
import org.junit.jupiter.api.Test;

/** Days of kept work beside the days that are meant. */
class KeptDayTest {
  private static final LocalDate SEED = LocalDate.of(2026, 10, 5);
  private static final LocalDate END = LocalDate.of(2027, 5, 10);
  private static final FieldStanding.Cover COVER =
      new FieldStanding.Cover(Seedings.DRILL, SEED, SEED.plusDays(20), Endings.SPRAY_EARLY, END);

  private static Map<Deed, LocalDate> holding(Deed deed, LocalDate meantThen) {
    return KeptDay.holding(Map.of(deed, new KeptDay(SEED.plusDays(2), meantThen)), COVER);
  }

  @Test
  void aKeptDayHoldsWhileThePlanMeansTheSame() {
    assertThat(holding(Deed.SEEDING, SEED)).containsEntry(Deed.SEEDING, SEED.plusDays(2));
    assertThat(holding(Deed.SEEDING, SEED.minusDays(1))).isEmpty();
    assertThat(holding(Deed.ENDING, END)).containsKey(Deed.ENDING);
    assertThat(holding(Deed.ENDING, SEED)).isEmpty();
  }

  @Test
  void whatThePlanHasNoDayForHolds() {
    assertThat(holding(Deed.HARVEST, SEED.minusDays(9))).containsKey(Deed.HARVEST);
    assertThat(holding(Deed.SEEDING, null)).containsKey(Deed.SEEDING);
    assertThat(KeptDay.holding(Map.of(Deed.SEEDING, new KeptDay(END, SEED.minusDays(3))), null))
        .containsEntry(Deed.SEEDING, END);
  }
}
