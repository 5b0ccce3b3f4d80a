package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.season.SeasonDates;

/**
 * One season of a farm in acres: what grows on how much of it, and how much of it is green in
 * winter.
 *
 * @param season its year
 * @param cropHa area by name of crop, ha
 * @param coverHa area under covers seeded in it, each piece once, ha
 * @param greenInWinterHa area with something living on 1 January, ha
 * @param totalHa area of all pieces, ha
 */
public record ChainYear(
    int season,
    Map<String, Double> cropHa,
    double coverHa,
    double greenInWinterHa,
    double totalHa) {
  /**
   * A piece and what grows on it.
   *
   * @param areaHa its area, ha
   * @param chain its links
   */
  public record Ground(double areaHa, Chain chain) {}

  /**
   * {@return a season of some ground}
   *
   * @param season its year
   * @param all pieces with their chains
   */
  public static ChainYear of(int season, List<Ground> all) {
    // What is seeded under a standing crop in early summer is for the winter after.
    LocalDate may = SeasonDates.log(season).first();
    LocalDate midwinter = LocalDate.of(season + 1, Month.JANUARY, 1);
    Map<String, Double> crops = new TreeMap<>();
    double covers = 0;
    double green = 0;
    double total = 0;
    for (Ground g : all) {
      total += g.areaHa();
      for (Link.Crop crop : g.chain().crops()) {
        if (crop.until().getYear() == season) {
          crops.merge(crop.name(), g.areaHa(), Double::sum);
        }
      }
      boolean covered =
          g.chain().covers().stream()
              .anyMatch(c -> !c.from().isBefore(may) && c.from().isBefore(may.plusYears(1)));
      covers += covered ? g.areaHa() : 0;
      boolean living =
          g.chain().links().stream()
              .anyMatch(
                  l -> l.standsOn(midwinter) && !(l instanceof Link.Crop c && past(c, season)));
      green += living ? g.areaHa() : 0;
    }
    return new ChainYear(season, Map.copyOf(crops), covers, green, total);
  }

  /**
   * A crop still out in the field at New Year is ripe and dead, unless it was sown for next year.
   */
  private static boolean past(Link.Crop crop, int season) {
    return crop.from().isBefore(LocalDate.of(season, Month.JULY, 1));
  }
}
