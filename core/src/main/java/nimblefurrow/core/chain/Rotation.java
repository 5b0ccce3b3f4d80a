package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;

/** A repeating list of years laid over seasons. */
public final class Rotation {
  /** Years a rotation may have before it comes round. */
  public static final int MOST_YEARS = 8;

  private Rotation() {}

  /**
   * {@return which of its years a season is, from 0}
   *
   * @param season its year
   * @param first the season it begins in
   * @param offset which of its years that one is, from 0
   * @param years how many it has
   */
  public static int yearOf(int season, int first, int offset, int years) {
    return Math.floorMod(season - first + offset, years);
  }

  /**
   * {@return the day a cover of a season is seeded: up to March it is the winter after}
   *
   * @param season its year
   * @param on usual day
   */
  public static LocalDate seedOn(int season, MonthDay on) {
    return on.atYear(on.getMonthValue() <= Month.MARCH.getValue() ? season + 1 : season);
  }

  /**
   * {@return the first such day after seeding}
   *
   * @param seedOn day of seeding
   * @param on usual day
   */
  public static LocalDate endOn(LocalDate seedOn, MonthDay on) {
    LocalDate same = on.atYear(seedOn.getYear());
    return same.isAfter(seedOn) ? same : on.atYear(seedOn.getYear() + 1);
  }
}
