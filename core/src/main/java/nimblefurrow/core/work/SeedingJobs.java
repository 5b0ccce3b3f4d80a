package nimblefurrow.core.work;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.work.FieldJob.Alternative;

/** The seeding of a field, by every way and machine there is. */
final class SeedingJobs {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final WorkFrame frame;
  private final JobList list;
  private final HarvestJobs harvests;

  SeedingJobs(WorkFrame frame, JobList list, HarvestJobs harvests) {
    this.frame = frame;
    this.list = list;
    this.harvests = harvests;
  }

  /**
   * Adds it; −1 when it is done, too late, or goes with the harvest.
   *
   * @param clearing index of the job that clears the ground for it: the harvest, or the ending of
   *     the cover before; −1 when that is no job of this plan
   */
  int add(WorkField f, CoverPlan cover, int clearing) {
    if (!f.standing().seeding().open()
        || clearing >= 0 && f.link() == null && harvests.seedsWithIt(f)) {
      return -1;
    }
    WindowFinder finder = new WindowFinder(f.climate(), f.crop());
    List<Species> species = cover.cover().stream().map(CoverComponent::species).toList();
    boolean clears = clearing >= 0 || frame.span().index(f.clear()) < frame.span().days();
    List<Alternative> ways = new ArrayList<>();
    for (SeedingMethod method : SeedingMethods.all()) {
      Window window = finder.find(species, method, cover.soil());
      boolean passed = !window.possible() || frame.span().index(window.closes().day()) < 0;
      // The combine's own seeder goes with the combine, never by itself.
      if (!method.goesWithCombine() && !passed && (clears || !method.waitsForHarvest())) {
        ways.addAll(by(f, cover, method, window));
      }
    }
    // Only what goes out behind the combine waits for it.
    After after = clearing >= 0 ? new After(clearing, 0, 2 * frame.span().days()) : null;
    Window own = finder.find(species, cover.method(), cover.soil());
    return list.add(f, JobKind.SEED.on(f.link()), "seed", ways, after, gone(f, own));
  }

  /** Why a cover cannot be seeded any more: the edge that has passed, or what is lacking. */
  private String gone(WorkField f, Window own) {
    String label = own.method().label();
    if (!own.possible()) {
      return "%s has no window on %s".formatted(label, f.name());
    }
    return frame.span().index(own.closes().day()) < 0
        ? "%s closed on %s, and no other way is open"
            .formatted(label, own.closes().day().format(DAY))
        : "no machine in the shed does it: " + label;
  }

  private List<Alternative> by(WorkField f, CoverPlan cover, SeedingMethod method, Window window) {
    List<Integer> who = frame.who(d -> d.seeds(method));
    if (who.isEmpty()) {
      return List.of();
    }
    LocalDate today = frame.span().start();
    LocalDate opens = window.opens().day().isAfter(today) ? window.opens().day() : today;
    double[] share = frame.shares().seeding(f, method, frame.span(), opens, window.closes().day());
    int first = Math.max(0, frame.span().index(opens));
    int last = Math.min(frame.span().days() - 1, frame.span().index(window.closes().day()));
    List<CoverComponent> seed = cover.coverFor(method);
    // Seed as planned is bought anyway; only what a way needs more or less counts.
    double more = (seedUsd(seed) - seedUsd(cover.cover())) * f.areaHa();
    List<Alternative> ways = new ArrayList<>();
    for (int d : who) {
      Machine machine = frame.doers().get(d).machine();
      double rest = 1 - f.standing().seeding().share();
      double hours = machine == null ? 0 : rest * machine.seedingHours(f.areaHa(), seed);
      double cost = more + frame.doers().get(d).usd(f.areaHa(), hours, CoverComponent.rate(seed));
      double[] value = JobWorth.goal(f.areaHa(), frame.goalUsdPerHa(), share, 0, cost, first, last);
      boolean free = !method.waitsForHarvest();
      ways.add(
          new Alternative(
              new Option(d, method.label(), hours, first, last, value, free), method.key(), share));
    }
    return ways;
  }

  private static double seedUsd(List<CoverComponent> cover) {
    return cover.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
  }
}
