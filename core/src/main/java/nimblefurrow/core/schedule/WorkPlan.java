package nimblefurrow.core.schedule;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A plan of the work: what is done when, with what and by whom, and what is left out.
 *
 * @param placed jobs that are done, in the order of their beginning
 * @param left jobs that are not, with why
 * @param value money of all jobs, the way on the road taken off
 * @param roadKm driven between fields
 */
public record WorkPlan(List<Placed> placed, List<Left> left, double value, double roadKm) {
  public WorkPlan {
    placed = List.copyOf(placed);
    left = List.copyOf(left);
  }

  /**
   * A job that is done.
   *
   * @param job index
   * @param option index of the way it is done
   * @param machine index
   * @param start day it begins
   * @param finish day it ends
   * @param roadH hours on the road to it, with set-up
   * @param value money it brings
   * @param segments what is worked on it by day and person
   */
  public record Placed(
      int job,
      int option,
      int machine,
      int start,
      int finish,
      double roadH,
      double value,
      List<Segment> segments) {
    public Placed {
      segments = List.copyOf(segments);
    }
  }

  /**
   * Hours of one person with one machine on one day.
   *
   * @param person index; −1 when the machine's own crew works
   */
  public record Segment(int day, int person, double hours) {}

  /** A job that is left out. */
  public record Left(int job, Why why) {}

  /** Why a job is left out. */
  public enum Why {
    /** No machine can do it. */
    NO_MACHINE,
    /** Nobody can run the machine. */
    NOBODY,
    /** Its window has passed, or its machine is never there in it. */
    NO_TIME,
    /** Its pins leave no way: the day or the machine they ask for cannot be. */
    PINS,
    /** What must come before it is not done. */
    NOT_BEFORE,
    /** There are not hours enough: others bring more. */
    CROWDED,
    /** It costs more than it brings. */
    NOT_WORTH
  }

  /**
   * {@return where a job stands; null when it is left out}
   *
   * @param job index of the job
   */
  public @Nullable Placed of(int job) {
    return placed.stream().filter(p -> p.job() == job).findFirst().orElse(null);
  }
}
