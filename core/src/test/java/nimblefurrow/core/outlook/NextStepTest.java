package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.RipeSeen;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.DeedStanding.State;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What is next, at the days on which it turns from one thing to another. */
class NextStepTest {
  private static final LocalDate OPENS = LocalDate.of(2026, 9, 10);
  private static final LocalDate CLOSES = LocalDate.of(2026, 10, 20);
  private static final LocalDate MEANT = LocalDate.of(2026, 9, 25);
  private static final LocalDate END = LocalDate.of(2027, 5, 5);
  private static final Window WINDOW = window(true);

  private static Window window(boolean possible) {
    Reason shut = Reason.of("too little warmth after this day");
    return new Window(
        Seedings.DRILL,
        possible,
        new Window.Edge(OPENS, Reason.of("open")),
        new Window.Edge(OPENS.plusDays(9), Reason.of("best")),
        new Window.Edge(CLOSES, shut),
        List.of());
  }

  private static DeedStanding deed(Deed deed, State state, LocalDate day, double share) {
    return new DeedStanding(deed, state, day, day, share);
  }

  private static FieldStanding standing(DeedStanding seeding, DeedStanding ending) {
    DeedStanding none = deed(Deed.HARVEST, State.NONE, OPENS, 0);
    return new FieldStanding(none, seeding, ending, deed(Deed.PLANTING, State.NONE, END, 0));
  }

  private static FieldStanding toSeed(State state) {
    return standing(deed(Deed.SEEDING, state, MEANT, 0), deed(Deed.ENDING, State.AHEAD, END, 0));
  }

  private static NextStep seeding(LocalDate today, State state, boolean accepted) {
    return NextStep.of(today, WINDOW, toSeed(state), accepted, Endings.SPRAY_EARLY, null);
  }

  private static String said(NextStep step) {
    return step.reason().say(UnitSystem.METRIC);
  }

  @Test
  void whatWasSeenRipeIsRolledNow() {
    RipeSeen ripe = new RipeSeen(END, END.plusDays(10));
    NextStep step = NextStep.roll(ripe, END.plusDays(10));
    assertThat(step.kind()).isEqualTo(NextStep.Kind.END_NOW);
    assertThat(step.due()).isEqualTo(END.plusDays(10));
    assertThat(said(step)).isEqualTo("seen ripe 5 May: roll it by 15 May");
    assertThat(said(NextStep.roll(ripe, END.plusDays(11))))
        .isEqualTo("seen ripe 5 May: roll it at once, seed is ripening");
  }

  @Test
  void itOpensWithinAWeekIsOpenAndClosesWithinAWeek() {
    assertThat(seeding(OPENS.minusDays(8), State.AHEAD, true).kind())
        .isEqualTo(NextStep.Kind.SEED_LATER);
    NextStep soon = seeding(OPENS.minusDays(7), State.AHEAD, true);
    assertThat(soon.kind()).isEqualTo(NextStep.Kind.SEED_SOON);
    assertThat(soon.due()).isEqualTo(MEANT);
    assertThat(seeding(OPENS.minusDays(1), State.AHEAD, true).kind())
        .isEqualTo(NextStep.Kind.SEED_SOON);
    NextStep open = seeding(OPENS, State.AHEAD, true);
    assertThat(open.kind()).isEqualTo(NextStep.Kind.SEED_NOW);
    assertThat(said(open)).contains("on 25 Sep", "window 10 Sep to 20 Oct");
    assertThat(seeding(CLOSES.minusDays(8), State.AHEAD, true).kind())
        .isEqualTo(NextStep.Kind.SEED_NOW);
    NextStep closing = seeding(CLOSES.minusDays(7), State.AHEAD, true);
    assertThat(closing.kind()).isEqualTo(NextStep.Kind.CLOSING);
    assertThat(closing.due()).isEqualTo(CLOSES);
    assertThat(said(closing)).contains("7 days left", "closes 20 Oct");
    assertThat(seeding(CLOSES, State.AHEAD, true).kind()).isEqualTo(NextStep.Kind.CLOSING);
    NextStep missed = seeding(CLOSES.plusDays(1), State.AHEAD, true);
    assertThat(missed.kind()).isEqualTo(NextStep.Kind.MISSED);
    assertThat(said(missed)).isEqualTo("too little warmth after this day");
  }

  @Test
  void whatHasNoWindowIsMissedWhateverTheDay() {
    NextStep none =
        NextStep.of(OPENS, window(false), toSeed(State.AHEAD), true, Endings.SPRAY_EARLY, null);
    assertThat(none.kind()).isEqualTo(NextStep.Kind.MISSED);
    NextStep late =
        NextStep.of(OPENS, window(false), toSeed(State.TOO_LATE), true, Endings.SPRAY_EARLY, null);
    assertThat(late.kind()).isEqualTo(NextStep.Kind.MISSED);
  }

  @Test
  void anAcceptedDayThatPassedIsAskedAfterAndAProposedOneIsNot() {
    NextStep asked = seeding(MEANT.plusDays(5), State.OVERDUE, true);
    assertThat(asked.kind()).isEqualTo(NextStep.Kind.CONFIRM);
    assertThat(asked.due()).isEqualTo(CLOSES);
    assertThat(said(asked)).contains("meant for 25 Sep", "counts as not seeded");
    assertThat(seeding(MEANT.plusDays(5), State.OVERDUE, false).kind())
        .isEqualTo(NextStep.Kind.SEED_NOW);
    NextStep late = seeding(CLOSES.plusDays(2), State.TOO_LATE, true);
    assertThat(late.kind()).isEqualTo(NextStep.Kind.CONFIRM);
    assertThat(said(late)).contains("closed 20 Oct", "never seeded");
    assertThat(seeding(CLOSES.plusDays(2), State.TOO_LATE, false).kind())
        .isEqualTo(NextStep.Kind.MISSED);
  }

  @Test
  void aQueueAtTheMachineClosesAFieldBeforeItsOwnDay() {
    LocalDate by = CLOSES.minusDays(10);
    NextStep.ComeBy queue = new NextStep.ComeBy(by, "the drill", 12);
    NextStep before = waiting(by.minusDays(8), queue);
    assertThat(before.kind()).isEqualTo(NextStep.Kind.SEED_NOW);
    NextStep near = waiting(by.minusDays(7), queue);
    assertThat(near.kind()).isEqualTo(NextStep.Kind.CLOSING);
    assertThat(near.due()).isEqualTo(by);
    assertThat(said(near)).contains("begin by 10 Oct", "12", "the drill");
    NextStep onTheDay = waiting(by, queue);
    assertThat(onTheDay.due()).isEqualTo(by);
    NextStep late = waiting(by.plusDays(1), queue);
    assertThat(late.due()).isEqualTo(CLOSES);
    assertThat(said(late)).contains("should have begun by 10 Oct");
    assertThat(said(waiting(CLOSES.minusDays(3), new NextStep.ComeBy(CLOSES, "the drill", 1))))
        .doesNotContain("the drill");
  }

  private static NextStep waiting(LocalDate today, NextStep.ComeBy queue) {
    return NextStep.of(today, WINDOW, toSeed(State.AHEAD), true, Endings.SPRAY_EARLY, queue);
  }

  @Test
  void whatIsLeftOfAFieldStaysDue() {
    FieldStanding half =
        standing(
            deed(Deed.SEEDING, State.LOGGED, MEANT, 0.6), deed(Deed.ENDING, State.AHEAD, END, 0));
    NextStep rest = NextStep.of(CLOSES.minusDays(8), WINDOW, half, true, Endings.SPRAY_EARLY, null);
    assertThat(rest.kind()).isEqualTo(NextStep.Kind.SEED_NOW);
    assertThat(rest.due()).isEqualTo(CLOSES);
    assertThat(said(rest)).contains("60 %", "25 Sep", "20 Oct");
    assertThat(
            NextStep.of(CLOSES.minusDays(7), WINDOW, half, true, Endings.SPRAY_EARLY, null).kind())
        .isEqualTo(NextStep.Kind.CLOSING);
  }

  private static NextStep grown(LocalDate today, DeedStanding end, EndingMethod way) {
    FieldStanding s = standing(deed(Deed.SEEDING, State.LOGGED, MEANT, 1), end);
    return NextStep.of(today, WINDOW, s, true, way, null);
  }

  @Test
  void threeToSixWeeksAfterSeedingThePlantsAreCounted() {
    DeedStanding end = deed(Deed.ENDING, State.AHEAD, END, 0);
    assertThat(grown(MEANT.plusDays(20), end, Endings.SPRAY_EARLY).kind())
        .isEqualTo(NextStep.Kind.WAIT);
    NextStep look = grown(MEANT.plusDays(21), end, Endings.SPRAY_EARLY);
    assertThat(look.kind()).isEqualTo(NextStep.Kind.LOOK);
    assertThat(look.due()).isEqualTo(MEANT.plusDays(42));
    assertThat(said(look)).contains("seeded 25 Sep, 21 days ago");
    assertThat(grown(MEANT.plusDays(42), end, Endings.SPRAY_EARLY).kind())
        .isEqualTo(NextStep.Kind.LOOK);
    assertThat(grown(MEANT.plusDays(43), end, Endings.SPRAY_EARLY).kind())
        .isEqualTo(NextStep.Kind.WAIT);
  }

  @Test
  void anEndingIsNearAWeekBeforeItsDayAndStandsUntilItIsWrittenDown() {
    DeedStanding end = deed(Deed.ENDING, State.AHEAD, END, 0);
    NextStep wait = grown(END.minusDays(8), end, Endings.ROLL_PLANT);
    assertThat(wait.kind()).isEqualTo(NextStep.Kind.WAIT);
    assertThat(said(wait)).contains("meant for 5 May");
    assertThat(grown(END.minusDays(7), end, Endings.ROLL_PLANT).kind())
        .isEqualTo(NextStep.Kind.END_NOW);
    NextStep over =
        grown(END.plusDays(5), deed(Deed.ENDING, State.OVERDUE, END, 0), Endings.ROLL_PLANT);
    assertThat(over.kind()).isEqualTo(NextStep.Kind.END_NOW);
    assertThat(said(over)).contains("not logged", "counts as standing");
    assertThat(said(grown(END.minusDays(30), end, Endings.WINTER)))
        .isEqualTo("winter ends it; look for survivors by 5 May");
  }

  @Test
  void whatIsOverSaysWhetherSomebodyOrWinterEndedIt() {
    assertThat(said(grown(END, deed(Deed.ENDING, State.LOGGED, END, 1), Endings.ROLL_PLANT)))
        .isEqualTo("ended on 5 May");
    NextStep winter = grown(END, deed(Deed.ENDING, State.LIKELY, END, 0), Endings.WINTER);
    assertThat(winter.kind()).isEqualTo(NextStep.Kind.ENDED);
    assertThat(said(winter)).isEqualTo("winter ended it by 5 May");
  }
}
