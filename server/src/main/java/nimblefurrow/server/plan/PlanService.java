package nimblefurrow.server.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import nimblefurrow.server.worklog.MachineNames;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans of pieces, and every change of them. Callers have checked who asks. */
@Service
public class PlanService {
  private final CoverPlans plans;
  private final PlanStore store;
  private final PlanHistory history;
  private final SpeciesService species;
  private final FieldService fields;
  private final MachineNames machines;

  PlanService(
      CoverPlans plans,
      PlanStore store,
      PlanHistory history,
      SpeciesService species,
      FieldService fields,
      MachineNames machines) {
    this.machines = machines;
    this.plans = plans;
    this.store = store;
    this.history = history;
    this.species = species;
    this.fields = fields;
  }

  /**
   * A cover to be stored for a piece.
   *
   * @param planId which of the piece's covers; null for a new one, or for the only one there is
   *     when its version is given
   * @param version the version that was read; null for a new one
   * @param plan null takes the cover away
   * @param label the field's name for sentences
   * @param rotation the rotation it comes of; null when somebody sets it by hand
   */
  public record Save(
      UUID pieceId,
      @Nullable UUID planId,
      @Nullable Long version,
      @Nullable PlanInput plan,
      String label,
      @Nullable UUID rotation) {
    /** A change of a stored cover. */
    public static Save of(PlanView stored, @Nullable PlanInput plan, String label) {
      return new Save(stored.pieceId(), stored.id(), stored.version(), plan, label, null);
    }

    /** A new cover. */
    public static Save fresh(UUID pieceId, PlanInput plan, String label) {
      return new Save(pieceId, null, null, plan, label, null);
    }

    /** The same with what still holds of rows that were laid for another seed or machine. */
    private Save fitting() {
      return plan == null || plan.rows() == null
          ? this
          : new Save(pieceId, planId, version, plan.withRows(plan.rows()), label, rotation);
    }

    /** The same as it comes of a rotation, not of somebody's hand. */
    public Save of(UUID rotation) {
      return new Save(pieceId, planId, version, plan, label, rotation);
    }
  }

  /** All covers there are by piece, over all years, in the order of their days. */
  @Transactional(readOnly = true)
  public Map<UUID, List<PlanView>> ofAllYears(UUID farmId, Collection<UUID> pieces) {
    return byPiece(plans.findByFarmIdAndPieceIdInOrderBySeedOn(farmId, pieces));
  }

  /** All covers of a farm from one season to another, by piece, in the order of their days. */
  @Transactional(readOnly = true)
  public Map<UUID, List<PlanView>> ofYears(UUID farmId, int from, int to) {
    return byPiece(plans.findByFarmIdAndSeasonYearBetweenOrderBySeedOn(farmId, from, to));
  }

  private static Map<UUID, List<PlanView>> byPiece(List<CoverPlanEntity> found) {
    return found.stream()
        .map(PlanStore::view)
        .collect(Collectors.groupingBy(PlanView::pieceId, Collectors.toList()));
  }

  /**
   * Makes sure that a cover is one of the farm's.
   *
   * @throws NotFound when it is not
   */
  @Transactional(readOnly = true)
  public void known(UUID farmId, UUID planId) {
    plans.get(farmId, planId, "This farm has no such cover.");
  }

  /**
   * Says what is wrong with a plan.
   *
   * @throws InputProblem when anything is
   */
  public void check(UUID farmId, PlanInput plan, int seasonYear) {
    List<InputProblem.At> problems =
        PlanChecks.problems(plan, seasonYear, species.table(farmId), "");
    if (!problems.isEmpty()) {
      throw new InputProblem(problems);
    }
  }

  /**
   * Stores plans, all or none, as one change that can be undone.
   *
   * @return the change, for taking it back later
   * @throws InputProblem when any of them cannot be
   * @throws ChangedMeanwhile when any was changed since it was read
   */
  @Saving
  public UUID save(
      UUID farmId, int seasonYear, List<Save> saves, String what, @Nullable UUID account) {
    UUID change = UUID.randomUUID();
    store(farmId, seasonYear, saves, change, what, account);
    return change;
  }

  /**
   * The same with the crops that a rotation sets beside them: both are undone in one step.
   *
   * @param crops as the rotation has them
   */
  @Transactional
  public void saveRotation(
      UUID farmId,
      int seasonYear,
      List<Save> saves,
      List<FieldService.CropSet> crops,
      String what,
      @Nullable UUID account) {
    UUID group = UUID.randomUUID();
    for (FieldService.CropSet c : fields.set(farmId, crops)) {
      PlanChange change =
          history.note(farmId, c.pieceId(), null, c.season(), group, account, what, null, null);
      change.crop = true;
      change.cropBefore = c.crop();
    }
    store(farmId, seasonYear, saves, group, what, account);
  }

  private void store(
      UUID farmId,
      int seasonYear,
      List<Save> given,
      UUID group,
      String what,
      @Nullable UUID account) {
    SpeciesTable table = species.table(farmId);
    check(table, seasonYear, given);
    List<Save> saves = given.stream().map(Save::fitting).toList();
    machinesOf(farmId, saves);
    Links links = new Links(table);
    Set<String> saved = new HashSet<>();
    Map<UUID, List<CoverPlanEntity>> chains = new HashMap<>();
    plans
        .findByFarmIdAndPieceIdInOrderBySeedOn(
            farmId, saves.stream().map(Save::pieceId).distinct().toList())
        .forEach(p -> chains.computeIfAbsent(p.pieceId, k -> new ArrayList<>()).add(p));
    for (Save save : saves) {
      List<CoverPlanEntity> chain = chains.computeIfAbsent(save.pieceId(), k -> new ArrayList<>());
      CoverPlanEntity stored = meant(save, chain, seasonYear);
      PlanInput before = stored == null ? null : PlanStore.view(stored).plan();
      if (save.plan() == null && stored != null) {
        standsAlone(links, stored, chain, save.label());
      }
      UUID id = stored == null ? UUID.randomUUID() : stored.id;
      UUID rotationBefore = stored == null ? null : stored.rotationId;
      saved.add(id.toString());
      CoverPlanEntity now = store.put(farmId, save.pieceId(), id, stored, save.plan(), seasonYear);
      if (now != null) {
        now.rotationId = save.rotation();
      }
      if (stored != null && now == null) {
        chain.remove(stored);
      } else if (stored == null && now != null) {
        chain.add(now);
      }
      history.note(
                  farmId, save.pieceId(), id, seasonYear, group, account, what, before, save.plan())
              .rotationBefore =
          rotationBefore;
    }
    for (Save save : saves) {
      oneBehindTheOther(links, chains.getOrDefault(save.pieceId(), List.of()), saved, save.label());
    }
    plans.flush();
  }

  /** A plan names a machine of its own farm, or none. */
  private void machinesOf(UUID farmId, List<Save> saves) {
    if (saves.stream().allMatch(s -> s.plan() == null || s.plan().machineId() == null)) {
      return;
    }
    Set<UUID> shed = machines.names(farmId).keySet();
    for (Save s : saves) {
      UUID named = s.plan() == null ? null : s.plan().machineId();
      if (named != null && !shed.contains(named)) {
        throw new Refused("machineId", s.label() + ": the shed has no such machine.");
      }
    }
  }

  private static void check(SpeciesTable table, int seasonYear, List<Save> saves) {
    List<InputProblem.At> problems = new ArrayList<>();
    for (Save save : saves) {
      if (save.plan() != null) {
        String where = saves.size() > 1 ? save.label() : "";
        problems.addAll(PlanChecks.problems(save.plan(), seasonYear, table, where));
      }
    }
    if (!problems.isEmpty()) {
      throw new InputProblem(problems);
    }
  }

  /**
   * The cover a save is of; null for a new one.
   *
   * @throws ChangedMeanwhile when it was changed, or taken away, since it was read
   */
  private static @Nullable CoverPlanEntity meant(
      Save save, List<CoverPlanEntity> chain, int seasonYear) {
    if (save.planId() == null && save.version() == null) {
      if (save.plan() == null) {
        throw new Refused("planId", "Say which cover of " + save.label() + " is to be taken away.");
      }
      return null;
    }
    List<CoverPlanEntity> found =
        chain.stream()
            .filter(
                p ->
                    save.planId() == null ? p.seasonYear == seasonYear : p.id.equals(save.planId()))
            .toList();
    if (found.size() > 1) {
      throw new Refused(
          "planId",
          "%s has %d covers in the season %d: say which one is meant."
              .formatted(save.label(), found.size(), seasonYear));
    }
    CoverPlanEntity stored = found.isEmpty() ? null : found.get(0);
    ChangedMeanwhile.unless(
        stored == null ? null : stored.version,
        save.version(),
        "the plan of " + save.label(),
        () -> stored == null ? "no plan" : PlanStore.view(stored));
    return stored;
  }

  /** What another cover follows is not taken from under it. */
  private static void standsAlone(
      Links links, CoverPlanEntity stored, List<CoverPlanEntity> all, String label) {
    Link.Cover cover = links.cover(PlanStore.view(stored));
    Chain chain = Chain.of(links.covers(all.stream().map(PlanStore::view).toList()));
    chain
        .standsOn(cover)
        .ifPresent(
            b -> {
              throw new Refused(
                  "plans",
                  "%s: %s, seeded on %s, stands on the ground that %s leaves. Take that out first, or move it."
                      .formatted(label, b.name(), b.from(), cover.name()));
            });
  }

  /**
   * Nothing accepted is ever replaced without a word: a second cover is a second link.
   *
   * @throws Refused when two covers would stand at once
   */
  private static void oneBehindTheOther(
      Links links, List<CoverPlanEntity> all, Set<String> saved, String label) {
    Chain chain = Chain.of(links.covers(all.stream().map(PlanStore::view).toList()));
    for (Link.Cover cover : chain.covers()) {
      if (!saved.contains(cover.id())) {
        continue;
      }
      chain
          .inTheWayOf(cover)
          .ifPresent(
              r -> {
                throw new Refused("plans", label + ": " + r.say(UnitSystem.US));
              });
    }
  }
}
