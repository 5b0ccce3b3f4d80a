package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;

/**
 * The season model: from a plan and a sky to the season's days. Pure; one instance serves any
 * number of threads.
 */
public final class SeasonModel {
  private static final int SETTLING_DAYS = 15;

  private final ModelParameters parameters;

  public SeasonModel(ModelParameters parameters) {
    this.parameters = parameters;
  }

  /** The model with the parameters that ship with it. */
  public static SeasonModel shipped() {
    return new SeasonModel(ModelParameters.shipped());
  }

  /** The cash crop of a plan under a sky, for sharing among fields. */
  public CropColumns crop(CashCrop crop, Sky sky) {
    return CropColumns.grow(crop, sky, parameters);
  }

  /**
   * Runs one season.
   *
   * @throws IllegalArgumentException when the weather does not hold the run
   */
  public SeasonRun run(Sky sky, SeasonPlan plan) {
    return run(sky, crop(plan.crop(), sky), plan);
  }

  /**
   * Runs one season with a cash crop that was grown under the same sky before.
   *
   * @throws IllegalArgumentException when the weather does not hold the run
   */
  public SeasonRun run(Sky sky, CropColumns crop, SeasonPlan plan) {
    return run(sky, crop, plan, SeasonColumns.Detail.FULL);
  }

  /**
   * Runs one season and keeps as much of it as is asked for.
   *
   * @throws IllegalArgumentException when the weather does not hold the run
   */
  public SeasonRun run(Sky sky, CropColumns crop, SeasonPlan plan, SeasonColumns.Detail detail) {
    DailyWeather weather = sky.weather();
    LocalDate first = plan.firstDay();
    LocalDate last = plan.lastDay();
    if (!weather.covers(first, last)) {
      throw new IllegalArgumentException(
          "the weather from %s to %s does not hold the season from %s to %s"
              .formatted(weather.start(), weather.end(), first, last));
    }
    return new SeasonDays(parameters, sky, crop, plan, laggedMean(weather, first), detail).run();
  }

  private static double laggedMean(DailyWeather weather, LocalDate first) {
    int at = weather.indexOf(first);
    int from = at >= SETTLING_DAYS ? at - SETTLING_DAYS : at;
    int to = Math.min(weather.days(), from + SETTLING_DAYS);
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += weather.meanC(i);
    }
    return sum / (to - from);
  }
}
