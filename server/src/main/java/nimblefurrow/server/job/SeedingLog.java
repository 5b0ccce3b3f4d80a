package nimblefurrow.server.job;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.Told;
import nimblefurrow.core.seed.SeedBook;
import nimblefurrow.core.setting.SideDress;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.plan.RowSetupView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.shed.CalibrationService;
import nimblefurrow.server.shed.CalibrationView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.worklog.AreaDone;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What went out on fields. Callers have checked who asks. */
@Service
class SeedingLog {
  /** What a seeding must tell for its rate to be known. */
  private static final Set<EntryFigure> WEIGHED =
      Set.of(EntryFigure.AREA, EntryFigure.TARGET_RATE, EntryFigure.SEED);

  private final FarmService farms;
  private final FieldService fields;
  private final PlannedFields planned;
  private final ShedService shed;
  private final CalibrationService settings;
  private final SeedService seed;
  private final LogService log;

  SeedingLog(
      FarmService farms,
      FieldService fields,
      PlannedFields planned,
      ShedService shed,
      CalibrationService settings,
      SeedService seed,
      LogService log) {
    this.farms = farms;
    this.fields = fields;
    this.planned = planned;
    this.shed = shed;
    this.settings = settings;
    this.seed = seed;
    this.log = log;
  }

  /**
   * Logs a seeding; the same id twice is the same seeding. Seed taken from lots must add up to the
   * seed that went out.
   */
  @Transactional
  void seeded(UUID farmId, UUID fieldId, UUID entryId, JobViews.SeedingInput in, UUID account) {
    FieldView field = fields.get(farmId, fieldId);
    if (log.has(farmId, entryId)) {
      seeding(farmId, fieldId, entryId);
      return;
    }
    check(field, in);
    MachineView machine = in.machineId() == null ? null : shed.machine(farmId, in.machineId());
    log.add(
        farmId,
        fieldId,
        EntryView.of(entryId, in.doneOn(), LogKind.SEEDED, in.words(), told(in))
            .by(machine == null ? null : machine.id()),
        farms.get(farmId).today(),
        account);
    take(farmId, fieldId, entryId, in);
    if (machine != null && in.setting() != null) {
      note(farmId, field, machine, in);
    }
  }

  /** As exact as areas, rates and masses are kept. */
  private static Told told(JobViews.SeedingInput in) {
    Map<EntryFigure, Double> figures = new EnumMap<>(EntryFigure.class);
    figures.put(EntryFigure.AREA, rounded(in.areaHa(), 4));
    figures.put(EntryFigure.TARGET_RATE, rounded(in.targetKgPerHa(), 4));
    figures.put(EntryFigure.SEED, rounded(in.seedKg(), 3));
    if (in.setting() != null) {
      figures.put(EntryFigure.SETTING, in.setting());
    }
    if (in.bearingDeg() != null) {
      figures.put(EntryFigure.BEARING, in.bearingDeg());
    }
    if (in.hours() != null) {
      figures.put(EntryFigure.HOURS, in.hours());
    }
    RowSetupView.SideDressed with = in.sideDress();
    if (with == null) {
      return new Told(figures, Map.of());
    }
    figures.put(EntryFigure.NITROGEN, with.nitrogenKgPerHa());
    return new Told(figures, Map.of(EntryName.PRODUCT, with.product().strip()));
  }

  private static void check(FieldView field, JobViews.SeedingInput in) {
    Need.positive("areaHa", "The area done", in.areaHa());
    Need.positive("seedKg", "The seed that went out", in.seedKg());
    Need.positive("targetKgPerHa", "The target rate", in.targetKgPerHa());
    if (in.bearingDeg() != null && !(in.bearingDeg() >= 0 && in.bearingDeg() < 360)) {
      throw new Refused("bearingDeg", "The bearing is 0 to below 360 degrees from north.");
    }
    RowSetupView.SideDressed with = in.sideDress();
    if (with != null) {
      new SideDress(with.product().strip(), with.nitrogenKgPerHa(), with.bandM());
    }
    AreaDone.check("areaHa", field, in.areaHa());
  }

  /** Takes the seed out of its lots, which must add up to what went out. */
  private void take(UUID farmId, UUID fieldId, UUID entryId, JobViews.SeedingInput in) {
    if (!in.lots().isEmpty()) {
      double fromLots = in.lots().stream().mapToDouble(JobViews.LotShare::kg).sum();
      if (!SeedBook.agrees(fromLots, in.seedKg())) {
        throw new Refused(
            "lots",
            "%.0f kg came out of lots, but %.0f kg went into the field; the two must agree."
                .formatted(fromLots, in.seedKg()));
      }
      Map<UUID, Double> byLot =
          in.lots().stream()
              .collect(
                  Collectors.toMap(
                      JobViews.LotShare::lotId,
                      JobViews.LotShare::kg,
                      Double::sum,
                      LinkedHashMap::new));
      seed.use(farmId, fieldId, entryId, byLot, in.doneOn());
    }
  }

  /** Remembers the setting that this rate came of. */
  private void note(UUID farmId, FieldView field, MachineView machine, JobViews.SeedingInput in) {
    PlanView plan = planned.plan(farmId, field.id());
    double out = in.seedKg() / in.areaHa();
    double rate = plan == null ? out : plan.plan().openKgPerHa(out);
    String what = plan == null ? "" : Remembered.key(plan.plan());
    settings.note(
        farmId,
        new CalibrationView(
            UUID.randomUUID(),
            machine.id(),
            in.lots().isEmpty() ? null : in.lots().get(0).lotId(),
            what,
            "",
            "running",
            in.setting(),
            rate,
            null,
            "from seeding " + field.name(),
            in.doneOn()));
  }

  /**
   * A seeding as it was logged.
   *
   * @throws NotFound when the field has no such seeding
   */
  @Transactional(readOnly = true)
  JobViews.Seeding seeding(UUID farmId, UUID fieldId, UUID entryId) {
    return of(farmId, fieldId).stream()
        .filter(s -> s.id().equals(entryId))
        .findFirst()
        .orElseThrow(() -> new NotFound("This field has no such seeding."));
  }

  /** A field's seedings, newest first. */
  List<JobViews.Seeding> of(UUID farmId, UUID fieldId) {
    Map<UUID, String> names = shed.names(farmId);
    return log.of(farmId, fieldId).stream()
        .filter(e -> e.kind() == LogKind.SEEDED && e.told().figures().keySet().containsAll(WEIGHED))
        .map(e -> view(e, names))
        .sorted(Comparator.comparing(JobViews.Seeding::doneOn).reversed())
        .toList();
  }

  private static JobViews.Seeding view(EntryView entry, Map<UUID, String> machines) {
    Told told = entry.told();
    double areaHa = told.need(EntryFigure.AREA);
    double target = told.need(EntryFigure.TARGET_RATE);
    double seedKg = told.need(EntryFigure.SEED);
    UUID machine = entry.machineId();
    double rate = seedKg / areaHa;
    return new JobViews.Seeding(
        entry.id(),
        entry.doneOn(),
        machine,
        machine == null ? null : machines.get(machine),
        areaHa,
        target,
        rate,
        rate / target - 1,
        seedKg,
        told.get(EntryFigure.SETTING),
        entry.words());
  }

  private static double rounded(double value, int places) {
    return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP).doubleValue();
  }
}
