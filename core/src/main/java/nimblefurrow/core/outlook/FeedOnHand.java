package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.Spread;

/**
 * Feed that a growing cover holds on a day: what stands above the stubble that is left so that it
 * grows again, less what is trodden. Were it all grazed from that day on; what grows meanwhile
 * comes on top.
 *
 * @param day the day
 * @param stands cover that stands, Mg/ha of dry matter
 */
public record FeedOnHand(LocalDate day, Spread stands) {
  /** Left standing so that it regrows, Mg/ha. */
  public static final double LEFT_MG_PER_HA = 0.8;

  /** Share of the feed that is trodden down. */
  public static final double TRODDEN = 0.2;

  private static final int HALF_MONTH = 15;

  /**
   * Twice a month from October, or from seeding, until the cover ends.
   *
   * @param forecaster runs the model
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @return what was found, in order
   */
  public static List<FeedOnHand> of(Forecaster forecaster, CoverPlan plan, CropSeasons crop) {
    List<SeasonRun> runs = forecaster.runs(plan, crop);
    OwnErrors errors = OwnErrors.of(plan);
    List<FeedOnHand> all = new ArrayList<>();
    LocalDate day = LocalDate.of(crop.ensemble().seasonYear(), Month.OCTOBER, 1);
    while (!day.isAfter(plan.endOn())) {
      if (day.isAfter(plan.seedOn())) {
        LocalDate on = day;
        double[] years = runs.stream().mapToDouble(r -> standing(r, on)).toArray();
        all.add(new FeedOnHand(on, Spread.of(years).with(errors.growth(on))));
      }
      day =
          day.getDayOfMonth() == 1
              ? day.withDayOfMonth(HALF_MONTH)
              : day.plusMonths(1).withDayOfMonth(1);
    }
    return all;
  }

  /**
   * {@return feed that can be taken were it all grazed from a day on, in every year, Mg/ha}
   *
   * @param runs the plan's, not grazed
   * @param plan plan asked about
   * @param day the day
   */
  public static Spread on(List<SeasonRun> runs, CoverPlan plan, LocalDate day) {
    if (!day.isAfter(plan.seedOn())) {
      return Spread.of(new double[runs.size()]);
    }
    double[] years =
        runs.stream()
            .mapToDouble(r -> (1 - TRODDEN) * Math.max(0, standing(r, day) - LEFT_MG_PER_HA))
            .toArray();
    return Spread.of(years).with(OwnErrors.of(plan).growth(day));
  }

  /**
   * {@return in how many years the ground carries on a day}
   *
   * @param runs the plan's, not grazed
   * @param day the day
   */
  public static int fit(List<SeasonRun> runs, LocalDate day) {
    return (int)
        runs.stream()
            .map(SeasonRun::columns)
            .filter(c -> c.trafficability()[Worth.inside(c, day)] == Trafficability.FIT)
            .count();
  }

  /**
   * {@return feed that can be taken in the year at a quantile, Mg/ha of dry matter}
   *
   * @param quantile share of the years, 0..1
   */
  public double mgPerHa(double quantile) {
    return (1 - TRODDEN) * Math.max(0, stands.quantile(quantile) - LEFT_MG_PER_HA);
  }

  /**
   * {@return how many days so many head live on the feed of a field, each on its ration of dry
   * matter}
   *
   * @param quantile share of the years, 0..1
   * @param areaHa area, ha
   * @param head head of cattle
   * @param rationKg dry matter a head eats a day, kg
   */
  public double days(double quantile, double areaHa, double head, double rationKg) {
    return 1000 * mgPerHa(quantile) * areaHa / (head * rationKg);
  }

  private static double standing(SeasonRun run, LocalDate day) {
    return run.columns().totalCoverMgPerHa(Worth.inside(run.columns(), day));
  }
}
