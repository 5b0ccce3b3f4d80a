package nimblefurrow.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.Links;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.worklog.FarmRecord;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Covers of all years as planned, each with what was done of it. */
@Component
class CoversGrown {
  private final FieldService fields;
  private final PlanService plans;
  private final FarmRecord record;
  private final SpeciesService species;

  CoversGrown(FieldService fields, PlanService plans, FarmRecord record, SpeciesService species) {
    this.species = species;
    this.fields = fields;
    this.plans = plans;
    this.record = record;
  }

  /**
   * A cover.
   *
   * @param seedings of it, oldest first
   * @param ended how it was ended, where that is written down
   */
  record Grown(
      FieldView field,
      int season,
      PlanInput plan,
      List<FarmRecord.Line> seedings,
      FarmRecord.@Nullable Line ended) {
    /** When it was seeded first; null where it was not. */
    @Nullable LocalDate seededOn() {
      return seedings.isEmpty() ? null : seedings.get(0).entry().doneOn();
    }

    double areaHa() {
      return field.areaHa();
    }

    /** Area that was seeded; a seeding that does not say so did all. */
    double seededHa() {
      double sum = 0;
      for (FarmRecord.Line s : seedings) {
        Double area = s.entry().get(EntryFigure.AREA);
        sum += area == null ? areaHa() : area;
      }
      return Math.min(areaHa(), sum);
    }
  }

  /** All of the fields asked about, by field and day of seeding. */
  List<Grown> of(Asked asked) {
    UUID farm = asked.farm().id();
    Map<UUID, List<FarmRecord.Line>> log =
        record.of(asked.farm()).stream().collect(Collectors.groupingBy(FarmRecord.Line::fieldId));
    List<FieldView> all = fields.list(farm).stream().filter(f -> asked.of(f.id())).toList();
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farm, all.stream().map(FieldView::piece).toList());
    Links links = new Links(species.table(farm));
    List<Grown> grown = new ArrayList<>();
    for (FieldView f : all) {
      List<PlanView> planned = covers.getOrDefault(f.piece(), List.of());
      grown.addAll(grown(f, planned, links, log.getOrDefault(f.id(), List.of())));
    }
    return grown;
  }

  /** A field's covers; the chain says which of them an entry is of. */
  private static List<Grown> grown(
      FieldView f, List<PlanView> planned, Links links, List<FarmRecord.Line> log) {
    Chain chain = Chain.of(links.covers(planned));
    Map<String, List<FarmRecord.Line>> seedings = new HashMap<>();
    Map<String, FarmRecord.Line> ended = new HashMap<>();
    for (FarmRecord.Line l : log) {
      LocalDate day = l.entry().doneOn();
      if (l.entry().kind() == LogKind.SEEDED) {
        chain
            .seededOn(day)
            .ifPresent(c -> seedings.computeIfAbsent(c.id(), k -> new ArrayList<>()).add(l));
      } else if (l.entry().kind() == LogKind.ENDED) {
        chain.endedOn(day).ifPresent(c -> ended.put(c.id(), l));
      }
    }
    return planned.stream()
        .sorted(Comparator.comparing((PlanView p) -> p.plan().seedOn()))
        .map(
            p -> {
              String id = p.id().toString();
              return new Grown(
                  f, p.seasonYear(), p.plan(), seedings.getOrDefault(id, List.of()), ended.get(id));
            })
        .toList();
  }
}
