package nimblefurrow.server.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.learn.LearntFrom;
import nimblefurrow.server.plan.Links;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** Seed that went out against what was meant to, and the hours of it. */
@Component
class SeededAsSaid implements LearntFrom {
  /** As near as rates and masses are rounded. */
  private static final double ROUNDED = 1e-4;

  private final LogService log;
  private final FieldService fields;
  private final ShedService shed;
  private final PlanService plans;
  private final SpeciesService species;

  SeededAsSaid(
      LogService log,
      FieldService fields,
      ShedService shed,
      PlanService plans,
      SpeciesService species) {
    this.log = log;
    this.fields = fields;
    this.shed = shed;
    this.plans = plans;
    this.species = species;
  }

  @Override
  public List<FarmLearning.Seen> seen(FarmView farm) {
    Map<UUID, List<EntryView>> seedings = log.ofKind(farm.id(), LogKind.SEEDED);
    if (seedings.isEmpty()) {
      return List.of();
    }
    Map<UUID, MachineView> machines =
        shed.reckoned(farm.id()).stream().collect(Collectors.toMap(MachineView::id, m -> m));
    Map<UUID, FieldView> all = new HashMap<>();
    fields.list(farm.id()).forEach(f -> all.put(f.id(), f));
    SpeciesTable table = species.table(farm.id());
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farm.id(), all.values().stream().map(FieldView::piece).toList());
    List<FarmLearning.Seen> seen = new ArrayList<>();
    seedings.forEach(
        (id, entries) -> {
          FieldView field = all.get(id);
          if (field != null) {
            List<PlanView> planned = covers.getOrDefault(field.piece(), List.of());
            Chain chain = Chain.of(new Links(table).covers(planned));
            for (EntryView e : entries) {
              MachineView m = e.machineId() == null ? null : machines.get(e.machineId());
              if (m != null) {
                rate(field, e, m).ifPresent(seen::add);
                chain
                    .seededOn(e.doneOn())
                    .flatMap(c -> hours(field, e, m.machine(), c, planned, table))
                    .ifPresent(seen::add);
              }
            }
          }
        });
    return seen;
  }

  private static Optional<FarmLearning.Seen> rate(FieldView field, EntryView e, MachineView m) {
    Double meant = e.get(EntryFigure.TARGET_RATE);
    Double seed = e.get(EntryFigure.SEED);
    Double area = e.get(EntryFigure.AREA);
    // A seeding that was only ticked off has what was meant for what went out; nobody weighed it.
    return meant == null || seed == null || area == null || asMeant(seed / area / meant)
        ? Optional.empty()
        : Optional.of(
            new FarmLearning.Seen(
                Learnt.RATE,
                m.id().toString(),
                m.name(),
                field.name(),
                e.doneOn(),
                meant,
                seed / area));
  }

  private static boolean asMeant(double times) {
    return Math.abs(times - 1) < ROUNDED;
  }

  private static Optional<FarmLearning.Seen> hours(
      FieldView field,
      EntryView e,
      Machine machine,
      Link.Cover cover,
      List<PlanView> planned,
      SpeciesTable table) {
    Double took = e.get(EntryFigure.HOURS);
    Optional<PlanInput> plan =
        planned.stream()
            .filter(p -> p.id().toString().equals(cover.id()))
            .map(PlanView::plan)
            .findFirst();
    if (took == null || plan.isEmpty()) {
      return Optional.empty();
    }
    double rate = 0;
    double volume = 0;
    for (PlanInput.Component c : plan.get().components()) {
      Species s = table.get(c.species());
      rate += c.rateKgPerHa();
      volume += c.rateKgPerHa() / s.seed().bulkKgPerM3();
    }
    Double area = e.get(EntryFigure.AREA);
    double done = area == null ? field.areaHa() : area;
    double reckoned = machine.hours(machine.loads(done, rate, rate / volume));
    return Optional.of(
        new FarmLearning.Seen(
            Learnt.HOURS,
            machine.id().toString(),
            machine.name(),
            field.name(),
            e.doneOn(),
            reckoned,
            took));
  }
}
