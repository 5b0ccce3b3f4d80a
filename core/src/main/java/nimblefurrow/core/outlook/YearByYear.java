package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import org.jspecify.annotations.Nullable;

/**
 * What stands behind odds: each way the season may go, with the measure and what led to it.
 *
 * @param pastYear the year whose weather it takes for the days to come
 * @param measure in the unit of the purpose
 * @param met whether it reaches the target
 * @param harvestedOn the day the field is clear, when a crop stands on it
 * @param seededOn when seed goes out
 * @param emergedOn when half of the slowest species is up; null when it never is
 * @param emergedShare plants that come up of the live seed, all species
 * @param winterSurvival of the species that winters worst
 * @param coverMgPerHa on the day the cover ends
 */
public record YearByYear(
    int pastYear,
    double measure,
    boolean met,
    @Nullable LocalDate harvestedOn,
    LocalDate seededOn,
    @Nullable LocalDate emergedOn,
    double emergedShare,
    double winterSurvival,
    double coverMgPerHa) {

  /**
   * {@return every way a plan's season may go, by past year}
   *
   * @param forecaster runs the model
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @param purpose what the cover is for
   */
  public static List<YearByYear> of(
      Forecaster forecaster, CoverPlan plan, CropSeasons crop, Purpose purpose) {
    GrowingYears growing = forecaster.growing(plan, crop);
    List<SeasonRun> runs = growing.runs();
    List<SeasonRun> read = growing.runsFor(purpose, plan.acts());
    List<YearByYear> all = new ArrayList<>();
    for (int y = 0; y < runs.size(); y++) {
      SeasonRun run = runs.get(y);
      double measure = Worth.measure(purpose, plan, read.get(y));
      double seeds = 0;
      double plants = 0;
      double survival = 1;
      for (SeasonRun.Component c : run.components()) {
        seeds += c.liveSeedsPerM2();
        plants += c.emergedPerM2();
        survival = Math.min(survival, c.winterSurvival());
      }
      all.add(
          new YearByYear(
              crop.ensemble().pastYear(y),
              measure,
              measure >= purpose.target(),
              run.cashCropHarvestedOn(),
              Forecaster.seededOn(plan, crop, crop.years().get(y)),
              lastUp(run),
              seeds > 0 ? plants / seeds : 0,
              survival,
              run.columns().totalCoverMgPerHa(Worth.inside(run.columns(), plan.endOn()))));
    }
    return all;
  }

  private static @Nullable LocalDate lastUp(SeasonRun run) {
    LocalDate last = null;
    for (SeasonRun.Component c : run.components()) {
      LocalDate up = c.emergedOn();
      if (up == null) {
        return null;
      }
      last = last == null || up.isAfter(last) ? up : last;
    }
    return last;
  }
}
