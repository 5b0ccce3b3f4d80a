package nimblefurrow.core.season;

/** What a field and its crops can be: beyond it a figure is a slip of the pen. */
public final class FieldLimits {
  private static final double LARGEST_HA = 20_000;
  private static final double STEEPEST_PERCENT = 60;
  private static final double NARROWEST_ROWS_M = 0.1;
  private static final double WIDEST_ROWS_M = 2;
  private static final double EARLIEST_CORN_DAYS = 60;
  private static final double LATEST_CORN_DAYS = 130;
  private static final double EARLIEST_GROUP = -2;
  private static final double LATEST_GROUP = 8;

  private FieldLimits() {}

  /**
   * {@return whether an area is that of a field}
   *
   * @param ha area, ha
   */
  public static boolean area(double ha) {
    return ha > 0 && ha <= LARGEST_HA;
  }

  /**
   * {@return whether a slope is farmed}
   *
   * @param percent slope, %
   */
  public static boolean slope(double percent) {
    return percent >= 0 && percent <= STEEPEST_PERCENT;
  }

  /**
   * {@return whether crop rows stand so far apart}
   *
   * @param m distance, m
   */
  public static boolean rowSpacing(double m) {
    return m >= NARROWEST_ROWS_M && m <= WIDEST_ROWS_M;
  }

  /**
   * {@return whether there is corn of such a maturity}
   *
   * @param days relative maturity
   */
  public static boolean cornMaturity(double days) {
    return days >= EARLIEST_CORN_DAYS && days <= LATEST_CORN_DAYS;
  }

  /**
   * {@return whether there are soybeans of such a group; 00 is −1 and 000 is −2}
   *
   * @param group maturity group
   */
  public static boolean soybeanGroup(double group) {
    return group >= EARLIEST_GROUP && group <= LATEST_GROUP;
  }
}
