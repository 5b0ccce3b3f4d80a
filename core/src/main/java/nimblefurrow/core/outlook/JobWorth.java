package nimblefurrow.core.outlook;

import java.time.LocalDate;
import nimblefurrow.core.ending.LatePlanting;
import org.jspecify.annotations.Nullable;

/**
 * What a job brings by the day it is finished, money, for laying out the work. Prices here are
 * working values that only weigh jobs of different kinds against each other; what a day's delay
 * costs within one kind comes from the season model and the farm's own curves.
 */
public final class JobWorth {
  /** Share of a goal's worth that an ended cover brings even where the goal is missed. */
  public static final double ENDED_ANYWAY = 0.2;

  private static final double PLANTED_USD_PER_HA = 300;
  private static final double SECOND_SHARE = 0.3;
  private static final double LOOK_USD = 120;

  /** What is written down as work is to be done: above what any machine costs an hour. */
  private static final double OWN_USD_PER_H = 250;

  private JobWorth() {}

  /**
   * {@return a standing crop: its margin, less what it loses by its own curve}
   *
   * @param areaHa of the field
   * @param loss of the crop
   * @param days length of the result
   * @param first day it is ripe
   * @param last day counted
   */
  public static double[] harvest(double areaHa, HarvestLoss loss, int days, int first, int last) {
    double[] value = new double[days];
    for (int d = first; d <= last; d++) {
      value[d] = areaHa * loss.usdPerHa() * loss.left(d - first);
    }
    return value;
  }

  /**
   * {@return a goal of the cover: its worth times the share reached, what it costs taken off}
   *
   * @param areaHa area, ha
   * @param goalUsdPerHa worth of a full goal, US dollars per ha
   * @param share of the goal reached by day, 0..1
   * @param anyway share that counts whatever is reached
   * @param costUsd of the job
   * @param first first day, as an index
   * @param last last day, as an index
   */
  public static double[] goal(
      double areaHa,
      double goalUsdPerHa,
      double[] share,
      double anyway,
      double costUsd,
      int first,
      int last) {
    double[] value = new double[share.length];
    for (int d = first; d <= last; d++) {
      value[d] = areaHa * goalUsdPerHa * (anyway + share[d]) - costUsd;
    }
    return value;
  }

  /**
   * {@return a crop planted, less what the farm's curve says that lateness costs}
   *
   * @param areaHa area, ha
   * @param curve name of the curve, or what lateness costs
   * @param start first day
   * @param days number of days
   * @param first first day, as an index
   * @param last last day, as an index
   */
  public static double[] planting(
      double areaHa, LatePlanting curve, LocalDate start, int days, int first, int last) {
    double[] value = new double[days];
    for (int d = first; d <= last; d++) {
      value[d] = areaHa * (PLANTED_USD_PER_HA - curve.usdPerHa(start.plusDays(d)));
    }
    return value;
  }

  /**
   * {@return a second pass: a third of the goal stands on it, on any day of its window}
   *
   * @param areaHa area, ha
   * @param goalUsdPerHa worth of a full goal, US dollars per ha
   * @param days number of days
   * @param first first day, as an index
   * @param last last day, as an index
   * @param costUsd cost, US dollars
   */
  public static double[] secondPass(
      double areaHa, double goalUsdPerHa, int days, int first, int last, double costUsd) {
    double[] value = new double[days];
    for (int d = first; d <= last; d++) {
      value[d] = areaHa * goalUsdPerHa * SECOND_SHARE - costUsd;
    }
    return value;
  }

  /**
   * {@return work of one's own: the same on any day of its window, less what it costs}
   *
   * @param hours it takes
   * @param worthUsd as the farm says; null for what its hours say
   * @param costUsd of the job
   * @param days number of days
   * @param first first day, as an index
   * @param last last day, as an index
   */
  public static double[] own(
      double hours, @Nullable Double worthUsd, double costUsd, int days, int first, int last) {
    double worth = worthUsd == null ? hours * OWN_USD_PER_H : worthUsd;
    double[] value = new double[days];
    for (int d = first; d <= last; d++) {
      value[d] = worth - costUsd;
    }
    return value;
  }

  /**
   * {@return a look at a field: what is seen early can still be mended, half of it by the last day}
   *
   * @param days number of days
   * @param first first day, as an index
   * @param last last day, as an index
   */
  public static double[] look(int days, int first, int last) {
    double[] value = new double[days];
    for (int d = first; d <= last; d++) {
      value[d] = LOOK_USD * (1 - 0.5 * (d - first) / Math.max(1, last - first));
    }
    return value;
  }
}
