package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.outlook.JobWorth;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.schedule.WorkProblem.After;
import nimblefurrow.core.schedule.WorkProblem.Option;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;

/** Harvest, and seeding by every way and machine. */
final class AutumnJobs {
  private static final int HARVEST_DAYS = 35;

  private final JobFrame frame;
  private final JobList list;

  AutumnJobs(JobFrame frame, JobList list) {
    this.frame = frame;
    this.list = list;
  }

  /** The harvest of a field; −1 when it is not ours to do or not in the plan's days. */
  int harvest(PlannedField f) {
    CropKind kind = CropKind.of(f.field().crop().kind());
    int first = frame.index(clear(f));
    if (kind == CropKind.NONE || first < 0 || first >= frame.days()) {
      return -1;
    }
    int last = frame.clamp(first + HARVEST_DAYS);
    List<JobList.Offer> offers = new ArrayList<>();
    for (int m : frame.who(d -> d.does("harvest"))) {
      double hours = f.field().areaHa() / machine(m).haPerHour();
      double[] value = JobWorth.harvest(f.field().areaHa(), frame.days(), first, last);
      offers.add(new JobList.Offer(new Option(m, "combine", hours, first, last, value), "harvest"));
    }
    return offers.isEmpty() ? -1 : list.add(f, "harvest", "combine", offers, null);
  }

  /** Seeding of a field by all its ways. */
  int seed(PlannedField f, CoverPlan cover, Purpose purpose, int harvest) {
    WindowFinder finder = new WindowFinder(f.weather().climate(), f.crop());
    List<Species> species = cover.cover().stream().map(CoverComponent::species).toList();
    boolean clears = harvest >= 0 || frame.index(clear(f)) < frame.days();
    List<JobList.Offer> offers = new ArrayList<>();
    for (SeedingMethod method : SeedingMethod.values()) {
      boolean behind = method.when() == SeedingMethod.When.AFTER_HARVEST;
      Window window = finder.find(species, method, cover.soil());
      if (!window.possible() || frame.index(window.closes().day()) < 0 || behind && !clears) {
        continue;
      }
      offers.addAll(by(f, cover, purpose, method, window));
    }
    // Only what goes out behind the combine waits for it.
    After after = harvest >= 0 ? new After(harvest, 0, 2 * frame.days()) : null;
    return list.add(f, "seed", "seed", offers, after);
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
    boolean free = method.when() != SeedingMethod.When.AFTER_HARVEST;
    int last = Math.min(frame.days() - 1, frame.index(window.closes().day()));
    double more = seedUsd(cover.coverFor(method)) - seedUsd(cover.cover());
    double areaHa = f.field().areaHa();
    List<JobList.Offer> offers = new ArrayList<>();
    for (int m : who) {
      double hours = machine(m).hours(machine(m).loads(areaHa, cover.coverFor(method)));
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
    return java.util.Objects.requireNonNull(frame.doers().get(doer).machine());
  }
}
