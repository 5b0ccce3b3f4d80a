package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Shed;
import nimblefurrow.core.count.KillSeen;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingRules;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.hours.WindLimit;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import org.jspecify.annotations.Nullable;

/** A farm of round figures to draw work up for: 10 ha fields, half of every goal on every day. */
final class WorkFarm {
  static final double SHARE = 0.5;
  static final double GOAL_USD = 400;
  static final LocalDate PLANT = LocalDate.of(2027, 5, 10);
  static final LocalDate END = LocalDate.of(2027, 5, 10);

  final Map<String, KeptJob> kept = new HashMap<>();
  final Map<String, JobPin> pins = new HashMap<>();

  /** Ten hours a day but Sundays. */
  static final List<Double> WEEK = List.of(10.0, 10.0, 10.0, 10.0, 10.0, 10.0, 0.0);

  final List<Look> looks = new ArrayList<>();
  final List<OwnJob> own = new ArrayList<>();
  final List<Machine> machines = new ArrayList<>();
  final List<Worker> people = new ArrayList<>();
  final List<WorkField> fields = new ArrayList<>();
  WorkSpan span = new WorkSpan(LocalDate.of(2026, 9, 1), 100);

  /** Goals reached in half, whatever the day. */
  static final GoalShares HALF =
      new GoalShares() {
        @Override
        public double[] seeding(
            WorkField f, SeedingMethod method, WorkSpan span, LocalDate opens, LocalDate closes) {
          return half(span);
        }

        @Override
        public double[] ending(
            WorkField f, EndingMethod method, WorkSpan span, LocalDate from, LocalDate to) {
          return half(span);
        }

        private double[] half(WorkSpan span) {
          double[] all = new double[span.days()];
          Arrays.fill(all, SHARE);
          return all;
        }
      };

  WorkFarm with(Machine... more) {
    machines.addAll(List.of(more));
    return this;
  }

  WorkFarm from(LocalDate day, int days) {
    span = new WorkSpan(day, days);
    return this;
  }

  WorkFarm worker(String name, Set<String> runs) {
    people.add(
        new Worker(
            Shed.id(name), name, Set.copyOf(runs.stream().map(Shed::id).toList()), WEEK, Set.of()));
    return this;
  }

  /** What is known of a field that is added. */
  static final class Known {
    final Map<Deed, LocalDate> logged = new EnumMap<>(Deed.class);
    final Map<Deed, FieldStanding.Said> said = new EnumMap<>(Deed.class);
    CashCrop crop = Farm.SOYBEAN;
    String cropKey = "soybean";
    boolean ours = true;
    boolean organic;
    @Nullable KillSeen killed;
    @Nullable WeedsSeen weeds;
    List<Sighting> seen = List.of();
    NextCrop.Kind next = NextCrop.Kind.SOYBEAN;
  }

  /** A field without a cover. */
  WorkField bare(String name, Known k) {
    return add(name, k, null, null);
  }

  /** A field with rye that is seeded and ended so. */
  WorkField rye(String name, SeedingMethod method, EndingMethod ending, Known k) {
    return covered(name, method, ending, k, Farm.seed("cereal_rye", 70));
  }

  WorkField covered(
      String name, SeedingMethod method, EndingMethod ending, Known k, CoverComponent... cover) {
    CoverPlan plan =
        Farm.plan(method, LocalDate.of(2026, 10, 1), cover)
            .ended(END, PLANT, ending.acts(END))
            .seeing(k.seen);
    return add(name, k, plan, ending);
  }

  private WorkField add(String name, Known k, CoverPlan plan, EndingMethod ending) {
    CropSeasons crop = Farm.seasons(k.crop);
    FieldStanding.Cover cover = null;
    if (plan != null) {
      Window window =
          new WindowFinder(Farm.CLIMATE, crop)
              .find(
                  plan.cover().stream().map(CoverComponent::species).toList(),
                  plan.method(),
                  plan.soil());
      cover = new FieldStanding.Cover(plan.method(), plan.seedOn(), window, ending, plan.endOn());
    }
    FieldStanding standing =
        FieldStanding.of(
            new FieldStanding.Known(
                span.start(),
                k.crop instanceof CashCrop.None ? null : crop.day(crop.harvest().median()),
                cover,
                PLANT,
                k.logged,
                Map.of(),
                k.said,
                1));
    WorkField field =
        new WorkField(
            Shed.id(name),
            name,
            k.ours,
            10,
            k.organic,
            k.cropKey,
            new WorkField.Place(fields.size(), 2),
            Farm.CLIMATE,
            crop,
            new NextCrop(k.next, PLANT),
            standing,
            null,
            plan == null
                ? null
                : new WorkField.Covered(plan, ending, Purpose.SMOTHER_WEEDS, k.killed, k.weeds));
    fields.add(field);
    return field;
  }

  /** A cover behind another of the same season on the same field. */
  WorkField behind(WorkField first, SeedingMethod method, EndingMethod ending, LocalDate seedOn) {
    CoverPlan before = first.covered().plan();
    CoverPlan plan =
        Farm.plan(method, seedOn, Farm.seed("sorghum_sudan", 30))
            .ended(seedOn.plusDays(70), PLANT.plusMonths(5), ending.acts(seedOn.plusDays(70)));
    SeasonPlan season =
        new SeasonPlan(
            before.soil(),
            before.start(),
            first.crop().crop(),
            before.cover(),
            before.method().placement(),
            before.seedOn(),
            before.acts(),
            null);
    CropSeasons crop = Farm.seasons(new CashCrop.AfterCover(season, before.endOn()));
    Window window =
        new WindowFinder(Farm.CLIMATE, crop)
            .find(plan.cover().stream().map(CoverComponent::species).toList(), method, plan.soil());
    FieldStanding standing =
        FieldStanding.of(
            new FieldStanding.Known(
                span.start(),
                before.endOn(),
                new FieldStanding.Cover(method, seedOn, window, ending, plan.endOn()),
                null,
                Map.of(),
                Map.of(),
                Map.of(),
                1));
    WorkField field =
        new WorkField(
            first.id(),
            first.name(),
            true,
            10,
            false,
            first.cropKey(),
            first.place(),
            Farm.CLIMATE,
            crop,
            new NextCrop(NextCrop.Kind.OTHER, PLANT.plusMonths(5)),
            standing,
            Shed.id(first.name() + " behind"),
            new WorkField.Covered(plan, ending, Purpose.SMOTHER_WEEDS, null, null));
    fields.add(field);
    return field;
  }

  /** Every day carries and is calm, twelve hours long. */
  WorkableDays fair() {
    double[][] fit = new double[2][span.days()];
    for (double[] year : fit) {
      Arrays.fill(year, 1);
    }
    double[] light = new double[span.days()];
    Arrays.fill(light, 12);
    return new WorkableDays(fit, Map.of(WindLimit.SPRAYING, fit, WindLimit.FLYING, fit), light);
  }

  WorkFrame frame() {
    List<Doer> doers = new ArrayList<>();
    machines.forEach(m -> doers.add(Doer.of(m)));
    people.forEach(p -> doers.add(Doer.onFoot(p.id(), p.name())));
    return new WorkFrame(HALF, doers, span, GOAL_USD, EndingRules.shipped());
  }

  FarmWork work() {
    return FarmWork.of(
        frame(),
        fields,
        people,
        fair(),
        new FarmWork.Standing(kept, pins, looks, own),
        0,
        share -> {});
  }

  /** A job of the work that must be there. */
  static FieldJob job(FarmWork work, WorkField f, String kind) {
    return work.jobs().get(work.job(f.id(), kind));
  }
}
