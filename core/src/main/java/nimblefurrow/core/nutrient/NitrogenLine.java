package nimblefurrow.core.nutrient;

import nimblefurrow.core.units.Reason;

/**
 * One line of a nitrogen ledger, kg/ha: what came in is what the next crop can have, what was lost
 * and what is held back.
 *
 * @param source where it comes from
 * @param words what it is, with its numbers
 * @param brought in; below nought where it is taken out of the ground again
 * @param lost to the air, or out of reach
 * @param held in organic matter that is not freed in time
 * @param available to the next crop in the middle; below nought where it is taken or tied up
 * @param low with one year in ten below
 * @param high with one year in ten above
 */
public record NitrogenLine(
    NitrogenSource source,
    Reason words,
    double brought,
    double lost,
    double held,
    double available,
    double low,
    double high) {
  /**
   * {@return a line without a range}
   *
   * @param source where it comes from
   * @param words what it is, with its numbers
   * @param brought in
   * @param lost to the air, or out of reach
   */
  static NitrogenLine sure(NitrogenSource source, Reason words, double brought, double lost) {
    double rest = brought - lost;
    return new NitrogenLine(source, words, brought, lost, 0, rest, rest, rest);
  }
}
