package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.Crops;
import nimblefurrow.server.fields.FieldYears;
import nimblefurrow.server.plan.Links;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.CropsOff;
import nimblefurrow.server.season.SeedWentOut;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The chains of a farm's fields as they are stored and written down; the model is asked only when
 * crops are off.
 */
@Component
class FarmChains {
  private static final LocalDate FIRST = LocalDate.of(1950, 1, 1);

  private final PlanService plans;
  private final LogService log;
  private final SpeciesService species;
  private final SeedWentOut wentOut;
  private final CropsOff off;

  FarmChains(
      PlanService plans,
      LogService log,
      SpeciesService species,
      SeedWentOut wentOut,
      CropsOff off) {
    this.wentOut = wentOut;
    this.off = off;
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
      List<EntryView> entries) {}

  /**
   * The chains of some fields, each cover on the days it was seeded and ended where that is known.
   */
  List<Stored> of(FarmView farm, List<FieldYears> fields) {
    UUID farmId = farm.id();
    Map<UUID, List<PlanView>> covers =
        plans.ofAllYears(farmId, fields.stream().map(FieldYears::piece).toList());
    Map<UUID, List<EntryView>> logs = log.between(farmId, FIRST, LocalDate.of(2200, 1, 1));
    Links links = new Links(species.table(farmId));
    Set<UUID> treated = new HashSet<>();
    wentOut
        .of(farmId)
        .forEach(
            (entry, seeding) -> {
              if (seeding.treated()) {
                treated.add(entry);
              }
            });
    Map<Integer, Map<UUID, LocalDate>> harvests = off.days(farm, fields, logs);
    return fields.stream()
        .map(
            f ->
                of(
                    f,
                    covers.getOrDefault(f.piece(), List.of()),
                    logs.getOrDefault(f.id(), List.of()),
                    links,
                    treated,
                    harvests))
        .toList();
  }

  private static Stored of(
      FieldYears field,
      List<PlanView> plans,
      List<EntryView> entries,
      Links links,
      Set<UUID> treated,
      Map<Integer, Map<UUID, LocalDate>> harvests) {
    Chain planned = Chain.of(links.covers(plans));
    Map<String, LocalDate> seeded = new HashMap<>();
    Map<String, LocalDate> ended = new HashMap<>();
    Set<String> fedNever = new HashSet<>();
    for (EntryView e : entries) {
      if (e.kind() == LogKind.SEEDED) {
        planned
            .seededOn(e.doneOn())
            .ifPresent(
                c -> {
                  seeded.put(c.id(), e.doneOn());
                  if (treated.contains(e.id())) {
                    fedNever.add(c.id());
                  }
                });
      } else if (e.kind() == LogKind.ENDED) {
        planned.endedOn(e.doneOn()).ifPresent(c -> ended.put(c.id(), e.doneOn()));
      }
    }
    Map<String, PlanView> byId = new HashMap<>();
    List<Link> all = new ArrayList<>();
    for (PlanView plan : plans) {
      String id = plan.id().toString();
      byId.put(id, plan);
      LocalDate from = seeded.getOrDefault(id, plan.plan().seedOn());
      LocalDate until = ended.getOrDefault(id, plan.plan().endOn());
      all.add(
          links.cover(
              plan, from, until.isAfter(from) ? until : from.plusDays(1), fedNever.contains(id)));
    }
    field
        .crops()
        .forEach(
            (year, crop) ->
                crop(crop, year, harvests.getOrDefault(year, Map.of()).get(field.id()), entries)
                    .ifPresent(all::add));
    return new Stored(field, new Chain(all), byId, Set.copyOf(seeded.keySet()), entries);
  }

  private static Optional<Link.Crop> crop(
      CropView crop, int year, @Nullable LocalDate known, List<EntryView> entries) {
    CropKind kind = CropKind.of(crop.kind());
    if (kind == CropKind.NONE) {
      return Optional.empty();
    }
    LocalDate meant = Crops.plantedOn(crop, year);
    LocalDate planted =
        entries.stream()
            .filter(e -> e.kind() == LogKind.PLANTED && kind.planting(year).holds(e.doneOn()))
            .map(EntryView::doneOn)
            .reduce((a, b) -> b)
            .orElse(meant);
    LocalDate off = known == null ? kind.offOn(crop.harvestOn(), year) : known;
    return Optional.of(
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
}
