package nimblefurrow.server.job;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.seed.SeedBook;
import nimblefurrow.core.standing.LogKind;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.shed.CalibrationService;
import nimblefurrow.server.shed.CalibrationView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What went out on fields. Callers have checked who asks. */
@Service
class SeedingLog {
  private final FarmService farms;
  private final FieldService fields;
  private final PlannedFields planned;
  private final ShedService shed;
  private final CalibrationService settings;
  private final SeedService seed;
  private final LogService log;
  private final SeedingRecords records;

  SeedingLog(
      FarmService farms,
      FieldService fields,
      PlannedFields planned,
      ShedService shed,
      CalibrationService settings,
      SeedService seed,
      LogService log,
      SeedingRecords records) {
    this.farms = farms;
    this.fields = fields;
    this.planned = planned;
    this.shed = shed;
    this.settings = settings;
    this.seed = seed;
    this.log = log;
    this.records = records;
  }

  /**
   * Logs a seeding; the same id twice is the same seeding. Seed taken from lots must add up to the
   * seed that went out.
   */
  @Transactional
  void seeded(UUID farmId, UUID fieldId, UUID entryId, JobViews.SeedingInput in, UUID account) {
    FieldView field = fields.get(farmId, fieldId);
    SeedingRecord there = records.findByFarmIdAndLogEntryId(farmId, entryId).orElse(null);
    if (there != null) {
      if (!there.fieldId.equals(fieldId)) {
        throw new NotFound("There is no such seeding on this field.");
      }
      return;
    }
    check(field, in);
    MachineView machine = in.machineId() == null ? null : shed.machine(farmId, in.machineId());
    log.add(
        farmId,
        fieldId,
        new LogService.EntryView(
            entryId, in.doneOn(), LogKind.SEEDED, in.words(), null, null, null, null),
        farms.get(farmId).today(),
        account);
    take(farmId, fieldId, entryId, in);
    SeedingRecord record = new SeedingRecord();
    record.logEntryId = entryId;
    record.farmId = farmId;
    record.fieldId = fieldId;
    record.machineId = machine == null ? null : machine.id();
    record.areaHa = decimal(in.areaHa(), 4);
    record.targetKgPerHa = decimal(in.targetKgPerHa(), 4);
    record.seedKg = decimal(in.seedKg(), 3);
    record.setting = in.setting();
    record.bearingDeg = in.bearingDeg();
    records.save(record);
    if (machine != null && in.setting() != null) {
      note(farmId, field, machine, in);
    }
  }

  private static void check(FieldView field, JobViews.SeedingInput in) {
    Need.positive("areaHa", "The area done", in.areaHa());
    Need.positive("seedKg", "The seed that went out", in.seedKg());
    Need.positive("targetKgPerHa", "The target rate", in.targetKgPerHa());
    if (in.bearingDeg() != null && !(in.bearingDeg() >= 0 && in.bearingDeg() < 360)) {
      throw new Refused("bearingDeg", "The bearing is 0 to below 360 degrees from north.");
    }
    if (!SeedBook.fits(in.areaHa(), field.areaHa())) {
      throw new Refused(
          "areaHa",
          "%s has %.1f ha (%.0f ac); %.1f ha cannot have been seeded on it."
              .formatted(
                  field.name(),
                  field.areaHa(),
                  field.areaHa() / UnitSystem.HA_PER_ACRE,
                  in.areaHa()));
    }
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
    double rate = in.seedKg() / in.areaHa();
    PlanView plan = planned.plan(farmId, field.id());
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
    Map<UUID, LogService.EntryView> entries =
        log.of(farmId, fieldId).stream()
            .collect(Collectors.toMap(LogService.EntryView::id, e -> e));
    Map<UUID, String> names = shed.names(farmId);
    List<JobViews.Seeding> found = new ArrayList<>();
    for (SeedingRecord r : records.findByFarmId(farmId)) {
      LogService.EntryView entry = entries.get(r.logEntryId);
      if (entry != null && r.fieldId.equals(fieldId)) {
        found.add(view(r, entry, names));
      }
    }
    found.sort(Comparator.comparing(JobViews.Seeding::doneOn).reversed());
    return found;
  }

  private static JobViews.Seeding view(
      SeedingRecord r, LogService.EntryView entry, Map<UUID, String> machines) {
    double rate = r.seedKg.doubleValue() / r.areaHa.doubleValue();
    return new JobViews.Seeding(
        r.logEntryId,
        entry.doneOn(),
        r.machineId,
        r.machineId == null ? null : machines.get(r.machineId),
        r.areaHa.doubleValue(),
        r.targetKgPerHa.doubleValue(),
        rate,
        rate / r.targetKgPerHa.doubleValue() - 1,
        r.seedKg.doubleValue(),
        r.setting,
        entry.words());
  }

  private static BigDecimal decimal(double value, int places) {
    return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
  }
}
