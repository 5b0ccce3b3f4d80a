package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.SecondPass;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.JobCautions;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.job.Bearings;
import nimblefurrow.server.job.SeedSheets;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work of the next weeks by machine, with all that its driver must know, for the cab. */
@Service
class CabSheets {
  private static final int USUAL_DAYS = 28;
  private static final int MOST_DAYS = 120;

  private final KeptPlan kept;
  private final FarmService farms;
  private final FieldService fields;
  private final HireService hire;
  private final Bearings bearings;
  private final JobSeed seeds;

  CabSheets(
      KeptPlan kept,
      FarmService farms,
      FieldService fields,
      HireService hire,
      Bearings bearings,
      JobSeed seeds) {
    this.kept = kept;
    this.farms = farms;
    this.fields = fields;
    this.hire = hire;
    this.bearings = bearings;
    this.seeds = seeds;
  }

  /**
   * A job.
   *
   * @param customer the farm worked for; null on the own farm
   * @param sprays whether a product goes out, which only its own sheet names
   * @param alongRows whether it has to go the way the field was drilled
   * @param shifts of the days the sheet is for
   * @param leftHa what is left of it to be done
   * @param bearingDeg the way the field was drilled; null when nobody wrote it down
   * @param hazards of the field, in the farm's words
   */
  record CabJob(
      UUID itemId,
      UUID fieldId,
      String field,
      @Nullable String customer,
      JobKind kind,
      String label,
      double areaHa,
      double leftHa,
      boolean sprays,
      boolean alongRows,
      List<WorkViews.Shift> shifts,
      @Nullable Double bearingDeg,
      String hazards,
      SeedSheets.@Nullable BoxSheet seed,
      List<ReasonView> cautions) {}

  /** The jobs of a machine, or of who goes on foot, in order. */
  record CabSheet(UUID doerId, String doer, List<CabJob> jobs) {}

  /** All of them, by name; the last day is one of them. */
  record Sheets(LocalDate from, LocalDate to, List<CabSheet> sheets) {}

  /**
   * @param from first day; today when null
   * @param days how many; four weeks when null
   * @throws Refused for no days or too many
   */
  @Transactional(readOnly = true)
  Sheets of(UUID farmId, @Nullable LocalDate from, @Nullable Integer days) {
    int many = days == null ? USUAL_DAYS : days;
    if (many < 1 || many > MOST_DAYS) {
      throw new Refused("days", "Sheets are for 1 to " + MOST_DAYS + " days.");
    }
    LocalDate first = from == null ? farms.get(farmId).today() : from;
    LocalDate last = first.plusDays(many - 1L);
    Map<UUID, FieldView> all = worked(farmId);
    Map<UUID, Double> drilled = bearings.all(farmId);
    Map<String, CabSheet> sheets = new TreeMap<>();
    for (WorkViews.ItemView i : kept.views(farmId)) {
      FieldView field = all.get(i.fieldId());
      List<WorkViews.Shift> shifts =
          i.segments().stream()
              .filter(s -> !s.day().isBefore(first) && !s.day().isAfter(last))
              .sorted(Comparator.comparing(WorkViews.Shift::day))
              .toList();
      if (field == null || i.shareDone() >= 1 || shifts.isEmpty()) {
        continue;
      }
      sheets
          .computeIfAbsent(i.doer(), name -> new CabSheet(i.doerId(), name, new ArrayList<>()))
          .jobs()
          .add(job(farmId, i, field, shifts, drilled.get(field.id())));
    }
    sheets.values().forEach(s -> s.jobs().sort(Comparator.comparing(j -> j.shifts().get(0).day())));
    return new Sheets(first, last, List.copyOf(sheets.values()));
  }

  private CabJob job(
      UUID farmId,
      WorkViews.ItemView i,
      FieldView field,
      List<WorkViews.Shift> shifts,
      @Nullable Double bearing) {
    return new CabJob(
        i.id(),
        i.fieldId(),
        i.field(),
        i.customer(),
        i.kind(),
        i.label(),
        field.areaHa(),
        field.areaHa() * (1 - i.shareDone()),
        second(i, MachineWork.SPRAY) || ends(i, EndingMethod::sprays),
        i.kind() == JobKind.PLANT || second(i, MachineWork.ROLL) || ends(i, EndingMethod::rolls),
        shifts,
        bearing,
        field.hazards(),
        seeds.of(farmId, i),
        JobCautions.of(i.kind(), i.way()).stream().map(ReasonView::of).toList());
  }

  private static boolean second(WorkViews.ItemView i, MachineWork work) {
    return i.kind() == JobKind.SECOND && SecondPass.workOf(i.way()) == work;
  }

  private static boolean ends(WorkViews.ItemView i, Predicate<EndingMethod> how) {
    return i.kind() == JobKind.END && how.test(EndingMethod.of(i.way()));
  }

  /** All fields that may be worked, customers' too. */
  private Map<UUID, FieldView> worked(UUID farmId) {
    Map<UUID, FieldView> all = new HashMap<>();
    fields.list(farmId).forEach(f -> all.put(f.id(), f));
    for (FarmView customer : hire.customers(farmId)) {
      fields.list(customer.id()).forEach(f -> all.put(f.id(), f));
    }
    return all;
  }
}
