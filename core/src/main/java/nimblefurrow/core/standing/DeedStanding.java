package nimblefurrow.core.standing;

import java.time.LocalDate;

/**
 * How one deed stands.
 *
 * @param deed which
 * @param state how it stands
 * @param day it was done, is likely to have been done, is due, or was due at the latest
 * @param meantFor the day it was planned for, whatever became of it
 * @param share how much of the field is done, 0..1
 */
public record DeedStanding(
    Deed deed, State state, LocalDate day, LocalDate meantFor, double share) {

  /** How a deed may stand. */
  public enum State {
    /** Written down. Outranks all else. */
    LOGGED,
    /** Its day has passed without a word, and crops do not wait: it counts as done. */
    LIKELY,
    /** Its day is still to come, or has only just passed. */
    AHEAD,
    /** Its day has passed without a word: it counts as not done and stays due. */
    OVERDUE,
    /** It was not done while it could be: it counts as never done. */
    TOO_LATE,
    /** There is nothing to do. */
    NONE
  }

  /** {@return whether it counts as done} */
  public boolean done() {
    return state == State.LOGGED || state == State.LIKELY;
  }

  /** {@return whether it is still to be done} */
  public boolean due() {
    return state == State.AHEAD || state == State.OVERDUE;
  }

  /** {@return whether some of it is still to be done: all of it, or what a logged part left} */
  public boolean open() {
    return due() || state == State.LOGGED && share < 1;
  }

  /** {@return whether somebody should say what became of it} */
  public boolean unknown() {
    return state == State.LIKELY || state == State.OVERDUE || state == State.TOO_LATE;
  }
}
