package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.standing.LogKind;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.FieldYears;
import nimblefurrow.server.plan.Links;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.worklog.LogService;
import org.springframework.stereotype.Component;

/** The chains of a farm's fields as they are stored and written down, without asking the model. */
@Component
class FarmChains {
  private static final LocalDate FIRST = LocalDate.of(1950, 1, 1);

  private final PlanService plans;
  private final LogService log;
  private final SpeciesService species;

  FarmChains(PlanService plans, LogService log, SpeciesService species) {
    this.plans = plans;
    this.log = log;
    this.species = species;
  }

  /**
   * One field's.
   *
   * @param covers as stored, by id
   * @param seeded ids of those whose seeding is written down
   * @param entries all that was written down, oldest first
   */
  record Stored(
      FieldYears field,
      Chain chain,
      Map<String, PlanView> covers,
      Set<String> seeded,
      List<LogService.EntryView> entries) {}

  /**
   * The chains of some fields, each cover on the days it was seeded and ended where that is known.
   */
  List<Stored> of(UUID farmId, List<FieldYears> fields) {
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farmId, fields.stream().map(FieldYears::piece).toList());
    Map<UUID, List<LogService.EntryView>> logs =
        log.between(farmId, FIRST, LocalDate.of(2200, 1, 1));
    Links links = new Links(species.table(farmId));
    return fields.stream()
        .map(
            f ->
                of(
                    f,
                    covers.getOrDefault(f.piece(), List.of()),
                    logs.getOrDefault(f.id(), List.of()),
                    links))
        .toList();
  }

  private static Stored of(
      FieldYears field, List<PlanView> plans, List<LogService.EntryView> entries, Links links) {
    Chain planned = Chain.of(links.covers(plans));
    Map<String, LocalDate> seeded = new HashMap<>();
    Map<String, LocalDate> ended = new HashMap<>();
    for (LogService.EntryView e : entries) {
      if (e.kind() == LogKind.SEEDED) {
        planned
            .seededOn(e.doneOn())
            .filter(c -> near(c.from(), e.doneOn()))
            .ifPresent(c -> seeded.put(c.id(), e.doneOn()));
      } else if (e.kind() == LogKind.ENDED) {
        planned
            .endedOn(e.doneOn())
            .filter(c -> near(c.until(), e.doneOn()))
            .ifPresent(c -> ended.put(c.id(), e.doneOn()));
      }
    }
    Map<String, PlanView> byId = new HashMap<>();
    List<Link> all = new ArrayList<>();
    for (PlanView plan : plans) {
      String id = plan.id().toString();
      byId.put(id, plan);
      LocalDate from = seeded.getOrDefault(id, plan.plan().seedOn());
      LocalDate until = ended.getOrDefault(id, plan.plan().endOn());
      all.add(links.cover(plan, from, until.isAfter(from) ? until : from.plusDays(1), false));
    }
    field.crops().forEach((year, crop) -> crop(crop, year, entries, all));
    return new Stored(field, new Chain(all), byId, Set.copyOf(seeded.keySet()), entries);
  }

  private static void crop(
      CropView crop, int year, List<LogService.EntryView> entries, List<Link> all) {
    CropKind kind = CropKind.of(crop.kind());
    if (kind == CropKind.NONE) {
      return;
    }
    LocalDate planted = CropKind.plantedOn(crop, year);
    LocalDate off = CropKind.usuallyOff(crop, year);
    for (LogService.EntryView e : entries) {
      if (e.kind() == LogKind.HARVESTED && near(off, e.doneOn())) {
        off = e.doneOn();
      } else if (e.kind() == LogKind.PLANTED && near(planted, e.doneOn())) {
        planted = e.doneOn();
      }
    }
    all.add(
        new Link.Crop(
            cropId(crop, year),
            kind.label(),
            kind.inChain(),
            planted,
            off.isAfter(planted) ? off : planted.plusDays(1)));
  }

  static String cropId(CropView crop, int year) {
    return crop.kind() + year;
  }

  /** So far from the day that was meant, what is written down is of something else. */
  private static boolean near(LocalDate meant, LocalDate done) {
    return Math.abs(java.time.temporal.ChronoUnit.DAYS.between(meant, done)) <= NEAR_DAYS;
  }

  private static final int NEAR_DAYS = 120;
}
