package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import org.jspecify.annotations.Nullable;

/**
 * The question asked backwards: by which day must a cover be seeded one way to do its job?
 *
 * @param method how it is seeded
 * @param seedUsdPerHa what the seed costs at this method's rates, US dollars per ha
 * @param points odds by seeding day, in order
 * @param latest last day that still reaches the odds asked for; null when none does
 */
public record DateOdds(
    SeedingMethod method, double seedUsdPerHa, List<Point> points, @Nullable LocalDate latest) {
  private static final int STEP_DAYS = 5;
  private static final int PAST_THE_WINDOW_DAYS = 10;

  public DateOdds {
    points = List.copyOf(points);
  }

  /** In how many years seeding on a day does the job. */
  public record Point(LocalDate day, int met) {}

  /**
   * Odds by day for every method that is still possible.
   *
   * @param plan the plan; its method and day are replaced, its rates turned into each method's
   * @param today no day before is asked
   * @param target how much is enough, in the purpose's unit
   * @param wanted share of years wanted, such as 0.7
   */
  public static List<DateOdds> of(
      Forecaster forecaster,
      WindowFinder windows,
      CoverPlan plan,
      CropSeasons crop,
      LocalDate today,
      Purpose purpose,
      double target,
      double wanted) {
    List<Species> species = plan.cover().stream().map(CoverComponent::species).toList();
    List<DateOdds> all = new ArrayList<>();
    for (SeedingMethod method : SeedingMethod.values()) {
      Window window = windows.find(species, method, plan.soil());
      LocalDate last = window.closes().day().plusDays(PAST_THE_WINDOW_DAYS);
      if (!window.possible() || window.closes().day().isBefore(today)) {
        continue;
      }
      List<CoverComponent> cover = rates(plan, method);
      List<Point> points = new ArrayList<>();
      LocalDate latest = null;
      LocalDate first = window.opens().day().isBefore(today) ? today : window.opens().day();
      boolean once = method.when() == SeedingMethod.When.AT_HARVEST;
      for (LocalDate day = first;
          !day.isAfter(last) && day.isBefore(plan.endOn());
          day = day.plusDays(STEP_DAYS)) {
        CoverPlan tried =
            new CoverPlan(
                plan.soil(), plan.start(), cover, method, day, plan.endOn(), plan.plantOn());
        Outlook outlook = forecaster.outlook(tried, crop);
        int met = outlook.met(purpose, target);
        points.add(new Point(day, met));
        if (met >= wanted * outlook.years()) {
          latest = day;
        }
        if (once) {
          break;
        }
      }
      all.add(new DateOdds(method, seedCost(cover), points, latest));
    }
    return all;
  }

  /** The plan's rates as another method needs them: more seed on the surface, less in the soil. */
  private static List<CoverComponent> rates(CoverPlan plan, SeedingMethod method) {
    boolean from = plan.method().buried();
    boolean to = method.buried();
    if (from == to) {
      return plan.cover();
    }
    return plan.cover().stream()
        .map(
            c -> {
              Species.Seed seed = c.species().seed();
              double more = seed.surface().typical() / seed.drilled().typical();
              return new CoverComponent(
                  c.species(),
                  to ? c.rateKgPerHa() / more : c.rateKgPerHa() * more,
                  c.germination(),
                  c.purity(),
                  c.depthMm());
            })
        .toList();
  }

  private static double seedCost(List<CoverComponent> cover) {
    return cover.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
  }
}
