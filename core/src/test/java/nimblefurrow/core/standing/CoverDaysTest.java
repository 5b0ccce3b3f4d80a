package nimblefurrow.core.standing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Seedings;
import org.junit.jupiter.api.Test;

/** The days a cover counts with. */
class CoverDaysTest {
  private static final LocalDate SEED = LocalDate.of(2026, 10, 5);
  private static final LocalDate CLOSES = LocalDate.of(2026, 10, 25);
  private static final LocalDate END = LocalDate.of(2027, 5, 10);
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 20);

  private static CoverDays on(LocalDate today, LocalDate end, Map<Deed, LocalDate> logged) {
    FieldStanding.Cover cover =
        new FieldStanding.Cover(Seedings.DRILL, SEED, CLOSES, Endings.SPRAY_EARLY, end);
    FieldStanding standing =
        FieldStanding.of(
            new FieldStanding.Known(today, null, cover, PLANT, logged, Map.of(), Map.of(), 1));
    return CoverDays.of(standing, end, PLANT.plusDays(1), today);
  }

  @Test
  void aheadOfThemTheyAreTheOnesMeant() {
    assertThat(on(LocalDate.of(2026, 9, 12), END, Map.of()))
        .isEqualTo(new CoverDays(SEED, END, PLANT.plusDays(1)));
  }

  @Test
  void whatIsLateCountsFromToday() {
    LocalDate late = SEED.plusDays(4);
    assertThat(on(late, END, Map.of()).seedOn()).isEqualTo(late);
    LocalDate lateEnd = END.plusDays(5);
    Map<Deed, LocalDate> seeded = Map.of(Deed.SEEDING, SEED);
    assertThat(on(lateEnd, END, seeded).endOn()).isEqualTo(lateEnd);
  }

  @Test
  void whatIsWrittenDownOutranksAll() {
    Map<Deed, LocalDate> logged =
        Map.of(
            Deed.SEEDING, SEED.plusDays(3),
            Deed.ENDING, END.minusDays(4),
            Deed.PLANTING, PLANT.minusDays(2));
    assertThat(on(PLANT.plusDays(9), END, logged))
        .isEqualTo(new CoverDays(SEED.plusDays(3), END.minusDays(4), PLANT.minusDays(2)));
  }

  @Test
  void aCoverStandsADayAtLeast() {
    assertThat(on(LocalDate.of(2026, 9, 12), SEED.minusDays(30), Map.of()).endOn())
        .isEqualTo(SEED.plusDays(1));
    assertThat(on(LocalDate.of(2026, 9, 12), SEED, Map.of()).endOn()).isEqualTo(SEED.plusDays(1));
  }

  @Test
  void tooLateToSeedItsEndStaysTheOneMeant() {
    assertThat(on(CLOSES.plusDays(1), END, Map.of()).endOn()).isEqualTo(END);
  }
}
