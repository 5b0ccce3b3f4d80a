package nimblefurrow.core.work;

import java.time.LocalDate;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;

/** Shares of a cover's goal by the day of a job; whoever answers may remember them. */
public interface GoalShares {
  /**
   * By the day of seeding.
   *
   * @param field with a cover
   * @param method how it is seeded
   * @param span days asked for
   * @param opens first day of the window
   * @param closes last day of the window
   * @return shares, 0..1, by day of the span; 0 outside the window
   */
  double[] seeding(
      WorkField field, SeedingMethod method, WorkSpan span, LocalDate opens, LocalDate closes);

  /**
   * By the day of ending.
   *
   * @param field with a cover
   * @param method how it is ended
   * @param span days asked for
   * @param from first day looked at
   * @param to last day looked at
   * @return shares, 0..1, by day of the span; 0 outside the days looked at
   */
  double[] ending(
      WorkField field, EndingMethod method, WorkSpan span, LocalDate from, LocalDate to);
}
