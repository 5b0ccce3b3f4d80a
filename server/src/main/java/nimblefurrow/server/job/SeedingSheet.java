package nimblefurrow.server.job;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.paper.OrganicSeed;
import nimblefurrow.core.paper.PaperKind;
import nimblefurrow.core.seeding.SeedCautions;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.setting.RowSetup;
import nimblefurrow.core.setting.RowWords;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.bench.LoadView;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.paper.PaperService;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.plan.RowSetupView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.shed.CalibrationService;
import nimblefurrow.server.shed.CalibrationView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What goes onto a field, with which machine, out of which lots. Callers have checked who asks. */
@Service
class SeedingSheet {
  /** Less than this of a lot is an empty bag, kg. */
  private static final double EMPTY_KG = 0.0005;

  private final FarmService farms;
  private final FieldService fields;
  private final PlannedFields planned;
  private final ShedService shed;
  private final CalibrationService settings;
  private final SeedService seed;
  private final SeedingLog log;
  private final PaperService papers;
  private final SpeciesService species;

  SeedingSheet(
      FarmService farms,
      FieldService fields,
      PlannedFields planned,
      ShedService shed,
      CalibrationService settings,
      SeedService seed,
      SeedingLog log,
      PaperService papers,
      SpeciesService species) {
    this.farms = farms;
    this.fields = fields;
    this.planned = planned;
    this.shed = shed;
    this.settings = settings;
    this.seed = seed;
    this.log = log;
    this.papers = papers;
    this.species = species;
  }

  /** One field's job. */
  @Transactional(readOnly = true)
  JobViews.JobView job(UUID farmId, UUID fieldId) {
    FarmView farm = farms.get(farmId);
    FieldView field = fields.get(farmId, fieldId);
    PlanView stored = planned.plan(farmId, fieldId);
    PlanInput plan = stored == null ? null : stored.plan();
    List<JobViews.Seeding> done = log.of(farmId, fieldId);
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
          null,
          done,
          doneHa,
          List.of());
    }
    List<LotView> lots = seed.lots(farmId);
    Map<UUID, Set<PaperKind>> kept = field.organic() ? papers.ofLots(farmId) : Map.of();
    SpeciesTable table = species.table(farmId);
    List<JobViews.SeedOfJob> seeds =
        plan.components().stream().map(c -> seedOf(table, plan, c, field, lots, kept)).toList();
    double rate = plan.components().stream().mapToDouble(PlanInput.Component::rateKgPerHa).sum();
    double density =
        rate
            / plan.components().stream()
                .mapToDouble(c -> c.rateKgPerHa() / table.get(c.species()).seed().bulkKgPerM3())
                .sum();
    SeedingMethod method = SeedingMethod.of(plan.method());
    List<CalibrationView> memory = settings.calibrations(farmId);
    List<JobViews.MachineOfJob> machines =
        shed.machines(farmId).stream()
            .filter(m -> m.methods().contains(method.key()))
            .map(m -> machineOf(m, field.areaHa(), rate, density, plan, memory))
            // The one that is meant comes first, then the cheapest.
            .sorted(
                Comparator.comparing(
                        (JobViews.MachineOfJob m) -> !m.machine().id().equals(plan.machineId()))
                    .thenComparing(JobViews.MachineOfJob::usd))
            .toList();
    List<LotView> stock =
        seeds.stream()
            .flatMap(s -> s.lots().stream())
            .filter(JobViews.LotOfJob::offered)
            .map(JobViews.LotOfJob::lot)
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
        plan.rows() == null ? null : rows(table, plan.rows(), method, plan.components()),
        done,
        doneHa,
        SeedCautions.of(
                method,
                field.organic(),
                stock.stream().anyMatch(LotView::treated),
                stock.stream().anyMatch(l -> !l.organic()),
                plan.sideDresses())
            .stream()
            .map(ReasonView::of)
            .toList());
  }

  /**
   * What rows come to.
   *
   * @throws Refused when they cannot be
   */
  @Transactional(readOnly = true)
  JobViews.RowsOfJob rows(UUID farmId, JobViews.RowsAsked asked) {
    SeedingMethod method = SeedingMethod.of(asked.method());
    if (!method.inRows()) {
      throw new Refused("method", "Seed that is spread stands in no rows.");
    }
    return rows(species.table(farmId), asked.rows(), method, asked.components());
  }

  private static JobViews.RowsOfJob rows(
      SpeciesTable table,
      RowSetupView rows,
      SeedingMethod method,
      List<PlanInput.Component> components) {
    RowSetup setup = rows.setup();
    List<CoverComponent> cover =
        components.stream()
            .map(c -> CoverComponent.of(table.get(c.species()), c.rateKgPerHa()))
            .toList();
    return new JobViews.RowsOfJob(
        rows,
        setup.rows(method).coverRowsM(),
        RowWords.of(setup, method, cover).stream().map(ReasonView::of).toList());
  }

  private static JobViews.SeedOfJob seedOf(
      SpeciesTable table,
      PlanInput plan,
      PlanInput.Component c,
      FieldView field,
      List<LotView> lots,
      Map<UUID, Set<PaperKind>> kept) {
    Species s = table.get(c.species());
    CoverComponent usual = CoverComponent.of(s, c.rateKgPerHa());
    List<JobViews.LotOfJob> fitting =
        lots.stream()
            .filter(l -> l.species().equals(c.species()) && l.leftKg() > EMPTY_KG)
            .map(
                l -> {
                  double live =
                      or(l.germination(), CoverComponent.USUAL_GERMINATION)
                          * or(l.purity(), CoverComponent.USUAL_PURITY);
                  double usualLive = CoverComponent.USUAL_GERMINATION * CoverComponent.USUAL_PURITY;
                  double rate = c.rateKgPerHa() * usualLive / live;
                  double kg = rate * field.areaHa();
                  OrganicSeed seed = allowed(field, l, kept);
                  return new JobViews.LotOfJob(
                      l,
                      l.leftKg(),
                      plan.setKgPerHa(c.species(), rate),
                      kg,
                      l.leftKg() >= kg,
                      seed.may(),
                      seed.reason() == null ? null : ReasonView.of(seed.reason()));
                })
            // What may go onto the field comes first; why the rest may not stands with it.
            .sorted(Comparator.comparing(l -> !l.offered()))
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

  private static OrganicSeed allowed(FieldView field, LotView lot, Map<UUID, Set<PaperKind>> kept) {
    return field.organic()
        ? OrganicSeed.of(lot.organic(), lot.treated(), kept.getOrDefault(lot.id(), Set.of()))
        : new OrganicSeed(true, null);
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
    Remembered remembered = Remembered.of(own, plan, plan.openKgPerHa(rate));
    return new JobViews.MachineOfJob(
        m,
        machine.drive().swathM(),
        m.provenSwathM() != null,
        LoadView.of(loads),
        hours,
        machine.usd(areaHa, hours, rate),
        remembered.last(),
        remembered.setting(),
        remembered.note() == null ? null : ReasonView.of(remembered.note()),
        remembered.chartCorrection());
  }
}
