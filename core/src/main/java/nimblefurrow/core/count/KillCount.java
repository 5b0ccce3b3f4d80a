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
 * @param low lower end of its interval: ratio estimate over frames (Cochran 1977, section 6.3)
 * @param high upper end
 * @param secondPass whether so little died that a second pass or a spray is due
 */
public record KillCount(double kill, double low, double high, boolean secondPass) {
  /** Below this share killed a second pass is due. Working value. */
  public static final double ENOUGH = 0.90;

  /** One frame. */
  public record Frame(int before, int after) {}

  /** Of marked frames. */
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
    Interval i = interval(frames, alive, before, after, confidence);
    double kill = Maths.clamp(1 - alive);
    return new KillCount(kill, Maths.clamp(1 - i.high()), Maths.clamp(1 - i.low()), kill < ENOUGH);
  }

  private static Interval interval(
      List<Frame> frames, double alive, double before, double after, double confidence) {
    int n = frames.size();
    double squares = 0;
    for (Frame f : frames) {
      double off = f.after() - alive * f.before();
      squares += off * off;
    }
    if (n < 2 || squares == 0) {
      return Interval.ofShare(Math.min(after, before), before, confidence);
    }
    double error = Math.sqrt(n / (n - 1.0) * squares) / before;
    double half = Interval.student(confidence, n - 1) * error;
    return new Interval(alive - half, alive + half);
  }
}
