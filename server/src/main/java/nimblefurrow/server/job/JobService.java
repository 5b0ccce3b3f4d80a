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
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.bench.LoadView;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.shed.CalibrationView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Seeding jobs. Callers have checked who asks. */
@Service
class JobService {
  private static final double LOT_SLACK_KG = 0.5;

  private final FarmService farms;
  private final FieldService fields;
  private final PlanService plans;
  private final ShedService shed;
  private final SeedService seed;
  private final LogService log;
  private final SeedingRecords records;
  private final SpeciesService species;

  JobService(
      FarmService farms,
      FieldService fields,
      PlanService plans,
      ShedService shed,
      SeedService seed,
      LogService log,
      SeedingRecords records,
      SpeciesService species) {
    this.farms = farms;
    this.fields = fields;
    this.plans = plans;
    this.shed = shed;
    this.seed = seed;
    this.log = log;
    this.records = records;
    this.species = species;
  }

  /** One field's job. */
  @Transactional(readOnly = true)
  JobViews.JobView job(UUID farmId, UUID fieldId) {
    FarmView farm = farms.get(farmId);
    FieldView field = fields.get(farmId, fieldId);
    PlanView stored = plans.ofPieces(farm.seasonYear(), List.of(field.piece())).get(field.piece());
    PlanInput plan = stored == null ? null : stored.plan();
    List<JobViews.Seeding> done = seedings(farmId, fieldId);
    double doneHa = done.stream().mapToDouble(JobViews.Seeding::areaHa).sum();
    if (plan == null) {
      return new JobViews.JobView(
          fieldId,
          field.name(),
          field.areaHa(),
          field.organic(),
          null,
          "",
          0,
          0,
          List.of(),
          List.of(),
          done,
          doneHa,
          List.of());
    }
    List<LotView> lots = seed.lots(farmId);
    SpeciesTable table = species.table(farmId);
    List<JobViews.SeedOfJob> seeds =
        plan.components().stream().map(c -> seedOf(table, c, field, lots)).toList();
    double rate = plan.components().stream().mapToDouble(PlanInput.Component::rateKgPerHa).sum();
    double density =
        rate
            / plan.components().stream()
                .mapToDouble(c -> c.rateKgPerHa() / table.get(c.species()).seed().bulkKgPerM3())
                .sum();
    SeedingMethod method = SeedingMethod.of(plan.method());
    List<CalibrationView> memory = shed.calibrations(farmId);
    List<JobViews.MachineOfJob> machines =
        shed.machines(farmId).stream()
            .filter(m -> m.methods().contains(method.key()))
            .map(m -> machineOf(m, field.areaHa(), rate, density, plan, memory))
            .sorted(Comparator.comparing(JobViews.MachineOfJob::usd))
            .toList();
    return new JobViews.JobView(
        fieldId,
        field.name(),
        field.areaHa(),
        field.organic(),
        plan,
        method.label(),
        rate,
        density,
        seeds,
        machines,
        done,
        doneHa,
        cautions(method, field, seeds).stream().map(ReasonView::of).toList());
  }

  private static JobViews.SeedOfJob seedOf(
      SpeciesTable table, PlanInput.Component c, FieldView field, List<LotView> lots) {
    Species s = table.get(c.species());
    CoverComponent usual = CoverComponent.of(s, c.rateKgPerHa());
    List<JobViews.LotOfJob> fitting =
        lots.stream()
            .filter(l -> l.species().equals(c.species()) && l.leftKg() > 0.0005)
            .map(
                l -> {
                  double live =
                      or(l.germination(), CoverComponent.USUAL_GERMINATION)
                          * or(l.purity(), CoverComponent.USUAL_PURITY);
                  double usualLive = CoverComponent.USUAL_GERMINATION * CoverComponent.USUAL_PURITY;
                  double rate = c.rateKgPerHa() * usualLive / live;
                  double kg = rate * field.areaHa();
                  return new JobViews.LotOfJob(l, l.leftKg(), rate, kg, l.leftKg() >= kg);
                })
            .toList();
    return new JobViews.SeedOfJob(
        s.id(),
        s.name(),
        c.rateKgPerHa(),
        usual.liveSeedsPerM2(),
        c.rateKgPerHa() * field.areaHa(),
        s.seed().depthLowMm(),
        s.seed().depthHighMm(),
        fitting);
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }

  private static JobViews.MachineOfJob machineOf(
      MachineView m,
      double areaHa,
      double rate,
      double density,
      PlanInput plan,
      List<CalibrationView> all) {
    List<CalibrationView> own = all.stream().filter(c -> c.machineId().equals(m.id())).toList();
    Machine machine = m.machine();
    LoadPlan loads = machine.loads(areaHa, rate, density);
    double hours = machine.hours(loads);
    Remembered remembered = Remembered.of(own, plan, rate);
    return new JobViews.MachineOfJob(
        m,
        machine.drive().swathM(),
        m.provenSwathM() != null,
        LoadView.of(loads),
        hours,
        machine.usd(areaHa, hours),
        remembered.last(),
        remembered.setting(),
        remembered.note() == null ? null : ReasonView.of(remembered.note()),
        remembered.chartCorrection());
  }

  /** What can hurt someone at this job, or spoil it. */
  private static List<Reason> cautions(
      SeedingMethod method, FieldView field, List<JobViews.SeedOfJob> seeds) {
    List<Reason> all = new ArrayList<>(method.safety());
    boolean treated =
        seeds.stream().flatMap(s -> s.lots().stream()).anyMatch(l -> l.lot().treated());
    if (treated) {
      all.add(
          Reason.of(
              "a lot in stock is treated seed: not feed, dust mask and gloves, no grazing until"
                  + " its label allows"));
    }
    boolean conventional =
        seeds.stream().flatMap(s -> s.lots().stream()).anyMatch(l -> !l.lot().organic());
    if (field.organic() && conventional) {
      all.add(
          Reason.of(
              "this field is organic: conventional lots only with the certifier's word, and never"
                  + " treated"));
    }
    if (field.organic() && treated) {
      all.add(Reason.of("this field is organic: no treated seed on it"));
    }
    all.add(
        Reason.of("confirm insurance and cost-share dates with agent and office before seeding"));
    return all;
  }

  /**
   * Logs a seeding; the same id twice is the same seeding. Seed taken from lots must add up to the
   * seed that went out.
   */
  @Transactional
  JobViews.JobView seeded(
      UUID farmId, UUID fieldId, UUID entryId, JobViews.SeedingInput in, UUID account) {
    FieldView field = fields.get(farmId, fieldId);
    SeedingRecord there = records.findById(entryId).orElse(null);
    if (there != null) {
      if (!there.farmId.equals(farmId) || !there.fieldId.equals(fieldId)) {
        throw new NotFound("There is no such seeding on this field.");
      }
      return job(farmId, fieldId);
    }
    Need.positive("areaHa", "The area done", in.areaHa());
    Need.positive("seedKg", "The seed that went out", in.seedKg());
    Need.positive("targetKgPerHa", "The target rate", in.targetKgPerHa());
    if (in.bearingDeg() != null && !(in.bearingDeg() >= 0 && in.bearingDeg() < 360)) {
      throw new Refused("bearingDeg", "The bearing is 0 to below 360 degrees from north.");
    }
    if (in.areaHa() > field.areaHa() * 1.1) {
      throw new Refused(
          "areaHa",
          "%s has %.1f ha (%.0f ac); %.1f ha cannot have been seeded on it."
              .formatted(
                  field.name(),
                  field.areaHa(),
                  field.areaHa() / nimblefurrow.core.units.UnitSystem.HA_PER_ACRE,
                  in.areaHa()));
    }
    MachineView machine = in.machineId() == null ? null : shed.machine(farmId, in.machineId());
    double rate = in.seedKg() / in.areaHa();
    log.add(
        farmId,
        fieldId,
        new LogService.EntryView(
            entryId, in.doneOn(), "seeded", in.words(), null, null, null, null),
        farms.get(farmId).today(),
        account);
    if (!in.lots().isEmpty()) {
      double fromLots = in.lots().stream().mapToDouble(JobViews.LotShare::kg).sum();
      if (Math.abs(fromLots - in.seedKg()) > Math.max(LOT_SLACK_KG, 0.005 * in.seedKg())) {
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
      PlanView plan =
          plans.ofPieces(farms.get(farmId).seasonYear(), List.of(field.piece())).get(field.piece());
      String what = plan == null ? "" : Remembered.key(plan.plan());
      shed.note(
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
    return job(farmId, fieldId);
  }

  /**
   * A seeding as it was logged.
   *
   * @throws NotFound when the field has no such seeding
   */
  @Transactional(readOnly = true)
  JobViews.Seeding seeding(UUID farmId, UUID fieldId, UUID entryId) {
    return seedings(farmId, fieldId).stream()
        .filter(s -> s.id().equals(entryId))
        .findFirst()
        .orElseThrow(() -> new NotFound("This field has no such seeding."));
  }

  private List<JobViews.Seeding> seedings(UUID farmId, UUID fieldId) {
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
