package nimblefurrow.core.count;

import nimblefurrow.core.units.Interval;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;

/**
 * What a dig behind the planter found.
 *
 * @param closed share of slots that are shut
 * @param closedLow lower end of its 90 % interval (Wilson 1927)
 * @param pinned share of seeds with residue pressed into the slot
 * @param deep share of seeds at the depth wanted
 * @param verdict what to change first
 */
public record DigCheck(
    double closed, double closedLow, double pinned, double deep, Reason verdict) {
  private static final double ENOUGH = 0.9;
  private static final double TOO_MUCH_PINNED = 0.1;

  /**
   * @param dug seeds dug
   * @param open slots that stood open
   * @param pinned seeds with residue in the slot
   * @param wrongDepth seeds off the depth wanted
   * @return the dig check
   */
  public static DigCheck of(int dug, int open, int pinned, int wrongDepth) {
    Need.positive("dug", "The number of seeds dug", dug);
    if (open < 0
        || pinned < 0
        || wrongDepth < 0
        || Math.max(open, Math.max(pinned, wrongDepth)) > dug) {
      throw new Refused("open", "Of " + dug + " seeds dug, no more than " + dug + " can be wrong.");
    }
    double closed = 1 - (double) open / dug;
    double pin = (double) pinned / dug;
    double deep = 1 - (double) wrongDepth / dug;
    return new DigCheck(
        closed,
        Interval.ofShare(dug - open, dug, ENOUGH).low(),
        pin,
        deep,
        verdict(closed, pin, deep));
  }

  private static Reason verdict(double closed, double pin, double deep) {
    if (pin > TOO_MUCH_PINNED) {
      return Reason.of(
              "residue is pressed into {share} of slots: sharper discs, drier stems, or"
                  + " cleaners that move it")
          .with("share", pin, Unit.SHARE);
    }
    if (closed < ENOUGH) {
      return Reason.of("only {share} of slots are shut: more closing force or wheels with teeth")
          .with("share", closed, Unit.SHARE);
    }
    if (deep < ENOUGH) {
      return Reason.of("only {share} lie at the depth wanted: more down force, or slower")
          .with("share", deep, Unit.SHARE);
    }
    return Reason.of("good: shut, clean and at depth; keep this setting");
  }
}
