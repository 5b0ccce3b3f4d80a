package nimblefurrow.core.count;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Plants counted in frames, or along lengths of row turned into area.
 *
 * @param plantsPerM2 mean
 * @param low lower end of its interval ({@link Interval#ofMeanCount})
 * @param high upper end
 * @param shareOfLiveSeed plants per live seed; null when the seed is not known
 * @param frames how many were counted
 */
public record StandCount(
    double plantsPerM2, double low, double high, @Nullable Double shareOfLiveSeed, int frames) {

  /**
   * {@return the stand count of counts}
   *
   * @param counts plants in each frame
   * @param frameM2 area of a frame; row length × row spacing for a length of row
   * @param liveSeedsPerM2 seeded; null when not known
   * @param confidence of the interval
   */
  public static StandCount of(
      List<Double> counts, double frameM2, @Nullable Double liveSeedsPerM2, double confidence) {
    Need.positive("frameM2", "The area of a frame", frameM2);
    Need.confidence(confidence);
    if (counts.isEmpty()) {
      throw new Refused("counts", "Count at least one frame.");
    }
    double[] all = new double[counts.size()];
    double sum = 0;
    for (int i = 0; i < all.length; i++) {
      all[i] = Need.notNegative("counts[" + i + "]", "A count", counts.get(i));
      sum += all[i];
    }
    Interval perFrame = Interval.ofMeanCount(all, confidence);
    double plants = sum / all.length / frameM2;
    Double share = null;
    if (liveSeedsPerM2 != null) {
      share = plants / Need.positive("liveSeedsPerM2", "The number of live seeds", liveSeedsPerM2);
    }
    return new StandCount(
        plants, perFrame.low() / frameM2, perFrame.high() / frameM2, share, all.length);
  }
}
