package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Going;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;

/**
 * Hours fit for each kind of work by day, over the ways the season may go: wheels need ground that
 * carries, wings a dry and not too windy day. Ground is that of a few of the farm's fields.
 *
 * @param wheels share of fields that carry, by year and day
 * @param wings 1 for a day fit to fly or spray, by year and day
 * @param light hours of a working day, by day
 */
record WorkDays(double[][] wheels, double[][] wings, double[] light) {
  private static final int GROUNDS = 3;
  private static final double DRY_MM = 2;
  private static final double CALM_M_PER_S = 6;
  private static final double LONGEST_DAY_H = 12;
  private static final double MARGINAL = 0.5;

  static WorkDays of(Forecaster forecaster, List<PlannedField> all, LocalDate start, int days) {
    List<PlannedField> grounds = new ArrayList<>();
    all.stream().filter(f -> f.cover() != null).limit(GROUNDS).forEach(grounds::add);
    if (grounds.isEmpty()) {
      all.stream().limit(GROUNDS).forEach(grounds::add);
    }
    if (grounds.isEmpty()) {
      return new WorkDays(new double[0][], new double[0][], new double[days]);
    }
    List<Sky> skies = grounds.get(0).weather().skies().skies();
    double[][] wheels = new double[skies.size()][days];
    double[][] wings = new double[skies.size()][days];
    double[] light = new double[days];
    for (PlannedField f : grounds) {
      List<SeasonRun> runs =
          forecaster.runs(ground(f), f.crop(), List.of(), SeasonColumns.Detail.ODDS);
      for (int y = 0; y < skies.size(); y++) {
        SeasonColumns c = runs.get(y).columns();
        for (int d = 0; d < days; d++) {
          int i = c.indexOf(start.plusDays(d));
          Going going = i >= 0 && i < c.days() ? c.going()[i] : Going.FIT;
          wheels[y][d] +=
              (going == Going.FIT ? 1 : going == Going.MARGINAL ? MARGINAL : 0) / grounds.size();
        }
      }
    }
    for (int y = 0; y < skies.size(); y++) {
      Sky sky = skies.get(y);
      for (int d = 0; d < days; d++) {
        int day = sky.weather().indexOf(start.plusDays(d));
        int i = Math.max(0, Math.min(sky.weather().days() - 1, day));
        double wind = sky.weather().windMs(i);
        wings[y][d] = sky.weather().precipMm(i) < DRY_MM && !(wind > CALM_M_PER_S) ? 1 : 0;
        light[d] = Math.min(LONGEST_DAY_H, Math.max(6, sky.dayLengthH(i) - 1));
      }
    }
    return new WorkDays(wheels, wings, light);
  }

  /** What tells of a field's ground: its cover, or a little rye where it has none. */
  private static CoverPlan ground(PlannedField f) {
    CoverPlan cover = f.cover();
    if (cover != null) {
      return cover;
    }
    LocalDate late = LocalDate.of(f.farm().seasonYear(), 11, 15);
    return new CoverPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        List.of(CoverComponent.of(SpeciesTable.shipped().get("cereal_rye"), 1)),
        SeedingMethods.mending(),
        late,
        late.plusDays(1),
        f.next().plantOn());
  }

  /** How many ways the season may go. */
  int years() {
    return wheels.length;
  }

  private static boolean flies(Doer doer) {
    MachineView m = doer.machine();
    if (m == null) {
      return false;
    }
    return m.methods().stream().map(SeedingMethod::of).anyMatch(SeedingMethod::flies)
        || m.does(MachineWork.SPRAY);
  }

  /** Hours of a machine on a day, as many as the odds leave in the mean. */
  double hours(Doer m, int day) {
    double[][] fit = flies(m) ? wings : wheels;
    double sum = 0;
    for (double[] year : fit) {
      sum += year[day] / fit.length;
    }
    return light[day] * sum;
  }

  /** Hours of a machine on a day of one way the season may go. */
  double hours(Doer m, int year, int day) {
    return light[day] * (flies(m) ? wings : wheels)[year][day];
  }
}
