package nimblefurrow.core.standing;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.DeedStanding.State;
import org.jspecify.annotations.Nullable;

/**
 * How a field stands today. One rule for every screen: what is written down outranks all; crops do
 * not wait, so harvest and planting whose day has passed count as done on that day; a seeding or an
 * ending whose day has passed counts as not done from the second day after it, stays due while it
 * can be done, and what hangs on it knows.
 *
 * @param harvest of the crop the cover follows
 * @param seeding of the cover
 * @param ending of the cover
 * @param planting of the crop after it
 */
public record FieldStanding(
    DeedStanding harvest, DeedStanding seeding, DeedStanding ending, DeedStanding planting) {
  /** A day later it may only not be written down yet. */
  private static final int GRACE_DAYS = 1;

  /** Headlands and corners are seldom measured: so much of a field is all of it. */
  private static final double WHOLE = 0.95;

  /** What was said not to be done is asked after again so many days later. */
  public static final int ASKED_AGAIN_DAYS = 3;

  /**
   * What somebody has said of a deed that is not done, or only in part.
   *
   * @param on when they said it
   * @param share done by then, 0..1
   */
  public record Said(LocalDate on, double share) {}

  /** So long after its planned day an ending that nobody wrote down is taken to have been. */
  private static final int LATE_DAYS = 21;

  /**
   * A cover that is planned, and until when it can be seeded.
   *
   * @param method of seeding
   * @param seedOn the day meant for it
   * @param closes the last day of its window; null where it cannot be seeded at all
   * @param ending of it
   * @param endOn the day meant for that
   */
  public record Cover(
      SeedingMethod method,
      LocalDate seedOn,
      @Nullable LocalDate closes,
      EndingMethod ending,
      LocalDate endOn) {
    /**
     * A cover with the window of its seeding.
     *
     * @param method of seeding
     * @param seedOn the day meant for it
     * @param window of that way
     * @param ending of it
     * @param endOn the day meant for that
     */
    public Cover(
        SeedingMethod method,
        LocalDate seedOn,
        Window window,
        EndingMethod ending,
        LocalDate endOn) {
      this(method, seedOn, window.possible() ? window.closes().day() : null, ending, endOn);
    }

    /** Whether it can still be seeded on a day. */
    private boolean open(LocalDate day) {
      return closes != null && !day.isAfter(closes);
    }
  }

  /**
   * What is known of a field.
   *
   * @param today the day it is
   * @param harvestLikely when the crop is off by the model; null where nothing stands
   * @param cover planned; null when none is
   * @param plantOn when the next crop is meant to be planted; null when none is
   * @param logged days written down
   * @param kept days of a kept plan of the work, which outrank those of the field's own plan
   * @param said of deeds that are not done
   * @param seededShare of the field that the seedings written down cover
   */
  public record Known(
      LocalDate today,
      @Nullable LocalDate harvestLikely,
      @Nullable Cover cover,
      @Nullable LocalDate plantOn,
      Map<Deed, LocalDate> logged,
      Map<Deed, LocalDate> kept,
      Map<Deed, Said> said,
      double seededShare) {
    public Known {
      logged = Map.copyOf(logged);
      kept = Map.copyOf(kept);
      said = Map.copyOf(said);
    }
  }

  /**
   * Reads a field's standing off what is known of it.
   *
   * @param k what is known
   * @return the field standing
   */
  public static FieldStanding of(Known k) {
    DeedStanding harvest = crops(k, Deed.HARVEST, k.harvestLikely());
    DeedStanding seeding = seeding(k, harvest);
    return new FieldStanding(
        harvest, seeding, ending(k, seeding), crops(k, Deed.PLANTING, k.plantOn()));
  }

  /**
   * {@return one of the four}
   *
   * @param deed deed in question
   */
  public DeedStanding of(Deed deed) {
    return switch (deed) {
      case HARVEST -> harvest;
      case SEEDING -> seeding;
      case ENDING -> ending;
      case PLANTING -> planting;
    };
  }

  /** {@return whether there is a cover, or still can be} */
  public boolean hasCover() {
    return seeding.done() || seeding.due();
  }

  /**
   * {@return the day seed counts as out: as written down, or when it is due and still can be}
   *
   * @param today day it is
   */
  public LocalDate seedOn(LocalDate today) {
    return seeding.state() == State.OVERDUE && seeding.day().isBefore(today)
        ? today
        : seeding.day();
  }

  /**
   * {@return whether a cover is over: its ending is written down, or long past with another behind
   * it}
   *
   * @param ended the day that is written down; null when none is
   * @param endOn the day it was meant for
   * @param followed whether another cover stands behind it
   * @param today day it is
   */
  public static boolean over(
      @Nullable LocalDate ended, LocalDate endOn, boolean followed, LocalDate today) {
    return ended != null || followed && today.isAfter(endOn.plusDays(LATE_DAYS));
  }

  /**
   * {@return the day the rest of a field counts as seeded, of which a part was; null when nothing
   * is left, or its window has closed}
   *
   * @param today day it is
   */
  public @Nullable LocalDate restOn(LocalDate today) {
    if (seeding.state() != State.LOGGED || seeding.share() >= 1) {
      return null;
    }
    return seeding.meantFor().isBefore(today) ? today : seeding.meantFor();
  }

  /**
   * {@return the day the cover counts as ended: as written down, or when it is due and still can
   * be}
   *
   * @param today day it is
   */
  public LocalDate endOn(LocalDate today) {
    return ending.state() == State.OVERDUE && ending.day().isBefore(today) ? today : ending.day();
  }

  private static DeedStanding crops(Known k, Deed deed, @Nullable LocalDate likely) {
    LocalDate logged = k.logged().get(deed);
    LocalDate meant = k.kept().getOrDefault(deed, likely == null ? LocalDate.MAX : likely);
    if (logged != null) {
      return new DeedStanding(deed, State.LOGGED, logged, meant, 1);
    }
    if (likely == null) {
      return new DeedStanding(deed, State.NONE, k.today(), k.today(), 0);
    }
    LocalDate due = notBefore(meant, k.said().get(deed));
    State state = due.isBefore(k.today()) ? State.LIKELY : State.AHEAD;
    return new DeedStanding(deed, state, due, meant, share(k, deed));
  }

  private static DeedStanding seeding(Known k, DeedStanding harvest) {
    Cover c = k.cover();
    LocalDate logged = k.logged().get(Deed.SEEDING);
    if (logged != null) {
      LocalDate meant = c == null ? logged : c.seedOn();
      boolean rest = c != null && k.seededShare() < WHOLE && c.open(k.today());
      return new DeedStanding(
          Deed.SEEDING, State.LOGGED, logged, meant, rest ? k.seededShare() : 1);
    }
    if (c == null) {
      return new DeedStanding(Deed.SEEDING, State.NONE, k.today(), k.today(), 0);
    }
    LocalDate meant = k.kept().getOrDefault(Deed.SEEDING, c.seedOn());
    boolean afterHarvest = c.method().waitsForHarvest() || c.method().goesWithCombine();
    LocalDate due = notBefore(meant, k.said().get(Deed.SEEDING));
    if (afterHarvest && harvest.state() != State.NONE && due.isBefore(harvest.day())) {
      due = harvest.day();
    }
    double share = share(k, Deed.SEEDING);
    if (!k.today().isAfter(due.plusDays(GRACE_DAYS))) {
      return new DeedStanding(Deed.SEEDING, State.AHEAD, due, meant, share);
    }
    State state = c.open(k.today()) ? State.OVERDUE : State.TOO_LATE;
    return new DeedStanding(Deed.SEEDING, state, due, meant, share);
  }

  private static DeedStanding ending(Known k, DeedStanding seeding) {
    Cover c = k.cover();
    LocalDate logged = k.logged().get(Deed.ENDING);
    if (logged != null) {
      return new DeedStanding(Deed.ENDING, State.LOGGED, logged, c == null ? logged : c.endOn(), 1);
    }
    boolean none = seeding.state() == State.TOO_LATE || seeding.state() == State.NONE;
    if (c == null || none) {
      return new DeedStanding(Deed.ENDING, State.NONE, k.today(), k.today(), 0);
    }
    if (c.ending().ofItself()) {
      State state = c.endOn().isBefore(k.today()) ? State.LIKELY : State.AHEAD;
      return new DeedStanding(Deed.ENDING, state, c.endOn(), c.endOn(), 0);
    }
    LocalDate meant = k.kept().getOrDefault(Deed.ENDING, c.endOn());
    LocalDate due = notBefore(meant, k.said().get(Deed.ENDING));
    State state = k.today().isAfter(due.plusDays(GRACE_DAYS)) ? State.OVERDUE : State.AHEAD;
    return new DeedStanding(Deed.ENDING, state, due, meant, share(k, Deed.ENDING));
  }

  private static LocalDate notBefore(LocalDate meant, @Nullable Said said) {
    if (said == null) {
      return meant;
    }
    LocalDate again = said.on().plusDays(ASKED_AGAIN_DAYS);
    return again.isAfter(meant) ? again : meant;
  }

  private static double share(Known k, Deed deed) {
    Said said = k.said().get(deed);
    return said == null ? 0 : said.share();
  }
}
