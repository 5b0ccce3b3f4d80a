package nimblefurrow.core.units;

import java.util.Arrays;

/** What several years gave, in order, so that odds and quantiles can be read off. */
public final class Spread {
  private final double[] sorted;

  private Spread(double[] sorted) {
    this.sorted = sorted;
  }

  /** Of values in any order. Infinite values stand for "never" and sort last. */
  public static Spread of(double[] values) {
    double[] copy = values.clone();
    Arrays.sort(copy);
    return new Spread(copy);
  }

  /** How many years. */
  public int years() {
    return sorted.length;
  }

  /**
   * The value below which the given share of years to come is expected to lie, linear between years
   * seen (definition 6 of Hyndman and Fan 1996, after Weibull 1939): unbiased for the next year,
   * where definition 7 would call a range of so few years narrower than it is. Never outside what
   * was seen; NaN when there are no years.
   */
  public double quantile(double share) {
    if (sorted.length == 0) {
      return Double.NaN;
    }
    double at = Math.max(0, Math.min(sorted.length - 1, share * (sorted.length + 1) - 1));
    int low = (int) Math.floor(at);
    int high = Math.min(low + 1, sorted.length - 1);
    if (sorted[low] == sorted[high]) {
      return sorted[low];
    }
    return sorted[low] + (at - low) * (sorted[high] - sorted[low]);
  }

  /** The middle. */
  public double median() {
    return quantile(0.5);
  }

  /** In how many years the value was at least {@code limit}. */
  public int atLeast(double limit) {
    return (int) Arrays.stream(sorted).filter(v -> v >= limit).count();
  }

  /** In how many years the value was at most {@code limit}. */
  public int atMost(double limit) {
    return (int) Arrays.stream(sorted).filter(v -> v <= limit).count();
  }
}
