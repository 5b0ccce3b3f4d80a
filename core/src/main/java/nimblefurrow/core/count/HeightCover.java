package nimblefurrow.core.count;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Dry cover from height × ground cover, by a line through nothing whose slope learns from every
 * clipped pair of the farm. The slope to begin with is a working value for cereal covers and weighs
 * as much as three pairs; pairs draw it to what grows here.
 *
 * @param slope Mg/ha per cm of height fully shaded
 * @param pairs clipped pairs behind it
 * @param mgPerHa estimate
 * @param low lower end of its interval
 * @param high upper end
 */
public record HeightCover(double slope, int pairs, double mgPerHa, double low, double high) {
  private static final double FIRST_SLOPE = 0.065;
  private static final double FIRST_WEIGHT = 3;

  /** Share of the estimate that a single field is off by, before any pair was clipped. */
  private static final double FIRST_OFF = 0.35;

  /** A clipped sample: height, share of ground shaded, and what it weighed. */
  public record Pair(double heightCm, double cover, double mgPerHa) {
    public Pair {
      Need.positive("heightCm", "The height", heightCm);
      Need.share("cover", "The ground shaded", cover);
      Need.notNegative("mgPerHa", "The dry cover", mgPerHa);
    }

    double product() {
      return heightCm * cover;
    }
  }

  /**
   * @param pairs of this farm
   * @param heightCm measured
   * @param cover share of ground shaded
   * @param confidence of the interval
   * @return the height cover
   */
  public static HeightCover of(List<Pair> pairs, double heightCm, double cover, double confidence) {
    Need.confidence(confidence);
    double x =
        Need.positive("heightCm", "The height", heightCm)
            * Need.share("cover", "The ground shaded", cover);
    if (heightCm > 400) {
      throw new Refused("heightCm", "No cover stands taller than 400 cm.");
    }
    // Errors grow with the product, so each pair speaks by its own slope.
    double sum = FIRST_WEIGHT * FIRST_SLOPE;
    for (Pair p : pairs) {
      sum += p.mgPerHa() / p.product();
    }
    double n = pairs.size() + FIRST_WEIGHT;
    double slope = sum / n;
    double squares = FIRST_WEIGHT * FIRST_OFF * FIRST_OFF;
    for (Pair p : pairs) {
      double off = p.mgPerHa() / p.product() / slope - 1;
      squares += off * off;
    }
    double off = Math.sqrt(squares / n * (1 + 1 / n));
    double t = Interval.student(confidence, (int) Math.round(n));
    double middle = slope * x;
    return new HeightCover(
        slope, pairs.size(), middle, Math.max(0, middle * (1 - t * off)), middle * (1 + t * off));
  }
}
