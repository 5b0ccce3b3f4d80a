package nimblefurrow.core.standing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.DeedStanding.State;
import nimblefurrow.core.standing.FieldStanding.Cover;
import nimblefurrow.core.standing.FieldStanding.Known;
import nimblefurrow.core.standing.FieldStanding.Said;
import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One rule for what nobody has said anything about. */
class FieldStandingTest {
  private static final LocalDate HARVEST = LocalDate.of(2026, 9, 28);
  private static final LocalDate SEED = LocalDate.of(2026, 10, 5);
  private static final LocalDate CLOSES = LocalDate.of(2026, 10, 25);
  private static final LocalDate END = LocalDate.of(2027, 4, 28);
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 12);

  private static Window window() {
    Reason why = Reason.of("so");
    return new Window(
        Seedings.DRILL,
        true,
        new Window.Edge(HARVEST, why),
        new Window.Edge(CLOSES.minusDays(7), why),
        new Window.Edge(CLOSES, why),
        List.of());
  }

  private static Cover cover(EndingMethod ending) {
    return new Cover(Seedings.DRILL, SEED, window(), ending, END);
  }

  private static FieldStanding on(
      LocalDate today,
      Map<Deed, LocalDate> logged,
      Map<Deed, LocalDate> kept,
      Map<Deed, Said> said) {
    return FieldStanding.of(
        new Known(today, HARVEST, cover(Endings.SPRAY_EARLY), PLANT, logged, kept, said, 1));
  }

  private static FieldStanding on(LocalDate today, Map<Deed, LocalDate> logged) {
    return on(today, logged, Map.of(), Map.of());
  }

  @ParameterizedTest
  @CsvSource({
    // harvest counts as done the day after, seeding as not done from the second day after
    "2026-09-28, AHEAD, AHEAD",
    "2026-09-29, LIKELY, AHEAD",
    "2026-10-06, LIKELY, AHEAD",
    "2026-10-07, LIKELY, OVERDUE",
    "2026-10-25, LIKELY, OVERDUE",
    "2026-10-26, LIKELY, TOO_LATE",
    "2027-05-22, LIKELY, TOO_LATE"
  })
  void cropsDoNotWaitAndSeedingsDo(LocalDate today, State harvest, State seeding) {
    FieldStanding s = on(today, Map.of());
    assertThat(s.harvest().state()).isEqualTo(harvest);
    assertThat(s.harvest().day()).isEqualTo(HARVEST);
    assertThat(s.seeding().state()).isEqualTo(seeding);
  }

  @Test
  void aCoverThatWasNeverSeededHasNoEnding() {
    FieldStanding s = on(LocalDate.of(2027, 5, 22), Map.of());
    assertThat(s.hasCover()).isFalse();
    assertThat(s.ending().state()).isEqualTo(State.NONE);
    assertThat(s.planting().state()).isEqualTo(State.LIKELY);
    assertThat(s.planting().day()).isEqualTo(PLANT);
  }

  @Test
  void whatIsOverdueIsDoneTodayAtTheEarliest() {
    LocalDate late = SEED.plusDays(9);
    assertThat(on(late, Map.of()).seedOn(late)).isEqualTo(late);
    assertThat(on(SEED, Map.of()).seedOn(SEED)).isEqualTo(SEED);
    LocalDate may = END.plusDays(20);
    FieldStanding s = on(may, Map.of(Deed.SEEDING, SEED));
    assertThat(s.ending().state()).isEqualTo(State.OVERDUE);
    assertThat(s.ending().meantFor()).isEqualTo(END);
    assertThat(s.endOn(may)).isEqualTo(may);
    assertThat(on(END.plusDays(1), Map.of(Deed.SEEDING, SEED)).ending().state())
        .isEqualTo(State.AHEAD);
  }

  @Test
  void loggedBeatsLikely() {
    LocalDate cut = HARVEST.plusDays(9);
    FieldStanding s = on(LocalDate.of(2026, 10, 30), Map.of(Deed.HARVEST, cut, Deed.SEEDING, SEED));
    assertThat(s.harvest().state()).isEqualTo(State.LOGGED);
    assertThat(s.harvest().day()).isEqualTo(cut);
    assertThat(s.seedOn(LocalDate.of(2026, 10, 30))).isEqualTo(SEED);
    assertThat(s.seeding().unknown()).isFalse();
  }

  @Test
  void aKeptPlanOutranksTheFieldsOwnDay() {
    Map<Deed, LocalDate> kept =
        Map.of(Deed.HARVEST, HARVEST.plusDays(6), Deed.SEEDING, SEED.plusDays(6));
    FieldStanding s = on(SEED.plusDays(7), Map.of(), kept, Map.of());
    assertThat(s.harvest().day()).isEqualTo(HARVEST.plusDays(6));
    assertThat(s.seeding().state()).isEqualTo(State.AHEAD);
    assertThat(on(SEED.plusDays(8), Map.of(), kept, Map.of()).seeding().state())
        .isEqualTo(State.OVERDUE);
  }

  @Test
  void seedBehindTheCombineWaitsForIt() {
    Map<Deed, Said> standing = Map.of(Deed.HARVEST, new Said(SEED.plusDays(2), 0));
    FieldStanding s = on(SEED.plusDays(3), Map.of(), Map.of(), standing);
    assertThat(s.harvest().state()).isEqualTo(State.AHEAD);
    assertThat(s.harvest().day()).isEqualTo(SEED.plusDays(5));
    assertThat(s.seeding().state()).isEqualTo(State.AHEAD);
    assertThat(s.seeding().day()).isEqualTo(SEED.plusDays(5));
  }

  @Test
  void whatWasSaidNotToBeDoneIsAskedAfterAgain() {
    LocalDate said = SEED.plusDays(3);
    Map<Deed, Said> half = Map.of(Deed.SEEDING, new Said(said, 0.5));
    FieldStanding s = on(said, Map.of(), Map.of(), half);
    assertThat(s.seeding().state()).isEqualTo(State.AHEAD);
    assertThat(s.seeding().share()).isEqualTo(0.5);
    int again = FieldStanding.ASKED_AGAIN_DAYS + 2;
    assertThat(on(said.plusDays(again - 1), Map.of(), Map.of(), half).seeding().state())
        .isEqualTo(State.AHEAD);
    assertThat(on(said.plusDays(again), Map.of(), Map.of(), half).seeding().state())
        .isEqualTo(State.OVERDUE);
  }

  @ParameterizedTest
  @CsvSource({
    // part, days from the planned day to today, days from it to the day the rest counts for
    "0.6, -3, 0",
    "0.6, 0, 0",
    "0.6, 4, 4",
    "1, 4, "
  })
  void theRestCountsForItsDayAndNeverForOneThatIsPast(
      double seeded, int today, @Nullable Integer rest) {
    LocalDate day = SEED.plusDays(today);
    FieldStanding s =
        FieldStanding.of(
            new Known(
                day,
                HARVEST,
                cover(Endings.SPRAY_EARLY),
                PLANT,
                Map.of(Deed.SEEDING, SEED.minusDays(4)),
                Map.of(),
                Map.of(),
                seeded));
    assertThat(s.restOn(day)).isEqualTo(rest == null ? null : SEED.plusDays(rest));
  }

  @ParameterizedTest
  @CsvSource({
    // days from the planned ending to today, whether another stands behind it
    "21, true, false",
    "22, true, true",
    "22, false, false",
    "400, false, false"
  })
  void aCoverNobodyEndedIsOverWhenAnotherIsLongDue(int days, boolean followed, boolean over) {
    assertThat(FieldStanding.over(null, END, followed, END.plusDays(days))).isEqualTo(over);
  }

  @Test
  void aCoverWhoseEndingIsWrittenDownIsOver() {
    assertThat(FieldStanding.over(END, END.plusDays(9), false, END)).isTrue();
  }

  @Test
  void aFieldWithoutASeedingHasNoRest() {
    assertThat(on(SEED, Map.of()).restOn(SEED)).isNull();
  }

  @ParameterizedTest
  @CsvSource({
    // what a part left stays open until the window closes; nearly all of a field is all of it
    "0.6, 0, 0.6, true",
    "0.94, 0, 0.94, true",
    "0.95, 0, 1, false",
    "1, 0, 1, false",
    "0.6, 1, 1, false"
  })
  void whatASeededPartLeftIsOpenUntilTheWindowCloses(
      double seeded, int daysPastClose, double share, boolean open) {
    DeedStanding seeding =
        FieldStanding.of(
                new Known(
                    CLOSES.plusDays(daysPastClose),
                    HARVEST,
                    cover(Endings.SPRAY_EARLY),
                    PLANT,
                    Map.of(Deed.SEEDING, SEED),
                    Map.of(),
                    Map.of(),
                    seeded))
            .seeding();
    assertThat(seeding.state()).isEqualTo(State.LOGGED);
    assertThat(seeding.share()).isEqualTo(share);
    assertThat(seeding.open()).isEqualTo(open);
    assertThat(seeding.due()).isFalse();
  }

  @Test
  void winterNeedsNobodyToSayIt() {
    Known k =
        new Known(
            LocalDate.of(2027, 5, 1),
            HARVEST,
            cover(Endings.WINTER),
            PLANT,
            Map.of(Deed.SEEDING, SEED),
            Map.of(),
            Map.of(),
            1);
    assertThat(FieldStanding.of(k).ending().state()).isEqualTo(State.LIKELY);
  }

  @Test
  void aFieldWithoutCropOrCoverHasNothingToSay() {
    FieldStanding s =
        FieldStanding.of(new Known(HARVEST, null, null, null, Map.of(), Map.of(), Map.of(), 1));
    for (Deed deed : Deed.values()) {
      assertThat(s.of(deed).state()).isEqualTo(State.NONE);
      assertThat(s.of(deed).deed()).isEqualTo(deed);
      assertThat(Deed.of(deed.key())).isEqualTo(deed);
      assertThat(Deed.ofLog(LogKind.of(deed.key()))).contains(deed);
    }
  }
}
