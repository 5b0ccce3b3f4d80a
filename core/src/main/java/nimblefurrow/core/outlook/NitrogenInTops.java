package nimblefurrow.core.outlook;

import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.season.ResidueNitrogen;
import nimblefurrow.core.season.SeasonColumns;

/**
 * Nitrogen of a cover on a day.
 *
 * @param kgPerHa held in the tops, 43 % carbon over the C:N of each species' stage
 * @param availableKgPerHa freed in eight to ten weeks after it is ended; negative is tie-up
 * @param carbonToNitrogen of the whole cover; NaN when there is none
 */
public record NitrogenInTops(double kgPerHa, double availableKgPerHa, double carbonToNitrogen) {
  private static final double CARBON_KG_PER_MG = 430;
  private static final double LOST_BY_SPRING = 0.5;
  private static final double FROM_THE_GROUND = 0.33;

  /**
   * {@return the nitrogen in tops of a cover at the end of a day of its season}
   *
   * @param cover components of the cover
   * @param columns season asked about
   * @param day day, as an index from the first
   */
  public static NitrogenInTops at(List<CoverComponent> cover, SeasonColumns columns, int day) {
    double mass = 0;
    double nitrogen = 0;
    for (int c = 0; c < cover.size(); c++) {
      double own = columns.coverMgPerHa()[c][day];
      double stage = columns.stageFraction()[c][day];
      mass += own;
      nitrogen += CARBON_KG_PER_MG * own / cover.get(c).species().carbonToNitrogen().at(stage);
    }
    if (mass <= 0) {
      return new NitrogenInTops(0, 0, Double.NaN);
    }
    return new NitrogenInTops(
        nitrogen, ResidueNitrogen.freedKgPerHa(nitrogen, mass), CARBON_KG_PER_MG * mass / nitrogen);
  }

  /**
   * What the tops hold that came out of the ground, kg/ha: of a legume's about a third, the rest it
   * made itself. Working value for ground that holds some nitrogen.
   */
  static double takenUp(List<CoverComponent> cover, SeasonColumns columns, int day) {
    double sum = 0;
    for (int c = 0; c < cover.size(); c++) {
      CoverComponent own = cover.get(c);
      double held =
          CARBON_KG_PER_MG
              * columns.coverMgPerHa()[c][day]
              / own.species().carbonToNitrogen().at(columns.stageFraction()[c][day]);
      sum += own.species().legume() ? FROM_THE_GROUND * held : held;
    }
    return sum;
  }

  /**
   * What the tops that died before a day, of cold mostly, free for the next crop, kg/ha: by the C:N
   * of the days they died; half of their nitrogen is taken as lost by spring.
   */
  static double fromWinterkill(List<CoverComponent> cover, SeasonColumns columns, int before) {
    double mass = 0;
    double nitrogen = 0;
    for (int c = 0; c < cover.size(); c++) {
      double[] own = columns.coverMgPerHa()[c];
      for (int day = 1; day < before; day++) {
        double died = Math.max(0, own[day - 1] - own[day]);
        double stage = columns.stageFraction()[c][day - 1];
        mass += died;
        nitrogen += CARBON_KG_PER_MG * died / cover.get(c).species().carbonToNitrogen().at(stage);
      }
    }
    double left = 1 - LOST_BY_SPRING;
    return ResidueNitrogen.freedKgPerHa(left * nitrogen, left * mass);
  }
}
