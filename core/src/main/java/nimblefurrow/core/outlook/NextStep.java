package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.RipeSeen;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * What a field asks for next.
 *
 * @param kind the kind of step
 * @param due the day it is due or runs out; null when there is none
 * @param reason in a sentence
 */
public record NextStep(Kind kind, @Nullable LocalDate due, Reason reason) {
  private static final int SOON_DAYS = 7;
  private static final int LOOK_AFTER_DAYS = 21;
  private static final int LOOK_UNTIL_DAYS = 42;

  /** Kinds of steps, most pressing first. */
  public enum Kind {
    MISSED("too late as planned"),
    CLOSING("closes this week"),
    SEED_NOW("open now"),
    END_NOW("end it now"),
    CONFIRM("was it seeded?"),
    LOOK("go and count"),
    SEED_SOON("opens within a week"),
    CHOOSE("no cover yet"),
    SEED_LATER("later this season"),
    WAIT("growing"),
    ENDED("ended"),
    LEFT_OUT("left out this year");

    private final String label;

    Kind(String label) {
      this.label = label;
    }

    /** {@return its name in a grower's words} */
    public String label() {
      return label;
    }
  }

  /**
   * When the machine must come at the latest, so that it gets round all that wait for it.
   *
   * @param by last day to begin; before today when it is too late for that
   * @param machine in a grower's words
   * @param hours of all fields that wait for it
   */
  public record ComeBy(LocalDate by, String machine, double hours) {}

  /**
   * {@return the next step of a plan}
   *
   * @param today the day it is
   * @param window when it can be seeded
   * @param standing what is written down, likely, or due without a word
   * @param accepted whether the plan was accepted, so that its day may simply have come and gone
   * @param ending how it is meant to end
   * @param comeBy when the machine must come; null when no machine of the farm's is known
   */
  public static NextStep of(
      LocalDate today,
      Window window,
      FieldStanding standing,
      boolean accepted,
      EndingMethod ending,
      @Nullable ComeBy comeBy) {
    DeedStanding ended = standing.ending();
    DeedStanding seeded = standing.seeding();
    if (ended.done()) {
      String text =
          ended.state() == DeedStanding.State.LOGGED
              ? "ended on {day}"
              : "winter ended it by {day}";
      return new NextStep(Kind.ENDED, ended.day(), Reason.of(text).with("day", ended.day()));
    }
    if (seeded.done() && seeded.open()) {
      LocalDate closes = window.closes().day();
      boolean soon = ChronoUnit.DAYS.between(today, closes) <= SOON_DAYS;
      return new NextStep(
          soon ? Kind.CLOSING : Kind.SEED_NOW,
          closes,
          Reason.of("{done} was seeded {day}; the rest can be until {closes}")
              .with("done", seeded.share(), Unit.SHARE)
              .with("day", seeded.day())
              .with("closes", closes));
    }
    return seeded.done()
        ? growing(today, seeded.day(), ending, ended)
        : toSeed(today, window, seeded, accepted, comeBy);
  }

  /**
   * {@return the step of a cover that was seen ripe for the drum: roll it now}
   *
   * @param ripe what was seen
   * @param today the day it is
   */
  public static NextStep roll(RipeSeen ripe, LocalDate today) {
    String text =
        today.isAfter(ripe.until())
            ? "seen ripe {on}: roll it at once, seed is ripening"
            : "seen ripe {on}: roll it by {until}";
    return new NextStep(
        Kind.END_NOW,
        ripe.until(),
        Reason.of(text).with("on", ripe.on()).with("until", ripe.until()));
  }

  private static NextStep toSeed(
      LocalDate today,
      Window window,
      DeedStanding seeding,
      boolean accepted,
      @Nullable ComeBy comeBy) {
    LocalDate closes = window.closes().day();
    LocalDate seedOn = seeding.day();
    if (accepted && seeding.state() == DeedStanding.State.OVERDUE) {
      return new NextStep(
          Kind.CONFIRM,
          closes,
          Reason.of("meant for {day}, not logged: counts as not seeded; closes {closes}")
              .with("day", seeding.meantFor())
              .with("closes", closes));
    }
    if (accepted && seeding.state() == DeedStanding.State.TOO_LATE && window.possible()) {
      return new NextStep(
          Kind.CONFIRM,
          closes,
          Reason.of("meant for {day}, closed {closes}, not logged: counts as never seeded")
              .with("day", seeding.meantFor())
              .with("closes", closes));
    }
    Reason how =
        Reason.of("{method} on {day}; window {opens} to {closes}")
            .with("method", window.method().label())
            .with("day", seedOn)
            .with("opens", window.opens().day())
            .with("closes", closes);
    if (!window.possible() || today.isAfter(closes)) {
      return new NextStep(Kind.MISSED, closes, window.closes().reason());
    }
    long toOpen = ChronoUnit.DAYS.between(today, window.opens().day());
    long toClose = ChronoUnit.DAYS.between(today, closes);
    if (toOpen > SOON_DAYS) {
      return new NextStep(Kind.SEED_LATER, seedOn, how);
    }
    if (toOpen > 0) {
      return new NextStep(Kind.SEED_SOON, seedOn, how);
    }
    if (comeBy != null
        && comeBy.by().isBefore(closes)
        && ChronoUnit.DAYS.between(today, comeBy.by()) <= SOON_DAYS) {
      return inTheQueue(today, closes, comeBy);
    }
    if (toClose <= SOON_DAYS) {
      return new NextStep(
          Kind.CLOSING,
          closes,
          Reason.of("{method}: {left} left, closes {closes}")
              .with("method", window.method().label())
              .with("left", toClose, Unit.DAYS)
              .with("closes", closes));
    }
    return new NextStep(Kind.SEED_NOW, seedOn, how);
  }

  /** It closes with the last day on which the machine can begin, for others wait for it too. */
  private static NextStep inTheQueue(LocalDate today, LocalDate closes, ComeBy comeBy) {
    boolean late = comeBy.by().isBefore(today);
    String text =
        late
            ? "closes {closes}; {machine} should have begun by {by}: {hours} wait"
            : "closes {closes}, but begin by {by}: {hours} wait for {machine}";
    return new NextStep(
        Kind.CLOSING,
        late ? closes : comeBy.by(),
        Reason.of(text)
            .with("closes", closes)
            .with("by", comeBy.by())
            .with("machine", comeBy.machine())
            .with("hours", comeBy.hours(), Unit.HOURS));
  }

  private static NextStep growing(
      LocalDate today, LocalDate seeded, EndingMethod ending, DeedStanding end) {
    long age = ChronoUnit.DAYS.between(seeded, today);
    if (age >= LOOK_AFTER_DAYS && age <= LOOK_UNTIL_DAYS) {
      return new NextStep(
          Kind.LOOK,
          seeded.plusDays(LOOK_UNTIL_DAYS),
          Reason.of("seeded {day}, {age} ago: count the plants")
              .with("day", seeded)
              .with("age", age, Unit.DAYS));
    }
    if (end.state() == DeedStanding.State.OVERDUE) {
      return new NextStep(
          Kind.END_NOW,
          end.meantFor(),
          Reason.of("{ending}, meant for {day}, not logged: counts as standing")
              .with("ending", ending.label())
              .with("day", end.meantFor()));
    }
    Reason plan =
        Reason.of(
                ending.ofItself()
                    ? "winter ends it; look for survivors by {day}"
                    : "{ending}, meant for {day}")
            .with("ending", ending.label())
            .with("day", end.day());
    boolean near = ChronoUnit.DAYS.between(today, end.day()) <= SOON_DAYS;
    return new NextStep(near ? Kind.END_NOW : Kind.WAIT, end.day(), plan);
  }
}
