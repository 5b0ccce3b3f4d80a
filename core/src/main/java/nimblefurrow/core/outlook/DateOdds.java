package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import org.jspecify.annotations.Nullable;

/**
 * The question asked backwards: by which day must a cover be seeded one way and one thickness to
 * reach a goal?
 *
 * @param method how it is seeded
 * @param thickness of the plan's rates: 1 as planned
 * @param cover the rates that makes with this method
 * @param seedUsdPerHa what that seed costs, US dollars per ha
 * @param points odds by seeding day, in order
 * @param latest last day that still reaches the goal as surely as it is wanted; null when none does
 */
public record DateOdds(
    SeedingMethod method,
    double thickness,
    List<CoverComponent> cover,
    double seedUsdPerHa,
    List<Point> points,
    @Nullable LocalDate latest) {
  private static final int STEP_DAYS = 5;
  private static final int PAST_THE_WINDOW_DAYS = 10;
  private static final double[] THICKNESSES = {0.7, 1.0, 1.4};

  public DateOdds {
    cover = List.copyOf(cover);
    points = List.copyOf(points);
  }

  /** In how many years seeding on a day reaches the goal. */
  public record Point(LocalDate day, int met) {}

  /**
   * {@return odds by day for every method that is still possible, thin, as planned and thick}
   *
   * @param forecaster runs the model
   * @param windows windows of the ways
   * @param plan the plan; its method and day are replaced, its rates turned into each method's
   * @param crop cash crop of the field, grown under every sky
   * @param today no day before is asked
   * @param goal goal asked about
   */
  public static List<DateOdds> of(
      Forecaster forecaster,
      WindowFinder windows,
      CoverPlan plan,
      CropSeasons crop,
      LocalDate today,
      Goal goal) {
    List<Species> species = plan.cover().stream().map(CoverComponent::species).toList();
    List<DateOdds> asked = new ArrayList<>();
    for (SeedingMethod method : SeedingMethods.all()) {
      Window window = windows.find(species, method, plan.soil());
      if (window.possible() && !window.closes().day().isBefore(today)) {
        List<LocalDate> days = days(method, window, plan, today);
        DoubleStream.of(THICKNESSES)
            .mapToObj(thickness -> question(method, thickness, plan, days))
            .forEach(asked::add);
      }
    }
    Stream<DateOdds> answers =
        asked.parallelStream().map(question -> question.answer(forecaster, plan, crop, goal));
    return answers.toList();
  }

  private static List<LocalDate> days(
      SeedingMethod method, Window window, CoverPlan plan, LocalDate today) {
    LocalDate first = window.opens().day().isBefore(today) ? today : window.opens().day();
    if (method.goesWithCombine()) {
      return List.of(first);
    }
    LocalDate last = window.closes().day().plusDays(PAST_THE_WINDOW_DAYS);
    List<LocalDate> days = new ArrayList<>();
    for (LocalDate day = first;
        !day.isAfter(last) && day.isBefore(plan.endOn());
        day = day.plusDays(STEP_DAYS)) {
      days.add(day);
    }
    return days;
  }

  private static DateOdds question(
      SeedingMethod method, double thickness, CoverPlan plan, List<LocalDate> days) {
    List<CoverComponent> cover = rates(plan, method, thickness);
    List<Point> points = days.stream().map(day -> new Point(day, 0)).toList();
    return new DateOdds(method, thickness, cover, seedCost(cover), points, null);
  }

  private DateOdds answer(Forecaster forecaster, CoverPlan plan, CropSeasons crop, Goal goal) {
    List<Point> answered = new ArrayList<>();
    LocalDate last = null;
    for (Point p : points) {
      int met = goal.met(forecaster, plan.seeded(method, cover, p.day()), crop);
      answered.add(new Point(p.day(), met));
      if (met >= goal.wanted(crop.years().size())) {
        last = p.day();
      }
    }
    return new DateOdds(method, thickness, cover, seedUsdPerHa, answered, last);
  }

  private static List<CoverComponent> rates(
      CoverPlan plan, SeedingMethod method, double thickness) {
    return plan.coverFor(method).stream()
        .map(
            c ->
                new CoverComponent(
                    c.species(),
                    c.rateKgPerHa() * thickness,
                    c.germination(),
                    c.purity(),
                    c.depthMm()))
        .toList();
  }

  private static double seedCost(List<CoverComponent> cover) {
    return cover.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
  }
}
