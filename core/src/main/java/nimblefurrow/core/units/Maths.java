package nimblefurrow.core.units;

/** The few numeric idioms the formulas share. */
public final class Maths {
  private Maths() {}

  /**
   * {@return {@code value} limited to 0..1}
   *
   * @param value value in question
   */
  public static double clamp(double value) {
    return clamp(value, 0, 1);
  }

  /**
   * {@return {@code value} limited to {@code low..high}}
   *
   * @param value value in question
   * @param low least
   * @param high most
   */
  public static double clamp(double value, double low, double high) {
    // Plain comparisons: Math.min and max also order NaN and signed zeros, which costs in daily
    // loops.
    return value < low ? low : value > high ? high : value;
  }
}
