package nimblefurrow.core.work;

import java.time.LocalDate;
import java.time.Month;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.hours.WindLimit;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.weather.Sky;

/**
 * Hours fit for each kind of work by day, over the ways the season may go: wheels need ground that
 * carries, wings and sprayers a dry and not too windy day. Ground is that of a few of the farm's
 * fields.
 *
 * @param wheels share of fields that carry, by year and day
 * @param wind share of a day fit for each kind of work that wind decides over, by year and day
 * @param light hours of a working day, by day
 */
public record WorkableDays(double[][] wheels, Map<WindLimit, double[][]> wind, double[] light) {
  private static final int GROUNDS = 3;

  /** More rain than this takes a day for flying and spraying, mm. Working value. */
  private static final double DRY_MM = 2;

  private static final double LONGEST_DAY_H = 12;
  private static final double SHORTEST_DAY_H = 6;

  /** Work with care goes half as fast. Working value. */
  private static final double MARGINAL = 0.5;

  /**
   * {@return the workable days of a farm}
   *
   * @param forecaster runs the ground
   * @param all its fields
   * @param span the days
   */
  public static WorkableDays of(Forecaster forecaster, List<WorkField> all, WorkSpan span) {
    List<WorkField> grounds = all.stream().filter(f -> f.covered() != null).limit(GROUNDS).toList();
    if (grounds.isEmpty()) {
      grounds = all.stream().limit(GROUNDS).toList();
    }
    int days = span.days();
    if (grounds.isEmpty()) {
      return new WorkableDays(new double[0][], Map.of(), new double[days]);
    }
    List<Sky> ensemble = grounds.get(0).crop().ensemble().ensemble();
    double[][] wheels = new double[ensemble.size()][days];
    Map<WindLimit, double[][]> wind = new EnumMap<>(WindLimit.class);
    for (WindLimit limit : WindLimit.values()) {
      wind.put(limit, new double[ensemble.size()][days]);
    }
    double[] light = new double[days];
    for (WorkField f : grounds) {
      List<SeasonRun> runs =
          forecaster.runs(ground(f), f.crop(), List.of(), SeasonColumns.Detail.ODDS);
      for (int y = 0; y < ensemble.size(); y++) {
        SeasonColumns c = runs.get(y).columns();
        for (int d = 0; d < days; d++) {
          int i = c.indexOf(span.day(d));
          Trafficability trafficability =
              i >= 0 && i < c.days() ? c.trafficability()[i] : Trafficability.FIT;
          wheels[y][d] += share(trafficability) / grounds.size();
        }
      }
    }
    for (int y = 0; y < ensemble.size(); y++) {
      Sky sky = ensemble.get(y);
      for (int d = 0; d < days; d++) {
        int day = sky.weather().indexOf(span.day(d));
        int i = Math.max(0, Math.min(sky.weather().days() - 1, day));
        for (Map.Entry<WindLimit, double[][]> w : wind.entrySet()) {
          w.getValue()[y][d] =
              share(w.getKey(), sky.weather().precipMm(i), sky.weather().windMs(i));
        }
        light[d] = Math.min(LONGEST_DAY_H, Math.max(SHORTEST_DAY_H, sky.dayLengthH(i) - 1));
      }
    }
    return new WorkableDays(wheels, wind, light);
  }

  private static double share(Trafficability trafficability) {
    return trafficability == Trafficability.FIT
        ? 1
        : trafficability == Trafficability.MARGINAL ? MARGINAL : 0;
  }

  /** By the limits that an hour is judged by; a day without wind in its record is calm. */
  static double share(WindLimit limit, double rainMm, double windMPerS) {
    if (rainMm >= DRY_MM) {
      return 0;
    }
    return switch (limit.judge(windMPerS)) {
      case GO -> 1;
      case MARGINAL -> MARGINAL;
      case NO -> 0;
    };
  }

  /** What tells of a field's ground: its cover, or a little rye where it has none. */
  private static CoverPlan ground(WorkField f) {
    if (f.covered() != null) {
      return f.covered().plan();
    }
    LocalDate late = LocalDate.of(f.crop().ensemble().seasonYear(), Month.NOVEMBER, 15);
    return new CoverPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        List.of(CoverComponent.of(SpeciesTable.shipped().get("cereal_rye"), 1)),
        SeedingMethods.mending(),
        late,
        late.plusDays(1),
        f.next().plantOn());
  }

  /** {@return how many ways the season may go} */
  public int years() {
    return wheels.length;
  }

  /**
   * {@return hours of a machine on a day, as many as the odds leave in the mean}
   *
   * @param doer machine, or someone on foot
   * @param day day, as an index from the first
   */
  public double hours(Doer doer, int day) {
    double[][] fit = fit(doer);
    double sum = 0;
    for (double[] year : fit) {
      sum += year[day] / fit.length;
    }
    return light[day] * sum;
  }

  /**
   * {@return hours of a machine on a day of one way the season may go}
   *
   * @param doer machine, or someone on foot
   * @param year index of the year
   * @param day day, as an index from the first
   */
  public double hours(Doer doer, int year, int day) {
    return light[day] * fit(doer)[year][day];
  }

  private double[][] fit(Doer doer) {
    WindLimit limit = doer.windLimit();
    return limit == null ? wheels : wind.getOrDefault(limit, wheels);
  }
}
