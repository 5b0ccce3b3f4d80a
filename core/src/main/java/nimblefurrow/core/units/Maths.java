package nimblefurrow.core.units;

/** The few numeric idioms the formulas share. */
public final class Maths {
  private Maths() {}

  /** {@code value} limited to 0..1. */
  public static double clamp(double value) {
    return clamp(value, 0, 1);
  }

  /** {@code value} limited to {@code low..high}. */
  public static double clamp(double value, double low, double high) {
    return value < low ? low : Math.min(value, high);
  }
}
