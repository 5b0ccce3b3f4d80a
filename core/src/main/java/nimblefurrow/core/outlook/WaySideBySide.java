package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.Spread;

/**
 * One way of seeding a plan's cover on its first useful day, for comparing with the others.
 *
 * @param method how
 * @param window when
 * @param seedOn the day it was reckoned for
 * @param cover rates as this way needs them
 * @param goodStand years in which the stand is good ({@link Stand#GOOD_SHARE} of a usual stand)
 * @param met years in which the first purpose is reached
 * @param years all years
 * @param coverMgPerHa cover at the plan's end
 * @param seedUsdPerHa seed
 */
public record WaySideBySide(
    SeedingMethod method,
    Window window,
    LocalDate seedOn,
    List<CoverComponent> cover,
    int goodStand,
    int met,
    int years,
    Spread coverMgPerHa,
    double seedUsdPerHa) {

  /**
   * {@return every way that is still possible, in the order of their windows}
   *
   * @param forecaster runs the model
   * @param windows windows of the ways
   * @param plan plan asked about
   * @param crop cash crop of the field, grown under every sky
   * @param today day it is
   * @param purpose what the cover is for
   */
  public static List<WaySideBySide> of(
      Forecaster forecaster,
      WindowFinder windows,
      CoverPlan plan,
      CropSeasons crop,
      LocalDate today,
      Purpose purpose) {
    List<Species> species = plan.cover().stream().map(CoverComponent::species).toList();
    return SeedingMethods.all().stream()
        .parallel()
        .map(m -> windows.find(species, m, plan.soil()))
        .filter(w -> w.possible() && !w.closes().day().isBefore(today))
        .map(w -> way(forecaster, w, plan, crop, today, purpose))
        .sorted(Comparator.comparing(WaySideBySide::seedOn))
        .toList();
  }

  private static WaySideBySide way(
      Forecaster forecaster,
      Window window,
      CoverPlan plan,
      CropSeasons crop,
      LocalDate today,
      Purpose purpose) {
    boolean mine = window.method() == plan.method();
    List<CoverComponent> cover = plan.coverFor(window.method());
    LocalDate first = window.opens().day().isBefore(today) ? today : window.opens().day();
    LocalDate day = mine && !plan.seedOn().isBefore(first) ? plan.seedOn() : first;
    CoverPlan tried = plan.seeded(window.method(), cover, day);
    GrowingYears growing = forecaster.growing(tried, crop);
    List<SeasonRun> runs = growing.runs();
    List<SeasonRun> read = growing.runsFor(purpose, tried.acts());
    double[] end =
        runs.stream()
            .mapToDouble(
                r -> {
                  int i = r.columns().indexOf(plan.endOn());
                  return i >= 0 && i < r.columns().days() ? r.columns().totalCoverMgPerHa(i) : 0;
                })
            .toArray();
    return new WaySideBySide(
        window.method(),
        window,
        day,
        cover,
        (int) runs.stream().filter(r -> Stand.good(cover, r)).count(),
        Worth.spread(purpose, tried, read).atLeast(purpose.target()),
        runs.size(),
        Spread.of(end).with(OwnErrors.of(tried).growth(plan.endOn())),
        cover.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum());
  }
}
