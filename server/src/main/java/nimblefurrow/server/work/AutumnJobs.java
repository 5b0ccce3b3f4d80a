package nimblefurrow.server.work;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.HarvestLoss;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import org.jspecify.annotations.Nullable;

/** Harvest, and seeding by every way and machine. */
final class AutumnJobs {
  private static final int HARVEST_DAYS = 35;
  private static final double LEAST_H = 0.25;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final JobFrame frame;
  private final JobList list;

  AutumnJobs(JobFrame frame, JobList list) {
    this.frame = frame;
    this.list = list;
  }

  /** The harvest of a field; −1 when it is not ours to do, done, or not in the plan's days. */
  int harvest(PlannedField f) {
    CropKind kind = CropKind.of(f.field().crop().kind());
    int first = Math.max(0, frame.index(clear(f)));
    if (kind == CropKind.NONE || !f.standing().harvest().due() || first >= frame.days()) {
      return -1;
    }
    int last = frame.clamp(first + HARVEST_DAYS);
    HarvestLoss loss = HarvestLoss.of(kind.key());
    double[] crop = JobWorth.harvest(f.field().areaHa(), loss, frame.days(), first, last);
    double rest = 1 - f.standing().harvest().share();
    boolean silage = kind == CropKind.SILAGE_CORN;
    List<JobList.Offer> offers = new ArrayList<>();
    for (int m : frame.who(d -> d.does(silage ? MachineWork.CHOP : MachineWork.HARVEST))) {
      double hours = Math.max(LEAST_H, rest * f.field().areaHa() / machine(m).haPerHour());
      String words = silage ? "chop" : "combine";
      double[] seeded = silage ? null : headSeeding(f, first, last);
      if (seeded != null) {
        double[] both = crop.clone();
        for (int d = first; d <= last; d++) {
          both[d] += f.field().areaHa() * frame.goalUsdPerHa() * seeded[d];
        }
        String label = "combine, seeding as it cuts";
        offers.add(
            new JobList.Offer(
                new Option(m, label, hours, first, last, both),
                Objects.requireNonNull(f.cover()).method().key(),
                seeded));
      }
      offers.add(new JobList.Offer(new Option(m, words, hours, first, last, crop), "harvest"));
    }
    String words = silage ? "chop" : "combine";
    return offers.isEmpty() ? -1 : list.add(f, "harvest", words, offers, null);
  }

  /**
   * The share of its goal that a cover seeded by the combine's head reaches, by the day of harvest;
   * null when it is not meant to be seeded so, or nothing is there to do it.
   */
  private double @Nullable [] headSeeding(PlannedField f, int first, int last) {
    CoverPlan cover = f.cover();
    Purpose purpose = f.purpose();
    if (!seedsWithHarvest(f) || cover == null || purpose == null) {
      return null;
    }
    return frame
        .worths()
        .seeding(frame, cover, cover.method(), f, purpose, frame.day(first), frame.day(last));
  }

  /** Whether seed goes out with the combine: then it is one job with the harvest. */
  private boolean seedsWithHarvest(PlannedField f) {
    CoverPlan cover = f.cover();
    return cover != null
        && cover.method().goesWithCombine()
        && f.standing().seeding().open()
        && !frame
            .who(d -> d.machine() != null && d.machine().methods().contains(cover.method().key()))
            .isEmpty();
  }

  /** Seeding of a field by all its ways; −1 when it is done, too late, or goes with the harvest. */
  int seed(PlannedField f, CoverPlan cover, Purpose purpose, int harvest) {
    if (!f.standing().seeding().open() || harvest >= 0 && seedsWithHarvest(f)) {
      return -1;
    }
    WindowFinder finder = new WindowFinder(f.weather().climate(), f.crop());
    List<Species> species = cover.cover().stream().map(CoverComponent::species).toList();
    boolean clears = harvest >= 0 || frame.index(clear(f)) < frame.days();
    List<JobList.Offer> offers = new ArrayList<>();
    for (SeedingMethod method : SeedingMethods.all()) {
      boolean behind = method.waitsForHarvest();
      Window window = finder.find(species, method, cover.soil());
      boolean passed = !window.possible() || frame.index(window.closes().day()) < 0;
      // The combine's own seeder goes with the combine, never by itself.
      if (method.goesWithCombine() || passed || behind && !clears) {
        continue;
      }
      offers.addAll(by(f, cover, purpose, method, window));
    }
    // Only what goes out behind the combine waits for it.
    After after = harvest >= 0 ? new After(harvest, 0, 2 * frame.days()) : null;
    return list.add(f, "seed", "seed", offers, after, gone(f, cover, finder, species));
  }

  /** Why a cover cannot be seeded any more: the edge that has passed, or what is lacking. */
  private String gone(PlannedField f, CoverPlan cover, WindowFinder finder, List<Species> species) {
    Window own = finder.find(species, cover.method(), cover.soil());
    String label = cover.method().label();
    if (!own.possible()) {
      return "%s has no window on %s".formatted(label, f.field().name());
    }
    return frame.index(own.closes().day()) < 0
        ? "%s closed on %s, and no other way is open"
            .formatted(label, own.closes().day().format(DAY))
        : "no machine in the shed does it: " + label;
  }

  private List<JobList.Offer> by(
      PlannedField f, CoverPlan cover, Purpose purpose, SeedingMethod method, Window window) {
    List<Integer> who =
        frame.who(d -> d.machine() != null && d.machine().methods().contains(method.key()));
    if (who.isEmpty()) {
      return List.of();
    }
    LocalDate opens =
        window.opens().day().isAfter(frame.start()) ? window.opens().day() : frame.start();
    double[] odds =
        frame.worths().seeding(frame, cover, method, f, purpose, opens, window.closes().day());
    int first = frame.index(opens);
    boolean free = !method.waitsForHarvest();
    int last = Math.min(frame.days() - 1, frame.index(window.closes().day()));
    double more = seedUsd(cover.coverFor(method)) - seedUsd(cover.cover());
    double areaHa = f.field().areaHa();
    List<JobList.Offer> offers = new ArrayList<>();
    for (int m : who) {
      double hours =
          (1 - f.standing().seeding().share())
              * machine(m).hours(machine(m).loads(areaHa, cover.coverFor(method)));
      // Seed as planned is bought anyway; only what a way needs more or less counts.
      double cost = more * areaHa + machine(m).usd(areaHa, hours);
      double[] value =
          JobWorth.goal(areaHa, frame.goalUsdPerHa(), odds, 0, cost, Math.max(0, first), last);
      offers.add(
          new JobList.Offer(
              new Option(m, method.label(), hours, Math.max(0, first), last, value, free),
              method.key(),
              odds));
    }
    return offers;
  }

  private static double seedUsd(List<CoverComponent> cover) {
    return cover.stream().mapToDouble(c -> c.rateKgPerHa() * c.species().seedUsdPerKg()).sum();
  }

  private static LocalDate clear(PlannedField f) {
    return f.crop().day(f.crop().harvest().median());
  }

  private MachineView machine(int doer) {
    return Objects.requireNonNull(frame.doers().get(doer).machine());
  }
}
