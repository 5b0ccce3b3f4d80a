package nimblefurrow.core.units;

import java.util.Arrays;
import java.util.function.DoublePredicate;
import org.jspecify.annotations.Nullable;

/**
 * What several years gave, in order, so that odds and quantiles can be read off; around each the
 * model's own error, when it has any.
 */
public final class Spread {
  /** Middles of nine equally likely parts of the normal curve. */
  private static final double[] NORMAL = {
    -1.5932, -0.9674, -0.5895, -0.2822, 0, 0.2822, 0.5895, 0.9674, 1.5932
  };

  /** How many points stand around a year that has an error. */
  public static final int POINTS = NORMAL.length;

  private final double[] sorted;
  private final OwnError error;

  /** Years with the error around each, in order: several questions are asked of most. */
  private volatile double @Nullable [] out;

  private Spread(double[] sorted, OwnError error) {
    this.sorted = sorted;
    this.error = error;
  }

  /**
   * {@return one of the nine points, by any number: years take them in turn where each is walked
   * once}
   *
   * @param turn how many have been drawn
   */
  public static double point(int turn) {
    return NORMAL[Math.floorMod(4 * turn, NORMAL.length)];
  }

  /**
   * {@return the spread of values in any order} Infinite values stand for "never" and sort last.
   *
   * @param values a value a year
   */
  public static Spread of(double[] values) {
    double[] copy = values.clone();
    Arrays.sort(copy);
    return new Spread(copy, OwnError.NONE);
  }

  /**
   * {@return the same years with a model's own error around each}
   *
   * @param own the farm's own
   */
  public Spread with(OwnError own) {
    return new Spread(sorted, own);
  }

  /** {@return how many years} */
  public int years() {
    return sorted.length;
  }

  /**
   * {@return the value below which the given share of years to come is expected to lie, linear
   * between years seen (definition 6 of Hyndman and Fan 1996, after Weibull 1939): unbiased for the
   * next year, where definition 7 would call a range of so few years narrower than it is} Never
   * outside what was seen; NaN when there are no years.
   *
   * @param share share, 0..1
   */
  public double quantile(double share) {
    if (sorted.length == 0) {
      return Double.NaN;
    }
    double year = share * (sorted.length + 1) - 1;
    if (error.sd() == 0) {
      return between(sorted, year);
    }
    return between(spreadOut(), NORMAL.length * year + NORMAL.length / 2);
  }

  private static double between(double[] values, double place) {
    double at = Math.max(0, Math.min(values.length - 1, place));
    int low = (int) Math.floor(at);
    int high = Math.min(low + 1, values.length - 1);
    if (values[low] == values[high]) {
      return values[low];
    }
    return values[low] + (at - low) * (values[high] - values[low]);
  }

  private double[] spreadOut() {
    double[] known = out;
    if (known != null) {
      return known;
    }
    double[] all = new double[sorted.length * NORMAL.length];
    int n = 0;
    for (double value : sorted) {
      for (double z : NORMAL) {
        all[n++] = error.at(value, z);
      }
    }
    Arrays.sort(all);
    out = all;
    return all;
  }

  /** {@return the middle} */
  public double median() {
    return quantile(0.5);
  }

  /**
   * {@return in how many of the years the value is at least {@code limit}, the model's error
   * counted}
   *
   * @param limit limit, in the unit of the values
   */
  public int atLeast(double limit) {
    return count(v -> v >= limit);
  }

  /**
   * {@return in how many of the years the value is at most {@code limit}, the model's error
   * counted}
   *
   * @param limit limit, in the unit of the values
   */
  public int atMost(double limit) {
    return count(v -> v <= limit);
  }

  private int count(DoublePredicate fits) {
    if (error.sd() == 0) {
      return (int) Arrays.stream(sorted).filter(fits).count();
    }
    long n = Arrays.stream(spreadOut()).filter(fits).count();
    return (int) Math.round((double) n / NORMAL.length);
  }
}
