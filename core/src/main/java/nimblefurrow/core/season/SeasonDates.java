package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;

/**
 * The days that a season's work may lie in. A season is called by the year in which its covers are
 * sown: from the crop that stands in it to the end of July after.
 */
public final class SeasonDates {
  private static final int FIRST_SEASON = 1950;
  private static final int LAST_SEASON = 2150;

  private SeasonDates() {}

  /** A first and a last day, both counted. */
  public record Range(LocalDate first, LocalDate last) {
    /**
     * {@return whether a day lies inside}
     *
     * @param day day asked about
     */
    public boolean holds(LocalDate day) {
      return !day.isBefore(first) && !day.isAfter(last);
    }
  }

  /**
   * {@return the season a day belongs to: from July on growers plan the coming autumn; before that,
   * the one that was seeded last}
   *
   * @param day day asked about
   */
  public static int seasonOf(LocalDate day) {
    return day.getMonthValue() >= Month.JULY.getValue() ? day.getYear() : day.getYear() - 1;
  }

  /**
   * {@return whether a season is near enough to be planned or remembered}
   *
   * @param season its year
   */
  public static boolean known(int season) {
    return season >= FIRST_SEASON && season <= LAST_SEASON;
  }

  /**
   * {@return the days of a season, July to July}
   *
   * @param season its year
   */
  public static Range whole(int season) {
    return new Range(LocalDate.of(season, 7, 1), LocalDate.of(season + 1, 7, 31));
  }

  /**
   * {@return the days that a season's covers may be seeded on: frost seeding into a standing grain
   * begins in January}
   *
   * @param season its year
   */
  public static Range seeding(int season) {
    return new Range(LocalDate.of(season, 1, 15), LocalDate.of(season + 1, 4, 15));
  }

  /**
   * {@return the season a cover belongs to: the one that is planned where its seeding day lies in
   * that one, else the one that day lies in}
   *
   * @param seedOn day of seeding
   * @param planned the season that is planned
   */
  public static int seasonOfSeeding(LocalDate seedOn, int planned) {
    if (seeding(planned).holds(seedOn)) {
      return planned;
    }
    return seedOn.getMonthValue() < Month.APRIL.getValue()
        ? seedOn.getYear() - 1
        : seedOn.getYear();
  }

  /**
   * {@return the days of which a log is a season's own}
   *
   * @param season its year
   */
  public static Range log(int season) {
    return new Range(LocalDate.of(season, 5, 1), LocalDate.of(season + 1, 7, 31));
  }

  /**
   * {@return the days a crop of summer may be planted on}
   *
   * @param year it is harvested in
   */
  public static Range planting(int year) {
    return new Range(LocalDate.of(year, 3, 1), LocalDate.of(year, 7, 31));
  }

  /**
   * {@return the days a small grain may be sown on, in the autumn before or in spring}
   *
   * @param year it is harvested in
   */
  public static Range sowingOfGrain(int year) {
    return new Range(LocalDate.of(year - 1, 8, 1), LocalDate.of(year, 5, 15));
  }

  /**
   * {@return the days a crop may be harvested on}
   *
   * @param year its year
   */
  public static Range harvest(int year) {
    return new Range(LocalDate.of(year, 5, 1), LocalDate.of(year + 1, 1, 31));
  }

  /**
   * {@return whether a harvest is that of the crop before the cover, not of the next one}
   *
   * @param on day of the harvest
   * @param season its year
   */
  public static boolean harvestsThisCrop(LocalDate on, int season) {
    return on.isBefore(LocalDate.of(season + 1, 4, 1));
  }

  /**
   * {@return whether a planting is that of the next crop: it is planted after New Year, this one
   * was before}
   *
   * @param on day of the planting
   * @param season its year
   */
  public static boolean plantsNextCrop(LocalDate on, int season) {
    return !on.isBefore(LocalDate.of(season + 1, 1, 1));
  }
}
