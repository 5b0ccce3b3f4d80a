package nimblefurrow.core.outlook;

import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
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

  /** Of a cover at the end of a day of its season. */
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
    double percent = nitrogen / (10 * mass);
    double available = nitrogen * Math.min(60, 24.5 * percent - 37) / 100;
    return new NitrogenInTops(nitrogen, available, CARBON_KG_PER_MG * mass / nitrogen);
  }
}
