package nimblefurrow.core.units;

import java.util.Arrays;

/** A table read linearly between its points and flat outside them. */
public final class Curve {
  private final double[] xs;
  private final double[] ys;

  private Curve(double[] xs, double[] ys) {
    this.xs = xs;
    this.ys = ys;
  }

  /**
   * {@return a curve through the given points}
   *
   * @param xs strictly rising positions
   * @param ys the value at each position
   * @throws IllegalArgumentException when the lengths differ, there is no point, or xs do not rise
   */
  public static Curve through(double[] xs, double[] ys) {
    if (xs.length == 0 || xs.length != ys.length) {
      throw new IllegalArgumentException("a curve needs as many values as positions, at least one");
    }
    for (int i = 1; i < xs.length; i++) {
      if (!(xs[i] > xs[i - 1])) {
        throw new IllegalArgumentException("positions must rise: " + Arrays.toString(xs));
      }
    }
    return new Curve(xs.clone(), ys.clone());
  }

  /**
   * {@return the value at {@code x}}
   *
   * @param x position
   */
  public double at(double x) {
    int last = xs.length - 1;
    if (x <= xs[0]) {
      return ys[0];
    }
    if (x >= xs[last]) {
      return ys[last];
    }
    int i = 1;
    while (x > xs[i]) {
      i++;
    }
    return ys[i - 1] + (ys[i] - ys[i - 1]) * (x - xs[i - 1]) / (xs[i] - xs[i - 1]);
  }
}
