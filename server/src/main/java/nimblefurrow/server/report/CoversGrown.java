package nimblefurrow.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
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

  CoversGrown(FieldService fields, PlanService plans, FarmRecord record) {
    this.fields = fields;
    this.plans = plans;
    this.record = record;
  }

  /**
   * A cover.
   *
   * @param areaHa of its piece
   * @param seedings of it, oldest first
   * @param ended how it was ended, where that is written down
   */
  record Grown(
      FieldView field,
      double areaHa,
      int season,
      PlanInput plan,
      List<FarmRecord.Line> seedings,
      FarmRecord.@Nullable Line ended) {
    /** When it was seeded first; null where it was not. */
    @Nullable LocalDate seededOn() {
      return seedings.isEmpty() ? null : seedings.get(0).entry().doneOn();
    }

    /** Area that was seeded; a seeding that does not say so did all. */
    double seededHa() {
      double sum = 0;
      for (FarmRecord.Line s : seedings) {
        Double area = s.entry().get(EntryFigure.AREA);
        sum += area == null ? areaHa : area;
      }
      return Math.min(areaHa, sum);
    }
  }

  /** All of the fields asked about, by field and day of seeding. */
  List<Grown> of(Asked asked) {
    UUID farm = asked.farm().id();
    Map<UUID, List<FarmRecord.Line>> log =
        record.of(asked.farm()).stream().collect(Collectors.groupingBy(FarmRecord.Line::fieldId));
    List<FieldView> all = fields.list(farm).stream().filter(f -> asked.of(f.id())).toList();
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(
            farm,
            all.stream().flatMap(f -> f.pieces().stream()).map(FieldView.PieceView::id).toList());
    List<Grown> grown = new ArrayList<>();
    for (FieldView f : all) {
      for (FieldView.PieceView piece : f.pieces()) {
        covers.getOrDefault(piece.id(), List.of()).stream()
            .sorted(Comparator.comparing((PlanView p) -> p.plan().seedOn()))
            .map(p -> grown(f, piece, p, log.getOrDefault(f.id(), List.of())))
            .forEach(grown::add);
      }
    }
    return grown;
  }

  private static Grown grown(
      FieldView f, FieldView.PieceView piece, PlanView p, List<FarmRecord.Line> log) {
    SeasonDates.Range seeding = SeasonDates.seeding(p.seasonYear());
    List<FarmRecord.Line> seedings =
        log.stream()
            .filter(l -> l.entry().kind() == LogKind.SEEDED && seeding.holds(l.entry().doneOn()))
            .toList();
    Optional<FarmRecord.Line> ended =
        log.stream()
            .filter(l -> l.entry().kind() == LogKind.ENDED)
            .filter(l -> SeasonDates.log(p.seasonYear()).holds(l.entry().doneOn()))
            .filter(l -> !l.entry().doneOn().isBefore(p.plan().seedOn()))
            .reduce((first, last) -> last);
    return new Grown(
        f, f.areaHa() * piece.share(), p.seasonYear(), p.plan(), seedings, ended.orElse(null));
  }
}
