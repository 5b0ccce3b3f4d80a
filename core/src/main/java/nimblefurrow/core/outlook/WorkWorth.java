package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;

/**
 * What a day's delay of a job costs: the share of its goal that a cover reaches in the mean of the
 * years, by the day it is seeded or ended. A goal reached twice counts once. Run on some days,
 * straight lines between.
 */
public final class WorkWorth {
  private static final int SEEDING_STEP_DAYS = 7;
  private static final int ENDING_STEP_DAYS = 5;

  private WorkWorth() {}

  /**
   * By seeding day.
   *
   * @param forecaster runs the model
   * @param plan plan asked about
   * @param method how it is seeded or ended
   * @param crop cash crop of the field, grown under every sky
   * @param purpose what the cover is for
   * @param start day of index 0
   * @param days how many
   * @param opens first day of the window
   * @param closes last day of the window
   * @return shares, 0..1; 0 outside the window
   */
  public static double[] seeding(
      Forecaster forecaster,
      CoverPlan plan,
      SeedingMethod method,
      CropSeasons crop,
      Purpose purpose,
      LocalDate start,
      int days,
      LocalDate opens,
      LocalDate closes) {
    CoverPlan tried = plan.seeded(method, plan.coverFor(method), plan.seedOn());
    return along(
        start,
        days,
        opens,
        closes,
        SEEDING_STEP_DAYS,
        day -> {
          CoverPlan on = tried.seededOn(day);
          List<SeasonRun> runs = forecaster.runsFor(purpose, on, crop);
          return runs.stream()
              .mapToDouble(r -> share(Worth.measure(purpose, on, r), purpose.target()))
              .average()
              .orElse(0);
        });
  }

  /**
   * {@return by the day of ending: the goal is met then, and at least 85 % of the plants die}
   *
   * @param forecaster runs the model
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @param purpose what the cover is for
   * @param way way of ending or seeding
   * @param start first day
   * @param days number of days
   * @param from first day
   * @param to last day
   */
  public static double[] ending(
      Forecaster forecaster,
      CoverPlan plan,
      CropSeasons crop,
      Purpose purpose,
      EndingMethod way,
      LocalDate start,
      int days,
      LocalDate from,
      LocalDate to) {
    GrowingYears growing =
        forecaster.growing(
            plan, crop, SeasonColumns.Detail.ODDS, from.isBefore(start) ? start : from);
    return along(
        start,
        days,
        from,
        to,
        ENDING_STEP_DAYS,
        day -> {
          CoverPlan on = plan.ended(day, plan.plantOn(), way.acts(day));
          List<SeasonRun> ended = growing.ended(on.acts());
          List<SeasonRun> read = purpose.hangsOnEnding() ? ended : growing.runs();
          double sum = 0;
          for (int y = 0; y < ended.size(); y++) {
            // A kill is worth something by itself; the goal on top of it is worth all.
            double reached = share(Worth.measure(purpose, on, read.get(y)), purpose.target());
            sum += EndingMeasure.kill(ended.get(y)) >= EndingMeasure.DEAD ? 0.5 + 0.5 * reached : 0;
          }
          return sum / ended.size();
        });
  }

  private static double share(double measure, double target) {
    return Math.max(0, Math.min(1, measure / target));
  }

  private static double[] along(
      LocalDate start,
      int days,
      LocalDate from,
      LocalDate to,
      int step,
      ToDoubleFunction<LocalDate> at) {
    double[] all = new double[days];
    int first = (int) Math.max(0, ChronoUnit.DAYS.between(start, from));
    int last = (int) Math.min(days - 1, ChronoUnit.DAYS.between(start, to));
    if (last < first) {
      return all;
    }
    double before = at.applyAsDouble(start.plusDays(first));
    all[first] = before;
    for (int d = first; d < last; d += step) {
      int next = Math.min(last, d + step);
      double then = at.applyAsDouble(start.plusDays(next));
      for (int i = d + 1; i <= next; i++) {
        all[i] = before + (then - before) * (i - d) / (next - d);
      }
      before = then;
    }
    return all;
  }
}
