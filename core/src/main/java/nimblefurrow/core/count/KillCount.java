package nimblefurrow.core.count;

import java.util.List;
import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Stems alive in marked frames before the ending and some ten days after.
 *
 * @param kill share killed: 1 − all after over all before
 * @param low lower end of its interval: {@link ClusteredShare}
 * @param high upper end
 * @param secondPass whether so little died that a second pass or a spray is due
 */
public record KillCount(double kill, double low, double high, boolean secondPass) {
  /** Below this share killed a second pass is due. Working value. */
  public static final double ENOUGH = 0.90;

  /** One frame. */
  public record Frame(int before, int after) {}

  /**
   * {@return the kill count of marked frames}
   *
   * @param frames frames counted
   * @param confidence of the interval, above 0 and below 1
   */
  public static KillCount of(List<Frame> frames, double confidence) {
    Need.confidence(confidence);
    if (frames.isEmpty()) {
      throw new Refused("frames", "Count at least one marked frame.");
    }
    double before = 0;
    double after = 0;
    for (int i = 0; i < frames.size(); i++) {
      Frame f = frames.get(i);
      Need.notNegative("frames[" + i + "].before", "The stems before", f.before());
      Need.notNegative("frames[" + i + "].after", "The stems after", f.after());
      before += f.before();
      after += f.after();
    }
    if (!(before > 0)) {
      throw new Refused("frames", "No stem stood in any frame before: there is nothing to judge.");
    }
    double alive = after / before;
    Interval i = alive(frames, confidence);
    double kill = Maths.clamp(1 - alive);
    return new KillCount(kill, Maths.clamp(1 - i.high()), Maths.clamp(1 - i.low()), kill < ENOUGH);
  }

  private static Interval alive(List<Frame> frames, double confidence) {
    double[] after = frames.stream().mapToDouble(Frame::after).toArray();
    double[] before = frames.stream().mapToDouble(Frame::before).toArray();
    return ClusteredShare.of(after, before, confidence);
  }
}
