package nimblefurrow.core.feed;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * Bales of a cut.
 *
 * @param bales a last one that is not full is one too
 * @param dryKgPerBale dry matter in a full one
 * @param leftKg dry matter lost in the field, of all of it
 */
public record Bales(long bales, double dryKgPerBale, double leftKg) {
  /** Against a last bale of nothing but rounding. */
  private static final double CRUMB = 1e-9;

  /**
   * {@return the bales of a cut}
   *
   * @param cutKgPerHa dry matter cut
   * @param areaHa of the field
   * @param dryMatter share of a bale that is dry
   * @param baleKg mass of a bale as it lies
   * @param lossShare of the dry matter that stays in the field
   * @throws Refused when a figure cannot be
   */
  public static Bales of(
      double cutKgPerHa, double areaHa, double dryMatter, double baleKg, double lossShare) {
    Need.notNegative("cutKgPerHa", "What is cut", cutKgPerHa);
    Need.positive("areaHa", "The area", areaHa);
    Need.positive("dryMatter", "The dry matter", dryMatter);
    Need.share("dryMatter", "The dry matter", dryMatter);
    Need.positive("baleKg", "The mass of a bale", baleKg);
    if (lossShare != 0) {
      Need.share("lossShare", "What is lost", lossShare);
    }
    double cut = cutKgPerHa * areaHa;
    double dry = baleKg * dryMatter;
    long bales = (long) Math.ceil(cut * (1 - lossShare) / dry - CRUMB);
    return new Bales(Math.max(0, bales), dry, cut * lossShare);
  }
}
